package mischung.validation;

import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Past;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.ReadIn;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.process.Application;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Setting;
import mischung.product.Shade;
import mischung.product.ShadeClass;

/** Hair and colour the checks begin with. */
final class Sample {
    private Sample() {}

    static Canvas natural(double level) {
        return Canvas.of(PigmentLine.NATURAL.at(level), Porosity.NORMAL);
    }

    /** Untouched hair closes tighter than hair that was worked on. */
    static Canvas lifted(double level) {
        return lifted(level, Porosity.NORMAL);
    }

    static Canvas lifted(double level, Porosity porosity) {
        return Canvas.of(PigmentLine.LIFTED.at(level), porosity);
    }

    /** Dark permanent colour over natural hair, as out of a box. */
    static Canvas boxDyed(double level, double under, double layers) {
        return ReadIn.of(
                        level,
                        ToneMix.of(Tone.NATURAL),
                        Past.of(Past.Kind.COLOURED).under(under, under))
                .canvas(Thickness.NORMAL, 1, 0, layers);
    }

    static Canvas of(Canvas canvas, Thickness thickness) {
        return canvas.with(Fibre.read(thickness, canvas.fibre().nearestPorosity()));
    }

    static Application usual(ShadeClass shadeClass, double level, Tone tone) {
        return Application.usual(dyes(shadeClass, level, tone), shadeClass, 10);
    }

    static Dyes dyes(ShadeClass shadeClass, double level, Tone tone) {
        return Shade.derived(shadeClass, level, tone).dyes();
    }

    static Lightening lightener(double volume, double minutes) {
        return Lightening.of(LiftProduct.LIGHTENER, volume, minutes, Setting.FOIL);
    }

    /** CIEDE2000 to the colour a level and tone mean. */
    static double misses(Canvas canvas, double level, Tone tone) {
        return Ciede2000.between(ToneScale.colourOf(level, tone), canvas.lab());
    }

    /** Minutes of this lightener, in foil, until the band is at the level; at most 240. */
    static double minutesTo(double level, Canvas start, double volume) {
        double low = 0;
        double high = 240;
        for (int i = 0; i < 30; i++) {
            double middle = (low + high) / 2;
            if (lightener(volume, middle).on(start).level() < level) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /** The least chroma any amount of a dye in these shares brings the hair to, against what it had. */
    static double cancelled(Canvas canvas, Dyes dye) {
        double least = canvas.lab().chroma();
        for (double amount = 0.002; amount < 2; amount *= 1.15) {
            Canvas toned = canvas.plus(dye.times(amount), Dyes.NONE);
            least = Math.min(least, toned.lab().chroma());
        }
        return least / canvas.lab().chroma();
    }

    static double dye(Canvas canvas, DyeKind kind) {
        return canvas.coloured().dyes(kind).total();
    }
}
