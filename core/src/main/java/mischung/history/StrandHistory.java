package mischung.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import mischung.Constants;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A past laid on one strand. What went on {@code m} months ago at {@code x} cm from the scalp lies at {@code x + m · growth}
 * today; what was cut off since is gone from the ends.
 */
public final class StrandHistory {
    private static final Constants FIGURES = Constants.in("history");

    private final History history;
    private final double lengthCm;
    private final LocalDate today;
    private final List<Laid> laid;

    private StrandHistory(History history, double lengthCm, LocalDate today) {
        this.history = history.notAfter(today);
        this.lengthCm = RefusedInput.within("lengthCm", lengthCm, 0.5, Band.LONGEST_CM, Unit.CM);
        this.today = today;
        this.laid = laid();
    }

    /**
     * @param lengthCm of the strand today
     * @throws RefusedInput if an event lies after {@code today}
     */
    public static StrandHistory of(History history, double lengthCm, LocalDate today) {
        return new StrandHistory(history, lengthCm, today);
    }

    private List<Laid> laid() {
        List<Laid> all = new ArrayList<>();
        Optional<Event> before = Optional.empty();
        for (Event event : history.inOrder()) {
            double months = History.months(event.date(), today);
            double then = lengthCm + cutSince(event);
            Laid.Line scalp = new Laid.Line(0, months);
            Laid.Line ends = new Laid.Line(lengthCm, 0);
            Optional<Event> earlier = before;
            switch (event.where()) {
                case ALL, WOVEN -> all.add(new Laid(event, scalp, ends));
                case ROOTS -> all.add(new Laid(event, scalp, rootsEnd(event, earlier, months)));
                case MIDS ->
                    all.add(new Laid(event, part("mids begin", then, months), part("ends begin", then, months)));
                case ENDS -> all.add(new Laid(event, part("ends begin", then, months), ends));
            }
            boolean atScalp = event.where() == Where.ALL || event.where() == Where.ROOTS;
            before = event.service().marks() && atScalp ? Optional.of(event) : before;
        }
        return all.stream().filter(l -> l.event().service() != Service.HAIRCUT).toList();
    }

    private static Laid.Line rootsEnd(Event event, Optional<Event> earlier, double months) {
        return earlier.map(e -> new Laid.Line(event.overlapCm(), months + History.months(e.date(), event.date())))
                .orElseGet(() -> new Laid.Line(FIGURES.of("first roots") + event.overlapCm(), months));
    }

    /** A share of the length it had then: {@code x · (then − m · growth) + m · growth}. */
    private static Laid.Line part(String share, double thenCm, double months) {
        double x = FIGURES.of(share);
        return new Laid.Line(x * thenCm, (1 - x) * months);
    }

    private double cutSince(Event event) {
        return history.events().stream()
                .filter(e -> e.service() == Service.HAIRCUT && !e.date().isBefore(event.date()))
                .mapToDouble(Event::cutCm)
                .sum();
    }

    /** Layers of oxidative colour at a place, at a growth in cm a month; woven pieces count by their share. */
    public double layersAt(double cm, double growth) {
        return PastStretch.layersOf(covering(cm, growth));
    }

    private List<Event> covering(double cm, double growth) {
        return laid.stream()
                .filter(l -> l.covers(cm, growth, lengthCm))
                .map(Laid::event)
                .toList();
    }

    /** Whether any of it still lies on the strand, even if the hair grew as slowly as it may. */
    public boolean stillThere(Service service) {
        double slow = history.growth().from();
        return laid.stream()
                .filter(l -> l.event().service() == service)
                .anyMatch(l -> l.from().at(slow, lengthCm) < l.to().at(slow, lengthCm));
    }

    /** Where the line of each event that leaves one lies, nearest to the scalp first; the ends of the hair are none. */
    public List<Border> lines(double growth) {
        return cuts().stream()
                .map(line -> line.at(growth, lengthCm))
                .filter(cm -> cm > 0 && cm < lengthCm)
                .sorted()
                .map(Border::exactly)
                .toList();
    }

    private List<Laid.Line> cuts() {
        List<Laid.Line> all = new ArrayList<>();
        for (Laid one : laid) {
            all.add(one.from());
            all.add(one.to());
        }
        return all.stream().distinct().toList();
    }

    /** The strand from scalp to ends: stretches that follow one another without gap, each with one past. */
    public List<Stretch> stretches() {
        List<PastStretch> pieces = Pieces.merged(pieces());
        List<Stretch> all = new ArrayList<>();
        double reached = 0;
        for (int i = 0; i < pieces.size(); i++) {
            boolean last = i == pieces.size() - 1;
            double end = last ? lengthCm : snapped(pieces.get(i).to().cm());
            if (!last && (end - reached < Band.SHORTEST_CM || lengthCm - end < Band.SHORTEST_CM)) {
                // Nothing shorter can be worked as a band of its own; it goes with what follows.
                continue;
            }
            all.add(stretch(pieces.get(i), reached, end));
            reached = end;
        }
        return all;
    }

    private static double snapped(double cm) {
        return Math.rint(cm / Band.SHORTEST_CM) * Band.SHORTEST_CM;
    }

    private List<PastStretch> pieces() {
        double growth = history.growth().usual();
        List<Laid.Line> cuts = new ArrayList<>(cuts());
        cuts.removeIf(line -> line.at(growth, lengthCm) <= 0 || line.at(growth, lengthCm) >= lengthCm);
        cuts.sort(Comparator.comparingDouble(line -> line.at(growth, lengthCm)));
        List<Border> borders = new ArrayList<>();
        borders.add(Border.exactly(0));
        for (Laid.Line line : cuts) {
            borders.add(line.border(history.growth(), lengthCm, FIGURES.of("line read to")));
        }
        borders.add(Border.exactly(lengthCm));
        List<PastStretch> pieces = new ArrayList<>();
        for (int i = 1; i < borders.size(); i++) {
            Border from = borders.get(i - 1);
            Border to = borders.get(i);
            if (to.cm() - from.cm() > 1e-9) {
                pieces.add(new PastStretch(from, to, covering((from.cm() + to.cm()) / 2, growth)));
            }
        }
        return pieces;
    }

    private Stretch stretch(PastStretch piece, double from, double to) {
        double doubt = FIGURES.of("natural level read to");
        Grown usual = Grown.of(piece.events(), new PastSimulation(history, today, 0, 1));
        Grown dark = Grown.of(piece.events(), new PastSimulation(history, today, -doubt, FIGURES.of("lift slow")));
        Grown light = Grown.of(piece.events(), new PastSimulation(history, today, doubt, FIGURES.of("lift fast")));
        double[] counts = layersAlong(piece);
        double fewest = Arrays.stream(counts).min().orElse(0);
        double most = Arrays.stream(counts).max().orElse(0);
        double layers = Math.max(fewest, Math.min(most, piece.layers()));
        double underFrom = Grown.halves(Math.min(dark.under(), usual.under()));
        double underTo = Grown.halves(Math.max(light.under(), usual.under()));
        double[] levels = {
            dark.look().level(), usual.look().level(), light.look().level()
        };
        return new Stretch(
                from == 0 ? Border.exactly(0) : at(from, piece.from()),
                to >= lengthCm ? Border.exactly(lengthCm) : at(to, piece.to()),
                piece.events(),
                fewest,
                layers,
                most,
                piece.lightened(),
                usual.kind(),
                underFrom,
                underTo,
                usual.look(),
                Arrays.stream(levels).min().orElseThrow(),
                Arrays.stream(levels).max().orElseThrow(),
                usual.proposed(from, to, BandDetail.NONE.withPast(Math.rint(layers * 10) / 10, underFrom, underTo)));
    }

    /** At its beginning, middle and end. */
    private double[] layersAlong(PastStretch piece) {
        double inside = 1e-6;
        double begin = piece.from().cm() + inside;
        double end = piece.to().cm() - inside;
        return DoubleStream.of(begin, (begin + end) / 2, end)
                .map(cm -> layersAt(cm, history.growth().usual()))
                .toArray();
    }

    private static Border at(double cm, Border border) {
        return new Border(cm, Math.min(cm, border.fromCm()), Math.max(cm, border.toCm()));
    }
}
