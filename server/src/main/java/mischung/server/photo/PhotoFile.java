package mischung.server.photo;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/**
 * What a JPEG (ITU-T T.81, annex B) or PNG (W3C PNG, section 5) says of itself before a pixel of it is unpacked, and the file
 * without what nobody needs: text, previews, places. What does not come to its end is no whole file.
 *
 * @param bytes what is left to be decoded
 * @param orientation 1–8 as in the Exif standard (CIPA DC-008), 1 if nothing is noted
 * @param scans in which a JPEG is drawn, each over the whole picture; 1 for a PNG
 * @param progressive whether the whole picture has to be held until the last scan
 */
@SuppressWarnings("ArrayRecordComponent") // never compared
record PhotoFile(byte[] bytes, int orientation, int scans, boolean progressive) {
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final Set<String> NEEDED = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND", "sRGB", "gAMA");
    private static final byte[] EXIF = {'E', 'x', 'i', 'f', 0, 0};
    private static final int ORIENTATION_TAG = 0x0112;
    private static final int MOST_ENTRIES = 1000;

    /** @return empty where it is neither, or not whole */
    static Optional<PhotoFile> of(byte[] file) {
        try {
            if (file.length > 4 && (file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xd8) {
                return jpeg(file);
            }
            return file.length > PNG.length && Arrays.equals(file, 0, PNG.length, PNG, 0, PNG.length)
                    ? png(file)
                    : Optional.empty();
        } catch (IndexOutOfBoundsException cutOff) {
            return Optional.empty();
        }
    }

    private static Optional<PhotoFile> png(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream();
        kept.writeBytes(PNG);
        ByteBuffer in = ByteBuffer.wrap(file);
        int at = PNG.length;
        while (at + 12 <= file.length) {
            int length = in.getInt(at);
            if (length < 0 || length > file.length - at - 12) {
                return Optional.empty();
            }
            String kind = new String(file, at + 4, 4, StandardCharsets.US_ASCII);
            if (NEEDED.contains(kind)) {
                kept.write(file, at, length + 12);
            }
            if (kind.equals("IEND")) {
                return Optional.of(new PhotoFile(kept.toByteArray(), 1, 1, false));
            }
            at += length + 12;
        }
        return Optional.empty();
    }

    private static Optional<PhotoFile> jpeg(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream();
        kept.write(file, 0, 2);
        int orientation = 1;
        int scans = 0;
        boolean progressive = false;
        int at = 2;
        while (true) {
            while ((file[at] & 0xff) == 0xff && (file[at + 1] & 0xff) == 0xff) {
                at++;
            }
            if ((file[at] & 0xff) != 0xff) {
                return Optional.empty();
            }
            int marker = file[at + 1] & 0xff;
            if (marker == 0xd9) {
                kept.write(file, at, 2);
                return Optional.of(new PhotoFile(kept.toByteArray(), orientation, scans, progressive));
            }
            int length = ((file[at + 2] & 0xff) << 8) | (file[at + 3] & 0xff);
            int end = at + 2 + length;
            if (length < 2 || end > file.length) {
                return Optional.empty();
            }
            if (marker == 0xe1 && Arrays.equals(file, at + 4, at + 4 + EXIF.length, EXIF, 0, EXIF.length)) {
                orientation = orientation(Arrays.copyOfRange(file, at + 4 + EXIF.length, end));
            }
            progressive |= marker == 0xc2 || marker == 0xc6 || marker == 0xca || marker == 0xce;
            // Of what programs wrote in: how the colours are meant (JFIF, ICC, Adobe), and nothing else.
            boolean needed = marker < 0xe0 || marker > 0xef || marker == 0xe0 || marker == 0xe2 || marker == 0xee;
            if (needed && marker != 0xfe) {
                kept.write(file, at, end - at);
            }
            at = end;
            if (marker == 0xda) {
                scans++;
                int from = at;
                while ((file[at] & 0xff) != 0xff || file[at + 1] == 0 || restarts(file[at + 1] & 0xff)) {
                    at++;
                }
                kept.write(file, from, at - from);
            }
        }
    }

    private static boolean restarts(int marker) {
        return marker >= 0xd0 && marker <= 0xd7;
    }

    private static int orientation(byte[] tiff) {
        try {
            ByteBuffer in =
                    ByteBuffer.wrap(tiff).order(tiff[0] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
            int directory = in.getInt(4);
            int entries = Math.min(MOST_ENTRIES, in.getShort(directory) & 0xffff);
            for (int i = 0; i < entries; i++) {
                int entry = directory + 2 + 12 * i;
                if ((in.getShort(entry) & 0xffff) == ORIENTATION_TAG) {
                    int value = in.getShort(entry + 8) & 0xffff;
                    return value >= 1 && value <= 8 ? value : 1;
                }
            }
            return 1;
        } catch (IndexOutOfBoundsException | IllegalArgumentException broken) {
            return 1;
        }
    }
}
