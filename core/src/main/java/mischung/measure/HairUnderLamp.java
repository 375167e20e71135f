package mischung.measure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.light.Illuminant;
import mischung.light.Spectrum;
import mischung.light.WhitePoint;
import mischung.light.Xyz;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * What hair under a known lamp looks like in daylight: hair's spectra are few in kind, so a linear map fitted to the model's
 * own hair (natural, lifted, dyed) by least squares does better than an adaptation that must serve every surface.
 */
final class HairUnderLamp {
    private static final double[] LEVELS = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10};
    private static final double[] AMOUNTS = {0.15, 0.5};
    private static final Map<Illuminant, HairUnderLamp> FITTED = new EnumMap<>(Illuminant.class);

    private final RealMatrix toDaylight;

    private HairUnderLamp(RealMatrix toDaylight) {
        this.toDaylight = toDaylight;
    }

    static synchronized HairUnderLamp of(Illuminant lamp) {
        return FITTED.computeIfAbsent(lamp, HairUnderLamp::fitted);
    }

    /** @param seen relative to the lamp's own white */
    Xyz inDaylight(Xyz seen) {
        double[] day = toDaylight.operate(new double[] {seen.x(), seen.y(), seen.z()});
        return new Xyz(day[0], day[1], day[2], WhitePoint.d65());
    }

    private static HairUnderLamp fitted(Illuminant lamp) {
        RealMatrix square = new Array2DRowRealMatrix(3, 3);
        RealMatrix cross = new Array2DRowRealMatrix(3, 3);
        for (Pigments hair : samples()) {
            Spectrum reflectance = hair.reflectance();
            Xyz from = lamp.reflected(reflectance);
            Xyz to = Illuminant.D65.reflected(reflectance);
            // Relative to its own lightness, so that dark hair counts as much as light hair.
            RealMatrix row = column(from, to.y());
            square = square.add(row.multiply(row.transpose()));
            cross = cross.add(column(to, to.y()).multiply(row.transpose()));
        }
        return new HairUnderLamp(cross.multiply(MatrixUtils.inverse(square)));
    }

    private static RealMatrix column(Xyz colour, double by) {
        return MatrixUtils.createColumnRealMatrix(new double[] {colour.x() / by, colour.y() / by, colour.z() / by});
    }

    private static List<Pigments> samples() {
        List<Pigments> all = new ArrayList<>();
        for (double level : LEVELS) {
            all.add(PigmentLine.NATURAL.at(level));
            Pigments lifted = PigmentLine.LIFTED.at(level);
            all.add(lifted);
            for (double amount : AMOUNTS) {
                all.add(lifted.plus(DyeKind.OXIDATIVE, new Dyes(amount, 0, 0, 0)));
                all.add(lifted.plus(DyeKind.OXIDATIVE, new Dyes(0, amount, 0, 0)));
                all.add(lifted.plus(DyeKind.OXIDATIVE, new Dyes(0, 0, amount, 0)));
                all.add(lifted.plus(DyeKind.OXIDATIVE, new Dyes(0, 0, 0, amount)));
                all.add(lifted.plus(DyeKind.OXIDATIVE, new Dyes(0, amount, 0, amount)));
                all.add(lifted.plus(DyeKind.OXIDATIVE, new Dyes(amount, amount, 0, amount)));
            }
        }
        return all;
    }
}
