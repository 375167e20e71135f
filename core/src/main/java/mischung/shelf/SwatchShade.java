package mischung.shelf;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Canvas;
import mischung.hair.DyeFit;
import mischung.hair.Dyes;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.process.Application;
import mischung.process.Deposit;
import mischung.product.Shade;
import mischung.product.ShadeClass;

/** A shade known by its swatch: white hair coloured with it at its own ratio and full time, and measured. */
final class SwatchShade {
    private static final Canvas WHITE_HAIR =
            Reading.canvasOf(new Band(0, 10, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 1));

    private SwatchShade() {}

    /** The dye amounts with which the model shows that swatch, by least CIEDE2000; what they cannot reach is its misfit. */
    static Shade of(String code, ShadeClass of, double level, Lab swatch) {
        Deposit.Uptake uptake = Deposit.uptake(WHITE_HAIR, Application.usual(Dyes.NONE, of, 0), 1);
        DyeFit.Fit fit = DyeFit.solve(List.of(new DyeFit.Aim(uptake.dyed(WHITE_HAIR), swatch, 1, 1)));
        return new Shade(code, of, level, Optional.of(nearestTone(level, swatch)), fit.dyes(), fit.misfit());
    }

    /** By what it would be called beside the tones' own colours; rules on tones go by it. */
    private static Tone nearestTone(double level, Lab swatch) {
        return EnumSet.allOf(Tone.class).stream()
                .filter(Tone::wishable)
                .min(Comparator.comparingDouble(tone -> Ciede2000.between(swatch, ToneScale.colourOf(level, tone))))
                .orElseThrow();
    }
}
