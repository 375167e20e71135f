package mischung.job;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import mischung.hair.Elasticity;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.sequence.Task;
import mischung.wish.Aim;

/** Tells what happened in a job. */
public final class Log {
    private Log() {}

    /** @param job with the tasks that are named */
    public static Said of(Event event, Job job) {
        if (event instanceof Event.Begun) {
            return LogMessage.BEGUN.alone();
        } else if (event instanceof Event.Started s) {
            return task(LogMessage.STARTED, s.task(), job);
        } else if (event instanceof Event.Finished f) {
            return task(LogMessage.FINISHED, f.task(), job);
        } else if (event instanceof Event.Skipped s) {
            return task(LogMessage.SKIPPED, s.task(), job);
        } else if (event instanceof Event.LaidFresh f) {
            return task(LogMessage.LAID_FRESH, f.clock(), job);
        } else if (event instanceof Event.RinsedNow r) {
            return task(LogMessage.RINSED_NOW, r.clock(), job);
        } else if (event instanceof Event.Paused) {
            return LogMessage.PAUSED.alone();
        } else if (event instanceof Event.Resumed) {
            return LogMessage.RESUMED.alone();
        } else if (event instanceof Event.Seen seen) {
            return seen(seen);
        } else if (event instanceof Event.Replanned again) {
            return again.accepted()
                    ? LogMessage.REPLANNED
                            .say()
                            .all("why", Figure.Joint.SENTENCES, again.why())
                            .said()
                    : LogMessage.LEFT_AS_IT_WAS.alone();
        } else if (event instanceof Event.HandsNow hands) {
            return LogMessage.HANDS_NOW.say().count("hands", hands.hands()).said();
        } else if (event instanceof Event.GoesBy by) {
            return LogMessage.GOES_BY.say().time("time", by.minute()).said();
        } else if (event instanceof Event.RunsShort bowl) {
            return LogMessage.RUNS_SHORT
                    .say()
                    .typed("bowl", bowl.bowl())
                    .count("grams", bowl.grams())
                    .said();
        } else if (event instanceof Event.ScalpSeen seen) {
            return LogMessage.SCALP_SEEN.say().thing("scalp", seen.scalp()).said();
        } else if (event instanceof Event.RunsLate) {
            return LogMessage.RUNS_LATE.alone();
        } else if (event instanceof Event.Found found) {
            return LogMessage.FOUND
                    .say()
                    .thing("zone", found.zone())
                    .part("colour", new Aim(found.level(), found.tones()).said())
                    .with("more", more(found.felt().stream()))
                    .said();
        } else if (event instanceof Event.Judged judged) {
            return LogMessage.JUDGED
                    .say()
                    .with(
                            "lines",
                            new Figure.All(
                                    Figure.Joint.COMMA,
                                    Stream.of(judged.worked(), judged.alsoWorked(), judged.change())
                                            .filter(line -> !line.isBlank())
                                            .<Figure>map(Figure.Typed::new)
                                            .toList()))
                    .said();
        } else if (event instanceof Event.Said said) {
            return LogMessage.SAID.say().typed("words", said.words()).said();
        } else if (event instanceof Event.TakenBack back) {
            return LogMessage.TAKEN_BACK
                    .say()
                    .count("entry", (double) back.entry())
                    .said();
        }
        return LogMessage.ENDED.alone();
    }

    private static Said seen(Event.Seen seen) {
        List<Figure> more = new ArrayList<>();
        seen.measured()
                .ifPresent(one -> more.add(new Figure.Part(LogMessage.MEASURED
                        .say()
                        .count("l", one.lab().l())
                        .count("a", one.lab().a())
                        .count("b", one.lab().b())
                        .said())));
        seen.felt().ifPresent(felt -> more.add(Figure.Named.of(felt)));
        return seen.tones()
                .map(tones -> LogMessage.SEEN_COLOUR.say().part("colour", new Aim(seen.level(), tones).said()))
                .orElseGet(() -> LogMessage.SEEN.say().level("level", seen.level()))
                .thing("zone", seen.zone())
                .with("more", after(more))
                .said();
    }

    private static Figure more(Stream<Elasticity> felt) {
        return after(felt.<Figure>map(Figure.Named::of).toList());
    }

    /** Each with a comma before it. */
    private static Figure after(List<Figure> some) {
        List<Figure> all = new ArrayList<>();
        all.add(new Figure.Typed(""));
        all.addAll(some);
        return new Figure.All(Figure.Joint.COMMA, all);
    }

    private static Said task(LogMessage message, String key, Job job) {
        return message.say().part("task", titled(key, job)).said();
    }

    private static Said titled(String key, Job job) {
        return job.tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .map(Log::titled)
                .orElseGet(() -> LogMessage.SAID.say().typed("words", key).said());
    }

    private static Said titled(Task task) {
        return task.zones().isEmpty()
                ? LogMessage.TASK.say().part("task", task.title()).said()
                : LogMessage.TASK_AT
                        .say()
                        .part("task", task.title())
                        .thing("zone", task.zones().get(0))
                        .said();
    }
}
