package mischung.job;

import java.util.List;
import java.util.Optional;
import mischung.consultation.Scalp;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.hair.Measured;
import mischung.hair.ToneMix;
import mischung.hair.ZonePlace;
import mischung.light.Lab;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.sequence.Batch;
import mischung.sequence.Task;

/** What can happen at the chair. Nothing of it is ever changed; what was wrong is corrected by another entry. */
public sealed interface Event {
    /** Whether the rest is planned anew by it and somebody has to say yes or no. */
    default boolean asks() {
        return this instanceof Seen
                || this instanceof HandsNow
                || this instanceof GoesBy
                || this instanceof RunsShort
                || this instanceof RunsLate
                || this instanceof ScalpSeen;
    }

    /**
     * The client sits, the clock of the visit begins.
     *
     * @param tasks of this visit, in order of start
     * @param batches it is mixed in
     * @param foretold what the plan said of every band, kept as it was said
     * @param basis the plan itself; jobs from before it was kept have none
     */
    record Begun(List<Task> tasks, List<Batch> batches, List<BandForecast> foretold, Optional<AcceptedPlan> basis)
            implements Event {
        public Begun {
            tasks = List.copyOf(tasks);
            batches = List.copyOf(batches);
            foretold = List.copyOf(foretold);
            if (tasks.isEmpty()) {
                throw new RefusedInput("tasks", "", RefusalMessage.NOTHING_TO_DO);
            }
        }

        /** Without a plan to go back to. */
        public Begun(List<Task> tasks, List<Batch> batches, List<BandForecast> foretold) {
            this(tasks, batches, foretold, Optional.empty());
        }
    }

    /**
     * @param task its key
     */
    record Started(String task) implements Event {}

    record Finished(String task) implements Event {}

    record Skipped(String task) implements Event {}

    /**
     * The product of a clock was wiped off and laid fresh: the clock begins anew.
     *
     * @param clock key of its task
     */
    record LaidFresh(String clock) implements Event {}

    /**
     * A section was rinsed at once, whatever its window says.
     *
     * @param clock key of its task
     */
    record RinsedNow(String clock) implements Event {}

    /** Hands rest; clocks do not. */
    record Paused() implements Event {}

    record Resumed() implements Event {}

    /**
     * A strand was looked at.
     *
     * @param clock key of the task whose product was on it
     * @param level seen, in halves
     * @param tones seen, if they were said
     * @param measured by a reader, instead of the eye; level and tones follow from it
     * @param felt what a wet strand did, if it was stretched
     */
    record Seen(
            String clock,
            ZonePlace zone,
            double level,
            Optional<ToneMix> tones,
            Optional<Measured> measured,
            Optional<Elasticity> felt)
            implements Event {
        public Seen {
            LevelScale.requireHalves("level", level);
        }

        /** Only its level, and its stretch if that was tried. */
        public static Seen byEye(String clock, ZonePlace zone, double level, Optional<Elasticity> felt) {
            return new Seen(clock, zone, level, Optional.empty(), Optional.empty(), felt);
        }

        /** As a decimal where it was measured. */
        public double levelRead() {
            return measured.map(one -> LevelScale.levelOf(one.lab().l())).orElse(level);
        }

        /** Its colour, if more than a level was seen. */
        public Optional<Lab> colour() {
            return measured.map(Measured::lab).or(() -> tones.map(said -> said.colourAt(level)));
        }
    }

    /**
     * The scalp was looked at while the work goes on.
     *
     * @param scalp irritated or broken: nothing more touches it today
     */
    record ScalpSeen(Scalp scalp) implements Event {}

    /**
     * From now on so many people work on this head.
     *
     * @param hands 1–3
     */
    record HandsNow(int hands) implements Event {
        public HandsNow {
            RefusedInput.within("hands", hands, 1, 3, Unit.PEOPLE);
        }
    }

    /**
     * The client has to leave by then.
     *
     * @param minute of the visit
     */
    record GoesBy(int minute) implements Event {
        public GoesBy {
            RefusedInput.within("minute", minute, 1, 1440, Unit.MIN);
        }
    }

    /**
     * A bowl does not reach.
     *
     * @param bowl its name
     * @param grams still wanted, with developer
     */
    record RunsShort(String bowl, double grams) implements Event {
        public RunsShort {
            RefusedInput.within("grams", grams, 1, 1000, Unit.G);
        }
    }

    /** The hands are behind: the rest shall be put on the clock anew. */
    record RunsLate() implements Event {}

    /**
     * Somebody said yes or no to what was planned anew.
     *
     * @param accepted whether the rest is worked so; otherwise it stays as it was
     * @param thorough whether it had been thought through by then, or was what stood at once
     * @param why one line for each change
     * @param answers number of the entry it follows from; 0 in jobs from before it was kept: the last that asked
     * @param basis the plan that is worked by from now on, if it is another; jobs from before it was kept have none
     */
    record Replanned(
            boolean accepted,
            boolean thorough,
            List<Task> tasks,
            List<Batch> batches,
            List<BandForecast> foretold,
            List<mischung.said.Said> why,
            long answers,
            Optional<AcceptedPlan> basis)
            implements Event {
        public Replanned {
            tasks = List.copyOf(tasks);
            batches = List.copyOf(batches);
            foretold = List.copyOf(foretold);
            why = List.copyOf(why);
        }

        /** Yes to what followed from an entry. */
        public static Replanned yes(Replan replan, long entry, boolean thorough, List<BandForecast> foretold) {
            return new Replanned(
                    true,
                    thorough,
                    replan.tasks(),
                    replan.batches(),
                    foretold,
                    replan.why(),
                    entry,
                    Optional.of(replan.basis()));
        }

        public static Replanned no(long entry) {
            return new Replanned(false, false, List.of(), List.of(), List.of(), List.of(), entry, Optional.empty());
        }
    }

    /**
     * A band as it came out, read dry.
     *
     * @param band its place in the strand as it was read before the work, from 0
     * @param level in halves
     * @param measured none or one
     */
    record Found(
            ZonePlace zone,
            int band,
            double level,
            ToneMix tones,
            Optional<Measured> measured,
            Optional<Elasticity> felt)
            implements Event {
        public Found {
            RefusedInput.within("band", band, 0, 100, Unit.NONE);
            LevelScale.requireHalves("level", level);
        }
    }

    /**
     * What is taken from the job to the next: two things that worked and one to change.
     *
     * @param alsoWorked may be empty
     * @param change may be empty
     */
    record Judged(String worked, String alsoWorked, String change) implements Event {
        public Judged {
            line("worked", worked);
            line("alsoWorked", alsoWorked);
            line("change", change);
            if (worked.isBlank() && alsoWorked.isBlank() && change.isBlank()) {
                throw new RefusedInput("worked", worked, RefusalMessage.ONE_OF_THREE);
            }
        }

        private static void line(String field, String words) {
            if (words.length() > 300) {
                throw new RefusedInput(
                        field,
                        words,
                        RefusalMessage.CHARACTERS_AT_MOST
                                .say()
                                .count("most", 300)
                                .said());
            }
        }
    }

    /** Anything worth remembering. */
    record Said(String words) implements Event {
        public Said {
            if (words.isBlank() || words.length() > 500) {
                throw new RefusedInput(
                        "words",
                        words,
                        RefusalMessage.CHARACTERS
                                .say()
                                .count("least", 1)
                                .count("most", 500)
                                .said());
            }
        }
    }

    /**
     * An entry does not count.
     *
     * @param entry its number
     */
    record TakenBack(long entry) implements Event {}

    /** The client goes. */
    record Ended() implements Event {}
}
