package mischung.wish;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.hair.Strand;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.product.HairAmount;
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
    private final List<List<WorkedBand>> zones = new ArrayList<>();
    private final List<BandRef> refs = new ArrayList<>();

    private WorkedHead(Head read, Wish wish) {
        this.read = read;
        this.wish = wish;
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
        return touch && (one.weave() == other.weave() || one.weave() == Weave.ALL || other.weave() == Weave.ALL);
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
    public String name(BandRef at) {
        return place(at).words() + " " + at(at).cmWords();
    }

    private List<WorkedBand> worked(int z) {
        Zone zone = read.zones().get(z);
        Strand strand = zone.strand();
        List<WorkedBand> all = new ArrayList<>();
        for (int b = 0; b < strand.bands().size(); b++) {
            Band band = strand.bands().get(b);
            List<Double> lines = lines(z, band);
            for (int i = 0; i + 1 < lines.size(); i++) {
                Band piece = band.between(lines.get(i), lines.get(i + 1));
                all.addAll(aimed(z, b, piece));
            }
        }
        return all;
    }

    /** Where a band is cut: its own ends, and the wish's lines that fall inside it. */
    private List<Double> lines(int z, Band band) {
        Zone zone = read.zones().get(z);
        TreeSet<Double> lines = new TreeSet<>();
        double length = zone.strand().lengthCm();
        Design design = wish.design();
        double stagger = design.staggerCm() * ((z % 3) - 1);
        if (design.kind().hasRoot()) {
            lines.add(design.rootCm() + (design.kind() == Design.Kind.ROOT_TAP ? 0 : stagger));
        }
        if (design.kind().hasEnds()) {
            lines.add(length - design.endsCm() + stagger);
        }
        for (PartWish part : wish.parts()) {
            if (part.isFor(zone.place())) {
                lines.add(part.fromCm());
                lines.add(part.toCm());
            }
        }
        TreeSet<Double> cuts = new TreeSet<>(List.of(band.fromCm(), band.toCm()));
        for (double line : lines) {
            double snapped = Math.rint(line * 2) / 2;
            boolean near = Math.abs(snapped - band.fromCm()) < MEANT_CM || Math.abs(snapped - band.toCm()) < MEANT_CM;
            boolean tap = design.kind() == Design.Kind.ROOT_TAP && line == design.rootCm();
            if (snapped > band.fromCm() && snapped < band.toCm() && (!near || tap)) {
                cuts.add(snapped);
            }
        }
        if (band.touchesScalp()
                && band.toCm() >= WARM_CM + MEANT_CM
                && wish.limits().lightenerOn(zone.place())
                && toBeLifted(z, band)) {
            cuts.add(WARM_CM);
        }
        return List.copyOf(cuts);
    }

    private boolean toBeLifted(int z, Band band) {
        return aimed(z, 0, band).stream()
                .anyMatch(worked -> worked.aim()
                        .filter(aim -> aim.level() - band.level() > MUCH_LIGHTER)
                        .isPresent());
    }

    private List<WorkedBand> aimed(int z, int b, Band piece) {
        Zone zone = read.zones().get(z);
        double middle = (piece.fromCm() + piece.toCm()) / 2;
        if (wish.leaveOut().contains(zone.place())
                || zone.place().whole().filter(wish.leaveOut()::contains).isPresent()) {
            return List.of(all(z, b, piece, Optional.empty(), "left out: this zone stays as it is"));
        }
        Optional<PartWish> part = wish.parts().stream()
                .filter(p -> p.isFor(zone.place()) && p.fromCm() <= middle && middle < p.toCm())
                .reduce((earlier, later) -> later);
        if (part.isPresent()) {
            return List.of(all(z, b, piece, part.get().aim(), "wished for this part"));
        }
        if (wish.keepNatural() && piece.kind() == BandKind.NATURAL) {
            return List.of(all(z, b, piece, Optional.empty(), "natural hair stays natural"));
        }
        if (wish.grey() == Grey.KEPT && piece.kind() == BandKind.NATURAL && piece.greyShare() > 0) {
            return List.of(all(z, b, piece, Optional.empty(), "grey is kept"));
        }
        return byDesign(z, b, piece, middle, zone.strand().lengthCm());
    }

    private List<WorkedBand> byDesign(int z, int b, Band piece, double middle, double length) {
        Design design = wish.design();
        double stagger = design.staggerCm() * ((z % 3) - 1);
        double root = design.rootCm() + (design.kind() == Design.Kind.ROOT_TAP ? 0 : stagger);
        Optional<Aim> main = Optional.of(wish.main());
        return switch (design.kind()) {
            case EVEN -> List.of(all(z, b, piece, main, "the wished colour"));
            case MELT ->
                List.of(
                        middle < root
                                ? all(z, b, piece, design.root(), "root of the melt")
                                : middle > length - design.endsCm() + stagger
                                        ? all(z, b, piece, design.ends(), "ends of the melt")
                                        : all(z, b, piece, main, "mids of the melt"));
            case SHADOW_ROOT, ROOT_TAP ->
                List.of(
                        middle < root
                                ? all(z, b, piece, design.root(), design.kind().words())
                                : all(z, b, piece, main, "the wished colour"));
            case TIPS ->
                List.of(
                        middle > length - design.endsCm() + stagger
                                ? all(z, b, piece, design.ends(), "the tips")
                                : all(z, b, piece, main, "the wished colour"));
            case LOWLIGHTS, HIGHLIGHTS ->
                List.of(
                        new WorkedBand(
                                z,
                                b,
                                piece,
                                Weave.PIECES,
                                design.share(),
                                design.pieces(),
                                "woven pieces: " + design.kind().words()),
                        new WorkedBand(
                                z,
                                b,
                                piece,
                                Weave.REST,
                                1 - design.share(),
                                design.restStays() ? Optional.empty() : main,
                                design.restStays() ? "between the pieces: stays" : "between the pieces"));
        };
    }

    private static WorkedBand all(int z, int b, Band piece, Optional<Aim> aim, String why) {
        return new WorkedBand(z, b, piece, Weave.ALL, 1, aim, why);
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
