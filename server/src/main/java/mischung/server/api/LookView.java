package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.light.Illuminant;
import mischung.server.words.Catalogue;

/** How a piece of hair looks, in figures, in words, and as screen colours in five lights. */
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

    /**
     * sRGB as #rrggbb: the same hair in the lights it is judged and seen in.
     *
     * @param daylight D65
     * @param sun D50, a low sun
     * @param warm A, a bulb
     * @param tube F2, a cool white tube
     * @param shop F11, a three-band tube
     */
    public record Colours(String daylight, String sun, String warm, String tube, String shop) {}

    /** The lights, by the names of {@link Colours}, in the order in which they are switched through. */
    static final Map<String, Illuminant> LIGHTS = lights();

    private static Map<String, Illuminant> lights() {
        Map<String, Illuminant> all = new LinkedHashMap<>();
        all.put("daylight", Illuminant.D65);
        all.put("sun", Illuminant.D50);
        all.put("warm", Illuminant.A);
        all.put("tube", Illuminant.F2);
        all.put("shop", Illuminant.F11);
        return Collections.unmodifiableMap(all);
    }

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
                Catalogue.spoken().toneName(look.tone()),
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
                look.under(Illuminant.D50).hex(),
                look.under(Illuminant.A).hex(),
                look.under(Illuminant.F2).hex(),
                look.under(Illuminant.F11).hex());
    }

    static double rounded(double value, int parts) {
        return Math.rint(value * parts) / parts;
    }
}
