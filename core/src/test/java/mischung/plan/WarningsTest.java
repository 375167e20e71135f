package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.Warning.Fault;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What practice gets wrong, done by hand: each is warned of, and the right way is not (common practice, no source). */
class WarningsTest {
    private static final BandRef ONE = new BandRef(0, 0);
    private static final BandRef TWO = new BandRef(0, 1);

    private static List<Fault> faults(Wish wish, List<Band> bands, Laying... layings) {
        return faults(Heads.of(bands), wish, layings);
    }

    private static List<Fault> atTheNape(Wish wish, List<Band> bands, Laying... layings) {
        Head nape = new Head(List.of(new Zone(ZonePlace.NAPE, new Strand(bands))), Density.NORMAL, Thickness.NORMAL);
        return faults(nape, wish, layings);
    }

    private static List<Fault> faults(Head head, Wish wish, Laying... layings) {
        PlanningContext desk = new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3);
        List<Round> rounds = List.of(layings).stream().map(Round::of).toList();
        return Planner.byHand(desk, Method.USUAL, rounds).warnings().stream()
                .map(Warning::fault)
                .toList();
    }

    private static Band lightened(double from, double to, double level, Porosity porosity) {
        return new Band(from, to, BandKind.LIGHTENED, level, Tone.AS_LIFTED, porosity, 0);
    }

    private static Laying.Deposit demi(Action action, Aim aim, BandRef... on) {
        return Laying.colour(action, List.of(on), aim, ShadeClass.DEMI, 10, 20);
    }

    /** R5, R13: natural 6 straight on pale hair turns hollow, and drops too far in one deposit. */
    @Test
    void darkOnUnfilledYellowIsHollowAndTooFar() {
        Wish wish = new Wish(5, Tone.NATURAL);
        List<Band> pale = List.of(lightened(0, 30, 10, Porosity.NORMAL));
        assertThat(faults(wish, pale, demi(Action.TARGET, new Aim(5, Tone.NATURAL), ONE)))
                .contains(Fault.TOO_FAR_DOWN);
        assertThat(faults(
                        wish,
                        pale,
                        demi(Action.FILL, new Aim(8, Tone.AS_LIFTED), ONE),
                        demi(Action.FILL, new Aim(6.5, Tone.AS_LIFTED), ONE),
                        demi(Action.TARGET, new Aim(5, Tone.NATURAL), ONE)))
                .isEmpty();
    }

    /** R5: ash on unfilled yellow. */
    @Test
    void ashOnYellowGoesGreen() {
        Wish wish = new Wish(8, Tone.BEIGE);
        Laying ash = demi(Action.TARGET, new Aim(8, Tone.BEIGE), ONE)
                .with(mischung.product.Mix.of(ProductRange.demo().shades().stream()
                        .filter(s -> s.code().equals("demi-matte-6"))
                        .findFirst()
                        .orElseThrow()));
        assertThat(faults(wish, List.of(lightened(0, 30, 9.5, Porosity.NORMAL)), ash))
                .contains(Fault.GREEN);
    }

    /** R23: porous hair drinks its filler in patches, with an equaliser evenly. */
    @Test
    void fillerOnPorousHairWantsAnEqualiser() {
        Wish wish = new Wish(6, Tone.NATURAL);
        List<Band> porous = List.of(lightened(0, 30, 9, Porosity.HIGH));
        Laying filler = demi(Action.FILL, new Aim(7.5, Tone.AS_LIFTED), ONE);
        assertThat(faults(wish, porous, filler)).contains(Fault.NOT_EQUALISED);
        assertThat(faults(wish, porous, Laying.usual(Action.EQUALISE, List.of(ONE)), filler))
                .doesNotContain(Fault.NOT_EQUALISED);
        assertThat(faults(wish, List.of(lightened(0, 30, 9, Porosity.NORMAL)), filler))
                .doesNotContain(Fault.NOT_EQUALISED);
    }

    /** R19: at a brown level as at a light one. */
    @ParameterizedTest
    @ValueSource(doubles = {6, 9})
    void porousHairTakesAshTooDark(double level) {
        Wish wish = new Wish(level, Tone.ASH);
        Laying ash = demi(Action.TARGET, new Aim(level, Tone.ASH), ONE);
        assertThat(faults(wish, List.of(lightened(0, 30, level, Porosity.HIGH)), ash))
                .contains(Fault.ASH_ON_POROUS);
        assertThat(faults(wish, List.of(lightened(0, 30, level, Porosity.NORMAL)), ash))
                .doesNotContain(Fault.ASH_ON_POROUS);
        Laying gold = demi(Action.TARGET, new Aim(level, Tone.GOLD), ONE);
        assertThat(faults(wish, List.of(lightened(0, 30, level, Porosity.HIGH)), gold))
                .doesNotContain(Fault.ASH_ON_POROUS);
    }

    /** Dark and direct colour stain skin; a beige nine does not, nor what begins below the skin. */
    @Test
    void darkAndDirectColourStainTheSkin() {
        List<Band> pale = List.of(lightened(0, 30, 10, Porosity.NORMAL));
        Laying blue = Laying.colour(Action.TARGET, List.of(ONE), new Aim(7, Tone.BLUE), ShadeClass.DIRECT, 0, 30);
        assertThat(atTheNape(new Wish(7, Tone.BLUE), pale, blue)).contains(Fault.STAINS_SKIN);
        assertThat(faults(new Wish(7, Tone.BLUE), pale, blue))
                .as("no skin at the back")
                .doesNotContain(Fault.STAINS_SKIN);
        Band dark = new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0);
        Laying brown = demi(Action.TARGET, new Aim(4, Tone.NATURAL), ONE);
        assertThat(atTheNape(new Wish(4, Tone.NATURAL), List.of(dark), brown)).contains(Fault.STAINS_SKIN);
        assertThat(atTheNape(new Wish(9, Tone.BEIGE), pale, demi(Action.TONER, new Aim(9, Tone.BEIGE), ONE)))
                .doesNotContain(Fault.STAINS_SKIN);
        Band root = new Band(0, 3, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0);
        Laying below = demi(Action.TARGET, new Aim(4, Tone.NATURAL), TWO);
        assertThat(atTheNape(new Wish(4, Tone.NATURAL), List.of(root, lightened(3, 30, 5, Porosity.NORMAL)), below))
                .doesNotContain(Fault.STAINS_SKIN);
    }

    /** R52. */
    @Test
    void silverIsVioletAtFirst() {
        List<Band> pale = List.of(lightened(0, 30, 10, Porosity.NORMAL));
        assertThat(faults(new Wish(9.5, Tone.SILVER), pale, demi(Action.TONER, new Aim(9.5, Tone.SILVER), ONE)))
                .contains(Fault.VIOLET_AT_FIRST);
        assertThat(faults(new Wish(9, Tone.GOLD), pale, demi(Action.TONER, new Aim(9, Tone.GOLD), ONE)))
                .doesNotContain(Fault.VIOLET_AT_FIRST);
    }

    /** R22, R37. */
    @Test
    void darkHairTurnsOrangeOnItsWay() {
        Laying lift = Laying.lift(Action.LIGHTEN, List.of(ONE), LiftWay.OFF_SCALP, 20, 45, 2, 2);
        Wish pale = new Wish(9, Tone.BEIGE);
        Band black = new Band(0, 30, BandKind.NATURAL, 2, Tone.NATURAL, Porosity.NORMAL, 0);
        Band fair = new Band(0, 30, BandKind.NATURAL, 7, Tone.NATURAL, Porosity.NORMAL, 0);
        assertThat(faults(pale, List.of(black), lift)).contains(Fault.THROUGH_ORANGE);
        assertThat(faults(pale, List.of(fair), lift)).doesNotContain(Fault.THROUGH_ORANGE);
    }

    /** R55. */
    @Test
    void coverageWithoutGreyTurnsWarm() {
        Wish wish = new Wish(6, Tone.NATURAL);
        Laying coverage =
                Laying.colour(Action.TARGET, List.of(ONE), new Aim(6, Tone.NATURAL), ShadeClass.COVERAGE, 20, 40);
        Band bare = new Band(0, 10, BandKind.NATURAL, 7, Tone.NATURAL, Porosity.NORMAL, 0);
        Band grey = new Band(0, 10, BandKind.NATURAL, 7, Tone.NATURAL, Porosity.NORMAL, 0.7);
        assertThat(faults(wish, List.of(bare), coverage)).contains(Fault.COVERAGE_WITHOUT_GREY);
        assertThat(faults(wish, List.of(grey), coverage)).doesNotContain(Fault.COVERAGE_WITHOUT_GREY);
    }

    /** R44, R34, R45: light hair in the bowl of dark hair. */
    @Test
    void lightHairIsNotLaidOverWithTheDark() {
        Wish wish = new Wish(8, Tone.NATURAL);
        List<Band> head = List.of(
                new Band(0, 8, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0),
                lightened(8, 30, 9.5, Porosity.HIGH));
        BandRef warmRoot = ONE;
        BandRef ends = new BandRef(0, 2);
        Laying both = Laying.lift(Action.LIGHTEN, List.of(TWO, ends), LiftWay.OFF_SCALP, 20, 30, 2, 1);
        assertThat(faults(wish, head, both)).contains(Fault.OVERLAP, Fault.NEEDLESS_LIFT);
        assertThat(faults(wish, head, both.on(List.of(warmRoot, TWO)))).isEmpty();
    }

    /** R58. */
    @Test
    void directBlueStays() {
        Wish wish = new Wish(9, Tone.NATURAL);
        List<Band> blue = List.of(new Band(0, 30, BandKind.DIRECT, 8, Tone.BLUE, Porosity.HIGH, 0));
        assertThat(faults(wish, blue, Laying.treat(Action.REMOVE, List.of(ONE), 25, 1)))
                .contains(Fault.BLUE_STAYS);
        assertThat(faults(wish, blue, Laying.lift(Action.LIGHTEN, List.of(ONE), LiftWay.OFF_SCALP, 20, 20, 2, 1)))
                .contains(Fault.BLUE_STAYS);
    }

    /** R19: the level as wished, full time, on porous light ends. */
    @Test
    void aTonerOfItsOwnLevelIsTooDarkOnPorousEnds() {
        Wish wish = new Wish(9, Tone.NATURAL);
        Laying dark = demi(Action.TONER, new Aim(9, Tone.NATURAL), ONE)
                .with(mischung.product.Mix.of(ProductRange.demo().shades().stream()
                        .filter(s -> s.code().equals("demi-natural-8"))
                        .findFirst()
                        .orElseThrow()));
        assertThat(faults(wish, List.of(lightened(0, 30, 9.5, Porosity.HIGH)), dark))
                .contains(Fault.TOO_DARK_ON_POROUS);
    }
}
