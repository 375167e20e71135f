package mischung.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.github.ajalt.colormath.model.LAB;
import com.github.ajalt.colormath.model.LABKt;
import com.github.ajalt.colormath.model.XYZ;
import com.github.ajalt.colormath.model.XYZColorSpace;
import com.github.ajalt.colormath.model.XYZKt;
import com.github.ajalt.colormath.model.xyY;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.openimaj.image.analysis.colour.CIEDE2000;

/** Other people's libraries on random colours: OpenIMAJ for the difference, colormath for the conversions. */
class SecondOpinionTest {
    private static final com.github.ajalt.colormath.WhitePoint SAME_WHITE = sameWhite();
    private static final XYZColorSpace THEIR_XYZ = XYZKt.XYZColorSpace(SAME_WHITE);

    /** Libraries differ in the third decimal of D65, so theirs is given ours. */
    private static com.github.ajalt.colormath.WhitePoint sameWhite() {
        WhitePoint white = WhitePoint.d65();
        double sum = white.x() + white.y() + white.z();
        return new com.github.ajalt.colormath.WhitePoint(
                "D65", new xyY((float) (white.x() / sum), (float) (white.y() / sum), 1f));
    }

    /**
     * OpenIMAJ's CIEDE2000 meets the published table itself. It takes the mean of two hues across 0° always above 360°,
     * where Sharma, Wu and Dalal turn it back below; the bell round 275° then differs by up to some 1e-3 at the most.
     */
    @Property(tries = 3000)
    void openImajFindsTheSameDifference(
            @ForAll @DoubleRange(max = 100) double l1,
            @ForAll @DoubleRange(min = -100, max = 100) double a1,
            @ForAll @DoubleRange(min = -100, max = 100) double b1,
            @ForAll @DoubleRange(max = 100) double l2,
            @ForAll @DoubleRange(min = -100, max = 100) double a2,
            @ForAll @DoubleRange(min = -100, max = 100) double b2) {
        double ours = Ciede2000.between(Lab.d65(l1, a1, b1), Lab.d65(l2, a2, b2));
        double hueApart =
                Math.abs(Lab.d65(l1, a1, b1).hueDegrees() - Lab.d65(l2, a2, b2).hueDegrees());
        if (Math.abs(hueApart - 180) < 0.5) {
            return; // opposite hues: the mean hue may be either of two, and rounding decides
        }
        assertThat(ours).isCloseTo(CIEDE2000.calculateDeltaE(l1, a1, b1, l2, a2, b2), within(2e-3));
        assertThat(ours).isGreaterThanOrEqualTo(0);
    }

    @Property(tries = 1000)
    void colormathConvertsToTheSameLab(
            @ForAll @DoubleRange(min = 0.1, max = 95) double x,
            @ForAll @DoubleRange(min = 0.1, max = 100) double y,
            @ForAll @DoubleRange(min = 0.1, max = 108) double z) {
        Lab ours = new Xyz(x, y, z, WhitePoint.d65()).toLab();
        LAB theirs = new XYZ((float) (x / 100), (float) (y / 100), (float) (z / 100), 1f, THEIR_XYZ).toLAB();
        assertThat(ours.l()).isCloseTo(theirs.getL(), within(0.01));
        assertThat(ours.a()).isCloseTo(theirs.getA(), within(0.02));
        assertThat(ours.b()).isCloseTo(theirs.getB(), within(0.02));
    }

    @Property(tries = 1000)
    void colormathConvertsToTheSameXyz(
            @ForAll @DoubleRange(min = 0.5, max = 100) double l,
            @ForAll @DoubleRange(min = -60, max = 60) double a,
            @ForAll @DoubleRange(min = -60, max = 60) double b) {
        Xyz ours = Lab.d65(l, a, b).toXyz();
        XYZ theirs = new LAB((float) l, (float) a, (float) b, 1f, LABKt.LABColorSpace(SAME_WHITE)).toXYZ();
        assertThat(ours.x()).isCloseTo(100 * theirs.getX(), within(0.01));
        assertThat(ours.y()).isCloseTo(100 * theirs.getY(), within(0.01));
        assertThat(ours.z()).isCloseTo(100 * theirs.getZ(), within(0.01));
    }
}
