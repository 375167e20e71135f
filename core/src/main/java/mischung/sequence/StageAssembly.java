package mischung.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.hair.ZonePlace;
import mischung.said.Said;

/** The pieces of one stage as they are put together, with what is shown of each. */
final class StageAssembly {
    static final Shown BREAK = new Shown(
            Task.Kind.BREAK, TaskMessage.BREAK.alone(), List.of(TaskMessage.LOCAL_LAW.alone()), List.of(), List.of());

    /** How a piece is told. */
    record Shown(Task.Kind kind, Said title, List<Said> detail, List<String> bowls, List<ZonePlace> zones) {}

    /**
     * A clock that starts when something is laid and ends when it is rinsed or wiped off.
     *
     * @param pass of its laying, 1 and more
     * @param timed whether what ends it has a window; what stays in has none
     * @param earliest minutes after it was laid before which it may not end
     * @param latest minutes after it was laid after which it may not go on
     */
    record Clock(
            Applied lay,
            int zoneIndex,
            ZonePlace zone,
            int laid,
            int end,
            int pass,
            boolean timed,
            int earliest,
            int latest) {}

    /** What is mixed at one time: its mixing, what is laid of it, and how long it is good. */
    record Mixed(Applied lay, int number, int mix, List<Integer> laid, List<ProductUse.Unit> units) {}

    private final StageId stage;
    private final Map<String, Integer> pins;
    private final int clock;
    final List<Activity> pieces = new ArrayList<>();
    final List<TaskId> ids = new ArrayList<>();
    final List<Shown> shown = new ArrayList<>();
    final List<Clock> clocks = new ArrayList<>();
    final List<Mixed> batches = new ArrayList<>();

    /**
     * @param clock minute of the visit at which it begins
     * @param pins minutes of the visit before which a piece must not begin
     */
    StageAssembly(StageId stage, int clock, Map<String, Integer> pins) {
        this.stage = stage;
        this.clock = clock;
        this.pins = pins;
    }

    int add(String name, Shown what, int minutes, Activity.Use use, int person, List<Activity.Lag> lags) {
        return add(name, 0, what, minutes, use, person, lags);
    }

    /** @param pass which laying into the same hair it is */
    int add(String name, int pass, Shown what, int minutes, Activity.Use use, int person, List<Activity.Lag> lags) {
        TaskId id = new TaskId(stage, name, pass);
        ids.add(id);
        int release =
                Optional.ofNullable(pins.get(id.text())).map(pin -> pin - clock).orElse(0);
        pieces.add(new Activity(
                id.text(), minutes, use, person, Math.max(0, release), what.kind() == Task.Kind.CHECK, lags));
        shown.add(what);
        return pieces.size() - 1;
    }

    /** Somebody rests: as early as everything else allows. */
    void addBreak(int person, int minutes) {
        add("BREAK " + person, BREAK, minutes, Activity.Use.ASIDE, person, List.of());
    }

    boolean has(Task.Kind kind) {
        return shown.stream().anyMatch(what -> what.kind() == kind);
    }

    boolean has(String key) {
        return pieces.stream().anyMatch(piece -> piece.key().equals(key));
    }

    int end(Solver.Order order, int piece) {
        return order.start(piece) + pieces.get(piece).minutes();
    }
}
