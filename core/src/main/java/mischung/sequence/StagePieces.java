package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import mischung.hair.ZonePlace;
import mischung.sequence.Bench.Shown;
import mischung.sequence.Piece.Lag;
import mischung.sequence.Piece.Use;
import mischung.wish.WorkedHead;

/** Puts the pieces of a stage together for one way of grouping its sections. */
final class StagePieces {
    /** A bowl is laid well before its life ends. */
    private static final double WELL_BEFORE = 0.7;

    private static final int LATE_LOOK = 12;
    private static final int SHORTEST_RINSE = 3;

    private final Stage.Job job;
    private final WorkedHead head;
    private final Terms terms;
    private final Durations durations;
    private final List<List<Lay.Unit>> groups;
    private final boolean apart;
    private final int mostBatches;
    private final Map<Integer, Double> volumes;
    private final Bench bench;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<Integer> looks = new ArrayList<>();
    private int headFree = -1;

    /** What the next group waits for: the end of the rinse where groups are worked apart, else the start of the last laying. */
    private Optional<Lag> afterGroup = Optional.empty();

    /**
     * @param mostBatches of a bowl of lightener in each group
     * @param volumes of batches, by their index, where they are known to differ from their bowl's
     */
    StagePieces(
            Stage.Job job,
            WorkedHead head,
            Terms terms,
            int clock,
            List<List<Lay.Unit>> groups,
            boolean apart,
            int mostBatches,
            Map<Integer, Double> volumes) {
        this.job = job;
        this.head = head;
        this.terms = terms;
        this.durations = terms.durations();
        this.groups = groups;
        this.apart = apart;
        this.mostBatches = mostBatches;
        this.volumes = volumes;
        this.bench = new Bench(job.prefix(), clock, terms.pins());
    }

    Bench build() {
        for (Stage.Alone first : job.before()) {
            List<Lag> lags = headFree < 0 ? List.of() : List.of(Lag.afterEnd(headFree, 0));
            headFree = bench.add(first.key(), first.shown(), first.minutes(), Use.WHOLE_HEAD, 0, lags);
        }
        for (int g = 0; g < groups.size(); g++) {
            group(g);
        }
        for (int person = 1; person <= job.resting(); person++) {
            bench.add(
                    "BREAK " + person,
                    new Shown(Task.Kind.BREAK, "Break", "Local law on working time goes first.", List.of(), List.of()),
                    durations.minutes("break", Task.Kind.BREAK),
                    Use.ASIDE,
                    person,
                    List.of());
        }
        return bench;
    }

    /** So that all products of a group end together: when each begins after the first (R21). */
    private Map<Lay, Integer> staggers(List<Lay.Unit> units) {
        List<Lay> longestFirst = job.work().lays().stream()
                .filter(lay -> !lay.root() && units.stream().anyMatch(lay::on))
                .sorted(Comparator.comparingInt((Lay lay) -> -lay.works() * lay.passes()))
                .toList();
        double begin = 0;
        double finish = 0;
        Map<Lay, Double> begins = new HashMap<>();
        for (Lay lay : longestFirst) {
            double laying = lay.minutesOn(units) / terms.hands();
            begins.put(lay, begin);
            finish = Math.max(finish, begin + lay.span(laying, durations.of("wipe off")));
            begin += laying;
        }
        Map<Lay, Integer> all = new HashMap<>();
        for (Lay lay : longestFirst) {
            double span = lay.span(lay.minutesOn(units) / terms.hands(), durations.of("wipe off"));
            all.put(lay, (int) Math.floor(Math.max(begins.getOrDefault(lay, 0.0), finish - span)));
        }
        return all;
    }

    private void group(int g) {
        List<Lay.Unit> units = groups.get(g);
        Map<Lay, Integer> staggers = staggers(units);
        List<Lay> inOrder = job.work().lays().stream()
                .filter(lay -> units.stream().anyMatch(lay::on))
                .sorted(Comparator.comparing(Lay::root).thenComparing(lay -> staggers.getOrDefault(lay, 0)))
                .toList();
        Map<Lay, Map<Lay.Unit, Integer>> laid = new LinkedHashMap<>();
        Optional<Integer> anchor = Optional.empty();
        int lastLaid = -1;
        for (Lay lay : inOrder) {
            List<Lay.Unit> here = units.stream().filter(lay::on).toList();
            Map<Lay.Unit, Integer> pieces = Map.of();
            for (int pass = 1; pass <= lay.passes(); pass++) {
                Laid on = new Laid(g, lay, pass, here, pieces, laid);
                Optional<Lag> begins = pass > 1
                        ? Optional.empty()
                        : anchor.map(first -> Lag.afterStart(first, staggers.getOrDefault(lay, 0)));
                pieces = on.from(begins);
                if (anchor.isEmpty()) {
                    anchor = pieces.values().stream().findFirst();
                }
                if (pass == 1) {
                    lastLaid = Math.max(
                            lastLaid,
                            pieces.values().stream().mapToInt(p -> p).max().orElse(-1));
                }
            }
            laid.put(lay, pieces);
        }
        if (!laid.isEmpty()) {
            int rinsed = finish(g, units, laid);
            afterGroup = Optional.of(apart ? Lag.afterEnd(rinsed, 0) : Lag.afterStart(lastLaid, 0));
        }
    }

    /** One product, laid once on one group: in as many fresh batches as its life and the ramp ask for. */
    private final class Laid {
        private final int g;
        private final Lay lay;
        private final int pass;
        private final List<Lay.Unit> here;
        private final Map<Lay.Unit, Integer> before;
        private final Map<Lay, Map<Lay.Unit, Integer>> others;
        private final Map<Lay.Unit, Integer> minutes;
        private final Map<Lay.Unit, Integer> pieces = new LinkedHashMap<>();
        private int previous = -1;

        Laid(
                int g,
                Lay lay,
                int pass,
                List<Lay.Unit> here,
                Map<Lay.Unit, Integer> before,
                Map<Lay, Map<Lay.Unit, Integer>> others) {
            this.g = g;
            this.lay = lay;
            this.pass = pass;
            this.here = here;
            this.before = before;
            this.others = others;
            this.minutes = new LinkedHashMap<>();
            double slower = pass == 1 ? 1 : 1 + durations.of("wipe off");
            lay.minutes(here).forEach((unit, takes) -> minutes.put(unit, (int) Math.ceil(takes * slower)));
        }

        /** @param begins after the first laying of the group; none for the first itself */
        Map<Lay.Unit, Integer> from(Optional<Lag> begins) {
            double all = minutes.values().stream().mapToInt(m -> m).sum();
            int fresh = lay.mixed() ? (int) Math.ceil(all / terms.hands() / (WELL_BEFORE * lay.bowlLife())) : 1;
            int ramp = lay.splits() && pass == lay.passes() ? Math.min(mostBatches, lay.mostBatches(groups.size())) : 1;
            List<List<Lay.Unit>> batches = Lay.parted(
                    here, unit -> minutes.getOrDefault(unit, 0), Math.min(here.size(), Math.max(fresh, ramp)));
            for (int b = 0; b < batches.size(); b++) {
                batch(batches.get(b), begins, b == batches.size() - 1);
            }
            return pieces;
        }

        private void batch(List<Lay.Unit> units, Optional<Lag> begins, boolean last) {
            Optional<Integer> mix = lay.mixed() ? Optional.of(mix(begins)) : Optional.empty();
            List<Integer> laid = new ArrayList<>();
            int all = 0;
            for (Lay.Unit unit : units) {
                int takes = minutes.getOrDefault(unit, 1);
                all += takes;
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
                Integer earlier = before.get(unit);
                if (earlier != null) {
                    lags.add(new Lag(earlier, true, lay.works(), lay.longest()));
                }
                if (lay.root()) {
                    near(unit, lags);
                }
                previous = apply(unit, takes, lags);
                if (earlier != null) {
                    bench.clocks.add(
                            new Bench.Clock(lay, unit.zone(), place(unit), earlier, previous, pass - 1, false, true));
                }
                laid.add(previous);
                pieces.put(unit, previous);
            }
            mix.ifPresent(m ->
                    bench.batches.add(new Bench.Mixed(lay, numbers.getOrDefault(lay.bowl(), 0), m, laid, units, pass)));
            looks(
                    laid.get(0),
                    last ? lay.works() : Math.max(all / terms.hands(), (int) durations.of("look every") + 2));
        }

        private int apply(Lay.Unit unit, int takes, List<Lag> lags) {
            String part = unit.of() > 1 ? "Part " + unit.part() + " of " + unit.of() + ". " : "";
            return bench.add(
                    "APPLY " + lay.what() + " " + place(unit) + " " + unit.part() + "." + unit.of() + " " + pass,
                    new Shown(
                            Task.Kind.APPLY,
                            (pass > 1 ? "Wipe off, lay fresh " : "Lay ") + lay.what(),
                            part + lay.detail(),
                            bowls(lay),
                            List.of(place(unit))),
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
            } else if (pass > 1) {
                before.values().stream()
                        .findFirst()
                        .ifPresent(first -> lags.add(Lag.afterEnd(first, Math.max(0, lay.works() - takes))));
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
                            "Mix " + lay.bowl() + (number > 1 ? ", batch " + number : ""),
                            lay.lifts() ? "Small and fresh." : "",
                            bowls(lay),
                            here.stream()
                                    .map(StagePieces.this::place)
                                    .distinct()
                                    .toList()),
                    takes,
                    Use.ASIDE,
                    0,
                    lags);
        }

        /** R33: the root waits until the lengths beside it are within two levels of their goal. */
        private void near(Lay.Unit unit, List<Lag> lags) {
            others.forEach((lengths, laid) -> {
                Integer piece = laid.get(unit);
                Ramping ramping = lengths.ramping().get(unit.zone());
                if (piece != null && ramping != null && !lengths.root()) {
                    lags.add(Lag.afterEnd(piece, ramping.near(volume(piece).orElse(ramping.ownVolume()))));
                }
            });
        }

        private Optional<Double> volume(int piece) {
            OptionalInt batch = bench.batchOf(piece);
            return batch.isPresent() ? Optional.ofNullable(volumes.get(batch.getAsInt())) : Optional.empty();
        }

        /** R38: looked at wherever a batch began, and every so many minutes until the next begins or it has worked. */
        private void looks(int first, int until) {
            int every = (int) durations.of("look every");
            for (int at = every; lay.lifts() && at < Math.min(until, lay.works() - 1); at += every) {
                looks.add(bench.add(
                        "LOOK " + lay.bowl() + " " + g + "." + numbers.getOrDefault(lay.bowl(), 0) + " " + at,
                        new Shown(
                                Task.Kind.CHECK,
                                "Look at bowl " + lay.bowl(),
                                "A wiped strand where it began, " + at + " min in.",
                                bowls(lay),
                                bench.shown.get(first).zones()),
                        durations.minutes("strand check", Task.Kind.CHECK),
                        Use.ON_HEAD,
                        0,
                        List.of(new Lag(first, true, at, at + LATE_LOOK))));
            }
        }
    }

    /** The last look and the rinse of a group, when all of it has worked. @return the last of them */
    private int finish(int g, List<Lay.Unit> units, Map<Lay, Map<Lay.Unit, Integer>> laid) {
        List<ZonePlace> zones = units.stream().map(this::place).distinct().toList();
        String of = groups.size() == 1 ? "" : " " + (g + 1);
        List<Lag> worked = new ArrayList<>();
        List<Lag> windows = new ArrayList<>();
        laid.forEach((lay, pieces) -> pieces.values().forEach(piece -> {
            worked.add(Lag.afterEnd(piece, lay.works()));
            windows.add(new Lag(piece, true, lay.works(), lay.longest()));
        }));
        looks.forEach(look -> worked.add(Lag.afterEnd(look, 0)));
        looks.clear();
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
        laid.forEach((lay, pieces) -> pieces.forEach((unit, piece) -> bench.clocks.add(new Bench.Clock(
                lay,
                unit.zone(),
                place(unit),
                piece,
                rinsed,
                lay.passes(),
                true,
                job.work().rinse().isPresent()))));
        return rinsed;
    }

    private int rinsing(Stage.Alone rinse, List<Lay.Unit> units) {
        if (groups.size() == 1) {
            return rinse.minutes();
        }
        double share = job.minutesOn(units)
                / groups.stream().mapToDouble(job::minutesOn).sum();
        return Math.max(Math.min(SHORTEST_RINSE, rinse.minutes()), (int) Math.ceil(rinse.minutes() * share));
    }

    private static List<String> bowls(Lay lay) {
        return lay.mixed() ? List.of(lay.bowl()) : List.of();
    }

    private ZonePlace place(Lay.Unit unit) {
        return head.read().zones().get(unit.zone()).place();
    }
}
