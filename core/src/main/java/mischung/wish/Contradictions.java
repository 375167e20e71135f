package mischung.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Head;
import mischung.hair.LevelScale;
import mischung.hair.Zone;

/** Wishes that cannot all be had, each named with both its sides. */
public final class Contradictions {
    private static final double LIGHTER = 1;

    private final Head head;
    private final Wish wish;
    private final List<String> found = new ArrayList<>();

    private Contradictions(Head head, Wish wish) {
        this.head = head;
        this.wish = wish;
    }

    /** Empty if the wish can be meant as it stands. */
    public static List<String> of(Head head, Wish wish) {
        Contradictions all = new Contradictions(head, wish);
        all.nothingLeft();
        all.design();
        all.natural();
        all.lightener();
        all.trim();
        all.layers();
        return List.copyOf(all.found);
    }

    private void nothingLeft() {
        if (WorkedHead.of(head, wish).zones().stream().flatMap(List::stream).allMatch(WorkedBand::keeps)) {
            found.add("All hair is to stay as it is, and yet " + wish.words()
                    + " is wished: say which hair may be worked on.");
        }
    }

    private void design() {
        Design design = wish.design();
        double main = wish.main().level();
        design.root().filter(root -> root.level() > main).ifPresent(root -> {
            if (design.kind() != Design.Kind.MELT) {
                found.add("A " + design.kind().words() + " of " + root.words() + " is lighter than the lengths at "
                        + wish.main().words() + ": a shadow has to be darker.");
            }
        });
        design.pieces().ifPresent(pieces -> {
            double rest = design.restStays() ? Double.NaN : main;
            if (design.kind() == Design.Kind.LOWLIGHTS && pieces.level() > rest) {
                found.add("Lowlights of " + pieces.words() + " are lighter than the "
                        + wish.main().words() + " between them.");
            }
            if (design.kind() == Design.Kind.HIGHLIGHTS && pieces.level() < rest) {
                found.add("Highlights of " + pieces.words() + " are darker than the "
                        + wish.main().words() + " between them.");
            }
        });
    }

    private void natural() {
        for (PartWish part : wish.parts()) {
            if (wish.keepNatural() && part.aim().isPresent() && part.fromCm() == 0 && anyNatural(part)) {
                found.add("Natural hair is to stay natural, and from the scalp to " + LevelScale.figure(part.toCm())
                        + " cm " + part.aim().get().words() + " is wished.");
            }
        }
        boolean grey = head.zones().stream()
                .flatMap(zone -> zone.strand().bands().stream())
                .anyMatch(band -> band.kind() == BandKind.NATURAL && band.greyShare() >= 0.1);
        if (wish.keepNatural()
                && wish.grey() == Grey.COVERED
                && grey
                && wish.design().kind() == Design.Kind.EVEN) {
            found.add("Grey is to be covered, and natural hair is to stay natural: the grey is in the natural hair.");
        }
    }

    private boolean anyNatural(PartWish part) {
        return head.zones().stream()
                .filter(zone -> part.isFor(zone.place()))
                .anyMatch(zone -> zone.strand().bands().get(0).kind() == BandKind.NATURAL);
    }

    /** The hair that would have to be lightened most speaks for all. */
    private void lightener() {
        WorkedHead worked = WorkedHead.of(head, wish);
        String where = "";
        double furthest = LIGHTER;
        for (var at : worked.bands()) {
            WorkedBand band = worked.at(at);
            if (band.keeps() || wish.limits().lightenerOn(worked.place(at))) {
                continue;
            }
            Band read = band.band();
            Aim aim = band.aim().orElseThrow();
            boolean remover = read.kind() == BandKind.COLOURED;
            if (!remover && aim.level() - read.level() > furthest) {
                furthest = aim.level() - read.level();
                where = worked.name(at) + " stands at " + LevelScale.words(read.level()) + " and " + aim.words()
                        + " is wished there";
            }
        }
        if (!where.isEmpty()) {
            found.add(String.format(
                    Locale.ROOT,
                    "No lightener may be used%s, but the %s: colour does not lighten by %s.",
                    wish.limits().lightener() ? " in this zone" : "",
                    where,
                    LevelScale.count(furthest)));
        }
    }

    private void layers() {
        WorkedHead worked = WorkedHead.of(head, wish);
        for (int i = 0; i < worked.layers().size(); i++) {
            Layer layer = worked.layers().get(i);
            int placed = i;
            if (wish.own(i).isPresent()
                    && layer.on()
                    && worked.bands().stream().noneMatch(at -> worked.at(at).layer() == placed)) {
                found.add("The layer " + layer.words()
                        + " lies on no hair: its zones or heights miss the hair, or a later layer covers all of it.");
            }
        }
    }

    private void trim() {
        double trim = wish.limits().trimCm();
        if (wish.design().kind() == Design.Kind.TIPS && trim >= wish.design().endsCm()) {
            found.add("The tips of " + LevelScale.figure(wish.design().endsCm()) + " cm are to be coloured, and "
                    + LevelScale.figure(trim) + " cm are to be cut off.");
        }
        for (Zone zone : head.zones()) {
            if (trim > 0 && trim >= zone.strand().lengthCm()) {
                found.add("A trim of " + LevelScale.figure(trim) + " cm would take all of the "
                        + zone.place().words() + ".");
            }
        }
    }
}
