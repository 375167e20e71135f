package mischung.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import mischung.validation.CoverageTrial;

/** Draws how often the model's ranges held the truth on made-up heads, against what they claim. */
public final class CoveragePlot {
    private static final int HEADS = 4000;
    private static final int DRAWS = 64;
    private static final long SEED = 2026;
    private static final int SIDE = 420;
    private static final int MARGIN = 64;

    private CoveragePlot() {}

    /** @param arguments the SVG file to write */
    public static void main(String[] arguments) throws IOException {
        CoverageTrial trial = CoverageTrial.run(HEADS, DRAWS, SEED);
        StringBuilder level = new StringBuilder();
        StringBuilder colour = new StringBuilder();
        StringBuilder marks = new StringBuilder();
        System.out.println("claimed   level held   a*b* held");
        for (int percent = 5; percent <= 95; percent += 5) {
            double claim = percent / 100.0;
            double held = trial.held(claim);
            double heldColour = trial.heldColour(claim);
            System.out.println(String.format(Locale.ROOT, "%.2f      %.3f        %.3f", claim, held, heldColour));
            level.append(point(claim, held));
            colour.append(point(claim, heldColour));
            marks.append(String.format(
                    Locale.ROOT, "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"4\" fill=\"#0b5670\"/>", x(claim), y(held)));
        }
        Files.writeString(Path.of(arguments[0]), svg(level, colour, marks));
    }

    private static String svg(CharSequence level, CharSequence colour, CharSequence marks) {
        int size = SIDE + 2 * MARGIN;
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" font-size=\"15\">"
                        + "<rect width=\"100%%\" height=\"100%%\" fill=\"#e1e3e4\"/>",
                size,
                size));
        for (int percent = 0; percent <= 100; percent += 20) {
            double at = percent / 100.0;
            text.append(line(x(at), y(0), x(at), y(1), "#b7b9bb"));
            text.append(line(x(0), y(at), x(1), y(at), "#b7b9bb"));
            text.append(label(x(at), y(0) + 20, "middle", percent + " %"));
            text.append(label(x(0) - 8, y(at) + 5, "end", percent + " %"));
        }
        text.append(line(x(0), y(0), x(1), y(1), "#1a1c1e"));
        text.append(curve(colour, "#85898d", " stroke-dasharray=\"6 5\""));
        text.append(curve(level, "#0b5670", ""));
        text.append(marks);
        text.append(label(size / 2.0, size - 14, "middle", "claimed by the range"));
        text.append(label(MARGIN, 26, "start", "held the truth, of " + HEADS + " made-up heads"));
        text.append(label(MARGIN, 48, "start", "dots: level; dashes: a* and b* in the ellipse; straight line: honest"));
        return text.append("</svg>\n").toString();
    }

    private static double x(double share) {
        return MARGIN + SIDE * share;
    }

    private static double y(double share) {
        return MARGIN + SIDE * (1 - share);
    }

    private static String point(double claim, double held) {
        return String.format(Locale.ROOT, "%.1f,%.1f ", x(claim), y(held));
    }

    private static String line(double x1, double y1, double x2, double y2, String colour) {
        return String.format(
                Locale.ROOT,
                "<line x1=\"%.1f\" y1=\"%.1f\" x2=\"%.1f\" y2=\"%.1f\" stroke=\"%s\"/>",
                x1,
                y1,
                x2,
                y2,
                colour);
    }

    private static String curve(CharSequence points, String colour, String more) {
        return "<polyline points=\"" + points + "\" fill=\"none\" stroke=\"" + colour + "\" stroke-width=\"2.5\"" + more
                + "/>";
    }

    private static String label(double x, double y, String anchor, String words) {
        return String.format(
                Locale.ROOT, "<text x=\"%.1f\" y=\"%.1f\" text-anchor=\"%s\">%s</text>", x, y, anchor, words);
    }
}
