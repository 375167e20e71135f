package mischung.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Head;
import mischung.hair.Zone;
import mischung.said.Said;
import mischung.said.Saying;

/** Wishes that cannot all be had, each named with both its sides. */
public final class Contradictions {
    private static final double LIGHTER = 1;

    private final Head head;
    private final Wish wish;
    private final List<Said> found = new ArrayList<>();

    private Contradictions(Head head, Wish wish) {
        this.head = head;
        this.wish = wish;
    }

    /** Empty if the wish can be meant as it stands. */
    public static List<Said> of(Head head, Wish wish) {
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
            found.add(WishMessage.ALL_STAYS.say().part("wish", wish.said()).said());
        }
    }

    private void design() {
        Design design = wish.design();
        double main = wish.main().level();
        design.root().filter(root -> root.level() > main).ifPresent(root -> {
            if (design.kind() != Design.Kind.MELT) {
                found.add(WishMessage.SHADOW_IS_LIGHTER
                        .say()
                        .thing("design", design.kind())
                        .part("root", root.said())
                        .part("main", wish.main().said())
                        .said());
            }
        });
        design.pieces().ifPresent(pieces -> {
            double rest = design.restStays() ? Double.NaN : main;
            if (design.kind() == Design.Kind.LOWLIGHTS && pieces.level() > rest) {
                found.add(pieces(WishMessage.LOWLIGHTS_ARE_LIGHTER, pieces));
            }
            if (design.kind() == Design.Kind.HIGHLIGHTS && pieces.level() < rest) {
                found.add(pieces(WishMessage.HIGHLIGHTS_ARE_DARKER, pieces));
            }
        });
    }

    private Said pieces(WishMessage message, Aim pieces) {
        return message.say()
                .part("pieces", pieces.said())
                .part("main", wish.main().said())
                .said();
    }

    private void natural() {
        for (PartWish part : wish.parts()) {
            if (wish.keepNatural() && part.aim().isPresent() && part.fromCm() == 0 && anyNatural(part)) {
                found.add(WishMessage.NATURAL_AND_COLOURED
                        .say()
                        .tenth("to", part.toCm())
                        .part("wish", part.aim().get().said())
                        .said());
            }
        }
        boolean grey = head.zones().stream()
                .flatMap(zone -> zone.strand().bands().stream())
                .anyMatch(band -> band.kind() == BandKind.NATURAL && band.greyShare() >= 0.1);
        if (wish.keepNatural()
                && wish.grey() == Grey.COVERED
                && grey
                && wish.design().kind() == Design.Kind.EVEN) {
            found.add(WishMessage.GREY_AND_NATURAL.alone());
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
        Optional<Saying> where = Optional.empty();
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
                where = Optional.of(WishMessage.NO_LIGHTENER
                        .say()
                        .in("zone", wish.limits().lightener())
                        .part("band", worked.said(at))
                        .level("level", read.level())
                        .part("wish", aim.said())
                        .tenth("levels", furthest));
            }
        }
        where.map(Saying::said).ifPresent(found::add);
    }

    private void layers() {
        WorkedHead worked = WorkedHead.of(head, wish);
        for (int i = 0; i < worked.layers().size(); i++) {
            Layer layer = worked.layers().get(i);
            int placed = i;
            if (wish.own(i).isPresent()
                    && layer.on()
                    && worked.bands().stream().noneMatch(at -> worked.at(at).layer() == placed)) {
                found.add(WishMessage.LAYER_ON_NO_HAIR
                        .say()
                        .part("layer", layer.said())
                        .said());
            }
        }
    }

    private void trim() {
        double trim = wish.limits().trimCm();
        if (wish.design().kind() == Design.Kind.TIPS && trim >= wish.design().endsCm()) {
            found.add(WishMessage.TIPS_CUT_OFF
                    .say()
                    .tenth("tips", wish.design().endsCm())
                    .tenth("trim", trim)
                    .said());
        }
        for (Zone zone : head.zones()) {
            if (trim > 0 && trim >= zone.strand().lengthCm()) {
                found.add(WishMessage.TRIM_TAKES_ALL
                        .say()
                        .tenth("trim", trim)
                        .thing("place", zone.place())
                        .said());
            }
        }
    }
}
