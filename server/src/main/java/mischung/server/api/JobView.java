package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import mischung.hair.ZonePlace;
import mischung.job.Clock;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.job.Job;
import mischung.job.Log;
import mischung.job.LogMessage;
import mischung.job.LookFinding;
import mischung.job.Replan;
import mischung.said.Said;
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
                Catalogue.spoken().sentence(task.title()),
                Catalogue.spoken().sentences(task.detail()),
                task.person(),
                task.bowls(),
                task.zones().stream().map(Catalogue.spoken()::word).toList(),
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
                Catalogue.spoken().sentence(clock.task().title()),
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
                of.look().map(LookFinding::flagged).orElse(false),
                of.look().map(LookFinding::stop).orElse(false),
                Catalogue.spoken().sentence(replan.words()),
                !of.done(),
                replan.why().stream().map(Catalogue.spoken()::sentence).toList());
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
                    Catalogue.spoken().sentence(told(entry, job, gone)),
                    !gone && !fixed));
        }
        return all;
    }

    private static Said told(Entry entry, Job job, boolean gone) {
        Said said = Log.of(entry.event(), job);
        return gone ? LogMessage.GONE.say().part("said", said).said() : said;
    }
}
