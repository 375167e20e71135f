package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.Words;
import mischung.hair.LevelScale;
import mischung.hair.ZonePlace;
import mischung.job.Clock;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.job.Job;
import mischung.job.Recheck;
import mischung.job.Replan;
import mischung.sequence.Task;
import mischung.server.words.Catalogue;

/** A job as it runs: what is to be done now and next, and every clock with its window. */
public record JobView(
        Stage stage,

        @Schema(description = "the program's time; screens count on from it")
        Instant now,

        @Schema(description = "how much faster than real the program's clock runs, 1 at work")
        double hasten,

        @Schema(
                description =
                        "by how many minutes the computer's clock was set back; the job's clocks go on all the same")
        long setBackMinutes,

        @Schema(description = "minutes since the client sat down")
        int minute,

        @Schema(description = "minutes behind the plan; below 0: ahead")
        int behind,

        List<TaskState> tasks,
        List<ClockView> clocks,

        @Schema(description = "what has come up and what would change for the rest: none or one")
        List<RecheckView> recheck,

        @Schema(description = "the last entries, newest first")
        List<EntryView> entries) {

    /** How far the job is. */
    public enum Stage {
        NOT_BEGUN,
        RUNNING,
        RESTING,
        ENDED
    }

    /** Something hands do. */
    public record TaskState(
            String key,
            Task.Kind kind,
            String title,
            String detail,
            int person,
            List<String> bowls,
            List<String> zones,
            Job.State state,
            int minutes,

            @Schema(description = "when it began or, as things are, will")
            String clock,

            @Schema(description = "none or one") List<Instant> startedAt,

            @Schema(description = "why it may not begin, by what was seen at the chair; empty: it may")
            String blocked) {}

    /** A product at work on one zone. */
    public record ClockView(
            String key,
            ZonePlace place,
            String zone,
            String title,
            Instant since,
            int earliestMinutes,
            int latestMinutes,

            @Schema(description = "from when on it is soon late")
            int soonMinutes,

            int layings,
            Clock.Phase phase) {}

    /** What came up, and what would change for the rest. */
    public record RecheckView(
            @Schema(description = "number of the entry it follows from; an answer names it")
            long entry,

            @Schema(description = "a look so far from the prediction that nothing is learned from it")
            boolean flagged,

            @Schema(description = "the strand failed: rinse and treat at once")
            boolean stop,

            String words,

            @Schema(description = "whether it is still being found out if other bowls or rounds would be better")
            boolean thinking,

            @Schema(description = "what would change for the rest, to be accepted or left")
            List<String> changes) {}

    /** An entry of the log. */
    public record EntryView(long number, Instant at, String clock, String hand, String words, boolean canBeTakenBack) {}

    private static final int SHOWN = 40;

    /** @param blocked why a task may not begin; empty: it may */
    static JobView of(
            Job job,
            List<Entry> entries,
            Optional<Jobs.Proposal> recheck,
            Instant now,
            double hasten,
            long setBackMinutes,
            Function<Task, String> blocked) {
        Instant begun = job.begun().orElse(now);
        return new JobView(
                job.begun().isEmpty()
                        ? Stage.NOT_BEGUN
                        : job.ended().isPresent() ? Stage.ENDED : job.resting() ? Stage.RESTING : Stage.RUNNING,
                now,
                hasten,
                setBackMinutes,
                job.minute(),
                job.behind(),
                job.standing().stream().map(one -> task(one, begun, blocked)).toList(),
                job.clocks().stream().map(clock -> clock(clock, now)).toList(),
                recheck.map(JobView::recheck).stream().toList(),
                entries(entries, job));
    }

    private static TaskState task(Job.Standing one, Instant begun, Function<Task, String> blocked) {
        Task task = one.task();
        return new TaskState(
                task.key(),
                task.kind(),
                task.title(),
                task.detail(),
                task.person(),
                task.bowls(),
                task.zones().stream().map(ZonePlace::words).toList(),
                one.state(),
                task.minutes(),
                clock(one.started().orElse(begun.plusSeconds(60L * one.minute()))),
                one.started().stream().toList(),
                one.state() == Job.State.WAITING ? blocked.apply(task) : "");
    }

    static String clock(Instant at) {
        return TaskView.CLOCK.format(at.atZone(ZoneId.systemDefault()));
    }

    private static ClockView clock(Clock clock, Instant now) {
        return new ClockView(
                clock.task().key(),
                clock.zone(),
                Catalogue.spoken().word(clock.zone()),
                clock.task().title(),
                clock.since(),
                clock.earliestMinutes(),
                clock.latestMinutes(),
                clock.soonMinutes(),
                clock.layings(),
                clock.phase(now));
    }

    private static RecheckView recheck(Jobs.Proposal of) {
        Replan replan = of.replan();
        return new RecheckView(
                of.entry(),
                of.look().map(Recheck::flagged).orElse(false),
                of.look().map(Recheck::stop).orElse(false),
                replan.words(),
                !of.done(),
                replan.why());
    }

    private static List<EntryView> entries(List<Entry> entries, Job job) {
        List<Long> back = entries.stream()
                .flatMap(entry -> entry.event() instanceof Event.TakenBack b ? Stream.of(b.entry()) : Stream.empty())
                .toList();
        List<EntryView> all = new ArrayList<>();
        for (int i = entries.size() - 1; i >= 0 && all.size() < SHOWN; i--) {
            Entry entry = entries.get(i);
            boolean gone = back.contains(entry.number());
            boolean fixed = entry.event() instanceof Event.Begun || entry.event() instanceof Event.TakenBack;
            all.add(new EntryView(
                    entry.number(),
                    entry.at(),
                    clock(entry.at()),
                    entry.hand(),
                    words(entry.event(), job) + (gone ? " (taken back)" : ""),
                    !gone && !fixed));
        }
        return all;
    }

    static String words(Event event, Job job) {
        if (event instanceof Event.Begun) {
            return "The job begins";
        } else if (event instanceof Event.Started s) {
            return "Begun: " + title(s.task(), job);
        } else if (event instanceof Event.Finished f) {
            return "Done: " + title(f.task(), job);
        } else if (event instanceof Event.Skipped s) {
            return "Skipped: " + title(s.task(), job);
        } else if (event instanceof Event.LaidFresh f) {
            return "Re-applied fresh: " + title(f.clock(), job);
        } else if (event instanceof Event.RinsedNow r) {
            return "Rinsed at once: " + title(r.clock(), job);
        } else if (event instanceof Event.Paused) {
            return "Hands rest";
        } else if (event instanceof Event.Resumed) {
            return "Hands go on";
        } else if (event instanceof Event.Seen seen) {
            return "Seen on the " + seen.zone().words() + ": level " + LevelScale.words(seen.level())
                    + seen.tones().map(tones -> " " + tones.words()).orElse("")
                    + seen.measured()
                            .map(one -> String.format(
                                    Locale.ROOT,
                                    ", measured L* %.1f a* %.1f b* %.1f",
                                    one.lab().l(),
                                    one.lab().a(),
                                    one.lab().b()))
                            .orElse("")
                    + seen.felt().map(felt -> ", " + felt.words()).orElse("");
        } else if (event instanceof Event.Replanned again) {
            return again.accepted() ? "Planned again: " + String.join(" ", again.why()) : "Left as it was planned";
        } else if (event instanceof Event.HandsNow hands) {
            return hands.hands() == 1 ? "One pair of hands from now on" : hands.hands() + " people from now on";
        } else if (event instanceof Event.GoesBy by) {
            return "The client has to go after " + Words.hours(by.minute());
        } else if (event instanceof Event.RunsShort bowl) {
            return String.format(Locale.ROOT, "Bowl %s runs short by %.0f g", bowl.bowl(), bowl.grams());
        } else if (event instanceof Event.ScalpSeen seen) {
            return "The scalp: " + seen.scalp().words();
        } else if (event instanceof Event.RunsLate) {
            return "The work runs late";
        } else if (event instanceof Event.Found found) {
            return "Came out, " + found.zone().words() + ": " + LevelScale.words(found.level()) + " "
                    + found.tones().words()
                    + found.felt().map(felt -> ", " + felt.words()).orElse("");
        } else if (event instanceof Event.Judged judged) {
            return "Looked back: "
                    + Stream.of(judged.worked(), judged.alsoWorked(), judged.change())
                            .filter(line -> !line.isBlank())
                            .collect(Collectors.joining("; "));
        } else if (event instanceof Event.Said said) {
            return said.words();
        } else if (event instanceof Event.TakenBack back) {
            return "Entry " + back.entry() + " taken back";
        }
        return "The job has ended";
    }

    private static String title(String key, Job job) {
        return job.tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .map(task -> task.title()
                        + task.zones().stream()
                                .findFirst()
                                .map(zone -> ", " + zone.words())
                                .orElse(""))
                .orElse(key);
    }
}
