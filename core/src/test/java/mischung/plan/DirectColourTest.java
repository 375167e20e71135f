package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.product.DirectCanvas;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.school.School;
import mischung.sequence.Sequencer;
import mischung.wish.Aim;
import mischung.wish.Limits;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** R59c (common practice, no source): what direct colour asks for and how it is planned. */
class DirectColourTest {
    private static Plan plan(BandKind kind, double level, Wish wish) {
        Tone tone = kind == BandKind.NATURAL ? Tone.NATURAL : Tone.AS_LIFTED;
        return Planner.plan(
                Heads.of(List.of(new Band(0, 30, kind, level, tone, Porosity.NORMAL, 0))),
                wish,
                School.LADDER,
                ProductRange.demo());
    }

    static Stream<Aim> everyFashionWish() {
        return Arrays.stream(Tone.values())
                .filter(Tone::fashion)
                .flatMap(tone -> Stream.of(5.0, 6.0, 7.0, 8.0, 9.0).map(level -> new Aim(level, tone)));
    }

    /** Every wish either comes to it, or it is said how far it comes; nothing is refused with an error, filled or developed. */
    @ParameterizedTest
    @MethodSource("everyFashionWish")
    void everyWishIsPlannedOrSaidWhyNot(Aim aim) {
        Plan plan = plan(BandKind.LIGHTENED, 10, new Wish(aim));
        List<Bowl> bowls =
                plan.steps().stream().flatMap(step -> step.bowls().stream()).toList();
        assertThat(bowls).hasSize(1).allSatisfy(bowl -> {
            assertThat(bowl.laying().shadeClass()).isEqualTo(ShadeClass.DIRECT);
            assertThat(bowl.grams().developerGrams()).isZero();
        });
        Outcome end = plan.end(new BandRef(0, 0));
        if (end.difference() > 6) {
            assertThat(plan.findings())
                    .extracting(Plan.Finding::said)
                    .filteredOn(Heard.a(FindingMessage.MISSED))
                    .anyMatch(said -> said.figures().get("aim").equals(new Figure.Part(aim.said())));
        }
        assertThat(plan.steps()).noneMatch(step -> step.kind() == Action.FILL);
        assertThat(plan.findings()).extracting(Plan.Finding::said).noneMatch(Heard.a(FindingMessage.NO_FILLER));
        assertThat(Sequencer.of(plan).batches())
                .filteredOn(batch -> !Double.isFinite(batch.volume()))
                .as("nothing in it is spent while it stands")
                .isNotEmpty()
                .allMatch(batch -> batch.freshUntil() - batch.mixMinute() >= 480);
    }

    /** The colours most asked for come to their names on the canvas they want. */
    @ParameterizedTest
    @CsvSource({"BLUE, 5", "BLUE, 7", "TEAL, 6", "PINK, 8", "GREEN, 6", "MINT, 9", "ORANGE, 7", "YELLOW, 9", "VIOLET, 7"
    })
    void onItsCanvasItIsWhatItIsCalled(Tone tone, double level) {
        Plan plan = plan(BandKind.LIGHTENED, 10, new Wish(level, tone));
        Outcome end = plan.end(new BandRef(0, 0));
        assertThat(end.difference()).isLessThan(6);
        assertThat(end.look().tone()).isEqualTo(tone.words());
    }

    @Test
    void darkHairIsLiftedToTheCanvasFirst() {
        Aim blue = new Aim(5, Tone.BLUE);
        Plan plan = plan(BandKind.NATURAL, 6, new Wish(blue));
        PlanStep lift = plan.steps().get(0);
        assertThat(lift.kind()).isEqualTo(Action.LIGHTEN);
        assertThat(lift.outcome(new BandRef(0, 0)).look().level())
                .isBetween(blue.leastCanvas() - 0.25, blue.leastCanvas() + 0.75);
        assertThat(plan.end(new BandRef(0, 0)).look().tone()).isEqualTo("blue");
    }

    /** Where nothing may be lifted it is said that it would be a sheen at most. */
    @Test
    void withoutLightenerDarkHairStays() {
        Plan plan = plan(BandKind.NATURAL, 5, new Wish(6, Tone.PINK).with(Limits.NONE.withoutLightener()));
        BandAnswer answer = plan.answer(new BandRef(0, 0));
        assertThat(answer.decision()).isEqualTo(Decision.TOO_DARK);
        assertThat(answer.reasons())
                .anyMatch(
                        reason -> reason.rule() == Rule.R59C && reason.said().message() == ReasonMessage.DIRECT_SHEEN);
    }

    /** What warmth is left mixes in: blue on yellow turns green, and that is said. */
    @Test
    void yellowTurnsBlueToGreenAndThatIsSaid() {
        Plan plan = plan(BandKind.LIGHTENED, 8.5, new Wish(6, Tone.BLUE).with(Limits.NONE.withoutLightener()));
        assertThat(plan.end(new BandRef(0, 0)).look().lab().hueDegrees()).isBetween(100.0, 240.0);
        assertThat(plan.warnings())
                .anyMatch(warning -> warning.fault() == Warning.Fault.GREEN
                        && warning.said().message() == WarningMessage.YELLOW_MIXES_IN);
    }

    @Test
    void deepColourWantsLessLightThanPureAndPastel() {
        assertThat(DirectCanvas.needed(Tone.BLUE, 4)).isBetween(8.0, 9.0);
        assertThat(DirectCanvas.needed(Tone.BLUE, 6)).isGreaterThanOrEqualTo(10);
        assertThat(DirectCanvas.needed(Tone.ORANGE, 6)).isBetween(7.0, 8.0);
        for (Tone tone : Tone.values()) {
            for (double level = 4; DirectCanvas.isFor(tone) && level < 10; level++) {
                assertThat(DirectCanvas.needed(tone, level + 1))
                        .as("%s %s", tone, level)
                        .isGreaterThanOrEqualTo(DirectCanvas.needed(tone, level));
            }
            assertThat(DirectCanvas.isFor(tone) || !tone.fashion())
                    .as("%s", tone)
                    .isTrue();
        }
    }

    /** A deep violet hides that one half is copper; a pale pink over the same hair does not, and does not say so. */
    @ParameterizedTest
    @CsvSource({"VIOLET, 5, true", "PINK, 9, false"})
    void whatVanishesUnderItIsSaid(Tone tone, double level, boolean vanishes) {
        Plan plan = Planner.plan(
                Heads.of(List.of(
                        new Band(0, 15, BandKind.LIGHTENED, 9, Tone.COPPER, Porosity.NORMAL, 0),
                        new Band(15, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.NORMAL, 0))),
                new Wish(level, tone),
                School.LADDER,
                ProductRange.demo());
        assertThat(plan.findings().stream().anyMatch(f -> f.said().message() == FindingMessage.VANISHES))
                .isEqualTo(vanishes);
    }
}
