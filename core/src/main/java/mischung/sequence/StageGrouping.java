package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.hair.ZonePlace;
import mischung.sequence.Activity.Lag;
import mischung.sequence.Activity.Use;
import mischung.sequence.StageAssembly.Shown;
import mischung.wish.WorkedHead;

/** Puts the pieces of a stage together for one way of grouping its sections. */
final class StageGrouping {
    private static final int SHORTEST_RINSE = 3;

    /** In minutes: zones that take no longer together are laid in one go. */
    private static final double ONE_GO = 2;

    private final Stage.Job job;
    private final WorkedHead head;
    private final OrderTerms terms;
    private final Durations durations;
    private final List<List<ProductUse.Unit>> groups;
    private final boolean apart;
    private final StageAssembly bench;
    private final Map<String, Integer> numbers = new HashMap<>();
    private int headFree = -1;

    /** What the next group waits for: the end of the rinse where groups are worked apart, else the start of the last laying. */
    private Optional<Lag> afterGroup = Optional.empty();

    StageGrouping(
            Stage.Job job,
            WorkedHead head,
            OrderTerms terms,
            int clock,
            List<List<ProductUse.Unit>> groups,
            boolean apart) {
        this.job = job;
        this.head = head;
        this.terms = terms;
        this.durations = terms.durations();
        this.groups = groups;
        this.apart = apart;
        this.bench = new StageAssembly(job.id(), clock, terms.pins());
    }

    StageAssembly build() {
        for (Stage.Alone first : job.before()) {
            List<Lag> lags = headFree < 0 ? List.of() : List.of(Lag.afterEnd(headFree, 0));
            headFree = bench.add(first.key(), first.shown(), first.minutes(), Use.WHOLE_HEAD, 0, lags);
        }
        for (int g = 0; g < groups.size(); g++) {
            group(g);
        }
        for (int person = 1; person <= job.resting(); person++) {
            bench.addBreak(person, durations.minutes("break", Task.Kind.BREAK));
        }
        return bench;
    }

    /** So that all products of a group end together: when each begins after the first (R21). */
    private Map<ProductUse, Integer> staggers(List<ProductUse.Unit> units) {
        List<ProductUse> longestFirst = job.work().lays().stream()
                .filter(lay -> units.stream().anyMatch(lay::on))
                .sorted(Comparator.comparingInt((ProductUse lay) -> -lay.works()))
                .toList();
        double begin = 0;
        double finish = 0;
        Map<ProductUse, Double> begins = new HashMap<>();
        for (ProductUse lay : longestFirst) {
            double laying = lay.minutesOn(units) / terms.hands();
            begins.put(lay, begin);
            finish = Math.max(finish, begin + laying + lay.works());
            begin += laying;
        }
        Map<ProductUse, Integer> all = new HashMap<>();
        for (ProductUse lay : longestFirst) {
            double span = lay.minutesOn(units) / terms.hands() + lay.works();
            all.put(lay, (int) Math.floor(Math.max(begins.getOrDefault(lay, 0.0), finish - span)));
        }
        return all;
    }

    private void group(int g) {
        List<ProductUse.Unit> units = groups.get(g);
        Map<ProductUse, Integer> staggers = staggers(units);
        List<ProductUse> inOrder = job.work().lays().stream()
                .filter(lay -> units.stream().anyMatch(lay::on))
                .sorted(Comparator.comparing((ProductUse lay) -> staggers.getOrDefault(lay, 0)))
                .toList();
        Map<ProductUse, Map<ProductUse.Unit, Integer>> laid = new LinkedHashMap<>();
        Optional<Integer> anchor = Optional.empty();
        int lastLaid = -1;
        for (ProductUse lay : inOrder) {
            Laid on = new Laid(lay, units.stream().filter(lay::on).toList());
            Map<ProductUse.Unit, Integer> pieces =
                    on.from(anchor.map(first -> Lag.afterStart(first, staggers.getOrDefault(lay, 0))));
            if (anchor.isEmpty()) {
                anchor = pieces.values().stream().findFirst();
            }
            lastLaid = Math.max(
                    lastLaid, pieces.values().stream().mapToInt(p -> p).max().orElse(-1));
            laid.put(lay, pieces);
        }
        if (!laid.isEmpty()) {
            int rinsed = finish(g, units, laid);
            afterGroup = Optional.of(apart ? Lag.afterEnd(rinsed, 0) : Lag.afterStart(lastLaid, 0));
        }
    }

    /** One product, laid on one group: in as many fresh batches as its life asks for. */
    private final class Laid {
        private final ProductUse lay;
        private final List<ProductUse.Unit> here;
        private final Map<List<ProductUse.Unit>, Integer> minutes;
        private final Map<ProductUse.Unit, Integer> pieces = new LinkedHashMap<>();
        private int previous = -1;

        Laid(ProductUse lay, List<ProductUse.Unit> here) {
            this.lay = lay;
            this.here = here;
            this.minutes = lay.minutesTogether(goes());
        }

        /** @param begins after the first laying of the group; none for the first itself */
        Map<ProductUse.Unit, Integer> from(Optional<Lag> begins) {
            double all = minutes.values().stream().mapToInt(m -> m).sum();
            int fresh = lay.mixed() ? (int) Math.ceil(all / terms.hands() / (Applied.WELL_BEFORE * lay.bowlLife())) : 1;
            int most = Math.max(1, lay.mostBatches() / groups.size());
            ProductUse.parted(
                            List.copyOf(minutes.keySet()),
                            go -> minutes.getOrDefault(go, 0),
                            Math.min(Math.min(minutes.size(), fresh), most))
                    .forEach(goes -> batch(goes, begins));
            return pieces;
        }

        /** What is laid without a pause: a piece of the head, or small zones one after another. */
        private List<List<ProductUse.Unit>> goes() {
            List<List<ProductUse.Unit>> goes = new ArrayList<>();
            for (ProductUse.Unit unit : here) {
                List<ProductUse.Unit> last = goes.isEmpty() ? List.of() : goes.get(goes.size() - 1);
                if (!last.isEmpty()
                        && whole(unit)
                        && whole(last.get(0))
                        && lay.minutesOn(last) + lay.minutesOn(List.of(unit)) <= ONE_GO) {
                    last.add(unit);
                } else {
                    goes.add(new ArrayList<>(List.of(unit)));
                }
            }
            return goes.stream().map(List::copyOf).toList();
        }

        private static boolean whole(ProductUse.Unit unit) {
            return unit.of() == 1;
        }

        private void batch(List<List<ProductUse.Unit>> goes, Optional<Lag> begins) {
            Optional<Integer> mix = lay.mixed() ? Optional.of(mix(begins)) : Optional.empty();
            List<Integer> laid = new ArrayList<>();
            for (List<ProductUse.Unit> go : goes) {
                int takes = minutes.getOrDefault(go, 1);
                List<Lag> lags = new ArrayList<>();
                if (headFree >= 0) {
                    lags.add(Lag.afterEnd(headFree, 0));
                }
                afterGroup.ifPresent(lags::add);
                mix.ifPresent(m -> lags.add(new Lag(m, true, 0, Math.max(0, lay.bowlLife() - takes))));
                if (previous >= 0) {
                    lags.add(Lag.afterStart(previous, 0));
                } else {
                    begins.ifPresent(lags::add);
                }
                previous = apply(go, takes, lags);
                laid.add(previous);
                go.forEach(unit -> pieces.put(unit, previous));
            }
            List<ProductUse.Unit> units = goes.stream().flatMap(List::stream).toList();
            mix.ifPresent(m -> bench.batches.add(
                    new StageAssembly.Mixed(lay, numbers.getOrDefault(lay.bowl(), 0), m, laid, units)));
        }

        private int apply(List<ProductUse.Unit> go, int takes, List<Lag> lags) {
            ProductUse.Unit unit = go.get(0);
            return bench.add(
                    "APPLY " + lay.name() + " " + place(unit) + " " + unit.part() + "." + unit.of(),
                    1,
                    new Shown(
                            Task.Kind.APPLY,
                            TaskMessage.APPLY.say().part("what", lay.what()).said(),
                            unit.telling(lay.detail()),
                            bowls(lay),
                            go.stream().map(StageGrouping.this::place).toList()),
                    takes,
                    Use.ON_HEAD,
                    0,
                    lags);
        }

        /** Not before it is wanted: while the last of the batch before goes on, or when the head will soon be free. */
        private int mix(Optional<Lag> begins) {
            int takes = durations.minutes("mixing", Task.Kind.MIX);
            List<Lag> lags = new ArrayList<>();
            if (previous >= 0) {
                lags.add(Lag.afterStart(previous, 0));
            } else {
                begins.ifPresent(lag -> lags.add(Lag.afterStart(lag.of(), Math.max(0, lag.least() - takes))));
                if (begins.isEmpty()) {
                    afterGroup.ifPresent(lags::add);
                }
                if (headFree >= 0) {
                    lags.add(Lag.afterStart(
                            headFree, Math.max(0, bench.pieces.get(headFree).minutes() - 2 * takes)));
                }
            }
            int number = numbers.merge(lay.bowl(), 1, Integer::sum);
            return bench.add(
                    "MIX " + lay.bowl() + " " + number,
                    new Shown(
                            Task.Kind.MIX,
                            Hands.mixing(lay.bowl(), number),
                            List.of(),
                            bowls(lay),
                            here.stream()
                                    .map(StageGrouping.this::place)
                                    .distinct()
                                    .toList()),
                    takes,
                    Use.ASIDE,
                    0,
                    lags);
        }
    }

    /** The last look and the rinse of a group, when all of it has worked. @return the last of them */
    private int finish(int g, List<ProductUse.Unit> units, Map<ProductUse, Map<ProductUse.Unit, Integer>> laid) {
        List<ZonePlace> zones = units.stream().map(this::place).distinct().toList();
        String of = groups.size() == 1 ? "" : " " + (g + 1);
        List<Lag> worked = new ArrayList<>();
        List<Lag> windows = new ArrayList<>();
        laid.forEach((lay, pieces) -> pieces.values().forEach(piece -> {
            worked.add(Lag.afterEnd(piece, lay.works()));
            windows.add(new Lag(piece, true, lay.works(), lay.longest()));
        }));
        int end = -1;
        if (job.work().check().isPresent()) {
            Stage.Alone check = job.work().check().get().in(zones);
            end = bench.add(check.key() + of, check.shown(), check.minutes(), Use.ON_HEAD, 0, worked);
        }
        if (job.work().rinse().isPresent()) {
            Stage.Alone rinse = job.work().rinse().get().in(zones);
            if (end >= 0) {
                windows.add(Lag.afterEnd(end, 0));
            }
            end = bench.add(rinse.key() + of, rinse.shown(), rinsing(rinse, units), Use.WHOLE_HEAD, 0, windows);
        }
        int rinsed = end;
        laid.forEach((lay, pieces) -> pieces.forEach((unit, piece) -> bench.clocks.add(new StageAssembly.Clock(
                lay,
                unit.zone(),
                place(unit),
                piece,
                rinsed,
                1,
                job.work().rinse().isPresent(),
                lay.works(),
                lay.longest()))));
        return rinsed;
    }

    private int rinsing(Stage.Alone rinse, List<ProductUse.Unit> units) {
        if (groups.size() == 1) {
            return rinse.minutes();
        }
        double share = job.minutesOn(units)
                / groups.stream().mapToDouble(job::minutesOn).sum();
        return Math.max(Math.min(SHORTEST_RINSE, rinse.minutes()), (int) Math.ceil(rinse.minutes() * share));
    }

    private static List<String> bowls(ProductUse lay) {
        return lay.mixed() ? List.of(lay.bowl()) : List.of();
    }

    private ZonePlace place(ProductUse.Unit unit) {
        return head.read().zones().get(unit.zone()).place();
    }
}
