package mischung.plan;

import mischung.hair.Look;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.uncertainty.LevelRange;

/**
 * How a piece of hair is predicted to be after a step.
 *
 * @param wished the colour it shall have; where it shall stay, the colour it was read with
 * @param touched whether the step did anything to it
 * @param cut whether it was cut off
 */
public record Outcome(HairState hair, Lab wished, boolean touched, boolean cut) {
    public Look look() {
        return hair.look();
    }

    /** Levels it may fall between, eight times in ten, see {@link mischung.uncertainty.Forecast}. */
    public LevelRange range() {
        return hair.range();
    }

    /** CIEDE2000 to the wish. */
    public double difference() {
        return Ciede2000.between(wished, hair.lab());
    }

    /** What is left of the strength of untouched hair, 0–1. */
    public double integrity() {
        return hair.integrity();
    }
}
