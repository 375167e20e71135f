package mischung.light;

import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/**
 * The CIEDE2000 colour difference (Sharma, Wu, Dalal: The CIEDE2000 Color-Difference Formula, Color Research and
 * Application 30, 2005), k_L = k_C = k_H = 1. About 1 is just visible on hair swatches side by side; 2–4 is a fair match.
 */
public final class Ciede2000 {
    private static final double POW_25_7 = 6103515625.0;

    private Ciede2000() {}

    /**
     * The difference of two colours, symmetric, ≥ 0.
     *
     * @throws RefusedInput if the two are not relative to the same white
     */
    public static double between(Lab one, Lab two) {
        return parts(one, two).total();
    }

    /**
     * The difference by its three terms, each divided by its weighting function and with its sign (from {@code one} to
     * {@code two}), for least-squares fits that need more than one number.
     *
     * @param rotation R_T, which couples chroma and hue among blues
     */
    public record Parts(double lightness, double chroma, double hue, double rotation) {
        public double total() {
            return Math.sqrt(
                    Math.max(0, lightness * lightness + chroma * chroma + hue * hue + rotation * chroma * hue));
        }
    }

    /** @throws RefusedInput if the two are not relative to the same white */
    public static Parts parts(Lab one, Lab two) {
        if (!one.white().equals(two.white())) {
            throw new RefusedInput("white", two.white().name(), RefusalMessage.SAME_WHITE);
        }
        double meanChroma = (one.chroma() + two.chroma()) / 2;
        double g = 0.5 * (1 - chromaShare(meanChroma));
        double a1 = (1 + g) * one.a();
        double a2 = (1 + g) * two.a();
        double c1 = Math.hypot(a1, one.b());
        double c2 = Math.hypot(a2, two.b());
        double h1 = hue(a1, one.b());
        double h2 = hue(a2, two.b());
        boolean grey = c1 * c2 == 0;

        double dh = h2 - h1;
        if (grey) {
            dh = 0;
        } else if (dh > 180) {
            dh -= 360;
        } else if (dh < -180) {
            dh += 360;
        }
        double dl = two.l() - one.l();
        double dc = c2 - c1;
        double dH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(dh / 2));

        double l = (one.l() + two.l()) / 2;
        double c = (c1 + c2) / 2;
        double h = meanHue(h1, h2, grey);
        double t = 1 - 0.17 * cos(h - 30) + 0.24 * cos(2 * h) + 0.32 * cos(3 * h + 6) - 0.20 * cos(4 * h - 63);
        double fromFifty = (l - 50) * (l - 50);
        double sl = 1 + 0.015 * fromFifty / Math.sqrt(20 + fromFifty);
        double sc = 1 + 0.045 * c;
        double sh = 1 + 0.015 * c * t;
        double turn = (h - 275) / 25;
        double dTheta = 30 * Math.exp(-turn * turn);
        double rt = -Math.sin(Math.toRadians(2 * dTheta)) * 2 * chromaShare(c);

        return new Parts(dl / sl, dc / sc, dH / sh, rt);
    }

    private static double chromaShare(double c) {
        double c2 = c * c;
        double c7 = c2 * c2 * c2 * c;
        return Math.sqrt(c7 / (c7 + POW_25_7));
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double meanHue(double h1, double h2, boolean grey) {
        if (grey) {
            return h1 + h2;
        }
        if (Math.abs(h1 - h2) <= 180) {
            return (h1 + h2) / 2;
        }
        return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }
}
