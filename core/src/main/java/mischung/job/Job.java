package mischung.job;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.sequence.Batch;
import mischung.sequence.Task;

/**
 * A job as its entries leave it. Made anew from them whenever it is asked for: what is not in the entries has not happened.
 * Clocks follow from the moment something was laid, so they run on whether anybody looks or not.
 */
public final class Job {
    /** How far a task is. */
    public enum State {
        WAITING,
        NOW,
        DONE,
        SKIPPED
    }

    /**
     * A task with what happened to it.
     *
     * @param minute at which it began or, if it has not, will begin as things are: minutes from the beginning of the job
     */
    public record Standing(Task task, State state, int minute, Optional<Instant> started, Optional<Instant> finished) {}

    private final List<Entry> entries;
    private final Instant now;
    private final Set<Long> takenBack = new HashSet<>();
    private final Map<String, Instant> started = new HashMap<>();
    private final Map<String, Instant> finished = new HashMap<>();
    private final Set<String> skipped = new HashSet<>();
    private final Map<String, Instant> fresh = new HashMap<>();
    private final Map<String, Integer> layings = new HashMap<>();
    private final Set<String> rinsed = new HashSet<>();
    private List<Task> tasks = List.of();
    private List<Batch> batches = List.of();
    private List<BandForecast> foretold = List.of();
    private List<BandForecast> foretoldAtFirst = List.of();
    private OptionalInt hands = OptionalInt.empty();
    private OptionalInt goesBy = OptionalInt.empty();
    private Optional<Instant> begun = Optional.empty();
    private Optional<Instant> ended = Optional.empty();
    private Optional<Instant> paused = Optional.empty();

    private Job(List<Entry> entries, Instant now) {
        this.entries = List.copyOf(entries);
        this.now = now;
        entries.forEach(entry -> {
            if (entry.event() instanceof Event.TakenBack back) {
                takenBack.add(back.entry());
            }
        });
        entries.stream().filter(entry -> !takenBack.contains(entry.number())).forEach(this::take);
    }

    public static Job of(List<Entry> entries, Instant now) {
        return new Job(entries, now);
    }

    private void take(Entry entry) {
        Event event = entry.event();
        if (event instanceof Event.Begun b) {
            begun = Optional.of(entry.at());
            tasks = b.tasks();
            batches = b.batches();
            foretold = b.foretold();
            foretoldAtFirst = b.foretold();
        } else if (event instanceof Event.Replanned again) {
            if (again.accepted()) {
                tasks = again.tasks();
                batches = again.batches();
                foretold = again.foretold();
            }
        } else if (event instanceof Event.HandsNow now) {
            hands = OptionalInt.of(now.hands());
        } else if (event instanceof Event.GoesBy by) {
            goesBy = OptionalInt.of(by.minute());
        } else if (event instanceof Event.Started s) {
            started.putIfAbsent(s.task(), entry.at());
        } else if (event instanceof Event.Finished f) {
            started.putIfAbsent(f.task(), entry.at());
            finished.put(f.task(), entry.at());
        } else if (event instanceof Event.Skipped s) {
            skipped.add(s.task());
        } else if (event instanceof Event.LaidFresh laid) {
            fresh.put(laid.clock(), entry.at());
            layings.merge(laid.clock(), 2, (a, b) -> a + 1);
        } else if (event instanceof Event.RinsedNow r) {
            rinsed(r.clock());
        } else if (event instanceof Event.Paused) {
            paused = Optional.of(entry.at());
        } else if (event instanceof Event.Resumed) {
            paused = Optional.empty();
        } else if (event instanceof Event.Ended) {
            ended = Optional.of(entry.at());
        }
    }

    /** Water takes off all that is on a section, whatever bowls lie in its foils and between them. */
    private void rinsed(String key) {
        List<Clock> running = clocks();
        running.stream()
                .filter(clock -> clock.task().key().equals(key))
                .findFirst()
                .ifPresent(own -> running.stream()
                        .filter(clock ->
                                clock.zone() == own.zone() && clock.task().beside(own.task()))
                        .forEach(clock -> rinsed.add(clock.task().key())));
        rinsed.add(key);
    }

    /**
     * Whether an event makes sense now.
     *
     * @throws RefusedInput saying why not
     */
    public void check(Event event) {
        if (event instanceof Event.Begun) {
            refuse(begun.isPresent(), "begun", RefusalMessage.JOB_BEGUN);
            return;
        }
        refuse(begun.isEmpty(), "event", RefusalMessage.JOB_NOT_BEGUN);
        refuse(
                ended.isPresent()
                        && !(event instanceof Event.Said
                                || event instanceof Event.TakenBack
                                || event instanceof Event.Found
                                || event instanceof Event.Judged),
                "event",
                RefusalMessage.JOB_ENDED);
        if (event instanceof Event.Started s) {
            hands(s.task());
            refuse(state(s.task()) != State.WAITING, "task", RefusalMessage.BEGUN_OR_SKIPPED);
        } else if (event instanceof Event.Finished f) {
            hands(f.task());
            State state = state(f.task());
            refuse(state == State.DONE || state == State.SKIPPED, "task", RefusalMessage.DONE_OR_SKIPPED);
        } else if (event instanceof Event.Skipped s) {
            hands(s.task());
            State state = state(s.task());
            refuse(state == State.DONE || state == State.SKIPPED, "task", RefusalMessage.DONE_OR_SKIPPED);
        } else if (event instanceof Event.LaidFresh laid) {
            clock(laid.clock());
        } else if (event instanceof Event.RinsedNow r) {
            clock(r.clock());
        } else if (event instanceof Event.Seen seen) {
            task(seen.clock());
        } else if (event instanceof Event.Found found) {
            refuse(
                    foretoldAtFirst.stream().noneMatch(one -> one.zone() == found.zone() && one.band() == found.band()),
                    "band",
                    RefusalMessage.NO_SUCH_BAND);
        } else if (event instanceof Event.RunsShort shortOf) {
            refuse(
                    batches.stream().noneMatch(batch -> batch.bowl().equals(shortOf.bowl())),
                    "bowl",
                    RefusalMessage.NO_SUCH_BOWL);
        } else if (event instanceof Event.GoesBy by) {
            refuse(by.minute() <= minute(), "minute", RefusalMessage.PAST_ALREADY);
        } else if (event instanceof Event.HandsNow now) {
            refuse(now.hands() == hands(), "hands", RefusalMessage.SO_MANY_HANDS);
        } else if (event instanceof Event.Paused) {
            refuse(paused.isPresent(), "event", RefusalMessage.HANDS_REST);
        } else if (event instanceof Event.Resumed) {
            refuse(paused.isEmpty(), "event", RefusalMessage.HANDS_DO_NOT_REST);
        } else if (event instanceof Event.TakenBack back) {
            boolean there = entries.stream()
                    .anyMatch(entry -> entry.number() == back.entry()
                            && !(entry.event() instanceof Event.Begun)
                            && !(entry.event() instanceof Event.TakenBack));
            refuse(!there || takenBack.contains(back.entry()), "entry", RefusalMessage.NO_SUCH_ENTRY);
        }
    }

    private static void refuse(boolean wrong, String field, RefusalMessage remedy) {
        if (wrong) {
            throw new RefusedInput(field, "", remedy);
        }
    }

    private void hands(String key) {
        refuse(task(key).person() == 0, "task", RefusalMessage.CLOCK_BY_HAND);
    }

    private void clock(String key) {
        refuse(
                clocks().stream().noneMatch(clock -> clock.task().key().equals(key)),
                "clock",
                RefusalMessage.NOT_ON_HAIR);
    }

    /** The task of this key, as it stands now. */
    public Optional<Task> named(String key) {
        return tasks.stream().filter(task -> task.key().equals(key)).findFirst();
    }

    private Task task(String key) {
        return named(key).orElseThrow(() -> new RefusedInput("task", key, RefusalMessage.NO_SUCH_TASK));
    }

    State state(String key) {
        return skipped.contains(key)
                ? State.SKIPPED
                : finished.containsKey(key) ? State.DONE : started.containsKey(key) ? State.NOW : State.WAITING;
    }

    public Optional<Instant> begun() {
        return begun;
    }

    public Optional<Instant> ended() {
        return ended;
    }

    public boolean resting() {
        return paused.isPresent();
    }

    public List<Task> tasks() {
        return tasks;
    }

    public List<Batch> batches() {
        return batches;
    }

    /** By the plan as it is worked by now. */
    public List<BandForecast> foretold() {
        return foretold;
    }

    /** By the plan the job began with. */
    public List<BandForecast> foretoldAtFirst() {
        return foretoldAtFirst;
    }

    /** People who work on it now. */
    public int hands() {
        return hands.orElseGet(
                () -> Math.max(1, tasks.stream().mapToInt(Task::person).max().orElse(1)));
    }

    /** Minute of the visit by which the client has to go, if that was said. */
    public OptionalInt goesBy() {
        return goesBy;
    }

    /** The entries that count: not those taken back, nor those that took back. */
    public List<Entry> counting() {
        return entries.stream()
                .filter(entry -> !takenBack.contains(entry.number()) && !(entry.event() instanceof Event.TakenBack))
                .toList();
    }

    /** Minutes since it began; until its end once it has ended. */
    public int minute() {
        return begun.map(from -> minute(ended.orElse(now))).orElse(0);
    }

    int minute(Instant at) {
        return (int) Duration.between(begun.orElse(at), at).toMinutes();
    }

    Optional<Instant> startedAt(String key) {
        return Optional.ofNullable(started.get(key));
    }

    /** Everything hands do, in order of the plan. */
    public List<Standing> standing() {
        int behind = behind();
        List<Standing> all = new ArrayList<>();
        for (Task task : tasks) {
            if (task.person() > 0) {
                State state = state(task.key());
                Optional<Instant> from = Optional.ofNullable(started.get(task.key()));
                int minute = from.map(this::minute).orElse(task.startMinute() + behind);
                all.add(new Standing(
                        task,
                        state,
                        state == State.WAITING ? Math.max(minute, minute()) : minute,
                        from,
                        Optional.ofNullable(finished.get(task.key()))));
            }
        }
        return all;
    }

    /** Minutes the job runs behind its plan, by what should have begun or ended by now; below 0 if it is ahead. */
    public int behind() {
        if (begun.isEmpty() || ended.isPresent()) {
            return 0;
        }
        int at = minute();
        int late = Integer.MIN_VALUE;
        int lastDone = Integer.MIN_VALUE;
        int ofLast = 0;
        for (Task task : tasks) {
            if (task.person() == 0) {
                continue;
            }
            switch (state(task.key())) {
                case WAITING -> late = Math.max(late, at - task.startMinute());
                case NOW ->
                    late = Math.max(
                            late,
                            Math.max(minute(started.get(task.key())) - task.startMinute(), at - task.endMinute()));
                case DONE -> {
                    if (task.endMinute() > lastDone) {
                        lastDone = task.endMinute();
                        ofLast = minute(finished.get(task.key())) - task.endMinute();
                    }
                }
                case SKIPPED -> {}
            }
        }
        // Waiting for the next task's time is not being late.
        return late == Integer.MIN_VALUE ? 0 : Math.max(late, Math.min(0, ofLast));
    }

    /** What is on the hair now, in the order it must come off. */
    public List<Clock> clocks() {
        List<Clock> all = new ArrayList<>();
        for (Task work : tasks) {
            if (work.kind() == Task.Kind.WORK && work.window().isPresent() && !rinsed.contains(work.key())) {
                laid(work).filter(since -> !rinsedOff(work, since)).ifPresent(since -> {
                    Task.Window window = work.window().get();
                    all.add(new Clock(
                            work,
                            work.zones().get(0),
                            since,
                            window.earliest() - work.startMinute(),
                            window.latest() - work.startMinute(),
                            layings.getOrDefault(work.key(), 1)));
                });
            }
        }
        all.sort((a, b) -> a.since()
                .plus(Duration.ofMinutes(a.latestMinutes()))
                .compareTo(b.since().plus(Duration.ofMinutes(b.latestMinutes()))));
        return all;
    }

    /** When the last of it was laid; empty while some of it still has to be. */
    private Optional<Instant> laid(Task work) {
        Instant again = fresh.get(work.key());
        if (again != null) {
            return Optional.of(again);
        }
        Instant last = null;
        for (Task task : tasks) {
            if (work.putOnBy(task)) {
                Instant done = finished.get(task.key());
                if (done == null && !skipped.contains(task.key())) {
                    return Optional.empty();
                }
                last = done != null && (last == null || done.isAfter(last)) ? done : last;
            }
        }
        return Optional.ofNullable(last);
    }

    /** Whether a rinse that the plan has after it, on this zone, was done since. */
    private boolean rinsedOff(Task work, Instant since) {
        for (Task task : tasks) {
            boolean ends = task.beside(work)
                    && task.startMinute() >= work.window().orElseThrow().earliest()
                    && (task.kind() == Task.Kind.RINSE
                            || task.kind() == Task.Kind.APPLY
                            || task.kind() == Task.Kind.PREPARE)
                    && task.zones().containsAll(work.zones());
            Instant done = finished.get(task.key());
            if (ends && done != null && !done.isBefore(since)) {
                return true;
            }
        }
        return false;
    }
}
