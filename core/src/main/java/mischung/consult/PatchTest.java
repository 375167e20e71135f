package mischung.consult;

import java.time.LocalDate;
import java.util.Optional;
import mischung.Constants;
import mischung.RefusedInput;

/**
 * The test of the oxidative colour on the skin, by the product's instructions.
 *
 * @param placed the day it was laid; empty if it was not
 * @param result what was seen when it was read
 */
public record PatchTest(Optional<LocalDate> placed, Result result) {
    private static final Constants FIGURES = Constants.in("caution");

    public static final PatchTest NONE = new PatchTest(Optional.empty(), Result.NOT_READ);

    /** What was seen. */
    public enum Result {
        NOT_READ("not read yet"),
        CLEAR("no reaction"),
        REACTION("reaction");

        private final String words;

        Result(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public PatchTest {
        if (placed.isEmpty() && result != Result.NOT_READ) {
            throw new RefusedInput(
                    "patchTest.placed", "no day", "Say on which day the test was laid before reading it.");
        }
        placed.ifPresent(day -> {
            if (day.getYear() < 2000 || day.getYear() > 2999) {
                throw new RefusedInput("patchTest.placed", day, "Give a day from 2000 to 2999.");
            }
        });
    }

    /** Commonly; the product's instructions win. */
    public static double hours() {
        return FIGURES.of("patch test hours");
    }

    /** The day from which on it can be read. */
    public Optional<LocalDate> readableFrom() {
        return placed.map(day -> day.plusDays(Math.round(hours() / 24)));
    }
}
