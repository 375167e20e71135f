package mischung.wish;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mischung.hair.Band;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.hair.Strand;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.product.HairAmount;
import mischung.said.Figure;
import mischung.said.Said;
import org.jspecify.annotations.Nullable;

/**
 * The head as it will be worked on: every band as read, cut where the design or a part of the wish has a line, parted where
 * pieces are woven out, and cut where the scalp's warmth ends on hair that has to become lighter (R33).
 */
public final class WorkedHead {
    /** R33: product on the last two centimetres works two to three times as fast. */
    public static final double WARM_CM = 2;

    /** A line of the wish this near to a line on the hair is meant to be that line. */
    private static final double MEANT_CM = 1;

    private static final double MUCH_LIGHTER = 0.5;

    private final Head read;
    private final Wish wish;
    private final List<Layer> layers;
    private final List<List<WorkedBand>> zones = new ArrayList<>();
    private final List<BandRef> refs = new ArrayList<>();

    private WorkedHead(Head read, Wish wish) {
        this.read = read;
        this.wish = wish;
        this.layers = wish.placement();
        for (int z = 0; z < read.zones().size(); z++) {
            List<WorkedBand> worked = worked(z);
            zones.add(List.copyOf(worked));
            for (int b = 0; b < worked.size(); b++) {
                refs.add(new BandRef(z, b));
            }
        }
    }

    public static WorkedHead of(Head read, Wish wish) {
        return new WorkedHead(read, wish);
    }

    public Head read() {
        return read;
    }

    public List<List<WorkedBand>> zones() {
        return List.copyOf(zones);
    }

    public ZonePlace place(BandRef at) {
        return read.zones().get(at.zone()).place();
    }

    public WorkedBand at(BandRef at) {
        return zones.get(at.zone()).get(at.band());
    }

    public Band band(BandRef at) {
        return at(at).band();
    }

    /** Of the hair of a zone that layers part out; those that are parted first first. */
    public List<Parted> parted(int zone) {
        return Groups.of(layers, read, read.zones().get(zone)).partedFirst().stream()
                .filter(group -> !group.isRest())
                .map(group -> {
                    int layer = group.layers().keySet().stream()
                            .mapToInt(i -> i)
                            .max()
                            .orElseThrow();
                    return new Parted(
                            group.number(),
                            group.share(),
                            layer,
                            group.of(layer).orElseThrow());
                })
                .toList();
    }

    /**
     * Hairs of a zone that lie together in their foils.
     *
     * @param group as in {@link WorkedBand#groups()}
     * @param share of the zone's hair, 0–1
     * @param layer that parted them out last, by its index
     * @param colour which of that layer's colours they have
     */
    public record Parted(int group, double share, int layer, int colour) {
        /** What lies between all that is parted out; how much that is differs from zone to zone. */
        public static final Parted REST = new Parted(0, 1, 0, 0);
    }

    /** Of the wish, from the first to the last that goes over all before it. */
    public List<Layer> layers() {
        return layers;
    }

    /**
     * Of the hair of its zone that these stretches are, 0–1, at the widest: stretches under each other on the same hairs count
     * once.
     *
     * @param some of one zone
     */
    public double share(Collection<BandRef> some) {
        Map<Double, Double> byTop = new HashMap<>();
        some.forEach(at -> byTop.merge(band(at).fromCm(), at(at).share(), Double::sum));
        return Math.min(
                1, byTop.values().stream().mapToDouble(share -> share).max().orElse(1));
    }

    /** Every one of them, zone by zone from the scalp down. */
    public List<BandRef> bands() {
        return List.copyOf(refs);
    }

    /** Next to each other along the strand, on the same hairs or with all of them. */
    public boolean neighbours(BandRef a, BandRef b) {
        WorkedBand one = at(a);
        WorkedBand other = at(b);
        boolean touch = a.zone() == b.zone()
                && (one.band().toCm() == other.band().fromCm()
                        || other.band().toCm() == one.band().fromCm());
        return touch && one.sharesHairWith(other);
    }

    /**
     * Over how much one stretch runs into the next one on the same hairs, in cm, half of it on either side of where they meet; 0 where
     * they meet in a line. Never wider than the hair that is wished alike on either side, so that no feather reaches into another:
     * what is seen from afar stays the mean of the stretches.
     */
    public double feather(BandRef above, BandRef below) {
        WorkedBand upper = at(above);
        WorkedBand lower = at(below);
        double wished = upper.layer() == lower.layer()
                ? upper.part() == lower.part() ? 0 : upper.featherCm()
                : layers.get(Math.max(upper.layer(), lower.layer())).region().featherCm();
        if (wished == 0 || upper.aim().equals(lower.aim())) {
            return 0;
        }
        double line = upper.band().toCm();
        // Some of the hairs may be wished alike for longer than others; the shortest of them says how wide it may be.
        return upper.groups().stream()
                .filter(lower.groups()::contains)
                .mapToDouble(group -> Math.min(
                        line - alikeUpTo(zones.get(above.zone()), upper, group),
                        alikeDownTo(zones.get(above.zone()), lower, group) - line))
                .reduce(wished, Math::min);
    }

    private static double alikeDownTo(List<WorkedBand> zone, WorkedBand from, int group) {
        double down = from.band().fromCm();
        // Stretches come from the scalp down.
        for (WorkedBand one : zone) {
            if (one.band().fromCm() == down && wishedAs(one, from, group)) {
                down = one.band().toCm();
            }
        }
        return down;
    }

    private static double alikeUpTo(List<WorkedBand> zone, WorkedBand from, int group) {
        double up = from.band().toCm();
        for (int i = zone.size() - 1; i >= 0; i--) {
            if (zone.get(i).band().toCm() == up && wishedAs(zone.get(i), from, group)) {
                up = zone.get(i).band().fromCm();
            }
        }
        return up;
    }

    private static boolean wishedAs(WorkedBand one, WorkedBand other, int group) {
        return one.layer() == other.layer()
                && one.part() == other.part()
                && one.groups().contains(group);
    }

    /** Colour and developer together, without reserve. */
    public double mixGrams(Collection<BandRef> some) {
        return some.stream()
                .mapToDouble(at -> HairAmount.mixGrams(read, at.zone(), band(at)) * at(at).share())
                .sum();
    }

    /** Treatment cream, without reserve. */
    public double treatmentGrams(Collection<BandRef> some) {
        return some.stream()
                .mapToDouble(at -> HairAmount.treatmentGrams(read, at.zone(), band(at)) * at(at).share())
                .sum();
    }

    /** "crown 4–12 cm". */
    public Said said(BandRef at) {
        return at(at).said(place(at));
    }

    private List<WorkedBand> worked(int z) {
        Zone zone = read.zones().get(z);
        Strand strand = zone.strand();
        Groups groups = Groups.of(layers, read, zone);
        List<WorkedBand> all = new ArrayList<>();
        for (int b = 0; b < strand.bands().size(); b++) {
            Band band = strand.bands().get(b);
            List<Double> lines = lines(z, groups, b, band);
            for (int i = 0; i + 1 < lines.size(); i++) {
                all.addAll(aimed(z, groups, b, band.between(lines.get(i), lines.get(i + 1))));
            }
        }
        return all;
    }

    /** Where a band is cut: its own ends, and the wish's lines that fall inside it. */
    private List<Double> lines(int z, Groups groups, int b, Band band) {
        Zone zone = read.zones().get(z);
        double length = zone.strand().lengthCm();
        TreeSet<Double> cuts = new TreeSet<>(List.of(band.fromCm(), band.toCm()));
        for (Layer layer : layers) {
            if (!layer.on() || !layer.region().isFor(zone.place())) {
                continue;
            }
            boolean tap = layer.purpose() == Layer.Purpose.ROOT_TAP;
            TreeSet<Double> lines = new TreeSet<>(layer.region().lines(zone.strand()));
            layer.whats().forEach(what -> lines.addAll(what.lines(length, stagger(layer, what, z))));
            for (double line : lines) {
                double snapped = Math.rint(line * 2) / 2;
                boolean near =
                        Math.abs(snapped - band.fromCm()) < MEANT_CM || Math.abs(snapped - band.toCm()) < MEANT_CM;
                boolean meant = tap && line > 0 && line < length / 2;
                double cut = meant ? Math.max(Band.SHORTEST_CM, snapped) : snapped;
                if (cut > band.fromCm() && cut < band.toCm() && (!near || meant)) {
                    cuts.add(cut);
                }
            }
        }
        if (band.touchesScalp()
                && band.toCm() >= WARM_CM + MEANT_CM
                && wish.limits().lightenerOn(zone.place())
                && toBeLifted(z, groups, b, band)) {
            cuts.add(WARM_CM);
        }
        return List.copyOf(cuts);
    }

    /** A root tap is a few millimetres everywhere; all else is staggered from zone to zone where it is asked for. */
    private static double stagger(Layer layer, What what, int z) {
        return layer.purpose() == Layer.Purpose.ROOT_TAP ? 0 : what.staggerCm() * ((z % 3) - 1);
    }

    private boolean toBeLifted(int z, Groups groups, int b, Band band) {
        return aimed(z, groups, b, band).stream()
                .anyMatch(worked -> worked.aim()
                        .filter(aim -> aim.level() - band.level() > MUCH_LIGHTER)
                        .isPresent());
    }

    /** What the last layer that speaks of it says of some hairs. */
    private record Given(int layer, What what, What.Part part, boolean woven) {}

    private List<WorkedBand> aimed(int z, Groups groups, int b, Band piece) {
        Zone zone = read.zones().get(z);
        Map<Given, List<Groups.Group>> alike = new LinkedHashMap<>();
        // What is parted out is named before what lies between.
        for (Groups.Group group : groups.partedFirst()) {
            alike.computeIfAbsent(said(zone, z, group, piece), key -> new ArrayList<>())
                    .add(group);
        }
        List<WorkedBand> all = new ArrayList<>();
        alike.forEach((said, some) -> all.add(worked(z, groups, b, piece, said, some, alike.size() == 1)));
        return all;
    }

    private Given said(Zone zone, int z, Groups.Group group, Band piece) {
        double middle = (piece.fromCm() + piece.toCm()) / 2;
        double length = zone.strand().lengthCm();
        for (int i = layers.size() - 1; i >= 0; i--) {
            Layer layer = layers.get(i);
            Optional<What> what = layer.pattern().parts()
                    ? group.of(i).map(layer.whats()::get)
                    : Optional.of(layer.whats().get(0));
            if (layer.on() && what.isPresent() && layer.region().holds(zone.place(), zone.strand(), piece, middle)) {
                What.Part part = what.get().part(middle, length, stagger(layer, what.get(), z));
                return new Given(i, what.get(), part, layer.pattern().parts());
            }
        }
        return new Given(-1, What.stays(), What.Part.MIDS, false);
    }

    /** Below its root a layer that shades or taps it is but the wished colour. */
    private static Layer.Purpose purpose(Layer layer, Given said) {
        boolean below = said.what instanceof What.Along && said.part != What.Part.ROOT;
        return below && layer.purpose() != Layer.Purpose.MELT ? Layer.Purpose.COLOUR : layer.purpose();
    }

    private WorkedBand worked(
            int z, Groups groups, int b, Band piece, Given said, List<Groups.Group> some, boolean alone) {
        boolean rest = some.stream().anyMatch(Groups.Group::isRest);
        Optional<Layer> layer = said.layer < 0 ? Optional.empty() : Optional.of(layers.get(said.layer));
        Optional<Aim> aim = said.what.aim(said.part);
        WishMessage between = aim.isEmpty() ? WishMessage.BETWEEN_PIECES_STAYS : WishMessage.BETWEEN_PIECES;
        Weave weave = alone ? Weave.ALL : rest ? Weave.REST : Weave.PIECES;
        return new WorkedBand(
                z,
                b,
                piece,
                weave,
                alone ? 1 : some.stream().mapToDouble(Groups.Group::share).sum(),
                some.stream().map(Groups.Group::number).collect(Collectors.toCollection(TreeSet::new)),
                aim,
                said.layer,
                said.part,
                said.what.featherCm(),
                layer.map(l -> purpose(l, said)).orElse(Layer.Purpose.STAYS),
                layer.map(Layer::how).orElse(How.USUAL),
                switch (weave) {
                    case ALL -> Optional.empty();
                    case REST -> Optional.of(Figure.Named.of(weave));
                    case PIECES -> Optional.of(groups.called(some.get(0)));
                },
                weave == Weave.REST && said.layer == 0
                        ? between.figure()
                        : layer.map(l -> l.why(said.part, said.woven)).orElseGet(WishMessage.NOTHING_WISHED::figure));
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof WorkedHead that && read.equals(that.read) && wish.equals(that.wish);
    }

    @Override
    public int hashCode() {
        return Objects.hash(read, wish);
    }
}
