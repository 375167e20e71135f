package mischung.consultation;

import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.Optional;
import mischung.Constants;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/**
 * The test of the oxidative colour on the skin, by the product's instructions. Both moments are kept with their hour: 48 hours
 * are 48 hours, whatever day the visit is booked for.
 *
 * @param placed when it was laid; empty if it was not
 * @param read when it was read; empty while it was not, or where nobody noted it
 * @param result what was seen when it was read
 */
public record PatchTest(Optional<ZonedDateTime> placed, Optional<ZonedDateTime> read, Result result) {
    private static final Constants FIGURES = Constants.in("caution");

    public static final PatchTest NONE = new PatchTest(Optional.empty(), Optional.empty(), Result.NOT_READ);

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

    /** Whether it lets oxidative colour go on at some moment, or why not. */
    public enum Standing {
        NOT_LAID,
        NOT_READ,
        /** It was read before its hours were over, or nobody noted when. */
        READ_TOO_EARLY,
        /** What is noted lies ahead of the clock. */
        STILL_TO_COME,
        TOO_OLD,
        REACTED,
        CLEAR
    }

    public PatchTest {
        if (placed.isEmpty() && result != Result.NOT_READ) {
            throw new RefusedInput("patchTest.placed", "", RefusalMessage.TEST_APPLIED_FIRST);
        }
        within("patchTest.placed", placed);
        within("patchTest.read", read);
        if (read.isPresent() && placed.isPresent() && read.get().isBefore(placed.get())) {
            throw new RefusedInput("patchTest.read", read.get().toLocalDateTime(), RefusalMessage.AFTER_THE_TEST);
        }
    }

    private static void within(String field, Optional<ZonedDateTime> moment) {
        moment.ifPresent(at -> {
            if (at.getYear() < 2000 || at.getYear() > 2999) {
                throw new RefusedInput(
                        field,
                        at.toLocalDateTime(),
                        RefusalMessage.DAY_FROM_TO
                                .say()
                                .typed("from", "2000")
                                .typed("to", "2999")
                                .said());
            }
        });
    }

    /** Commonly; the product's instructions win. */
    public static double hours() {
        return FIGURES.of("patch test hours");
    }

    /** Weeks for which one that was clear is taken to hold. */
    public static double weeks() {
        return FIGURES.of("patch test holds");
    }

    /** The moment from which on it can be read. */
    public Optional<ZonedDateTime> readableFrom() {
        return placed.map(at -> at.plus(Duration.ofMinutes(Math.round(60 * hours()))));
    }

    /** How it stands at a moment by the clock. */
    public Standing at(ZonedDateTime now) {
        if (result == Result.REACTION) {
            return Standing.REACTED;
        }
        if (placed.isEmpty()) {
            return Standing.NOT_LAID;
        }
        if (result == Result.NOT_READ) {
            return Standing.NOT_READ;
        }
        if (placed.get().isAfter(now) || read.filter(at -> at.isAfter(now)).isPresent()) {
            return Standing.STILL_TO_COME;
        }
        if (read.isEmpty() || read.get().isBefore(readableFrom().orElseThrow())) {
            return Standing.READ_TOO_EARLY;
        }
        return now.isAfter(placed.get().plus(Duration.ofHours(Math.round(7 * 24 * weeks()))))
                ? Standing.TOO_OLD
                : Standing.CLEAR;
    }
}
