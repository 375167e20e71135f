package mischung.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ZonePlace;
import mischung.light.Lab;
import mischung.plan.Warning.Fault;
import mischung.product.Mix;
import mischung.product.ShadeClass;
import mischung.said.Saying;
import mischung.wish.WorkedHead;

/** What goes wrong with colour: too dark or green on porous hair, coverage without grey, stains, hollow drops. */
final class DepositWarnings {
    private static final double LIGHT = 8;
    private static final Set<Tone> WANTS_GREEN = EnumSet.of(Tone.MATTE, Tone.GREEN, Tone.TEAL, Tone.MINT);
    private static final double TOO_DARK = 0.75;
    /** R13, with the half level two eyes may differ by. */
    private static final double FURTHEST_DOWN = 2.5;

    private static final double GREEN_FROM = 100;
    private static final double GREEN_TO = 200;
    private static final double TURNED_GREEN = 25;
    private static final double SEEN_CHROMA = 4;
    private static final double HOLLOW = 0.45;
    private static final double WARM_WISH = 14;
    private static final double MOSTLY_GREY = 0.5;
    /** Of a mix: the least that is felt. */
    private static final double A_PART = 0.1;
    /** Of a mix; less of a tone does not lead it. */
    private static final double SEEN_SHARE = 0.25;

    private static final double STAINS_FROM = 5;
    private static final Set<Tone> VIOLET = EnumSet.of(Tone.VIOLET, Tone.SILVER, Tone.PEARL);
    /** Where skin begins. */
    private static final Set<ZonePlace> EDGE = EnumSet.of(
            ZonePlace.HAIRLINE,
            ZonePlace.FRINGE,
            ZonePlace.FRINGE_LEFT,
            ZonePlace.FRINGE_RIGHT,
            ZonePlace.SIDES,
            ZonePlace.SIDE_LEFT,
            ZonePlace.SIDE_RIGHT,
            ZonePlace.NAPE,
            ZonePlace.NAPE_LEFT,
            ZonePlace.NAPE_RIGHT);

    private final WorkedHead head;
    private final Laying.Deposit laying;
    private final Function<BandRef, HairState> before;
    private final Function<BandRef, HairState> after;
    private final Warnings warnings;

    DepositWarnings(
            WorkedHead head,
            Laying.Deposit laying,
            Function<BandRef, HairState> before,
            Function<BandRef, HairState> after,
            Warnings warnings) {
        this.head = head;
        this.laying = laying;
        this.before = before;
        this.after = after;
        this.warnings = warnings;
    }

    void look() {
        double aim = laying.aim().level();
        if (laying.action().finishes()) {
            warnings.where(
                    (was, is) -> was.level() >= LIGHT
                            && was.canvas().fibre().nearestPorosity().raised()
                            && is.level() < aim - TOO_DARK,
                    Fault.TOO_DARK_ON_POROUS,
                    (at, is) -> WarningMessage.TOO_DARK_ON_POROUS
                            .say()
                            .level("level", is.level())
                            .level("aim", aim));
            warnings.where(this::green, Fault.GREEN, (at, is) -> green(is));
        }
        if (laying.shadeClass() == ShadeClass.COVERAGE && share(Tone::ashen) < A_PART) {
            List<BandRef> bare = laying.bands().stream()
                    .filter(at -> head.band(at).greyShare() < MOSTLY_GREY)
                    .toList();
            warnings.add(
                    bare,
                    Fault.COVERAGE_WITHOUT_GREY,
                    at -> WarningMessage.COVERAGE_WITHOUT_GREY
                            .say()
                            .share("grey", head.band(at).greyShare())
                            .part("look", after.apply(at).look().said()));
        }
        porous();
        skin();
        violet();
        warnings.where(
                (was, is) -> laying.shadeClass() != ShadeClass.DIRECT
                        && was.lifted()
                        && was.level() - is.level() > FURTHEST_DOWN,
                Fault.TOO_FAR_DOWN,
                (at, is) -> WarningMessage.TOO_FAR_DOWN
                        .say()
                        .level("level", before.apply(at).level())
                        .level("to", is.level()));
    }

    /** R19, R23: porous hair drinks unevenly, and ash first of all. */
    private void porous() {
        BiPredicate<HairState, HairState> drinks = (was, is) -> was.lifted()
                && was.canvas().fibre().nearestPorosity().raised()
                && !was.canvas().fibre().evened();
        if (laying.action() == Action.FILL) {
            warnings.where(
                    drinks,
                    Fault.NOT_EQUALISED,
                    (at, is) -> WarningMessage.NOT_EQUALISED.say().thing("porosity", porosity(at)));
        }
        if (laying.action().finishes() && share(Tone::ashen) >= SEEN_SHARE) {
            warnings.where(
                    drinks,
                    Fault.ASH_ON_POROUS,
                    (at, is) -> WarningMessage.ASH_ON_POROUS.say().thing("porosity", porosity(at)));
        }
    }

    private Porosity porosity(BandRef at) {
        return before.apply(at).canvas().fibre().nearestPorosity();
    }

    /** Share of the mix, clear left out, that is of such a tone. */
    private double share(Predicate<Tone> which) {
        double of = 0;
        double all = 0;
        for (Mix.Part part : laying.mix().map(Mix::parts).orElse(List.of())) {
            Optional<ToneMix> tones = part.shade().tones();
            if (tones.isPresent()) {
                all += part.parts();
                of += part.parts() * tones.get().share(which);
            }
        }
        return all == 0 ? 0 : of / all;
    }

    /** R59c, and what every dark colour does. */
    private void skin() {
        boolean direct = laying.shadeClass() == ShadeClass.DIRECT;
        boolean dark = laying.aim().level() <= STAINS_FROM;
        List<BandRef> edge = laying.bands().stream()
                .filter(at -> head.at(at).touchesScalp() && EDGE.contains(head.place(at)))
                .toList();
        if (laying.action().finishes() && (direct || dark)) {
            warnings.add(
                    edge,
                    Fault.STAINS_SKIN,
                    at -> WarningMessage.STAINS_SKIN.say().in("direct", direct));
        }
    }

    /** R52. */
    private void violet() {
        if (!laying.action().finishes()
                || laying.shadeClass() == ShadeClass.DIRECT
                || share(VIOLET::contains) < SEEN_SHARE) {
            return;
        }
        warnings.where(
                (was, is) -> was.level() >= LIGHT && was.lifted(),
                Fault.VIOLET_AT_FIRST,
                (at, is) -> WarningMessage.VIOLET_AT_FIRST.say());
    }

    private boolean green(HairState was, HairState is) {
        Lab lab = is.lab();
        Lab wished = laying.aim().colour();
        ToneMix tones = laying.aim().tones();
        if (laying.aim().direct()) {
            // What is left of yellow pulls every cool direct colour towards green.
            return lab.chroma() > SEEN_CHROMA
                    && lab.hueDegrees() > GREEN_FROM
                    && wished.hueDegrees() - lab.hueDegrees() > TURNED_GREEN;
        }
        boolean wantsGreen = tones.any(WANTS_GREEN::contains);
        boolean green = lab.hueDegrees() > Math.max(GREEN_FROM, wished.hueDegrees() + 10)
                && lab.hueDegrees() < GREEN_TO
                && lab.chroma() > SEEN_CHROMA;
        boolean hollow = wished.chroma() > WARM_WISH && lab.chroma() < HOLLOW * wished.chroma();
        return was.lifted() && !wantsGreen && (green || hollow);
    }

    private Saying green(HairState is) {
        if (laying.aim().direct()) {
            return WarningMessage.YELLOW_MIXES_IN.say().part("look", is.look().said());
        }
        return WarningMessage.TOO_LITTLE_WARMTH
                .say()
                .part("look", is.look().said())
                .count("hue", is.lab().hueDegrees())
                .count("chroma", is.lab().chroma())
                .count("wishedHue", laying.aim().colour().hueDegrees())
                .count("wishedChroma", laying.aim().colour().chroma());
    }
}
