package mischung.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import mischung.RefusedInput;
import mischung.measure.Pixels;

/**
 * A photograph made anew from its pixels: whatever else came in the file (where and with what it was taken, previews, hidden
 * data) is left behind. Only the turn the camera noted is carried out first.
 */
public final class Picture {
    /** What may come in. */
    public static final long MOST_BYTES = 15L * 1024 * 1024;

    public static final int LONGEST = 2400;
    public static final int SMALL = 320;

    /** Small files can claim huge pictures; looked at before a single pixel is unpacked. */
    private static final long MOST_PIXELS = 80_000_000;

    private static final int LEAST_SIDE = 16;
    private static final float QUALITY = 0.92f;
    private static final Set<String> KNOWN = Set.of("jpeg", "png");

    private final int width;
    private final int height;
    private final byte[] jpeg;
    private final byte[] small;

    private Picture(int width, int height, byte[] jpeg, byte[] small) {
        this.width = width;
        this.height = height;
        this.jpeg = jpeg;
        this.small = small;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** At most {@link #LONGEST} pixels each way. */
    public byte[] jpeg() {
        return jpeg;
    }

    /** At most {@link #SMALL} pixels each way, to be listed. */
    public byte[] small() {
        return small;
    }

    /** @throws RefusedInput if this is no JPEG or PNG that can be kept */
    public static Picture of(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new RefusedInput("photo", file.length / 1024 / 1024 + " MB", "Choose a photograph of at most 15 MB.");
        }
        BufferedImage upright = turned(read(file), orientation(file));
        BufferedImage kept = scaled(upright, LONGEST);
        return new Picture(kept.getWidth(), kept.getHeight(), jpeg(kept), jpeg(scaled(kept, SMALL)));
    }

    /** The pixels of a picture that was made here. */
    public static Pixels pixels(byte[] jpeg) {
        BufferedImage image = read(jpeg);
        int[] rgb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new Pixels(image.getWidth(), image.getHeight(), rgb);
    }

    private static BufferedImage read(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            if (reader == null || !KNOWN.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                throw notAPhotograph();
            }
            try {
                reader.setInput(in, true, true);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new RefusedInput(
                            "photo",
                            reader.getWidth(0) + " × " + reader.getHeight(0) + " pixels",
                            "Choose a photograph of at most 80 megapixels.");
                }
                if (Math.min(reader.getWidth(0), reader.getHeight(0)) < LEAST_SIDE) {
                    throw new RefusedInput(
                            "photo",
                            reader.getWidth(0) + " × " + reader.getHeight(0) + " pixels",
                            "Choose a photograph of at least 16 pixels each way.");
                }
                return opaque(reader.read(0));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            if (e instanceof RefusedInput refused) {
                throw refused;
            }
            throw notAPhotograph();
        }
    }

    private static RefusedInput notAPhotograph() {
        return new RefusedInput(
                "photo", "this file", "It is no whole JPEG or PNG. Choose a photograph as the camera saved it.");
    }

    /** Drawn on grey, so that whatever was see-through shows no colour. */
    private static BufferedImage opaque(BufferedImage read) {
        BufferedImage plain = new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.setColor(Color.GRAY);
        pen.fillRect(0, 0, read.getWidth(), read.getHeight());
        pen.drawImage(read, 0, 0, null);
        pen.dispose();
        return plain;
    }

    /** 1–8 as in the Exif standard (CIPA DC-008), 1 if nothing is noted. */
    private static int orientation(byte[] file) {
        try {
            ExifIFD0Directory directory = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return directory == null || !directory.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? 1
                    : directory.getInt(ExifIFD0Directory.TAG_ORIENTATION);
        } catch (ImageProcessingException | MetadataException | IOException e) {
            return 1;
        }
    }

    private static BufferedImage turned(BufferedImage image, int orientation) {
        int w = image.getWidth();
        int h = image.getHeight();
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        if (turn.isIdentity()) {
            return image;
        }
        boolean sideways = orientation >= 5;
        BufferedImage upright = new BufferedImage(sideways ? h : w, sideways ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = upright.createGraphics();
        pen.drawImage(image, turn, null);
        pen.dispose();
        return upright;
    }

    /** By halves first, since one large step would skip most pixels. */
    private static BufferedImage scaled(BufferedImage image, int longest) {
        BufferedImage here = image;
        while (Math.max(here.getWidth(), here.getHeight()) > longest) {
            double by = Math.max(0.5, longest / (double) Math.max(here.getWidth(), here.getHeight()));
            int w = Math.max(1, (int) Math.floor(here.getWidth() * by));
            int h = Math.max(1, (int) Math.floor(here.getHeight() * by));
            BufferedImage smaller = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = smaller.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            pen.drawImage(here, 0, 0, w, h, null);
            pen.dispose();
            here = smaller;
        }
        return here;
    }

    private static byte[] jpeg(BufferedImage image) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
