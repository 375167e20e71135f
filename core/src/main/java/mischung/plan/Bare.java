package mischung.plan;

import mischung.hair.Pigment;
import mischung.hair.PigmentLine;

/** What natural hair holds at least; hair with less was lightened. */
final class Bare {
    static final double LIGHTEST_NATURAL = PigmentLine.NATURAL.at(10).amount(Pigment.EUMELANIN);

    private Bare() {}
}
