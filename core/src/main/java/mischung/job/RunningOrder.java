package mischung.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.hair.ZonePlace;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.sequence.StageId;
import mischung.sequence.Task;

/**
 * Puts what is not begun yet on the clock anew, in the order it was planned: as early as the hands there are, the hair and
 * its clocks allow. What has begun stays; a clock on the hair runs from when it was laid.
 *
 * @param tasks in order of start
 * @param late what passes its latest minute even so, one sentence each
 */
record RunningOrder(List<Task> tasks, List<Said> late) {
    RunningOrder {
        tasks = List.copyOf(tasks);
        late = List.copyOf(late);
    }

    static RunningOrder of(Job job, List<Task> tasks, int hands) {
        return new Forwarding(job, tasks, hands).run();
    }

    /** When the client can go. */
    int end() {
        return end(tasks);
    }

    static int end(List<Task> all) {
        return all.stream()
                .filter(task -> task.person() > 0)
                .mapToInt(Task::endMinute)
                .max()
                .orElse(0);
    }

    private static final class Forwarding {
        private final Job job;
        private final int now;
        private final int ahead;
        private final Map<String, Clock> running = new HashMap<>();
        private final int[] free;
        private final List<Slot> planned;
        private final Map<String, Task> placed = new HashMap<>();
        private final Map<String, Task> laid = new HashMap<>();
        private final Map<String, Integer> ends = new HashMap<>();

        /** By how much every stage begins later than planned. */
        private final Map<StageId, Integer> begun = new HashMap<>();

        Forwarding(Job job, List<Task> tasks, int hands) {
            this.job = job;
            this.now = job.minute();
            this.ahead = Math.min(0, job.behind());
            job.clocks().forEach(clock -> running.put(clock.task().key(), clock));
            this.free = new int[hands];
            Arrays.fill(free, now);
            // A clock is placed after the laying that begins it, and before what ends it.
            planned = tasks.stream()
                    .sorted(Comparator.comparingInt(Task::startMinute)
                            .thenComparing(task -> task.person() > 0)
                            .thenComparingInt(Task::endMinute))
                    .map(Slot::of)
                    .toList();
        }

        RunningOrder run() {
            for (Slot slot : planned) {
                Task there = slot.task.person() == 0 ? clock(slot.task) : hands(slot);
                placed.put(slot.task.key(), there);
            }
            List<Said> late = late(new ArrayList<>(placed.values()));
            // What was laid was laid: its clock stands where it was planned, and runs from when that really happened.
            placed.putAll(laid);
            List<Task> all = new ArrayList<>(placed.values());
            all.sort(Comparator.comparingInt(Task::startMinute)
                    .thenComparingInt(Task::person)
                    .thenComparing(Task::key));
            return new RunningOrder(all, late);
        }

        private Task clock(Task task) {
            List<Task> lays =
                    planned.stream().map(Slot::task).filter(task::putOnBy).toList();
            boolean open = lays.stream()
                    .map(lay -> job.state(lay.key()))
                    .anyMatch(state -> state == Job.State.WAITING || state == Job.State.NOW);
            if (!open) {
                laid.put(task.key(), task);
            }
            int since = Optional.ofNullable(running.get(task.key()))
                    .map(clock -> job.minute(clock.since()))
                    .orElseGet(() -> lays.stream()
                            .mapToInt(lay -> ends.getOrDefault(lay.key(), lay.endMinute()))
                            .max()
                            .orElse(task.startMinute()));
            return task.at(since);
        }

        private Task hands(Slot slot) {
            Task task = slot.task;
            Job.State state = job.state(task.key());
            if (state != Job.State.WAITING) {
                begun.putIfAbsent(slot.stage, 0);
            }
            if (state == Job.State.DONE || state == Job.State.SKIPPED) {
                ends.put(task.key(), Math.min(now, task.endMinute()));
                return task;
            }
            if (state == Job.State.NOW) {
                int since = job.startedAt(task.key()).map(job::minute).orElse(task.startMinute());
                int end = Math.max(now, since + task.minutes());
                ends.put(task.key(), end);
                int hand = Math.min(task.person(), free.length) - 1;
                free[hand] = Math.max(free[hand], end);
                return by(task.at(since), hand);
            }
            int start = Math.max(now, after(slot));
            int shift = begun.computeIfAbsent(slot.stage, key -> start - task.startMinute());
            if (task.kind() == Task.Kind.APPLY || task.kind() == Task.Kind.MIX) {
                // What waits on purpose, for half the time of another or for its bowl to be wanted, goes on waiting.
                return placed(task, Math.max(start, task.startMinute() + Math.min(0, shift)));
            }
            return placed(task, start);
        }

        private Task placed(Task task, int earliest) {
            int hand = hand(task, earliest);
            int start = Math.max(earliest, free[hand]);
            free[hand] = start + task.minutes();
            ends.put(task.key(), free[hand]);
            return by(task.at(start), hand);
        }

        /** Whoever is free first; the one who was to do it, if that is as good. */
        private int hand(Task task, int start) {
            int own = task.person() - 1;
            if (own < free.length && free[own] <= start) {
                return own;
            }
            int best = Math.min(own, free.length - 1);
            for (int i = 0; i < free.length; i++) {
                if (free[i] < free[best]) {
                    best = i;
                }
            }
            return best;
        }

        private static Task by(Task task, int hand) {
            return task.person() == hand + 1 ? task : task.by(hand + 1);
        }

        /** What has to be over before it: what was planned so on the same hair, bowl or head, and the clocks it ends. */
        private int after(Slot slot) {
            int least = 0;
            for (Slot other : planned) {
                if (other.task.person() == 0) {
                    least = Math.max(least, afterClock(slot, other));
                } else if (other.task.endMinute() <= slot.task.startMinute()
                        && (!other.stage.equals(slot.stage) || slot.shares(other))) {
                    least = Math.max(least, ends.getOrDefault(other.task.key(), 0));
                }
            }
            return least;
        }

        private int afterClock(Slot slot, Slot clock) {
            Task task = slot.task;
            boolean lays = task.kind() == Task.Kind.APPLY && slot.stage.equals(clock.stage);
            boolean ends = task.kind() != Task.Kind.MIX && !Collections.disjoint(slot.zones, clock.zones);
            if (clock.task.startMinute() > task.startMinute() || !(lays || ends)) {
                return 0;
            }
            Task running = placed.get(clock.task.key());
            if (running == null) {
                return 0;
            }
            if (lays || task.kind() == Task.Kind.CHECK) {
                return running.startMinute() + task.startMinute() - clock.task.startMinute();
            }
            boolean rinses = clock.task.window().isPresent()
                    ? clock.task.window().get().earliest() <= task.startMinute()
                    : clock.task.endMinute() <= task.startMinute();
            if (!rinses) {
                return 0;
            }
            return running.window().map(Task.Window::earliest).orElse(running.endMinute());
        }

        /** A task with what it is compared by, worked out once. */
        private record Slot(Task task, StageId stage, Set<ZonePlace> zones) {
            static Slot of(Task task) {
                Set<ZonePlace> zones = EnumSet.noneOf(ZonePlace.class);
                zones.addAll(task.zones());
                return new Slot(task, task.id().stage(), zones);
            }

            boolean shares(Slot other) {
                return zones.isEmpty()
                        || other.zones.isEmpty()
                        || !Collections.disjoint(zones, other.zones)
                        || !Collections.disjoint(task.bowls(), other.task.bowls());
            }
        }

        private List<Said> late(List<Task> all) {
            record Past(int minutes, int by) {}
            Map<Past, Set<ZonePlace>> zones = new LinkedHashMap<>();
            for (Task clock : all) {
                if (clock.person() > 0 || clock.window().isEmpty() || clock.endMinute() < now) {
                    continue;
                }
                int latest = clock.window().get().latest();
                all.stream()
                        .filter(task -> task.kind() == Task.Kind.RINSE
                                && job.state(task.key()) == Job.State.WAITING
                                && task.beside(clock)
                                && task.startMinute() >= clock.startMinute()
                                && task.zones().containsAll(clock.zones()))
                        .mapToInt(Task::startMinute)
                        .min()
                        .ifPresent(rinse -> {
                            // Hands that are ahead of the plan will be ahead then, too.
                            if (rinse + ahead > latest) {
                                zones.computeIfAbsent(
                                                new Past(rinse + ahead - latest, latest - clock.startMinute()),
                                                key -> new LinkedHashSet<>())
                                        .add(clock.zones().get(0));
                            }
                        });
            }
            return zones.entrySet().stream()
                    .map(e -> JobMessage.PAST_LATEST
                            .say()
                            .with(
                                    "zones",
                                    new Figure.All(
                                            Figure.Joint.COMMA,
                                            e.getValue().stream()
                                                    .<Figure>map(Figure.Named::of)
                                                    .toList()))
                            .count("minutes", e.getKey().minutes())
                            .count("by", e.getKey().by())
                            .said())
                    .toList();
        }
    }
}
