package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Look;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.ReasonMessage;
import mischung.plan.Rule;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.school.Method;
import mischung.school.School;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Grey;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Heads an experienced colourist would have no trouble judging, and what their colour has to be (common practice, no source).
 * Hours are the order's and not judged here.
 */
class PracticeCasesTest {
    private static final Tone AS_IT_IS = Tone.AS_LIFTED;

    private static Band band(double from, double to, BandKind kind, double level, Tone tone, Porosity porosity) {
        return new Band(from, to, kind, level, tone, porosity, 0);
    }

    private static Band lifted(double from, double to, double level, Porosity porosity) {
        return band(from, to, BandKind.LIGHTENED, level, AS_IT_IS, porosity);
    }

    private static Band natural(double to, double level, double grey) {
        return new Band(0, to, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, grey);
    }

    private static Route planned(Head head, Wish wish) {
        return Decided.of(head, wish, Method.USUAL).routes().get(0);
    }

    private static Route planned(Wish wish, Band... bands) {
        return planned(Heads.zones(3, List.of(bands)), wish);
    }

    private static List<Bowl> bowls(Plan plan, Action action) {
        return plan.steps().stream()
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.action() == action)
                .toList();
    }

    private static long rounds(Plan plan, Action action) {
        return plan.steps().stream().filter(step -> step.kind() == action).count();
    }

    private static Stream<Tone> tones(Bowl bowl) {
        return bowl.formula().mix().parts().stream().flatMap(part -> part.shade().tone().stream());
    }

    private static Look end(Plan plan, int band) {
        return plan.end(new BandRef(0, band)).look();
    }

    private static boolean lightens(Plan plan) {
        return plan.steps().stream().anyMatch(step -> step.kind() == Action.LIGHTEN);
    }

    private static final Set<Tone> BROWNS = Set.of(
            Tone.NATURAL, Tone.BROWN, Tone.MOCHA, Tone.SAND, Tone.GOLD, Tone.BEIGE, Tone.ASH, Tone.MATTE, Tone.COPPER);

    /** P1: 45 cm, root natural 5 to 4 cm, lengths lifted 10, ends porous; natural 5 all over. */
    @Test
    void paleLengthsToNaturalFive() {
        Route route = planned(
                new Wish(5, Tone.NATURAL),
                natural(4, 5, 0),
                lifted(4, 33, 10, Porosity.NORMAL),
                lifted(33, 45, 10, Porosity.HIGH));
        Plan plan = route.plan();
        assertThat(rounds(plan, Action.FILL)).isBetween(1L, 2L);
        PlanStep last = plan.steps().stream()
                .filter(step -> step.kind() == Action.FILL)
                .reduce((first, second) -> second)
                .orElseThrow();
        assertThat(last.outcome(new BandRef(0, 1)).look().level()).isBetween(6.75, 7.75);
        for (Bowl filler : bowls(plan, Action.FILL)) {
            assertThat(filler.laying().volume()).isLessThanOrEqualTo(10);
            assertThat(tones(filler)).isSubsetOf(Tone.GOLD, Tone.COPPER, Tone.RED, Tone.NATURAL);
            assertThat(tones(filler)).contains(Tone.GOLD, Tone.COPPER, Tone.NATURAL);
        }
        for (Bowl target : bowls(plan, Action.TARGET)) {
            assertThat(target.formula().mix().level()).isBetween(4.5, 5.6);
        }
        assertThat(bowls(plan, Action.TARGET))
                .as("ends later")
                .anyMatch(bowl -> bowl.minutes() < ShadeClass.DEMI.fullMinutes());
        assertThat(route.measures().uneven()).isLessThan(5);
        assertThat(IntStream.of(0, 1, 2).mapToDouble(band -> end(plan, band).level()))
                .allMatch(level -> Math.abs(level - 5) <= 0.5);
    }

    /** P2: 35 cm, lifted 9 throughout; beige 7. */
    @Test
    void goldenNineToBeigeSeven() {
        Plan plan = planned(new Wish(7, Tone.BEIGE), lifted(0, 35, 9, Porosity.NORMAL))
                .plan();
        assertThat(rounds(plan, Action.FILL)).isZero();
        assertThat(plan.steps().stream().flatMap(step -> step.bowls().stream())).hasSize(1);
        double wished = new Aim(7, Tone.BEIGE).colour().chroma();
        assertThat(end(plan, 0).level()).isBetween(6.5, 7.5);
        assertThat(end(plan, 0).lab().chroma()).isLessThan(wished + 4);
    }

    /** P7, its colour: 34 cm, natural 7 with 80 % grey to 19 cm, old 5 below; silver like the natural above. */
    @Test
    void oldColourToSilver() {
        Plan plan = planned(
                        new Wish(9.5, Tone.SILVER).with(Grey.KEPT).keepingNatural(),
                        natural(19, 7, 0.8),
                        band(19, 34, BandKind.COLOURED, 5, Tone.NATURAL, Porosity.NORMAL))
                .plan();
        assertThat(plan.steps().stream().flatMap(step -> step.bands().stream()))
                .as("natural untouched")
                .noneMatch(at -> at.band() == 0);
        assertThat(rounds(plan, Action.REMOVE)).isPositive();
        PlanStep lightened = plan.steps().stream()
                .filter(step -> step.kind() == Action.LIGHTEN)
                .reduce((first, second) -> second)
                .orElseThrow();
        assertThat(lightened.outcome(new BandRef(0, 1)).look().level()).isBetween(10.0, 11.25);
        Look end = end(plan, 1);
        assertThat(end.lab().chroma()).as("not green").isLessThanOrEqualTo(14);
        assertThat(end.level()).isBetween(9.0, 10.0);
        assertThat(end.tone()).isIn("silver", "pearl", "grey", "violet-grey", "blue-grey", "dull grey-beige");
    }

    /** P8: 36 cm, root natural 6 to 8 cm, lengths lifted 10 with faded pink at the crown, blue at the sides; natural 6½. */
    @Test
    void fadedPinkAndBlueToBrown() {
        Head head = new Head(
                List.of(
                        zone(
                                ZonePlace.CROWN,
                                natural(8, 6, 0),
                                band(8, 36, BandKind.DIRECT, 9, Tone.PINK, Porosity.HIGH)),
                        zone(
                                ZonePlace.SIDES,
                                natural(8, 6, 0),
                                band(8, 36, BandKind.DIRECT, 9, Tone.BLUE, Porosity.HIGH)),
                        zone(ZonePlace.BACK, natural(8, 6, 0), lifted(8, 36, 10, Porosity.NORMAL))),
                Density.NORMAL,
                Thickness.NORMAL);
        Plan plan = planned(head, new Wish(6.5, Tone.NATURAL)).plan();
        for (int zone = 0; zone < 2; zone++) {
            assertThat(plan.answer(new BandRef(zone, 1)).reasons())
                    .as("leftover direct colour named band by band")
                    .anyMatch(reason ->
                            reason.rule() == Rule.R58 && reason.said().message() == ReasonMessage.DIRECT_STILL_IN);
        }
        List<String> mixes = plan.steps().stream()
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.bands().stream().anyMatch(at -> at.zone() == 0 && at.band() == 1)
                        != bowl.bands().stream().anyMatch(at -> at.zone() == 1 && at.band() == 1))
                .map(bowl -> bowl.formula().mix().words())
                .toList();
        assertThat(mixes)
                .as("pink and blue get bowls of their own")
                .doesNotHaveDuplicates()
                .hasSizeGreaterThanOrEqualTo(2);
        assertThat(bowls(plan, Action.FILL).stream().flatMap(PracticeCasesTest::tones))
                .as("no ash")
                .doesNotContain(Tone.ASH);
        double darkest = 12;
        double lightest = 1;
        for (int zone = 0; zone < 3; zone++) {
            for (int band = 0; band < 2; band++) {
                Look look = plan.end(new BandRef(zone, band)).look();
                darkest = Math.min(darkest, look.level());
                lightest = Math.max(lightest, look.level());
                assertThat(look.lab().hueDegrees()).as("brown everywhere").isBetween(55.0, 90.0);
                assertThat(look.lab().chroma()).isBetween(14.0, 32.0);
            }
        }
        assertThat(lightest - darkest).as("within a level of each other").isLessThanOrEqualTo(1);
    }

    private static Zone zone(ZonePlace place, Band... bands) {
        return new Zone(place, new Strand(List.of(bands)));
    }

    /** P11: 30 cm, lifted 10; violet root melting into blue and teal ends. */
    @Test
    void violetIntoBlueIntoTeal() {
        Plan plan = planned(
                        new Wish(new Aim(6, Tone.BLUE))
                                .with(Design.melt(new Aim(6, Tone.VIOLET), 8, new Aim(7, Tone.TEAL), 8, 1)),
                        lifted(0, 30, 10, Porosity.HIGH))
                .plan();
        assertThat(lightens(plan)).isFalse();
        assertThat(rounds(plan, Action.FILL)).isZero();
        List<Bowl> all =
                plan.steps().stream().flatMap(step -> step.bowls().stream()).toList();
        assertThat(all).hasSize(3).allSatisfy(bowl -> {
            assertThat(bowl.laying().shadeClass()).isEqualTo(ShadeClass.DIRECT);
            assertThat(bowl.laying().volume()).isZero();
            assertThat(bowl.grams().developerGrams()).isZero();
            assertThat(bowl.minutes()).isBetween(25.0, 40.0);
            assertThat(bowl.reasons())
                    .anyMatch(reason ->
                            reason.rule() == Rule.R59C && reason.said().message() == ReasonMessage.DIRECT);
        });
        assertThat(all.stream().flatMap(bowl -> bowl.reasons().stream()))
                .as("blue may never leave")
                .anyMatch(reason -> reason.rule() == Rule.R58);
        assertThat(plan.answers().stream().flatMap(List::stream).flatMap(answer -> answer.reasons().stream()))
                .as("what yellow does to it")
                .anyMatch(
                        reason -> reason.rule() == Rule.R59C && reason.said().message() == ReasonMessage.DIRECT_MIXES);
        assertThat(IntStream.range(0, 3).mapToObj(band -> end(plan, band).tone()))
                .containsExactly("violet", "blue", "teal");
    }

    /** P13: 42 cm, lifted 9½; natural 3. */
    @Test
    void paleToNaturalThree() {
        Route route = planned(new Wish(3, Tone.NATURAL), lifted(0, 42, 9.5, Porosity.NORMAL));
        Plan plan = route.plan();
        assertThat(rounds(plan, Action.FILL)).isBetween(1L, 2L);
        for (Bowl target : bowls(plan, Action.TARGET)) {
            assertThat(target.formula().mix().parts())
                    .extracting(part -> part.shade().level())
                    .allMatch(level -> level >= 3 && level <= 4);
        }
        assertThat(end(plan, 0).level()).isBetween(2.5, 3.5);
        assertThat(route.measures().uneven()).isLessThan(3);
    }

    /** R59a: forty brown wishes on hair that is filled: the main shade is the step's own level, none with red. */
    static Stream<double[]> browns() {
        Random random = new Random(15);
        return IntStream.range(0, 40)
                .mapToObj(i -> new double[] {
                    4 + random.nextInt(4), random.nextInt(4), 9 + random.nextInt(5) / 2.0, random.nextInt(3)
                });
    }

    @ParameterizedTest
    @MethodSource("browns")
    void aBrownWishGetsItsOwnShade(double[] head) {
        Tone tone = List.of(Tone.NATURAL, Tone.BROWN, Tone.GOLD, Tone.SAND).get((int) head[1]);
        Plan plan = Planner.plan(
                Heads.of(List.of(lifted(
                        0,
                        25,
                        head[2],
                        List.of(Porosity.LOW, Porosity.NORMAL, Porosity.HIGH).get((int) head[3])))),
                new Wish(head[0], tone),
                School.LADDER,
                ProductRange.demo());
        assertThat(bowls(plan, Action.TARGET)).isNotEmpty().allSatisfy(bowl -> {
            List<Mix.Part> parts = bowl.formula().mix().parts();
            assertThat(parts.get(0).shade().level())
                    .as(bowl.formula().mix().words())
                    .isBetween(head[0], head[0] + (head[3] == 2 ? 1 : 0.5));
            assertThat(BROWNS).as("none with red").containsAll(tones(bowl).toList());
            assertThat(parts.stream()
                            .filter(part -> part.shade().isClear())
                            .mapToInt(Mix.Part::parts)
                            .sum())
                    .isLessThanOrEqualTo(bowl.formula().mix().totalParts() / 2);
        });
    }
}
