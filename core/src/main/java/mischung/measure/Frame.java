package mischung.measure;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A rectangle marked on a picture.
 *
 * @param x share of the width, 0–1, of its left side
 * @param y share of the height, 0–1, of its top
 * @param width share of the picture's width
 * @param height share of the picture's height
 */
public record Frame(double x, double y, double width, double height) {
    public Frame {
        RefusedInput.within("x", x, 0, 1, Unit.OF_THE_WIDTH);
        RefusedInput.within("y", y, 0, 1, Unit.OF_THE_HEIGHT);
        RefusedInput.within("width", width, 0, 1 - x + 1e-9, Unit.OF_THE_WIDTH);
        RefusedInput.within("height", height, 0, 1 - y + 1e-9, Unit.OF_THE_HEIGHT);
    }

    boolean meets(Frame other) {
        return x < other.x + other.width && other.x < x + width && y < other.y + other.height && other.y < y + height;
    }
}
