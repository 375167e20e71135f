package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.hair.ZonePlace;
import mischung.wish.WorkedHead;

/** What has been put on the clock so far: solved stages told as tasks and batches. */
final class Timeline {
    private final WorkedHead head;
    private final List<Task> tasks = new ArrayList<>();
    private final List<Batch> batches = new ArrayList<>();

    Timeline(WorkedHead head) {
        this.head = head;
    }

    /** In order of start within each visit. */
    List<Task> tasks() {
        return tasks.stream()
                .sorted(Comparator.comparingInt(Task::visit)
                        .thenComparingInt(Task::startMinute)
                        .thenComparingInt(Task::person))
                .toList();
    }

    /** In the order they are mixed, each with its share of all that is mixed of its bowl, however often that is laid. */
    List<Batch> batches() {
        Map<String, Double> all = new HashMap<>();
        batches.forEach(batch -> all.merge(batch.bowl(), batch.share(), Double::sum));
        Map<String, Integer> numbers = new HashMap<>();
        return batches.stream()
                .sorted(Comparator.comparingInt(Batch::visit).thenComparingInt(Batch::mixMinute))
                .map(batch ->
                        batch.of(numbers.merge(batch.bowl(), 1, Integer::sum), all.getOrDefault(batch.bowl(), 1.0)))
                .toList();
    }

    /** @param clock minute of the visit at which the stage begins */
    void add(Stage.Done done, int visit, int step, int clock) {
        StageAssembly bench = done.bench();
        for (int i = 0; i < bench.pieces.size(); i++) {
            StageAssembly.Shown shown = bench.shown.get(i);
            tasks.add(new Task(
                    bench.ids.get(i),
                    shown.kind(),
                    step,
                    shown.title(),
                    shown.detail(),
                    clock + done.order().start(i),
                    bench.pieces.get(i).minutes(),
                    done.order().person(i),
                    shown.bowls(),
                    shown.zones(),
                    List.of(),
                    Optional.empty()));
        }
        addBatches(done, visit, step, clock);
        addClocks(done, step, clock);
    }

    private void addBatches(Stage.Done done, int visit, int step, int clock) {
        StageAssembly bench = done.bench();
        for (int i = 0; i < bench.batches.size(); i++) {
            StageAssembly.Mixed batch = bench.batches.get(i);
            int mixed = bench.end(done.order(), batch.mix());
            int laid = batch.laid().stream()
                    .mapToInt(piece -> bench.end(done.order(), piece))
                    .max()
                    .orElse(mixed);
            batches.add(new Batch(
                    batch.lay().bowl(),
                    batch.number(),
                    visit,
                    step,
                    done.volumes().getOrDefault(i, Double.NaN),
                    batch.lay().minutesOn(batch.units()),
                    clock + done.order().start(batch.mix()),
                    done.order().person(batch.mix()),
                    clock + laid,
                    clock + mixed + batch.lay().bowlLife(),
                    batch.units().stream()
                            .map(unit -> head.read().zones().get(unit.zone()).place())
                            .distinct()
                            .toList()));
        }
    }

    /** One clock for each zone and product, from when the last of it is laid. */
    private void addClocks(Stage.Done done, int step, int clock) {
        record Same(String name, int pass, ZonePlace zone, int end) {}
        Map<Same, List<StageAssembly.Clock>> byZone = new LinkedHashMap<>();
        for (StageAssembly.Clock c : done.bench().clocks) {
            byZone.computeIfAbsent(new Same(c.lay().name(), c.pass(), c.zone(), c.end()), key -> new ArrayList<>())
                    .add(c);
        }
        byZone.forEach((same, clocks) -> {
            Applied lay = clocks.get(0).lay();
            int laid = clocks.stream()
                    .mapToInt(c -> done.bench().end(done.order(), c.laid()))
                    .max()
                    .orElseThrow();
            tasks.add(new Task(
                    clock(done.bench(), clocks.get(0)),
                    Task.Kind.WORK,
                    step,
                    (lay.lifts() ? TaskMessage.LIFTS : TaskMessage.WORKS)
                            .say()
                            .part("what", lay.what())
                            .said(),
                    List.of(),
                    clock + laid,
                    Math.max(1, done.order().start(same.end) - laid),
                    0,
                    lay.mixed() ? List.of(lay.bowl()) : List.of(),
                    List.of(same.zone),
                    clocks.stream()
                            .map(c -> done.bench().ids.get(c.laid()))
                            .distinct()
                            .toList(),
                    clocks.get(0).timed() ? Optional.of(window(done, clocks, clock)) : Optional.empty()));
        });
    }

    /** Zones that were laid in one go have a clock each; all but the first are named by their zone too. */
    private static TaskId clock(StageAssembly bench, StageAssembly.Clock clock) {
        TaskId laid = bench.ids.get(clock.laid());
        boolean first = bench.shown.get(clock.laid()).zones().get(0) == clock.zone();
        return new TaskId(
                laid.stage(),
                "WORK " + laid.name() + (clock.lay().mixed() ? " " + clock.lay().bowl() : "")
                        + (first ? "" : " " + clock.zone()),
                laid.pass());
    }

    /** Where a zone is laid in parts: when all of them may be rinsed. */
    private static Task.Window window(Stage.Done done, List<StageAssembly.Clock> clocks, int clock) {
        int earliest = 0;
        int latest = Integer.MAX_VALUE;
        for (StageAssembly.Clock c : clocks) {
            int laid = clock + done.bench().end(done.order(), c.laid());
            earliest = Math.max(earliest, laid + c.earliest());
            latest = Math.min(latest, laid + c.latest());
        }
        return new Task.Window(earliest, latest);
    }
}
