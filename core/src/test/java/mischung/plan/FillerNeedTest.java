package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.said.Heard;
import mischung.said.Said;
import mischung.school.School;
import mischung.wish.Wish;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FillerNeedTest {
    private static final BandRef HERE = new BandRef(0, 0);

    private static BandAnswer answer(Band band, double wish, Tone tone) {
        return new FillerNeed(new mischung.wish.Aim(wish, tone)).of(HERE, band);
    }

    private static Band lightened(double level, Tone tone, Porosity porosity) {
        return new Band(0, 20, BandKind.LIGHTENED, level, tone, porosity, 0);
    }

    private static Band natural(double level, double grey) {
        return new Band(0, 20, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, grey);
    }

    /** R10 (common practice): three or more levels on lightened hair; one or two need none. */
    @ParameterizedTest
    @CsvSource({
        "10, 6, FILL",
        "9, 6, FILL",
        "10.5, 7.5, FILL",
        "12, 3, FILL",
        "9, 7, COLOUR",
        "8, 6.5, COLOUR",
        "8, 7, COLOUR",
        "10, 8, COLOUR",
        "7, 7, COLOUR",
        "6.5, 7, COLOUR",
        "6, 7, TOO_DARK",
        "8, 10, TOO_DARK"
    })
    void lightenedHairByItsDrop(double level, double wish, Decision decision) {
        BandAnswer answer = answer(lightened(level, Tone.AS_LIFTED, Porosity.NORMAL), wish, Tone.NATURAL);
        assertThat(answer.decision()).isEqualTo(decision);
        assertThat(answer.drop()).isEqualTo(level - wish);
        assertThat(answer.reasons()).isNotEmpty();
    }

    /** R17 (common practice): what grew is never filled, however far it goes. */
    @ParameterizedTest
    @CsvSource({
        "6, 0, 6, LEAVE",
        "5.5, 0, 6, LEAVE",
        "5, 0, 6, TOO_DARK",
        "8, 0, 4, COLOUR",
        "10, 0, 3, COLOUR",
        "6, 0.5, 6, COVER_GREY",
        "6, 0.2, 5, COLOUR",
        "5, 1, 6, COVER_GREY"
    })
    void naturalHairIsNeverFilled(double level, double grey, double wish, Decision decision) {
        BandAnswer answer = answer(natural(level, grey), wish, Tone.NATURAL);
        assertThat(answer.decision()).isEqualTo(decision);
        assertThat(answer.reasons().get(0).rule()).isEqualTo(Rule.R17);
    }

    @Property(tries = 200)
    void noNaturalBandIsEverFilled(
            @ForAll @IntRange(min = 2, max = 24) int halves,
            @ForAll @IntRange(min = 2, max = 20) int wishHalves,
            @ForAll @IntRange(max = 100) int grey) {
        assertThat(answer(natural(halves / 2.0, grey / 100.0), wishHalves / 2.0, Tone.NATURAL)
                        .decision())
                .isNotEqualTo(Decision.FILL);
    }

    /** Toned blonde lost more warmth than its level shows: two levels down can be too many for it. */
    @Test
    void hairThatLostItsWarmthIsFilledSooner() {
        BandAnswer warm = answer(lightened(9, Tone.AS_LIFTED, Porosity.NORMAL), 7, Tone.NATURAL);
        BandAnswer toned = answer(lightened(9, Tone.ASH, Porosity.NORMAL), 7, Tone.NATURAL);
        assertThat(warm.decision()).isEqualTo(Decision.COLOUR);
        assertThat(toned.decision()).isEqualTo(Decision.FILL);
        assertThat(toned.reasons()).anyMatch(reason -> reason.said().message() == ReasonMessage.LOST_WARMTH);
    }

    /** R10: porous hair that needs no filler gets an equaliser. */
    @Test
    void porousHairIsToldToBeEvened() {
        assertThat(answer(lightened(9, Tone.AS_LIFTED, Porosity.HIGH), 7.5, Tone.NATURAL)
                        .reasons())
                .extracting(Reason::rule)
                .contains(Rule.R23);
    }

    @Test
    void reasonsNameTheFigures() {
        BandAnswer answer = answer(lightened(9.5, Tone.AS_LIFTED, Porosity.NORMAL), 6, Tone.NATURAL);
        assertThat(answer.reasons().get(0).said())
                .isEqualTo(ReasonMessage.FILL_FIRST
                        .say()
                        .level("from", 9.5)
                        .level("to", 6)
                        .tenth("levels", 3.5)
                        .said());
        Said alone = answer.reasons().get(1).said();
        assertThat(alone.message()).isEqualTo(ReasonMessage.TARGET_ALONE);
        assertThat(Heard.number(alone, "reached")).isBetween(6.0, 9.5);
        assertThat(Heard.number(alone, "wished")).isCloseTo(23, within(0.5));
        assertThat(Heard.number(alone, "chroma")).isLessThan(Heard.number(alone, "wished"));
    }

    /** R19 (common practice): the same bowl comes out darker on porous hair, so its mix is chosen lighter. */
    @Test
    void porousBowlsAreMixedLighter() {
        Plan plan = Planner.plan(
                Heads.of(java.util.List.of(
                        new Band(0, 15, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0),
                        new Band(15, 30, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.HIGH, 0))),
                new Wish(7, Tone.NATURAL),
                School.LADDER,
                mischung.product.ProductRange.demo());
        var bowls = plan.steps().get(plan.steps().size() - 1).bowls();
        assertThat(bowls).extracting(Bowl::place).containsExactly(BowlPlace.LENGTHS, BowlPlace.POROUS);
        assertThat(bowls.get(1).formula().mix().level())
                .isGreaterThan(bowls.get(0).formula().mix().level());
        assertThat(bowls.get(1).developer().volume()).isEqualTo(6);
    }
}
