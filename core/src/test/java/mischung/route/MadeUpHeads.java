package mischung.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Elasticity;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.PlanningContext;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.school.Pace;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Grey;
import mischung.wish.Limits;
import mischung.wish.Wish;

/** Made-up clients as they come to a corrective colourist. */
enum MadeUpHeads {
    /** (a) */
    BLONDE_TO_NATURAL_FIVE(
            List.of(
                    natural(0, 6, 6, 0),
                    band(6, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.NORMAL),
                    band(30, 40, BandKind.LIGHTENED, 10.5, Tone.AS_LIFTED, Porosity.HIGH)),
            new Wish(5, Tone.NATURAL)),
    /** (b) */
    HOME_BLACK_TO_COPPER_MELT(
            List.of(
                    natural(0, 8, 5, 0),
                    black(8, 26, 5),
                    band(26, 45, BandKind.COLOURED, 4, Tone.NATURAL, Porosity.NORMAL)),
            new Wish(new Aim(6, Tone.COPPER))
                    .with(Design.melt(new Aim(5, Tone.NATURAL), 8, new Aim(7, Tone.COPPER), 15, 1))),
    /** (c) */
    ONE_DARK_BAND(
            List.of(
                    natural(0, 3, 6, 0.6),
                    band(3, 9, BandKind.COLOURED, 5, Tone.NATURAL, Porosity.NORMAL),
                    band(9, 34, BandKind.LIGHTENED, 9.5, Tone.AS_LIFTED, Porosity.HIGH)),
            new Wish(9, Tone.ASH)),
    /** (d) */
    GREY_TO_SILVER(
            List.of(natural(0, 14, 6, 0.9), band(14, 28, BandKind.COLOURED, 5, Tone.NATURAL, Porosity.NORMAL)),
            new Wish(9.5, Tone.ASH).with(Grey.KEPT).keepingNatural()),
    /** (e) */
    FADED_BLUE_AND_PINK(
            List.of(
                    natural(0, 3, 6, 0),
                    band(3, 18, BandKind.DIRECT, 9, Tone.PINK, Porosity.HIGH),
                    band(18, 30, BandKind.DIRECT, 8, Tone.BLUE, Porosity.HIGH)),
            new Wish(6, Tone.NATURAL)),
    /** (f) */
    BRASSY_COPPER_WEAK_ENDS(
            List.of(
                    natural(0, 4, 7, 0),
                    band(4, 26, BandKind.LIGHTENED, 7.5, Tone.COPPER, Porosity.NORMAL),
                    band(26, 36, BandKind.LIGHTENED, 8, Tone.COPPER, Porosity.VERY_HIGH)
                            .with(BandDetail.NONE.withStretch(Elasticity.RETURNS_SLOWLY))),
            new Wish(7, Tone.NATURAL)),
    /** (g) */
    BLONDE_TO_BRUNETTE_GENTLY(
            List.of(natural(0, 5, 6, 0), band(5, 38, BandKind.LIGHTENED, 9.5, Tone.AS_LIFTED, Porosity.NORMAL)),
            new Wish(5, Tone.NATURAL).with(Limits.NONE.withVisits(2))),
    /** (h) */
    DARK_REGROWTH_TO_WHITE(
            List.of(
                    natural(0, 5, 2.5, 0),
                    band(5, 30, BandKind.LIGHTENED, 11, Tone.AS_LIFTED, Porosity.VERY_HIGH)
                            .with(BandDetail.NONE.withStretch(Elasticity.RETURNS_SLOWLY))),
            new Wish(10.5, Tone.VIOLET).with(Limits.NONE.withHands(2)));

    private static final List<ZonePlace> PLACES =
            List.of(ZonePlace.FRINGE, ZonePlace.CROWN, ZonePlace.SIDES, ZonePlace.BACK, ZonePlace.NAPE);

    private final List<Band> bands;
    private final Wish wish;

    MadeUpHeads(List<Band> bands, Wish wish) {
        this.bands = bands;
        this.wish = wish;
    }

    Wish wish() {
        return wish;
    }

    Method method() {
        return this == BLONDE_TO_BRUNETTE_GENTLY ? Method.USUAL.with(Pace.SEVERAL) : Method.USUAL;
    }

    Head head() {
        List<Zone> zones = new ArrayList<>();
        for (ZonePlace place : PLACES) {
            zones.add(new Zone(place, new Strand(bands)));
        }
        return new Head(zones, Density.NORMAL, Thickness.NORMAL);
    }

    PlanningContext desk() {
        return new PlanningContext(head(), wish, ProductRange.demo(), Calibration.none(), 3);
    }

    Decision decided() {
        return RouteComparison.of(desk(), method(), Optional.empty(), plan -> List.of(), House.USUAL);
    }

    private static Band natural(double from, double to, double level, double grey) {
        return new Band(from, to, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, grey);
    }

    private static Band band(double from, double to, BandKind kind, double level, Tone tone, Porosity porosity) {
        return new Band(from, to, kind, level, tone, porosity, 0);
    }

    private static Band black(double from, double to, double layers) {
        return band(from, to, BandKind.COLOURED, 2, Tone.NATURAL, Porosity.NORMAL)
                .with(BandDetail.NONE.withPast(layers, 4, 6));
    }

    static Set<MadeUpHeads> all() {
        return Set.of(values());
    }
}
