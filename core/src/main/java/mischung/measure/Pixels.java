package mischung.measure;

import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/** A picture as a camera gives it: sRGB, eight bits a channel. */
public final class Pixels {
    private final int width;
    private final int height;
    private final int[] rgb;

    /** @param rgb row by row, each {@code 0xRRGGBB}; not copied, and not to be changed afterwards */
    public Pixels(int width, int height, int[] rgb) {
        if (width < 1 || height < 1 || (long) width * height != rgb.length) {
            throw new RefusedInput("photo", width + " × " + height, RefusalMessage.WHOLE_PICTURE);
        }
        this.width = width;
        this.height = height;
        this.rgb = rgb;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    int at(int x, int y) {
        return rgb[y * width + x];
    }
}
