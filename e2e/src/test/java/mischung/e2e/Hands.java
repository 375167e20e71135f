package mischung.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/**
 * How long a practised person takes, by the keystroke-level model (Card, Moran and Newell, The Keystroke-Level Model for User
 * Performance Time with Interactive Systems, Communications of the ACM 23, 1980): 0.28 s a key for an average typist, 1.1 s to
 * point at something, 1.35 s to make up one's mind.
 */
final class Hands {
    private static final double KEY = 0.28;
    private static final double POINT = 1.1;
    private static final double MIND = 1.35;

    private int keys;
    private int pointed;
    private int decided;

    void press(Page page, String key) {
        page.keyboard().press(key);
        keys++;
    }

    void type(Page page, String text) {
        page.keyboard().type(text);
        keys += text.length();
    }

    void tap(Locator what) {
        what.tap();
        pointed++;
    }

    void tap(Page page, double x, double y) {
        page.touchscreen().tap(x, y);
        pointed++;
    }

    void madeUpTheirMind(int times) {
        decided += times;
    }

    double seconds() {
        return keys * KEY + pointed * POINT + decided * MIND;
    }

    @Override
    public String toString() {
        return keys + " keys, " + pointed + " taps, " + decided + " decisions";
    }
}
