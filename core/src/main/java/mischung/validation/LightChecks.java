package mischung.validation;

import static mischung.validation.Check.atMost;
import static mischung.validation.Check.between;

import java.util.ArrayList;
import java.util.List;
import mischung.DataFile;
import mischung.hair.TressOptics;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Observer;
import mischung.light.Spectrum;
import mischung.light.Srgb;
import mischung.product.Developer;
import mischung.said.Unit;

/** Light, colour and chemistry against published tables and formulas. */
final class LightChecks {
    private LightChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        checks.add(atMost("light", CheckMessage.CIEDE_PAIRS.alone(), 5e-5, Unit.NONE, worstPair())
                .published("Sharma, Wu, Dalal, Color Research and Application 30, 2005, table 1"));
        checks.add(atMost("light", CheckMessage.OBSERVER.alone(), 0.06, Unit.NONE, observerOff())
                .published("Wyman, Sloan, Shirley, JCGT 2(2), 2013"));
        white(checks, Illuminant.D65, 95.043, 108.880);
        white(checks, Illuminant.D50, 96.412, 82.499);
        white(checks, Illuminant.A, 109.849, 35.582);
        white(checks, Illuminant.F2, 99.186, 67.394);
        white(checks, Illuminant.F11, 100.961, 64.351);
        checks.add(atMost(
                        "light",
                        CheckMessage.SRGB_RED.alone(),
                        1e-9,
                        Unit.NONE,
                        Math.abs(new Srgb(1, 0, 0).toXyz().y() - 21.26))
                .published("IEC 61966-2-1"));
        checks.add(atMost(
                        "hair",
                        CheckMessage.ROUGHNESS.alone(),
                        5e-4,
                        Unit.NONE,
                        Math.abs(TressOptics.roughnessTerm(0.3) - 5.888))
                .published("Chiang, Bitterli, Tappan, Burley, Computer Graphics Forum 35(2), 2016, equation 9"));
        checks.add(between(
                        "peroxide",
                        CheckMessage.TWENTY_VOL_HOLDS.alone(),
                        6.06,
                        6.08,
                        Unit.G_IN_100_ML,
                        new Developer(20).gramsPer100Ml())
                .published("2 H2O2 to 2 H2O + O2; molar volume 22.414 l at 0 °C and 1 atm"));
        return checks;
    }

    private static void white(List<Check> checks, Illuminant light, double x, double z) {
        double off =
                Math.max(Math.abs(light.white().x() - x), Math.abs(light.white().z() - z));
        checks.add(atMost(
                        "light",
                        CheckMessage.WHITE_POINT.say().thing("light", light).said(),
                        0.005,
                        Unit.NONE,
                        off)
                .published("CIE 015"));
    }

    private static double worstPair() {
        DataFile pairs = DataFile.of(LightChecks.class, "ciede2000-34-pairs.csv");
        double worst = 0;
        for (int row = 0; row < pairs.size(); row++) {
            Lab one = Lab.d65(pairs.number(row, "L1"), pairs.number(row, "a1"), pairs.number(row, "b1"));
            Lab two = Lab.d65(pairs.number(row, "L2"), pairs.number(row, "a2"), pairs.number(row, "b2"));
            double wanted = pairs.number(row, "dE00");
            worst = Math.max(worst, Math.abs(Ciede2000.between(one, two) - wanted));
            worst = Math.max(worst, Math.abs(Ciede2000.between(two, one) - wanted));
        }
        return worst;
    }

    private static double observerOff() {
        double worst = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            double nm = Spectrum.nanometres(i);
            double x = 1.056 * lobe(nm, 599.8, 37.9, 31.0)
                    + 0.362 * lobe(nm, 442.0, 16.0, 26.7)
                    - 0.065 * lobe(nm, 501.1, 20.4, 26.2);
            double y = 0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1);
            double z = 1.217 * lobe(nm, 437.0, 11.8, 36.0) + 0.681 * lobe(nm, 459.0, 26.0, 13.8);
            worst = Math.max(worst, Math.abs(Observer.X.at(i) - x));
            worst = Math.max(worst, Math.abs(Observer.Y.at(i) - y));
            worst = Math.max(worst, Math.abs(Observer.Z.at(i) - z));
        }
        return worst;
    }

    private static double lobe(double nm, double mean, double below, double above) {
        double t = (nm - mean) / (nm < mean ? below : above);
        return Math.exp(-0.5 * t * t);
    }
}
