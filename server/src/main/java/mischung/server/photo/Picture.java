package mischung.server.photo;

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
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.event.IIOReadProgressListener;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import mischung.measure.Pixels;
import mischung.said.RefusedInput;
import mischung.server.words.ProblemMessage;

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

    /** Where the whole picture has to be held until its last scan. */
    private static final long MOST_PIXELS_HELD = 24_000_000;

    /** Cameras and programs write some ten; each goes over the whole picture. */
    private static final int MOST_SCANS = 40;

    private static final long LONGEST_DECODING_SECONDS = 15;
    private static final long LONGEST_WAIT_SECONDS = 20;
    /** Seen by tests. */
    static final Semaphore DECODER = new Semaphore(1, true);

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
            throw new RefusedInput(
                    "photo",
                    file.length / 1024 / 1024 + " MB",
                    ProblemMessage.PHOTO_MEGABYTES.say().count("most", 15).said());
        }
        PhotoFile whole = PhotoFile.of(file).orElseThrow(Picture::notAPhotograph);
        BufferedImage upright = turned(read(whole), whole.orientation());
        BufferedImage kept = scaled(upright, LONGEST);
        return new Picture(kept.getWidth(), kept.getHeight(), jpeg(kept), jpeg(scaled(kept, SMALL)));
    }

    /** The pixels of a picture that was made here. */
    public static Pixels pixels(byte[] jpeg) {
        BufferedImage image = read(PhotoFile.of(jpeg).orElseThrow(Picture::notAPhotograph));
        int[] rgb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new Pixels(image.getWidth(), image.getHeight(), rgb);
    }

    /** One after another: each may need a hundred megabytes while it is unpacked. */
    private static BufferedImage read(PhotoFile file) {
        try {
            if (!DECODER.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new RefusedInput("photo", "", ProblemMessage.PHOTO_OTHERS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new RefusedInput("photo", "", ProblemMessage.PHOTO_OTHERS);
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file.bytes()))) {
            return decoded(file, in);
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            if (e instanceof RefusedInput refused) {
                throw refused;
            }
            throw notAPhotograph();
        } finally {
            DECODER.release();
        }
    }

    private static BufferedImage decoded(PhotoFile file, ImageInputStream in) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        ImageReader reader = readers.hasNext() ? readers.next() : null;
        if (reader == null || !KNOWN.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            throw notAPhotograph();
        }
        Thread deadline = new Thread(() -> {
            try {
                TimeUnit.SECONDS.sleep(LONGEST_DECODING_SECONDS);
                reader.abort();
            } catch (InterruptedException done) {
                Thread.currentThread().interrupt();
            }
        });
        deadline.setDaemon(true);
        try {
            reader.setInput(in, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            refuseSize(file, width, height);
            // Of a large picture only every other, third … pixel is ever unpacked.
            ImageReadParam every = reader.getDefaultReadParam();
            int step = Math.max(1, Math.max(width, height) / LONGEST);
            every.setSourceSubsampling(step, step, 0, 0);
            deadline.start();
            AtomicBoolean aborted = new AtomicBoolean();
            reader.addIIOReadProgressListener(new Aborted(aborted));
            BufferedImage read = reader.read(0, every);
            if (aborted.get()) {
                throw new RefusedInput("photo", "", ProblemMessage.PHOTO_TOO_LONG);
            }
            return opaque(read);
        } finally {
            deadline.interrupt();
            reader.dispose();
        }
    }

    private static void refuseSize(PhotoFile file, int width, int height) {
        long pixels = (long) width * height;
        String size = width + " × " + height + " pixels";
        long most = file.progressive() ? MOST_PIXELS_HELD : MOST_PIXELS;
        if (pixels > most) {
            throw new RefusedInput(
                    "photo",
                    size,
                    ProblemMessage.PHOTO_MEGAPIXELS
                            .say()
                            .count("most", most / 1_000_000.0)
                            .said());
        }
        if (file.scans() > MOST_SCANS) {
            throw new RefusedInput("photo", file.scans(), ProblemMessage.PHOTO_SCANS);
        }
        if (Math.min(width, height) < LEAST_SIDE) {
            throw new RefusedInput("photo", size, ProblemMessage.PHOTO_TOO_SMALL);
        }
    }

    /** Notices that a reading was ended before its time. */
    private record Aborted(AtomicBoolean noted) implements IIOReadProgressListener {
        @Override
        public void readAborted(ImageReader source) {
            noted.set(true);
        }

        @Override
        public void sequenceStarted(ImageReader source, int minIndex) {}

        @Override
        public void sequenceComplete(ImageReader source) {}

        @Override
        public void imageStarted(ImageReader source, int imageIndex) {}

        @Override
        public void imageProgress(ImageReader source, float percentageDone) {}

        @Override
        public void imageComplete(ImageReader source) {}

        @Override
        public void thumbnailStarted(ImageReader source, int imageIndex, int thumbnailIndex) {}

        @Override
        public void thumbnailProgress(ImageReader source, float percentageDone) {}

        @Override
        public void thumbnailComplete(ImageReader source) {}
    }

    private static RefusedInput notAPhotograph() {
        return new RefusedInput("photo", "", ProblemMessage.PHOTO_BROKEN);
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
