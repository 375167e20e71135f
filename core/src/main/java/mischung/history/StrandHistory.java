package mischung.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mischung.Constants;
import mischung.RefusedInput;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.hair.Pigments;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.light.Lab;

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
        this.lengthCm = RefusedInput.within("lengthCm", lengthCm, 0.5, Band.LONGEST_CM, "cm");
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
        for (Event event : history.events()) {
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
        return layers(covering(cm, growth));
    }

    private List<Event> covering(double cm, double growth) {
        return laid.stream()
                .filter(l -> l.covers(cm, growth, lengthCm))
                .map(Laid::event)
                .toList();
    }

    private static double layers(List<Event> events) {
        double count = 0;
        for (Event event : events) {
            if (event.service().family() == Service.Family.OXIDATIVE) {
                count += event.taken();
            } else if (event.service() == Service.REMOVER) {
                count *= FIGURES.of("layers a remover leaves");
            }
        }
        return count;
    }

    /** Where the line of each event that leaves one lies, nearest to the scalp first; the ends of the hair are none. */
    public List<Border> lines(double growth) {
        return cuts().stream()
                .map(line -> line.at(growth, lengthCm))
                .filter(cm -> cm > 0 && cm < lengthCm)
                .sorted()
                .map(cm -> new Border(cm, cm, cm))
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

    private record Piece(Border from, Border to, List<Event> events) {
        double length() {
            return to.cm() - from.cm();
        }
    }

    /** The strand from scalp to ends: stretches that follow one another without gap, each with one past. */
    public List<Stretch> stretches() {
        List<Piece> pieces = merged(pieces());
        List<Stretch> all = new ArrayList<>();
        double reached = 0;
        for (int i = 0; i < pieces.size(); i++) {
            boolean last = i == pieces.size() - 1;
            double end = last ? lengthCm : snapped(pieces.get(i).to().cm());
            if (!last && (end - reached < Band.SHORTEST_CM || lengthCm - end < Band.SHORTEST_CM)) {
                // Nothing shorter can be worked as a band of its own; it goes with what follows.
                continue;
            }
            all.add(stretch(
                    pieces.get(i),
                    all.isEmpty() ? 0 : all.get(all.size() - 1).to().cm(),
                    reached,
                    end));
            reached = end;
        }
        return all;
    }

    private static double snapped(double cm) {
        return Math.rint(cm / Band.SHORTEST_CM) * Band.SHORTEST_CM;
    }

    private List<Piece> pieces() {
        double growth = history.growth().usual();
        List<Laid.Line> cuts = new ArrayList<>(cuts());
        cuts.removeIf(line -> line.at(growth, lengthCm) <= 0 || line.at(growth, lengthCm) >= lengthCm);
        cuts.sort(Comparator.comparingDouble(line -> line.at(growth, lengthCm)));
        List<Border> borders = new ArrayList<>();
        borders.add(new Border(0, 0, 0));
        for (Laid.Line line : cuts) {
            borders.add(line.border(history.growth(), lengthCm, FIGURES.of("line read to")));
        }
        borders.add(new Border(lengthCm, lengthCm, lengthCm));
        List<Piece> pieces = new ArrayList<>();
        for (int i = 1; i < borders.size(); i++) {
            Border from = borders.get(i - 1);
            Border to = borders.get(i);
            if (to.cm() - from.cm() > 1e-9) {
                pieces.add(new Piece(from, to, covering((from.cm() + to.cm()) / 2, growth)));
            }
        }
        return pieces;
    }

    /** Neighbours that would be treated alike become one, then what is too short joins what it is most like. */
    private List<Piece> merged(List<Piece> pieces) {
        List<Piece> all = new ArrayList<>();
        for (Piece piece : pieces) {
            int last = all.size() - 1;
            if (last >= 0 && alike(all.get(last).events(), piece.events())) {
                all.set(last, joined(all.get(last), piece));
            } else {
                all.add(piece);
            }
        }
        while (all.size() > 1) {
            int shortest = shortest(all);
            boolean few = all.size() <= Strand.MOST_BANDS;
            if (few && all.get(shortest).length() >= FIGURES.of("shortest band")) {
                break;
            }
            // Natural regrowth is worth a band of its own however short.
            if (few
                    && shortest == 0
                    && all.get(0).events().isEmpty()
                    && all.get(0).length() >= Band.SHORTEST_CM) {
                if (all.size() == 2 || shortest(all.subList(1, all.size())) < 0) {
                    break;
                }
                int next = 1 + shortest(all.subList(1, all.size()));
                if (all.get(next).length() >= FIGURES.of("shortest band")) {
                    break;
                }
                shortest = next;
            }
            int other = neighbour(all, shortest);
            int first = Math.min(shortest, other);
            all.set(first, joined(all.get(first), all.get(first + 1)));
            all.remove(first + 1);
        }
        return all;
    }

    private static int shortest(List<Piece> all) {
        int shortest = 0;
        for (int i = 1; i < all.size(); i++) {
            shortest = all.get(i).length() < all.get(shortest).length() ? i : shortest;
        }
        return shortest;
    }

    private static int neighbour(List<Piece> all, int of) {
        if (of == 0) {
            return 1;
        }
        if (of == all.size() - 1) {
            return of - 1;
        }
        boolean regrowthAbove = of == 1 && all.get(0).events().isEmpty();
        double above = unlike(all.get(of - 1).events(), all.get(of).events());
        double below = unlike(all.get(of + 1).events(), all.get(of).events());
        return regrowthAbove || below <= above ? of + 1 : of - 1;
    }

    /** The line between coloured and uncoloured hair is the last one to be given up. */
    private static double unlike(List<Event> a, List<Event> b) {
        boolean across = step(layers(a)) == 0 ^ step(layers(b)) == 0;
        return Math.abs(layers(a) - layers(b)) + (across ? History.MOST_EVENTS : 0);
    }

    private static Piece joined(Piece a, Piece b) {
        return new Piece(a.from(), b.to(), a.length() >= b.length() ? a.events() : b.events());
    }

    private static boolean alike(List<Event> a, List<Event> b) {
        return step(layers(a)) == step(layers(b))
                && Math.rint(2 * lightened(a)) == Math.rint(2 * lightened(b))
                && Objects.equals(lastColour(a), lastColour(b));
    }

    /** Layers are told apart as none, one, two or three, four to six, and more. */
    private static int step(double layers) {
        return layers < 0.5 ? 0 : layers < 1.5 ? 1 : layers < 3.5 ? 2 : layers < 6.5 ? 3 : 4;
    }

    private record Colour(Service service, double level, Tone tone) {}

    private static Optional<Colour> lastColour(List<Event> events) {
        return events.stream()
                .filter(e -> e.service().colours())
                .reduce((earlier, later) -> later)
                .map(e -> new Colour(e.service(), e.level(), e.tone()));
    }

    private static double lightened(List<Event> events) {
        return events.stream()
                .filter(e -> e.service() == Service.LIGHTENER)
                .mapToDouble(Event::taken)
                .sum();
    }

    private Stretch stretch(Piece piece, double startedCm, double from, double to) {
        double growth = history.growth().usual();
        double doubt = FIGURES.of("natural level read to");
        Grown usual = grown(piece.events(), 0, 1);
        Grown dark = grown(piece.events(), -doubt, FIGURES.of("lift slow"));
        Grown light = grown(piece.events(), doubt, FIGURES.of("lift fast"));
        double fewest = Double.MAX_VALUE;
        double most = 0;
        double inside = 1e-6;
        double[] places = {
            piece.from().cm() + inside,
            (piece.from().cm() + piece.to().cm()) / 2,
            piece.to().cm() - inside
        };
        for (double cm : places) {
            double here = layersAt(Math.min(cm, lengthCm - inside), growth);
            fewest = Math.min(fewest, here);
            most = Math.max(most, here);
        }
        double middle = Math.max(fewest, Math.min(most, layers(piece.events())));
        Border begins = startedCm == from && from == 0 ? new Border(0, 0, 0) : at(from, piece.from());
        Border ends = to >= lengthCm ? new Border(lengthCm, lengthCm, lengthCm) : at(to, piece.to());
        double underFrom = halves(Math.min(dark.under, usual.under));
        double underTo = halves(Math.max(light.under, usual.under));
        return new Stretch(
                begins,
                ends,
                piece.events(),
                fewest,
                middle,
                most,
                lightened(piece.events()),
                usual.kind,
                underFrom,
                underTo,
                usual.look,
                Math.min(Math.min(dark.look.level(), light.look.level()), usual.look.level()),
                Math.max(Math.max(dark.look.level(), light.look.level()), usual.look.level()),
                proposed(usual, from, to, middle, underFrom, underTo));
    }

    private static Border at(double cm, Border border) {
        return new Border(cm, Math.min(cm, border.fromCm()), Math.max(cm, border.toCm()));
    }

    private static double halves(double level) {
        return Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, LevelScale.inHalves(level)));
    }

    private record Grown(BandKind kind, double under, Look look, Porosity porosity) {}

    /** Woven pieces and the rest are played apart and seen together (R8); the larger share gives the kind. */
    private Grown grown(List<Event> events, double naturalOff, double lift) {
        PastSimulation past = new PastSimulation(history, today, naturalOff, lift);
        double woven = events.stream()
                .filter(e -> e.where() == Where.WOVEN)
                .mapToDouble(Event::share)
                .max()
                .orElse(0);
        List<Event> rest = events.stream().filter(e -> e.where() != Where.WOVEN).toList();
        Canvas pieces = past.of(events);
        Canvas others = woven == 0 ? pieces : past.of(rest);
        boolean piecesRule = woven == 0 || woven >= 0.5;
        Canvas main = piecesRule ? pieces : others;
        Look look = Look.of(
                woven == 0 || woven >= 1
                        ? main.reflectance()
                        : others.reflectance().mixedWith(pieces.reflectance(), woven));
        Pigments base = withoutDye(main.coloured());
        Canvas bare = Canvas.of(base, Porosity.NORMAL);
        return new Grown(
                kind(piecesRule ? events : rest, main, bare),
                bare.level(),
                look,
                main.fibre().nearestPorosity());
    }

    private static Pigments withoutDye(Pigments pigments) {
        Pigments bare = pigments;
        for (DyeKind kind : DyeKind.values()) {
            bare = bare.with(kind.yellow(), 0).with(kind.red(), 0).with(kind.blue(), 0);
        }
        return bare;
    }

    private static BandKind kind(List<Event> events, Canvas now, Canvas bare) {
        boolean lifted = events.stream().anyMatch(e -> e.service() == Service.LIGHTENER);
        boolean risky = events.stream().anyMatch(e -> e.service().family() == Service.Family.DEPOSIT_OF_RISK);
        boolean shows = Ciede2000.between(now.lab(), bare.lab()) >= FIGURES.of("faded away");
        Dyes direct = now.coloured().dyes(DyeKind.DIRECT);
        Dyes oxidative = now.coloured().dyes(DyeKind.OXIDATIVE);
        if (lifted) {
            return shows && direct.total() > oxidative.total() ? BandKind.DIRECT : BandKind.LIGHTENED;
        }
        boolean permanent = events.stream().anyMatch(e -> e.service() == Service.PERMANENT);
        return shows || permanent || risky ? BandKind.COLOURED : BandKind.NATURAL;
    }

    private static Band proposed(Grown grown, double from, double to, double layers, double underFrom, double underTo) {
        double level = halves(grown.look.level());
        Tone tone = nearest(grown.kind, level, grown.look.lab());
        BandDetail detail = BandDetail.NONE.withPast(Math.rint(layers * 10) / 10, underFrom, underTo);
        return new Band(from, to, grown.kind, level, tone, grown.porosity, 0, detail);
    }

    private static Tone nearest(BandKind kind, double level, Lab colour) {
        return kind.tones().stream()
                .min(Comparator.comparingDouble(tone -> Ciede2000.between(colour, ToneScale.colourOf(level, tone))))
                .orElseThrow();
    }
}
