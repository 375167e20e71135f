package mischung.caution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.caution.Caution.Strength;
import mischung.consultation.Answer;
import mischung.consultation.Consultation;
import mischung.consultation.CutStrand;
import mischung.consultation.HomeColour;
import mischung.consultation.PatchTest;
import mischung.consultation.Scalp;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.Dyes;
import mischung.hair.Elasticity;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.history.Service;
import mischung.mix.BowlContent;
import mischung.mix.Line;
import mischung.plan.Action;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.process.Application;
import mischung.process.Care;
import mischung.process.Change;
import mischung.process.Cover;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.process.RemoverRound;
import mischung.process.Setting;
import mischung.process.Washing;
import mischung.product.DirectHue;
import mischung.product.Lightener;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Quoted;
import mischung.school.School;
import mischung.shelf.Shelf;
import mischung.wish.Wish;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice, no source, unless a rule says otherwise: what can hurt is said, and blocked, where it is decided. */
class CautionsTest {
    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 23, 17, 30, 0, 0, ZoneId.of("Europe/Berlin"));

    /** Laid so many hours ago, and read after so many. */
    private static PatchTest patch(long hoursAgo, long readAfter, PatchTest.Result result) {
        ZonedDateTime placed = NOW.minusHours(hoursAgo);
        return new PatchTest(Optional.of(placed), Optional.of(placed.plusHours(readAfter)), result);
    }

    private static final Change LIGHTENER = Lightening.of(LiftProduct.LIGHTENER, 20, 30, Setting.FOIL);
    private static final Change COLOUR = Application.usual(Dyes.NONE, ShadeClass.DEMI, 10);
    private static final Change DIRECT = Application.usual(DirectHue.BLUE.dyes(), ShadeClass.DIRECT, 0);
    private static final Quoted NOTHING = new Quoted("", Map.of());
    private static final Band BAND = new Band(0, 20, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0);

    /** Everything asked, and every answer as one would wish. */
    private static Answers fine() {
        return new Answers();
    }

    /** A consultation that can be changed one answer at a time. */
    private static final class Answers {
        private Answer reaction = Answer.NO;
        private Answer tattoo = Answer.NO;
        private Scalp scalp = Scalp.WHOLE;
        private Answer asthma = Answer.NO;
        private Answer medication = Answer.NO;
        private Answer pregnant = Answer.NO;
        private Answer underAge = Answer.NO;
        private boolean guardian;
        private PatchTest patch = patch(120, 50, PatchTest.Result.CLEAR);
        private HomeColour home = HomeColour.NONE;
        private CutStrand cut = CutStrand.NOT_TESTED;

        Consultation told() {
            return new Consultation(
                    "",
                    Set.of(),
                    0,
                    0,
                    0,
                    0,
                    reaction,
                    tattoo,
                    "",
                    scalp,
                    asthma,
                    medication,
                    "",
                    pregnant,
                    underAge,
                    guardian,
                    patch,
                    home,
                    cut);
        }
    }

    private static List<Caution> before(Answers answers, Change change, Band band, boolean onHead) {
        return Cautions.forClient(answers.told(), Set.of(), NOW)
                .before(change, band, change.on(Reading.canvasOf(band)).fibre(), onHead);
    }

    private static List<Caution> before(Answers answers, Change change) {
        return before(answers, change, BAND, true);
    }

    private static List<CautionRule> blocks(List<Caution> cautions) {
        return cautions.stream()
                .filter(c -> c.strength() == Strength.BLOCK)
                .map(Caution::rule)
                .toList();
    }

    private static List<CautionRule> warnings(List<Caution> cautions) {
        return cautions.stream()
                .filter(c -> c.strength() == Strength.WARN)
                .map(Caution::rule)
                .toList();
    }

    @Test
    void whoIsAskedAndFineIsNotHeldUp() {
        for (Change change : List.of(LIGHTENER, COLOUR, DIRECT, RemoverRound.USUAL)) {
            assertThat(blocks(before(fine(), change))).as(change.toString()).isEmpty();
            assertThat(warnings(before(fine(), change))).as(change.toString()).isEmpty();
        }
        assertThat(before(fine(), Washing.times(5))).isEmpty();
        assertThat(before(fine(), new Care(Care.Kind.BOND, 10))).isEmpty();
    }

    @Test
    void nothingAskedBlocksEverythingThatNeedsAnAnswer() {
        Cautions unasked = Cautions.forClient(Consultation.unasked(), Set.of(), NOW);
        List<Caution> colour =
                unasked.before(COLOUR, BAND, Reading.canvasOf(BAND).fibre(), true);
        assertThat(blocks(colour))
                .containsExactlyInAnyOrder(
                        CautionRule.EARLIER_REACTION,
                        CautionRule.BLACK_TATTOO,
                        CautionRule.PATCH_TEST,
                        CautionRule.SCALP,
                        CautionRule.HOME_COLOUR);
        assertThat(warnings(colour))
                .containsExactlyInAnyOrder(CautionRule.UNDER_AGE, CautionRule.PREGNANCY, CautionRule.MEDICATION);
        List<Caution> lightener =
                unasked.before(LIGHTENER, BAND, Reading.canvasOf(BAND).fibre(), true);
        assertThat(blocks(lightener)).containsExactlyInAnyOrder(CautionRule.SCALP, CautionRule.HOME_COLOUR);
        assertThat(warnings(lightener)).contains(CautionRule.ASTHMA);
    }

    @Test
    void stopOnAnyEarlierReaction() {
        Answers reacted = fine();
        reacted.reaction = Answer.YES;
        assertThat(blocks(before(reacted, COLOUR))).containsExactly(CautionRule.EARLIER_REACTION);
        assertThat(blocks(before(reacted, DIRECT))).containsExactly(CautionRule.EARLIER_REACTION);
        assertThat(blocks(before(reacted, LIGHTENER))).containsExactly(CautionRule.EARLIER_REACTION_LIGHTENER);
        assertThat(CautionRule.EARLIER_REACTION_LIGHTENER.overridable()).isTrue();
        assertThat(CautionRule.EARLIER_REACTION.overridable()).isFalse();
        Answers tattooed = fine();
        tattooed.tattoo = Answer.YES;
        assertThat(blocks(before(tattooed, COLOUR))).containsExactly(CautionRule.BLACK_TATTOO);
        assertThat(blocks(before(tattooed, DIRECT))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "120, 50, CLEAR, ",
        "1008, 48, CLEAR, ",
        "48, 48, CLEAR, ",
        "47, 47, CLEAR, PATCH_READ_TOO_EARLY",
        "120, 47, CLEAR, PATCH_READ_TOO_EARLY",
        "1009, 48, CLEAR, PATCH_TOO_OLD",
        "120, 50, NOT_READ, PATCH_NOT_READ",
        "10, 50, CLEAR, PATCH_STILL_TO_COME",
        "-20, 48, CLEAR, PATCH_STILL_TO_COME"
    })
    void oxidativeColourWaitsForThePatchTestByTheClock(
            long hoursAgo, long readAfter, PatchTest.Result result, @Nullable CautionMessage why) {
        Answers answers = fine();
        answers.patch = patch(hoursAgo, readAfter, result);
        List<Caution> cautions = before(answers, COLOUR);
        if (why == null) {
            assertThat(blocks(cautions)).isEmpty();
        } else {
            assertThat(blocks(cautions)).containsExactly(CautionRule.PATCH_TEST);
            assertThat(cautions).extracting(Caution::message).contains(why);
            if (why != CautionMessage.PATCH_STILL_TO_COME) {
                assertThat(cautions.get(0).figures().values())
                        .extracting(Figure::text)
                        .containsAnyOf("48", "6");
            }
        }
        assertThat(blocks(before(answers, LIGHTENER))).isEmpty();
        assertThat(blocks(before(answers, DIRECT))).isEmpty();
    }

    /** The night the clocks go back has 25 hours: two days by the calendar are 49 hours, and 48 hours are less than two days. */
    @Test
    void fortyEightHoursAreFortyEightHoursWhateverTheCalendarSays() {
        ZonedDateTime placed = ZonedDateTime.of(2026, 10, 24, 12, 0, 0, 0, NOW.getZone());
        PatchTest test = new PatchTest(
                Optional.of(placed),
                Optional.of(ZonedDateTime.of(2026, 10, 26, 11, 0, 0, 0, NOW.getZone())),
                PatchTest.Result.CLEAR);
        assertThat(test.at(NOW)).isEqualTo(PatchTest.Standing.CLEAR);
        assertThat(new PatchTest(Optional.of(placed), Optional.empty(), PatchTest.Result.CLEAR).at(NOW))
                .as("nobody noted when it was read")
                .isEqualTo(PatchTest.Standing.READ_TOO_EARLY);
        assertThatThrownBy(() -> new PatchTest(Optional.of(placed), Optional.of(placed.minusMinutes(1)), test.result()))
                .hasMessageContaining("AFTER_THE_TEST");
    }

    @Test
    void aPatchTestThatReactedCannotBeTakenOn() {
        Answers answers = fine();
        answers.patch = patch(120, 20, PatchTest.Result.REACTION);
        assertThat(blocks(before(answers, COLOUR))).containsExactly(CautionRule.EARLIER_REACTION);
        answers.patch = PatchTest.NONE;
        assertThat(blocks(before(answers, COLOUR))).containsExactly(CautionRule.PATCH_TEST);
        assertThatThrownBy(() -> new PatchTest(Optional.empty(), Optional.empty(), PatchTest.Result.CLEAR))
                .hasMessageContaining("TEST_APPLIED_FIRST");
    }

    @ParameterizedTest
    @EnumSource(names = {"IRRITATED", "NOT_LOOKED_AT"})
    void anIrritatedScalpTakesNeitherLightenerNorOxidativeColour(Scalp scalp) {
        Answers answers = fine();
        answers.scalp = scalp;
        assertThat(blocks(before(answers, LIGHTENER))).containsExactly(CautionRule.SCALP);
        assertThat(blocks(before(answers, COLOUR))).containsExactly(CautionRule.SCALP);
        assertThat(blocks(before(answers, DIRECT))).isEmpty();
    }

    @Test
    void onABrokenScalpNothingIsDoneButRinsing() {
        Answers answers = fine();
        answers.scalp = Scalp.BROKEN;
        for (Change change : List.of(
                LIGHTENER, COLOUR, DIRECT, RemoverRound.USUAL, new Care(Care.Kind.BOND, 10), Washing.times(2))) {
            assertThat(blocks(before(answers, change))).as(change.toString()).contains(CautionRule.SCALP);
        }
        assertThat(CautionRule.SCALP.overridable()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(names = {"METALLIC", "PLANT", "UNKNOWN"})
    void peroxideWaitsForACutStrandWhereMetalOrPlantMayLie(HomeColour home) {
        Answers answers = fine();
        answers.home = home;
        for (Change change : List.of(LIGHTENER, COLOUR, RemoverRound.USUAL)) {
            assertThat(blocks(before(answers, change))).containsExactly(CautionRule.HOME_COLOUR);
        }
        assertThat(blocks(before(answers, DIRECT))).as("no peroxide").isEmpty();
        assertThat(blocks(before(answers, LIGHTENER, BAND, false)))
                .as("this is the test")
                .isEmpty();
        assertThat(warnings(before(answers, LIGHTENER, BAND, false))).containsExactly(CautionRule.HOME_COLOUR);
        answers.cut = CutStrand.REACTED;
        assertThat(blocks(before(answers, LIGHTENER))).containsExactly(CautionRule.HOME_COLOUR);
        answers.cut = CutStrand.COOL_AND_WHOLE;
        assertThat(blocks(before(answers, LIGHTENER))).isEmpty();
    }

    @Test
    void whatTheHistoryTellsCountsAsMuchAsTheAnswer() {
        Cautions cautions = Cautions.forClient(fine().told(), Set.of(Service.PLANT, Service.PERMANENT), NOW);
        assertThat(blocks(
                        cautions.before(LIGHTENER, BAND, Reading.canvasOf(BAND).fibre(), true)))
                .containsExactly(CautionRule.HOME_COLOUR);
    }

    /** Regulation (EC) 1223/2009, Annex III: hair-product peroxide above 12 % is not for use on hair. */
    @Test
    void peroxideAboveTwelvePercentCannotEvenBeSaid() {
        assertThatThrownBy(() -> Lightening.of(LiftProduct.LIGHTENER, 40.5, 30, Setting.FOIL))
                .hasMessageContaining("TOO_STRONG");
        assertThatThrownBy(() -> Application.usual(Dyes.NONE, ShadeClass.PERMANENT, 60))
                .hasMessageContaining("TOO_STRONG");
    }

    @ParameterizedTest
    @CsvSource({
        "LIGHTENER, 20, MIDS, false",
        "LIGHTENER, 20, SCALP, false",
        "LIGHTENER, 20.5, SCALP, true",
        "LIGHTENER, 30, SCALP, true",
        "LIGHTENER, 40, SCALP, true",
        "LIGHTENER, 40, MIDS, false",
        "LIGHTEST_TINT, 40, SCALP, true",
        "PERMANENT_TINT, 20, SCALP, false"
    })
    void strongDeveloperStaysOffTheScalp(LiftProduct product, double volume, Place place, boolean blocked) {
        List<Caution> cautions = before(fine(), Lightening.of(product, volume, 10, Setting.FOIL.at(place)));
        assertThat(blocks(cautions).contains(CautionRule.STRONG_AT_SCALP)).isEqualTo(blocked);
        Change colour =
                Application.usual(Dyes.NONE, ShadeClass.PERMANENT, volume).laid(Setting.OPEN.at(place));
        assertThat(blocks(before(fine(), colour)).contains(CautionRule.STRONG_AT_SCALP))
                .isEqualTo(blocked);
    }

    /** R31. */
    @Test
    void theCleanseMixStaysOffTheScalp() {
        Setting open = Setting.FOIL.under(Cover.OPEN);
        assertThat(blocks(before(fine(), Lightening.of(LiftProduct.CLEANSE_MIX, 20, 15, open.at(Place.SCALP)))))
                .containsExactly(CautionRule.CLEANSE_AT_SCALP);
        Answers unpatched = fine();
        unpatched.patch = PatchTest.NONE;
        assertThat(blocks(before(unpatched, Lightening.of(LiftProduct.CLEANSE_MIX, 40, 15, open))))
                .as("there is tint in it")
                .containsExactly(CautionRule.PATCH_TEST);
    }

    @Test
    void theClientsStateIsAskedRecordedAndDeferred() {
        Answers minor = fine();
        minor.underAge = Answer.YES;
        assertThat(blocks(before(minor, COLOUR))).containsExactly(CautionRule.UNDER_AGE);
        minor.guardian = true;
        assertThat(blocks(before(minor, COLOUR))).isEmpty();
        Answers expecting = fine();
        expecting.pregnant = Answer.YES;
        assertThat(warnings(before(expecting, COLOUR))).containsExactly(CautionRule.PREGNANCY);
        Answers treated = fine();
        treated.medication = Answer.YES;
        assertThat(warnings(before(treated, LIGHTENER))).containsExactly(CautionRule.MEDICATION);
        Answers asthmatic = fine();
        asthmatic.asthma = Answer.YES;
        assertThat(blocks(before(asthmatic, LIGHTENER))).containsExactly(CautionRule.ASTHMA);
        assertThat(blocks(before(asthmatic, COLOUR))).as("no persulfate in it").isEmpty();
    }

    @Test
    void glovesEyesAndAirAreRemindedOfWherePeroxideIs() {
        assertThat(before(fine(), LIGHTENER))
                .extracting(Caution::rule)
                .contains(CautionRule.PROTECTION, CautionRule.PERSULFATES);
        assertThat(before(fine(), COLOUR)).extracting(Caution::rule).containsExactly(CautionRule.PROTECTION);
        assertThat(before(fine(), DIRECT)).isEmpty();
    }

    @Test
    void foilAndWarmthTogetherAreWarnedOf() {
        Lightening warm = Lightening.of(LiftProduct.LIGHTENER, 20, 10, Setting.FOIL.withHeat());
        Lightening film = Lightening.of(
                LiftProduct.LIGHTENER, 20, 10, Setting.FOIL.under(Cover.FILM).withHeat());
        assertThat(warnings(before(fine(), warm))).containsExactly(CautionRule.FOIL_AND_WARMTH);
        assertThat(warnings(before(fine(), film))).isEmpty();
    }

    /** R39. */
    @ParameterizedTest
    @CsvSource({"SPRINGS_BACK, false", "RETURNS_SLOWLY, false", "STAYS_STRETCHED, true", "BREAKS, true"})
    void hairThatDidNotReturnIsNotWorkedOn(Elasticity felt, boolean blocked) {
        Band band = BAND.with(BandDetail.NONE.withStretch(felt));
        for (Change change : List.of(LIGHTENER, COLOUR, RemoverRound.USUAL)) {
            assertThat(blocks(before(fine(), change, band, true)).contains(CautionRule.STRENGTH_FELT))
                    .as(change.toString())
                    .isEqualTo(blocked);
        }
    }

    @Test
    void hairThatWouldNotReturnAfterwardsIsBlockedToo() {
        Band fragile = new Band(
                0,
                20,
                BandKind.LIGHTENED,
                9,
                Tone.AS_LIFTED,
                Porosity.VERY_HIGH,
                0,
                BandDetail.NONE.withStretch(Elasticity.RETURNS_SLOWLY));
        Change strong = Lightening.of(LiftProduct.LIGHTENER, 40, 60, Setting.FOIL);
        assertThat(blocks(before(fine(), strong, fragile, true))).containsExactly(CautionRule.STRENGTH_AFTER);
        assertThat(blocks(before(fine(), strong))).isEmpty();
        Band unfelt = fragile.with(BandDetail.NONE);
        assertThat(warnings(before(fine(), COLOUR, unfelt, true))).containsExactly(CautionRule.VERY_POROUS);
        assertThat(warnings(before(fine(), COLOUR, fragile, true))).isEmpty();
    }

    /** At the round of the plan concerned, not only somewhere. */
    @Test
    void aPlanIsBlockedAtTheRoundConcerned() {
        Plan plan = Planner.plan(
                Heads.of(List.of(
                        new Band(0, 4, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0.8),
                        new Band(4, 20, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.VERY_HIGH, 0))),
                new Wish(5, Tone.NATURAL),
                School.LADDER,
                ProductRange.demo());
        Answers answers = fine();
        answers.patch = PatchTest.NONE;
        Cautions cautions = Cautions.forClient(answers.told(), Set.of(), NOW);
        for (PlanStep step : plan.steps()) {
            assertThat(blocks(cautions.before(plan, step)).contains(CautionRule.PATCH_TEST))
                    .as(step.name())
                    .isEqualTo(step.kind() != Action.EQUALISE);
        }
        List<Caution> target =
                cautions.before(plan, plan.steps().get(plan.steps().size() - 1));
        assertThat(warnings(target)).contains(CautionRule.TWENTY_AT_SCALP, CautionRule.VERY_POROUS);
        assertThat(cautions.before(plan))
                .extracting(Caution::rule)
                .containsExactly(CautionRule.PREDICTION, CautionRule.LOCAL_LAW);
    }

    @Test
    void aBlockIsOnlyPassedWithNameAndReasonWhereLocalRulesAllow() {
        Answers answers = fine();
        answers.patch = PatchTest.NONE;
        List<Caution> cautions = before(answers, COLOUR);
        CautionOverride taken = new CautionOverride(
                CautionRule.PATCH_TEST,
                cautions.get(0).said().quoted(),
                "R. Ostrau",
                "The maker's leaflet asks for none here.",
                Instant.EPOCH);
        assertThat(StandingCaution.of(cautions, List.of(), true)).anyMatch(StandingCaution::blocks);
        assertThat(StandingCaution.of(cautions, List.of(taken), true)).noneMatch(StandingCaution::blocks);
        assertThat(StandingCaution.of(cautions, List.of(taken), true).get(0).takenOn())
                .contains(taken);
        assertThat(StandingCaution.of(cautions, List.of(taken), false)).anyMatch(StandingCaution::blocks);
        answers.patch = patch(60 * 24, 50, PatchTest.Result.CLEAR);
        assertThat(StandingCaution.of(before(answers, COLOUR), List.of(taken), true))
                .as("something else to say is not taken on with it")
                .anyMatch(StandingCaution::blocks);
        assertThatThrownBy(() ->
                        new CautionOverride(CautionRule.PATCH_TEST, NOTHING, " ", "Because I say so.", Instant.EPOCH))
                .hasMessageContaining("SIGN");
        assertThatThrownBy(
                        () -> new CautionOverride(CautionRule.PATCH_TEST, NOTHING, "R. Ostrau", " ok ", Instant.EPOCH))
                .hasMessageContaining("REASON");
        assertThatThrownBy(() -> new CautionOverride(
                        CautionRule.EARLIER_REACTION, NOTHING, "R. Ostrau", "It will be fine.", Instant.EPOCH))
                .hasMessageContaining("NOBODY_TAKES_IT_ON");
    }

    /** Every rule there is comes up somewhere above or here; none is only a name. */
    @Test
    void everyRuleSpeaksOnSomeWork() {
        Set<CautionRule> said = EnumSet.of(CautionRule.PREDICTION, CautionRule.LOCAL_LAW, CautionRule.TWENTY_AT_SCALP);
        Answers bad = fine();
        bad.reaction = Answer.YES;
        bad.tattoo = Answer.YES;
        bad.patch = PatchTest.NONE;
        bad.scalp = Scalp.IRRITATED;
        bad.home = HomeColour.METALLIC;
        bad.underAge = Answer.YES;
        bad.pregnant = Answer.YES;
        bad.medication = Answer.YES;
        bad.asthma = Answer.YES;
        Band weak = new Band(
                0,
                20,
                BandKind.LIGHTENED,
                9,
                Tone.AS_LIFTED,
                Porosity.VERY_HIGH,
                0,
                BandDetail.NONE.withStretch(Elasticity.STAYS_STRETCHED));
        Setting hot = Setting.FOIL.withHeat().at(Place.SCALP);
        List<Caution> all =
                new ArrayList<>(before(bad, Lightening.of(LiftProduct.CLEANSE_MIX, 40, 60, hot), weak, true));
        all.addAll(before(bad, COLOUR, weak.with(BandDetail.NONE), true));
        Lightener offScalp = new Lightener("x", "powder", 2, 1, 1, 20, 8, false, false, Optional.empty());
        all.addAll(before(bad, Lightening.of(LiftProduct.LIGHTENER, 30, 10, hot).of(offScalp), weak, true));
        assertThat(all.stream().filter(c -> c.rule() == CautionRule.MAKERS_LIMIT))
                .hasSize(2);
        all.forEach(c -> said.add(c.rule()));
        assertThat(said).containsExactlyInAnyOrder(CautionRule.values());
        assertThat(all)
                .as("what clears it is said with the same figures")
                .allSatisfy(c ->
                        assertThat(c.cleared().figures()).isEqualTo(c.said().figures()));
    }

    /** Where nobody's hair is spoken of, only the product's own blocks stay blocks. */
    @Test
    void theModelPageBlocksWhatTheProductAloneForbids() {
        Change atScalp = Lightening.of(LiftProduct.LIGHTENER, 40, 20, Setting.FOIL.at(Place.SCALP));
        List<Caution> cautions =
                Cautions.of(atScalp, atScalp.on(Reading.canvasOf(BAND)).fibre());
        assertThat(blocks(cautions)).containsExactly(CautionRule.STRONG_AT_SCALP);
        assertThat(cautions).extracting(Caution::rule).contains(CautionRule.SCALP, CautionRule.HOME_COLOUR);
    }

    /** What is mixed outside the plan is asked the same of its maker: how strong, and whether on the scalp (R59b). */
    @ParameterizedTest
    @CsvSource({
        "lightener-powder, 20, true, true",
        "lightener-powder, 20, false, false",
        "lightener-cream, 20, true, false",
        "lightener-mild, 30, false, true",
        "lightener-mild, 20, false, false"
    })
    void aBowlOutsideThePlanKeepsItsMakersLimits(String code, int volume, boolean atScalp, boolean refused) {
        BowlContent content = BowlContent.of(
                List.of(
                        new Line(code, new Figure.Typed(code), 20, Line.Role.BODY),
                        new Line("developer-" + volume, new Figure.Typed(volume + " vol"), 40, Line.Role.DEVELOPER)),
                Shelf.demo());
        assertThat(content.volume()).isEqualTo(volume);
        List<Caution> cautions =
                Cautions.forClient(fine().told(), Set.of(), NOW).before(content, atScalp);
        assertThat(blocks(cautions).contains(CautionRule.MAKERS_LIMIT)).isEqualTo(refused);
    }
}
