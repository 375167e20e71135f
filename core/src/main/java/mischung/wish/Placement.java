package mischung.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.said.Figure;
import mischung.wish.Layer.Purpose;
import mischung.wish.Region.Which;

/** What is wished, as layers: the colour of all, how it lies along and through the strand, what stays, and what goes over that. */
final class Placement {
    private final Wish wish;
    private final List<Layer> layers = new ArrayList<>();

    private Placement(Wish wish) {
        this.wish = wish;
    }

    static List<Layer> of(Wish wish) {
        Placement placement = new Placement(wish);
        placement.design();
        placement.stays();
        placement.parts();
        placement.layers.addAll(wish.layers());
        placement.leftOut();
        return List.copyOf(placement.layers);
    }

    /** How many layers lie under the wish's own. */
    static int beneath(Wish wish) {
        Placement placement = new Placement(wish);
        placement.design();
        placement.stays();
        placement.parts();
        return placement.layers.size();
    }

    private void design() {
        Design design = wish.design();
        What main = What.colour(wish.main());
        Design.Kind kind = design.kind();
        switch (kind) {
            case EVEN ->
                layers.add(Layer.of(Purpose.COLOUR, Region.ALL, main).following(WishMessage.WISHED_COLOUR.figure()));
            case MELT, SHADOW_ROOT, ROOT_TAP, TIPS ->
                layers.add(Layer.of(purpose(kind), Region.ALL, along(design)).following(Figure.Named.of(kind)));
            case LOWLIGHTS, HIGHLIGHTS -> {
                layers.add(Layer.of(Purpose.COLOUR, Region.ALL, design.restStays() ? What.stays() : main)
                        .following(WishMessage.WISHED_COLOUR.figure()));
                layers.add(Layer.of(
                                Purpose.COLOUR,
                                Region.ALL,
                                new Pattern.Weave(design.share(), design.widthMm()),
                                What.colour(design.pieces().orElseThrow()))
                        .following(Figure.Named.of(kind)));
            }
        }
    }

    private static Purpose purpose(Design.Kind kind) {
        return switch (kind) {
            case MELT -> Purpose.MELT;
            case ROOT_TAP -> Purpose.ROOT_TAP;
            case SHADOW_ROOT -> Purpose.SHADOW_ROOT;
            case EVEN, TIPS, LOWLIGHTS, HIGHLIGHTS -> Purpose.COLOUR;
        };
    }

    private What along(Design design) {
        return new What.Along(
                design.kind().hasRoot() ? design.root() : Optional.empty(),
                wish.main(),
                design.kind().hasEnds() ? design.ends() : Optional.empty(),
                design.rootCm(),
                design.endsCm(),
                design.staggerCm(),
                0);
    }

    private void stays() {
        if (wish.grey() == Grey.KEPT) {
            layers.add(stays(Region.ALL.only(Which.GREY), WishMessage.GREY_KEPT));
        }
        if (wish.keepNatural()) {
            layers.add(stays(Region.ALL.only(Which.NATURAL), WishMessage.NATURAL_STAYS));
        }
    }

    private static Layer stays(Region region, WishMessage why) {
        return Layer.of(Purpose.STAYS, region, What.stays()).following(why.figure());
    }

    /** In a melt a part of the head is worked into the rest of it. */
    private void parts() {
        Purpose purpose = wish.design().kind() == Design.Kind.MELT ? Purpose.MELT : Purpose.COLOUR;
        for (PartWish part : wish.parts()) {
            Region region =
                    Region.ALL.on(part.places()).between(Edge.fromScalp(part.fromCm()), Edge.fromScalp(part.toCm()));
            layers.add(part.aim()
                    .map(aim -> Layer.of(purpose, region, What.colour(aim)))
                    .orElseGet(() -> Layer.of(Purpose.STAYS, region, What.stays()))
                    .following(WishMessage.FOR_THIS_PART.figure()));
        }
    }

    private void leftOut() {
        if (!wish.leaveOut().isEmpty()) {
            layers.add(stays(Region.ALL.on(wish.leaveOut()), WishMessage.LEFT_OUT));
        }
    }
}
