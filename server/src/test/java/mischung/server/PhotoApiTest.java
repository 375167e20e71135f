package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import mischung.hair.PigmentLine;
import mischung.light.Illuminant;
import mischung.light.Srgb;
import mischung.light.WhitePoint;
import mischung.light.Xyz;
import org.junit.jupiter.api.Test;

/** Photographs: what comes in, what is left out, what can be measured in them. */
class PhotoApiTest extends OnDemoData {
    /** A grey card at the left, hair of level 7 at the right, in the light of a bulb, exposed as cameras do. */
    private static BufferedImage scene(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        Xyz white = new Xyz(Illuminant.A.white().x(), 100, Illuminant.A.white().z(), WhitePoint.d65());
        Xyz hair = Illuminant.A.reflected(PigmentLine.NATURAL.at(7).reflectance());
        pen.setColor(shown(white, 0.18));
        pen.fillRect(0, 0, width / 2, height);
        pen.setColor(shown(hair, 1));
        pen.fillRect(width / 2, 0, width, height);
        pen.dispose();
        return image;
    }

    private static Color shown(Xyz colour, double by) {
        Srgb srgb = Srgb.of(new Xyz(colour.x() * by, colour.y() * by, colour.z() * by, WhitePoint.d65()));
        return new Color((float) srgb.r(), (float) srgb.g(), (float) srgb.b());
    }

    private static byte[] file(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    /**
     * Puts an Exif segment (CIPA DC-008) behind the JPEG's first two bytes: turned by a quarter, made by a camera with a
     * name, taken at a place in the north.
     */
    private static byte[] withPlace(byte[] jpeg) {
        byte[] maker = "GeheimKamera\0".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer tiff = ByteBuffer.allocate(120);
        tiff.put("MM\0*".getBytes(StandardCharsets.US_ASCII)).putInt(8);
        tiff.putShort((short) 3);
        tiff.putShort((short) 0x010f).putShort((short) 2).putInt(maker.length).putInt(50);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) 6)
                .putShort((short) 0);
        tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(70);
        tiff.putInt(0);
        tiff.position(50);
        tiff.put(maker);
        tiff.position(70);
        tiff.putShort((short) 1);
        tiff.putShort((short) 1).putShort((short) 2).putInt(2).put("N\0\0\0".getBytes(StandardCharsets.US_ASCII));
        tiff.putInt(0);
        byte[] head = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
        int length = 2 + head.length + tiff.capacity();
        ByteBuffer whole = ByteBuffer.allocate(jpeg.length + 2 + length);
        whole.put(jpeg, 0, 2).putShort((short) 0xffe1).putShort((short) length);
        whole.put(head).put(tiff.array()).put(jpeg, 2, jpeg.length - 2);
        return whole.array();
    }

    @Test
    void whereAndWithWhatItWasTakenIsLeftOutButItStandsUpright() throws Exception {
        byte[] taken = withPlace(file(scene(120, 80), "jpeg"));
        var before = ImageMetadataReader.readMetadata(new ByteArrayInputStream(taken));
        assertThat(before.containsDirectoryOfType(GpsDirectory.class))
                .as("the test's own file")
                .isTrue();
        Started.Answer kept = app.post("/api/cases/4/photos?words=back", "image/jpeg", taken);
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        assertThat(kept.json().path("width").asInt()).as("a quarter turned").isEqualTo(80);
        byte[] jpeg = app.bytes("/api/photos/" + kept.json().path("id").asLong());
        var after = ImageMetadataReader.readMetadata(new ByteArrayInputStream(jpeg));
        assertThat(after.getDirectoriesOfType(ExifDirectoryBase.class)).isEmpty();
        assertThat(after.containsDirectoryOfType(GpsDirectory.class)).isFalse();
        assertThat(new String(jpeg, StandardCharsets.ISO_8859_1)).doesNotContain("Geheim");
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(jpeg));
        // Turned clockwise, what was at the left stands above.
        assertThat(new Color(upright.getRGB(40, 20)).getBlue())
                .as("the card is bluer than the hair")
                .isGreaterThan(new Color(upright.getRGB(40, 100)).getBlue());
        app.delete("/api/photos/" + kept.json().path("id").asLong());
    }

    @Test
    void aPhotographIsMadeSmallerAndListed() throws IOException {
        Started.Answer kept = app.post("/api/cases/2/photos?words=front", "image/png", file(scene(3000, 1000), "png"));
        assertThat(kept.json().path("width").asInt()).isEqualTo(2400);
        assertThat(app.get("/api/cases/2/photos").json().findValuesAsString("words"))
                .containsExactly("front");
        long id = kept.json().path("id").asLong();
        assertThat(ImageIO.read(new ByteArrayInputStream(app.bytes("/api/photos/" + id + "?small=true")))
                        .getWidth())
                .isEqualTo(320);
        assertThat(app.delete("/api/photos/" + id).status()).isEqualTo(204);
        assertThat(app.get("/api/photos/" + id).status()).isEqualTo(404);
    }

    @Test
    void whatIsNoPhotographIsRefused() throws IOException {
        byte[] good = file(scene(60, 40), "png");
        assertThat(app.post("/api/cases/1/photos", "image/png", "<script>".getBytes(StandardCharsets.UTF_8))
                        .field("remedy"))
                .contains("JPEG or PNG");
        assertThat(app.post("/api/cases/1/photos", "image/png", Arrays.copyOf(good, 60))
                        .status())
                .isEqualTo(422);
        assertThat(app.post("/api/cases/1/photos", "image/gif", file(scene(60, 40), "gif"))
                        .status())
                .isEqualTo(415);
        assertThat(app.post("/api/cases/1/photos", "image/png", file(scene(60, 40), "gif"))
                        .status())
                .as("typed by content, not by name")
                .isEqualTo(422);
        assertThat(app.post("/api/cases/1/photos", "image/png", file(scene(8, 8), "png"))
                        .field("remedy"))
                .contains("16 pixels");
        byte[] bomb = good.clone();
        ByteBuffer.wrap(bomb).putInt(16, 60_000).putInt(20, 60_000);
        assertThat(app.post("/api/cases/1/photos", "image/png", bomb).status()).isEqualTo(422);
        Started.Answer large = app.post("/api/cases/1/photos", "image/jpeg", new byte[15 * 1024 * 1024 + 1]);
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.field("remedy")).contains("15 MB");
        assertThat(app.post("/api/cases/999/photos", "image/png", good).status())
                .isEqualTo(404);
        assertThat(app.get("/api/cases/1/photos").json()).isEmpty();
    }

    @Test
    void hairIsMeasuredBesideTheCard() throws IOException {
        long id = app.post("/api/cases/3/photos", "image/jpeg", file(scene(200, 100), "jpeg"))
                .json()
                .path("id")
                .asLong();
        String path = "/api/photos/" + id + "/measure";
        String marked = """
                {"card":{"x":0.05,"y":0.1,"width":0.4,"height":0.8},"hair":{"x":0.55,"y":0.1,"width":0.4,"height":0.8},
                 "cardReflectance":0.18,"lamp":"WARM_BULB"}""";
        Started.Answer measured = app.post(path, marked);
        assertThat(measured.status()).as(measured.text()).isEqualTo(200);
        assertThat(measured.json().path("look").path("levelWords").asString("")).isEqualTo("7");
        assertThat(measured.json().path("measured").path("by").asString("")).isEqualTo("PHOTO");
        assertThat(measured.field("words")).startsWith("7 ").contains("±");
        Started.Answer tiny = app.post(
                path, marked.replace("\"x\":0.55,\"y\":0.1,\"width\":0.4", "\"x\":0.55,\"y\":0.1,\"width\":0.01"));
        assertThat(tiny.status()).isEqualTo(422);
        assertThat(tiny.field("field")).isEqualTo("hair");
        assertThat(tiny.field("remedy")).contains("tiny");
        assertThat(app.post(path, marked.replace("0.55", "1.55")).field("field"))
                .isEqualTo("hair.x");
    }
}
