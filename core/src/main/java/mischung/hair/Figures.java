package mischung.hair;

import mischung.Constants;

/** This package's figures, looked up once. */
final class Figures {
    static final Constants HAIR = Constants.in("hair");
    static final Constants STRENGTH = Constants.in("strength");
    static final Constants WET = Constants.in("wet");

    private Figures() {}
}
