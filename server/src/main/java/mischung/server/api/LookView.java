package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.light.Illuminant;

/** How a piece of hair looks, in figures, in words, and as screen colours in three lights. */
public record LookView(
        @Schema(description = "level, two decimals") double level,
        @Schema(example = "6½") String levelWords,
        @Schema(example = "copper-gold") String tone,
        LabView lab,
        Colours colours) {

    /** CIELAB under D65, 2° observer. */
    public record LabView(double l, double a, double b, double chroma, double hueDegrees) {}

    /** sRGB as #rrggbb: the same hair in daylight (D65), a warm bulb (A) and a cool salon lamp (F11). */
    public record Colours(String daylight, String warm, String cool) {}

    static LookView of(Look look) {
        return new LookView(
                rounded(look.level(), 100),
                LevelScale.words(look.level()),
                look.tone(),
                new LabView(
                        rounded(look.lab().l(), 10),
                        rounded(look.lab().a(), 10),
                        rounded(look.lab().b(), 10),
                        rounded(look.lab().chroma(), 10),
                        rounded(look.lab().hueDegrees(), 10)),
                new Colours(
                        look.under(Illuminant.D65).hex(),
                        look.under(Illuminant.A).hex(),
                        look.under(Illuminant.F11).hex()));
    }

    static double rounded(double value, int parts) {
        return Math.rint(value * parts) / parts;
    }
}
