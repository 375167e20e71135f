package mischung.server.api;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import mischung.light.Srgb;
import mischung.light.Xyz;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/**
 * Hair on paper: a strand lying to scale, scalp at the left, drawn fibre by fibre. The mean of what is printed is the colour that was
 * computed; the same strand is drawn the same each time.
 */
final class SheetHair {
    private static final long SEED = 11;

    /** Fibres for each point of height; they lie over each other, so that no paper shows through. */
    private static final float A_POINT = 3.2f;

    private static final float THICK = 0.9f;

    /** How far fibres differ in lightness: linear light about the mean. */
    private static final double VARIED = 0.3;

    /** Over so many cm bands run into each other. */
    private static final double SOFT_CM = 0.5;

    private static final float THIN_ENDS = 0.08f;
    private static final float SWAY = 0.05f;

    /** Some of the hair of a stretch, by its colour on a screen in daylight. */
    record Piece(double share, String hex) {}

    /** A stretch of a strand; of several pieces where hair of several colours lies beside each other, of none where it was cut. */
    record Stretch(double fromCm, double toCm, List<Piece> pieces) {}

    private final PDPageContentStream page;
    private final List<Stretch> strand;
    private final float left;
    private final float bottom;
    private final float high;
    private final float perCm;
    private final Random lot = new Random(SEED);

    private SheetHair(
            PDPageContentStream page, List<Stretch> strand, float left, float bottom, float high, float perCm) {
        this.page = page;
        this.strand = strand;
        this.left = left;
        this.bottom = bottom;
        this.high = high;
        this.perCm = perCm;
    }

    /** A lock all of one colour. */
    static void lock(PDPageContentStream page, String hex, float left, float bottom, float wide, float high)
            throws IOException {
        lying(page, List.of(new Stretch(0, 1, List.of(new Piece(1, hex)))), left, bottom, high, wide);
    }

    /** @param perCm points of paper for a centimetre of hair */
    static void lying(PDPageContentStream page, List<Stretch> strand, float left, float bottom, float high, float perCm)
            throws IOException {
        new SheetHair(page, strand, left, bottom, high, perCm).draw();
    }

    private void draw() throws IOException {
        int half = Math.max(4, Math.round(high * A_POINT / 2));
        page.setLineWidth(THICK);
        // Each lighter fibre has a darker one, and no part of the width is left out: so the mean stays.
        for (int round = 0; round < 2; round++) {
            for (int k = 0; k < half; k++) {
                double off = 2 * lot.nextDouble() - 1;
                fibre((k + lot.nextFloat()) / half, off);
                fibre((k + lot.nextFloat()) / half, -off);
            }
        }
        page.setStrokingColor(Color.BLACK);
    }

    /** @param off how much lighter or darker than the mean, −1 to 1 */
    private void fibre(float across, double off) throws IOException {
        double kind = lot.nextDouble();
        float sway = SWAY * high * (2 * lot.nextFloat() - 1);
        double blur = SOFT_CM * (lot.nextDouble() - 0.5);
        double thin = 1 - THIN_ENDS * lot.nextDouble() * lot.nextDouble();
        double ends = strand.get(strand.size() - 1).toCm() * thin;
        float y = bottom + THICK / 2 + (high - THICK) * across;
        for (int i = 0; i < strand.size(); i++) {
            Stretch stretch = strand.get(i);
            double from = i == 0 ? stretch.fromCm() : stretch.fromCm() + blur;
            double to = i == strand.size() - 1 ? ends : Math.min(ends, stretch.toCm() + blur);
            if (to > from && !stretch.pieces().isEmpty()) {
                page.setStrokingColor(shaded(of(stretch.pieces(), kind), off));
                float x0 = left + (float) from * perCm;
                float x1 = left + (float) to * perCm;
                page.moveTo(x0, y);
                page.curveTo(x0 + (x1 - x0) / 3, y + sway, x0 + 2 * (x1 - x0) / 3, y - sway, x1, y);
                page.stroke();
            }
        }
    }

    private static String of(List<Piece> pieces, double kind) {
        double all = pieces.stream().mapToDouble(Piece::share).sum();
        double so = 0;
        for (Piece piece : pieces) {
            so += piece.share() / all;
            if (kind < so) {
                return piece.hex();
            }
        }
        return pieces.get(pieces.size() - 1).hex();
    }

    /** Never lighter than paper: very light hair varies less. */
    private static Color shaded(String hex, double off) {
        Xyz mean = Srgb.ofHex(hex).toXyz();
        double shade = 1 + off * Math.min(VARIED, Math.max(0, 98 / mean.y() - 1));
        return Color.decode(Srgb.of(new Xyz(mean.x() * shade, mean.y() * shade, mean.z() * shade, mean.white()))
                .hex());
    }
}
