package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.light.Illuminant;

/** How a piece of hair looks, in figures, in words, and as screen colours in three lights. */
public record LookView(
        @Schema(description = "level, two decimals") double level,
        @Schema(example = "6½") String levelWords,
        @Schema(example = "copper-gold") String tone,
        LabView lab,
        Colours colours,

        @Schema(description = "its white fibres apart from the rest; empty where none are white")
        List<WhiteView> white) {

    /** CIELAB under D65, 2° observer. */
    public record LabView(double l, double a, double b, double chroma, double hueDegrees) {}

    /** sRGB as #rrggbb: the same hair in daylight (D65), a warm bulb (A) and a cool salon lamp (F11). */
    public record Colours(String daylight, String warm, String cool) {}

    /**
     * White fibres among hair.
     *
     * @param rest how the fibres look that grew with colour
     */
    public record WhiteView(
            @Schema(description = "by area, 0–1") double share, Colours colours, Colours rest) {}

    static LookView of(Canvas canvas) {
        return canvas.greyShare() == 0
                ? of(canvas.look())
                : of(
                        canvas.look(),
                        List.of(new WhiteView(
                                canvas.greyShare(),
                                colours(Look.of(canvas.white().reflectance())),
                                colours(Look.of(canvas.coloured().reflectance())))));
    }

    static LookView of(Look look) {
        return of(look, List.of());
    }

    private static LookView of(Look look, List<WhiteView> white) {
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
                colours(look),
                white);
    }

    private static Colours colours(Look look) {
        return new Colours(
                look.under(Illuminant.D65).hex(),
                look.under(Illuminant.A).hex(),
                look.under(Illuminant.F11).hex());
    }

    static double rounded(double value, int parts) {
        return Math.rint(value * parts) / parts;
    }
}
