package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.product.ProductRange;
import mischung.said.Heard;
import mischung.said.Said;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Old colour of the right depth and the wrong tone: the commonest correction of all (R30, R34a; common practice, no source). */
class OffToneTest {
    private static final BandRef LENGTHS = new BandRef(0, 1);

    /** CIEDE2000; what is called reached. */
    private static final double REACHED = 6;

    private static Band natural(double to, double level) {
        return new Band(0, to, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, 0);
    }

    private static Band dyed(double from, double to, double level, Tone tone) {
        Band band = new Band(from, to, BandKind.COLOURED, level, tone, Porosity.NORMAL, 0);
        return band.with(band.detail().withPast(2, 1, 12));
    }

    private static Plan plan(Wish wish, Band... bands) {
        return Planner.plan(
                new PlanningContext(Heads.of(List.of(bands)), wish, ProductRange.demo(), Calibration.none(), 3),
                Strategy.of("by the usual schools", Method.USUAL));
    }

    private static int removerRounds(Plan plan, BandRef at) {
        return plan.steps().stream()
                .flatMap(step -> step.treatments().stream())
                .filter(treatment ->
                        treatment.action() == Action.REMOVE && treatment.bands().contains(at))
                .mapToInt(treatment -> treatment.laying().times())
                .sum();
    }

    @ParameterizedTest
    @CsvSource({
        "6, COPPER, 6, NATURAL",
        "5, RED, 5, NATURAL",
        "5, MAHOGANY, 5, BROWN",
        "7, GOLD, 7, NATURAL",
        "7, COPPER, 7, BEIGE",
        "6, VIOLET, 6, NATURAL",
        "6, RED, 6, BROWN"
    })
    void whatNoDepositCancelsIsRemovedFirst(double level, Tone old, double wished, Tone tone) {
        Plan plan = plan(new Wish(wished, tone), natural(2, level), dyed(2, 30, level, old));
        assertThat(plan.end(LENGTHS).difference()).isLessThanOrEqualTo(REACHED);
        assertThat(plan.end(LENGTHS).look().level()).isBetween(wished - 0.75, wished + 0.75);
        assertThat(removerRounds(plan, LENGTHS)).isLessThanOrEqualTo(2);
        assertThat(removerRounds(plan, new BandRef(0, 0)))
                .as("natural hair has nothing a remover takes (R30)")
                .isZero();
    }

    /** A remover costs an hour: what colour cancels by itself, or wants for its warmth, keeps its old colour. */
    @ParameterizedTest
    @CsvSource({"6, NATURAL, 6, ASH", "7, GOLD, 7, COPPER", "7, COPPER, 5, BROWN", "6, COPPER, 6, COPPER"})
    void whatColourCancelsKeepsItsOldColour(double level, Tone old, double wished, Tone tone) {
        Plan plan = plan(new Wish(wished, tone), natural(2, level), dyed(2, 30, level, old));
        assertThat(removerRounds(plan, LENGTHS)).isZero();
    }

    /** Pieces and the hair between them are one stretch for a remover; nobody keeps it on woven pieces. */
    @Test
    void removerGoesOnAWholeStretch() {
        Wish wish = new Wish(new Aim(6, Tone.NATURAL))
                .with(Design.woven(Design.Kind.HIGHLIGHTS, new Aim(9, Tone.BEIGE), 0.5, 3, false));
        Plan plan = plan(wish, natural(2, 6), dyed(2, 30, 4, Tone.MAHOGANY));
        List<BandRef> removed = plan.steps().stream()
                .flatMap(step -> step.treatments().stream())
                .filter(treatment -> treatment.action() == Action.REMOVE)
                .flatMap(treatment -> treatment.bands().stream())
                .toList();
        assertThat(removed).isNotEmpty();
        assertThat(plan.head().bands())
                .filteredOn(at -> plan.head().band(at).kind() == BandKind.COLOURED)
                .allMatch(removed::contains);
    }

    /** A stretch as it grew is lightened or coloured as one; it is not changed over in its third centimetre. */
    @ParameterizedTest
    @CsvSource({"5, 6", "5, 7", "6, 7", "6, 8", "7, 8", "4, 6"})
    void regrowthIsOneDecision(double level, double wished) {
        Plan plan = plan(new Wish(wished, Tone.GOLD), natural(6, level), dyed(6, 30, 5, Tone.MAHOGANY));
        List<BandRef> grown = plan.head().bands().stream()
                .filter(at -> plan.head().band(at).kind() == BandKind.NATURAL)
                .toList();
        assertThat(grown.stream().map(at -> plan.answer(at).decision()).distinct())
                .hasSize(1);
    }

    private static List<Said> why(Plan plan, Rule rule) {
        return plan.steps().stream()
                .flatMap(step -> step.reasons().stream())
                .filter(reason -> reason.rule() == rule)
                .map(Reason::said)
                .toList();
    }

    /** A reason that is not so is worse than none: what lies at the depth of the wish is not called darker. */
    @Test
    void theRemoversReasonIsTrue() {
        Plan same = plan(new Wish(5, Tone.NATURAL), natural(2, 5), dyed(2, 30, 5, Tone.RED));
        assertThat(why(same, Rule.R30)).anyMatch(Heard.a(ReasonMessage.REMOVE_TONE));
        Plan lighter = plan(new Wish(7, Tone.NATURAL), natural(2, 7), dyed(2, 30, 4, Tone.RED));
        assertThat(why(lighter, Rule.R30)).anyMatch(Heard.a(ReasonMessage.REMOVE_DARKER));
    }

    /** R9: pearl wants a lighter canvas than it shows; a gold lies on what is lifted just so far. */
    @Test
    void liftedFurtherThanShownSaysWhy() {
        Plan pearl = plan(new Wish(9, Tone.PEARL), natural(30, 6));
        assertThat(why(pearl, Rule.R9)).anyMatch(Heard.a(ReasonMessage.LIFTED_FURTHER));
        Plan gold = plan(new Wish(8, Tone.GOLD), natural(30, 5));
        assertThat(why(gold, Rule.R9)).isEmpty();
    }
}
