package mischung.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import mischung.said.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures that are made to hurt cost no more than others, and what is not whole is not taken. */
class PictureTest {
    private static BufferedImage image(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(120, 90, 60));
        pen.fillRect(0, 0, width, height);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width / 2, height / 2);
        pen.dispose();
        return image;
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static byte[] jpeg(BufferedImage image, boolean progressive) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setProgressiveMode(progressive ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    /** Where the first scan of a JPEG begins. */
    private static int scan(byte[] jpeg) {
        for (int i = 2; i + 1 < jpeg.length; i++) {
            if ((jpeg[i] & 0xff) == 0xff && (jpeg[i + 1] & 0xff) == 0xda) {
                return i;
            }
        }
        throw new AssertionError("no scan");
    }

    @Test
    void aProgressivePictureIsTakenButNotOneThatIsDrawnOverAgainAndAgain() throws IOException {
        byte[] good = jpeg(image(200, 100), true);
        PhotoFile file = PhotoFile.of(good).orElseThrow();
        assertThat(file.progressive()).isTrue();
        assertThat(file.scans()).isGreaterThan(1);
        assertThat(Picture.of(good).width()).isEqualTo(200);
        int from = scan(good);
        byte[] scans = Arrays.copyOfRange(good, from, good.length - 2);
        ByteArrayOutputStream many = new ByteArrayOutputStream();
        many.write(good, 0, from);
        for (int i = 0; i < 200; i++) {
            many.writeBytes(scans);
        }
        many.write(good, good.length - 2, 2);
        assertThatThrownBy(() -> Picture.of(many.toByteArray())).hasMessageContaining("PHOTO_SCANS");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.6, 0.95, 0.999})
    void whatWasCutOffIsRefused(double share) throws IOException {
        for (byte[] whole : List.of(jpeg(image(300, 200), false), png(image(300, 200)))) {
            byte[] cut = Arrays.copyOf(whole, (int) (share * whole.length));
            assertThatThrownBy(() -> Picture.of(cut)).isInstanceOf(RefusedInput.class);
            assertThat(Picture.of(whole).height()).isEqualTo(200);
        }
    }

    /** A few kilobytes of compressed text that would unpack to hundreds of megabytes are never unpacked. */
    @Test
    void compressedTextIsLeftBehind() throws IOException {
        byte[] good = png(image(64, 64));
        byte[] bomb = deflated(new byte[200 * 1024 * 1024]);
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.writeBytes("Comment\0\0".getBytes(StandardCharsets.US_ASCII));
        text.writeBytes(bomb);
        byte[] chunk = chunk("zTXt", text.toByteArray());
        ByteArrayOutputStream spoilt = new ByteArrayOutputStream();
        spoilt.write(good, 0, 33);
        spoilt.writeBytes(chunk);
        spoilt.write(good, 33, good.length - 33);
        assertThat(PhotoFile.of(spoilt.toByteArray()).orElseThrow().bytes()).hasSizeLessThan(good.length + 1);
        assertThat(Picture.of(spoilt.toByteArray()).width()).isEqualTo(64);
    }

    private static byte[] deflated(byte[] zeroes) {
        Deflater deflater = new Deflater(9);
        deflater.setInput(zeroes);
        deflater.finish();
        byte[] into = new byte[1024 * 1024];
        int length = deflater.deflate(into);
        deflater.end();
        return Arrays.copyOf(into, length);
    }

    private static byte[] chunk(String kind, byte[] data) {
        byte[] name = kind.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(name);
        sum.update(data);
        return ByteBuffer.allocate(12 + data.length)
                .putInt(data.length)
                .put(name)
                .put(data)
                .putInt((int) sum.getValue())
                .array();
    }

    /** Of 36 megapixels each, three at once: unpacked one after another, and never whole. */
    /** Whoever comes while another is being unpacked waits for it. */
    @Test
    void picturesAreUnpackedOneAfterAnother() throws Exception {
        byte[] small = jpeg(image(600, 400), false);
        ExecutorService hands = Executors.newFixedThreadPool(3);
        try {
            Picture.DECODER.acquire();
            List<Future<Picture>> three = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                three.add(hands.submit(() -> Picture.of(small)));
            }
            while (Picture.DECODER.getQueueLength() < 3) {
                TimeUnit.MILLISECONDS.sleep(5);
                assertThat(three).noneMatch(Future::isDone);
            }
            Picture.DECODER.release();
            for (Future<Picture> one : three) {
                assertThat(one.get().width()).isEqualTo(600);
            }
            assertThat(Picture.DECODER.availablePermits()).isOne();
        } finally {
            hands.shutdownNow();
        }
    }
}
