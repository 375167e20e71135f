package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mischung.Constants;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ZonePlace;
import mischung.process.Change;
import mischung.process.Course;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.words.ProblemMessage;
import mischung.uncertainty.Start;
import mischung.uncertainty.StrandTest;

/** One panel: what was tried on which hair, and what was seen. */
public record StrandTestView(
        ZonePlace place,

        @Schema(description = "the hair it was tried on, as it was read then")
        CaseFile.BandView band,

        @Schema(description = "hidden on the head, or a strand that was cut off")
        boolean onHead,

        ModelRun.ProductAsked product,

        @Schema(description = "when its clock was started, as an instant; empty: not yet")
        String startedAt,

        @Schema(description = "minutes it really stayed on; 0 while it is on or not begun, 0–240")
        double minutesOn,

        Seen seen,

        @Schema(description = "whether it counts for this client from now on")
        boolean accepted) {

    /** A screen that goes by the program's clock is off by no more. */
    private static final Duration SAME = Duration.ofSeconds(2);

    /** What was seen afterwards. */
    public record Seen(
            boolean done,
            @Schema(description = "1–12 in halves") double level,
            Tone tone,
            List<SecondToneView> second,
            Breakage breakage,
            CaseFile.Stretched stretch) {
        ToneMix tones() {
            return SecondToneView.beside(tone, second);
        }
    }

    /** What came off with the comb. */
    public enum Breakage {
        NONE("none"),
        SOME("some short pieces"),
        MUCH("much, or it tears");

        private final String words;

        Breakage(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    StrandTestView checked() {
        CaseFile.at("band", band::checked);
        CaseFile.at("product", this::change);
        RefusedInput.within("minutesOn", minutesOn, 0, 240, Unit.MIN);
        CaseFile.at("seen", () -> LevelScale.requireHalves("level", seen.level));
        CaseFile.at("seen", seen::tones);
        if (accepted && !seen.done) {
            throw new RefusedInput("accepted", "", ProblemMessage.SEEN_FIRST);
        }
        if (startedAt.length() > 40) {
            throw new RefusedInput("startedAt", startedAt, ProblemMessage.INSTANT);
        }
        return this;
    }

    /** Whether anything was laid on hair. */
    boolean begun() {
        return !startedAt.isEmpty() || minutesOn > 0;
    }

    /** Whether it is on the hair now. What is off it again has happened, and can always be written down. */
    boolean running() {
        return !startedAt.isEmpty() && minutesOn == 0 && !seen.done;
    }

    /** The moment its clock was started is the program's, whatever the screen's clock shows. */
    StrandTestView startedBy(List<StrandTestView> before, Instant now) {
        boolean isNew = !startedAt.isEmpty()
                && before.stream().noneMatch(test -> test.startedAt.equals(startedAt))
                && !near(startedAt, now);
        return isNew
                ? new StrandTestView(place, band, onHead, product, now.toString(), minutesOn, seen, accepted)
                : this;
    }

    private static boolean near(String text, Instant now) {
        try {
            return Duration.between(Instant.parse(text), now).abs().compareTo(SAME) <= 0;
        } catch (DateTimeParseException wrong) {
            return false;
        }
    }

    /** Whether it is one and the same piece of work on hair, begun at the same time. */
    boolean sameWorkAs(StrandTestView other) {
        return other.begun()
                && startedAt.equals(other.startedAt)
                && onHead == other.onHead
                && product.equals(other.product)
                && band.equals(other.band);
    }

    /** What it was meant to be. */
    Change change() {
        return product.change(product.amount());
    }

    /** For as long as it was really on; as long as it was meant to, before. */
    Course course() {
        boolean timed = minutesOn > 0 && product.kind() != ModelRun.Laid.WASHES;
        return Course.of(product.change(timed ? minutesOn : product.amount()));
    }

    /** @param grown level at which the hair grows, where that was read */
    Start start(Thickness head, OptionalDouble grown) {
        return Start.of(band.checked(), head, grown);
    }

    /** Breakage counts as a failed stretch, whatever the stretch was said to be. */
    Optional<Elasticity> felt() {
        return switch (seen.breakage) {
            case MUCH -> Optional.of(Elasticity.BREAKS);
            case SOME -> Optional.of(Elasticity.STAYS_STRETCHED);
            case NONE -> Choices.other(seen.stretch, CaseFile.Stretched.NOT_TRIED, Elasticity.class);
        };
    }

    StrandTest asSeen(Thickness head, OptionalDouble grown) {
        return new StrandTest(
                start(head, grown), course(), seen.level, Constants.in("spread").of("seen"), felt());
    }
}
