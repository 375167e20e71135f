package mischung.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.light.Srgb;
import mischung.light.WhitePoint;
import mischung.light.Xyz;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Hair on paper, rendered by a general library and measured. */
class SheetHairTest {
    private static final float WIDE = 200;
    private static final float HIGH = 26;

    private interface Drawing {
        void on(PDPageContentStream page) throws IOException;
    }

    private static byte[] pdf(Drawing drawing) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(new PDRectangle(WIDE, HIGH));
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                drawing.on(content);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static BufferedImage rendered(Drawing drawing) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf(drawing))) {
            return new PDFRenderer(document).renderImageWithDPI(0, 200);
        }
    }

    /** The mean of a part of the picture's width, of what lies well inside it, reckoned in light. */
    private static Lab mean(BufferedImage picture, double from, double to) {
        double x = 0;
        double y = 0;
        double z = 0;
        int count = 0;
        for (int row = picture.getHeight() / 8; row < picture.getHeight() * 7 / 8; row++) {
            for (int column = (int) (from * picture.getWidth()); column < to * picture.getWidth(); column++) {
                int rgb = picture.getRGB(column, row);
                Xyz here = new Srgb((rgb >> 16 & 255) / 255.0, (rgb >> 8 & 255) / 255.0, (rgb & 255) / 255.0).toXyz();
                x += here.x();
                y += here.y();
                z += here.z();
                count++;
            }
        }
        return new Xyz(x / count, y / count, z / count, WhitePoint.d65()).toLab();
    }

    @ParameterizedTest
    @ValueSource(strings = {"#1c1413", "#4e3626", "#8a5a34", "#c08a4a", "#e0c08a", "#f0e2c0"})
    void theMeanOfALockIsItsColour(String hex) throws IOException {
        BufferedImage picture = rendered(page -> SheetHair.lock(page, hex, 0, 0, WIDE, HIGH));
        assertThat(Ciede2000.between(
                        mean(picture, 0.05, 0.85), Srgb.ofHex(hex).toXyz().toLab()))
                .isLessThan(2);
    }

    @Test
    void bandsLieWhereTheyWereReadAndWovenHairLiesBesideTheRest() throws IOException {
        String dark = "#3a2a20";
        String light = "#d8b47c";
        List<SheetHair.Stretch> strand = List.of(
                new SheetHair.Stretch(0, 10, List.of(new SheetHair.Piece(1, dark))),
                new SheetHair.Stretch(10, 20, List.of(new SheetHair.Piece(1, light))),
                new SheetHair.Stretch(20, 30, List.of(new SheetHair.Piece(0.5, dark), new SheetHair.Piece(0.5, light))),
                new SheetHair.Stretch(30, 40, List.of()));
        BufferedImage picture = rendered(page -> SheetHair.lying(page, strand, 0, 0, HIGH, WIDE / 40));
        assertThat(Ciede2000.between(
                        mean(picture, 0.02, 0.22), Srgb.ofHex(dark).toXyz().toLab()))
                .isLessThan(2);
        assertThat(Ciede2000.between(
                        mean(picture, 0.28, 0.47), Srgb.ofHex(light).toXyz().toLab()))
                .isLessThan(2);
        double between = mean(picture, 0.53, 0.7).l();
        assertThat(between)
                .isBetween(
                        mean(picture, 0.02, 0.22).l() + 10,
                        mean(picture, 0.28, 0.47).l() - 5);
        assertThat(mean(picture, 0.8, 0.99).l()).as("cut off").isGreaterThan(99);
    }

    @Test
    void theSameStrandIsDrawnTheSame() throws IOException {
        Drawing lock = page -> SheetHair.lock(page, "#8a5a34", 0, 0, WIDE, HIGH);
        int[] first = pixels(rendered(lock));
        assertThat(Arrays.equals(first, pixels(rendered(lock)))).isTrue();
        assertThat(Arrays.stream(first).distinct().count())
                .as("fibres, not a patch")
                .isGreaterThan(50);
    }

    private static int[] pixels(BufferedImage picture) {
        return picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
    }
}
