package mischung.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.Porosity;
import mischung.hair.SecondTone;
import mischung.hair.Strand;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.said.RefusedInput;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** The past laid on the strand. Growth of 1.0–1.5 cm a month is R64, common practice, no source. */
class StrandHistoryTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final double USUAL = 1.25;

    /** Home colour every 5 weeks for a year, stopped 8 months ago, then lightened pieces; drawn through each time. */
    private static History boxColour(Where where, double overlapCm) {
        List<Event> events = new ArrayList<>();
        LocalDate last = TODAY.minusMonths(8);
        for (LocalDate day = last; day.isAfter(last.minusYears(1)); day = day.minusWeeks(5)) {
            events.add(Event.colour(day, Service.PERMANENT, where, 4, Tone.NATURAL, 20)
                    .overlapping(overlapCm)
                    .atHome());
        }
        events.add(Event.lightened(TODAY.minusMonths(4), Where.WOVEN, 0.6, 8));
        return new History(6, Growth.UNMEASURED, 3, events);
    }

    /** A shade of two tones lies between both, in its words too; another second tone is another piece of hair. */
    @Test
    void aShadeOfTwoTonesIsBelievedAsBoth() {
        double gold = warmthOf(ToneMix.of(Tone.GOLD));
        double ash = warmthOf(ToneMix.of(Tone.ASH));
        ToneMix both = new ToneMix(Tone.GOLD, Optional.of(new SecondTone(Tone.ASH, 0.5)));
        assertThat(warmthOf(both)).isStrictlyBetween(ash, gold);
        assertThat(Heard.text(toned(both).said())).contains(both.figure().text());
        assertThatThrownBy(() -> toned(new ToneMix(Tone.GOLD, Optional.of(new SecondTone(Tone.AS_LIFTED, 0.3)))))
                .isInstanceOf(RefusedInput.class)
                .hasFieldOrPropertyWithValue("field", "second");
    }

    private static Event toned(ToneMix tones) {
        return new Event(TODAY.minusWeeks(2), Service.DEMI, false, Where.ALL, 8, tones, 7, 1, 0, 0);
    }

    private static double warmthOf(ToneMix tones) {
        History history = new History(
                6, Growth.UNMEASURED, 3, List.of(Event.lightened(TODAY.minusWeeks(2), Where.ALL, 1, 9), toned(tones)));
        List<Stretch> all = StrandHistory.of(history, 30, TODAY).stretches();
        return all.get(all.size() - 1).look().lab().b();
    }

    @Test
    void aYearOfHomeColourLeavesRegrowthOverlapsAndTheMostAtTheEnds() {
        History history = boxColour(Where.ALL, 0);
        StrandHistory strand = StrandHistory.of(history, 45, TODAY);
        List<Stretch> stretches = strand.stretches();

        // Eight months at 1.0–1.5 cm.
        Border line = stretches.stream()
                .filter(s -> s.layersTo() > 0)
                .findFirst()
                .orElseThrow()
                .from();
        assertThat(line.cm()).isBetween(8.0, 12.0);
        assertThat(line.fromCm()).isCloseTo(8, within(0.7));
        assertThat(line.toCm()).isCloseTo(12, within(0.7));

        // Each of the 11 layers begins 5 weeks of growth further down; counted by hand.
        int colours = (int) history.events().stream()
                .filter(e -> e.service() == Service.PERMANENT)
                .count();
        assertThat(colours).isEqualTo(11);
        double fiveWeeks = 35 / 30.436875 * USUAL;
        double first = strand.lines(USUAL).stream()
                .mapToDouble(Border::cm)
                .filter(cm -> cm > 7)
                .min()
                .orElseThrow();
        for (int layer = 1; layer < colours; layer++) {
            double middle = first + (layer - 0.5) * fiveWeeks;
            assertThat(strand.layersAt(middle, USUAL)).as("at %s cm", middle).isEqualTo(layer);
        }
        assertThat(strand.layersAt(44, USUAL)).isEqualTo(colours);
        assertThat(stretches.get(stretches.size() - 1).layers()).isEqualTo(colours);
        assertThat(stretches).extracting(Stretch::layers).isSorted();
        assertThat(stretches.get(stretches.size() - 1).kind()).isEqualTo(BandKind.LIGHTENED);
        assertThat(stretches.get(0).kind())
                .as("pieces began at the scalp 4 months ago")
                .isEqualTo(BandKind.NATURAL);
    }

    /** Colour for the roots only, drawn two centimetres over the last: two or three layers, then one to the ends. */
    @Test
    void rootsWithOverlapLayerOnlyWhereTheyMeet() {
        History history = boxColour(Where.ROOTS, 2);
        StrandHistory strand = StrandHistory.of(history, 45, TODAY);
        double fiveWeeks = 35 / 30.436875 * USUAL;
        double first = 8 * USUAL;
        // Two centimetres of overlap over strips of 1.44 cm: every place is met by its own and by the next one or two.
        for (double cm = first + 2 * fiveWeeks; cm < first + 9 * fiveWeeks; cm += 0.3) {
            assertThat(strand.layersAt(cm, USUAL)).as("%s cm", cm).isBetween(2.0, 3.0);
        }
        assertThat(strand.layersAt(44, USUAL)).as("older than the record").isZero();
    }

    @Test
    void haircutsShortenAndGrowthCarriesAway() {
        LocalDate year = TODAY.minusYears(1);
        Event ends = Event.colour(year, Service.DIRECT, Where.ENDS, 8, Tone.BLUE, 0);
        History uncut = new History(7, Growth.UNMEASURED, 3, List.of(ends));
        History cut = new History(7, Growth.UNMEASURED, 3, List.of(ends, Event.cut(TODAY.minusMonths(2), 12)));
        double before = StrandHistory.of(uncut, 60, TODAY).lines(USUAL).get(0).cm();
        double after = StrandHistory.of(cut, 60, TODAY).lines(USUAL).get(0).cm();
        // 0.7 of (60 − 15) + 15 of growth; 12 cm more then, of which the ends' beginning moves by 0.7.
        assertThat(before).isCloseTo(0.7 * 45 + 15, within(0.05));
        assertThat(after - before).isCloseTo(0.7 * 12, within(0.05));
        History allOff = new History(7, Growth.UNMEASURED, 3, List.of(ends, Event.cut(TODAY.minusMonths(2), 60)));
        assertThat(StrandHistory.of(allOff, 30, TODAY).stretches()).hasSize(1);
        assertThat(StrandHistory.of(allOff, 30, TODAY).stretches().get(0).kind())
                .isEqualTo(BandKind.NATURAL);
    }

    /** What once went on is not a danger for ever: it grows out and is cut off. */
    @Test
    void plantColourIsThereUntilItIsCutOff() {
        Event henna = Event.colour(TODAY.minusMonths(18), Service.PLANT, Where.ALL, 5, Tone.COPPER, 0);
        History history = new History(6, Growth.UNMEASURED, 3, List.of(henna));
        assertThat(StrandHistory.of(history, 40, TODAY).stillThere(Service.PLANT))
                .isTrue();
        assertThat(StrandHistory.of(history, 19, TODAY).stillThere(Service.PLANT))
                .as("if it grew slowly the last of it is still there")
                .isTrue();
        assertThat(StrandHistory.of(history, 17, TODAY).stillThere(Service.PLANT))
                .isFalse();
        assertThat(StrandHistory.of(history, 40, TODAY).stillThere(Service.METALLIC))
                .isFalse();
    }

    @Test
    void aMeasuredRegrowthCorrectsTheGrowthAndNarrowsTheLines() {
        History history = new History(
                6,
                Growth.UNMEASURED,
                3,
                List.of(Event.colour(TODAY.minusMonths(10), Service.PERMANENT, Where.ALL, 5, Tone.NATURAL, 20)));
        Border before = StrandHistory.of(history, 40, TODAY).stretches().get(0).to();
        History corrected = history.corrected(11, TODAY);
        Border after = StrandHistory.of(corrected, 40, TODAY).stretches().get(0).to();
        assertThat(corrected.growth().usual()).isCloseTo(1.1, within(0.01));
        assertThat(after.cm()).isEqualTo(11);
        assertThat(after.toCm() - after.fromCm()).isLessThan((before.toCm() - before.fromCm()) / 2);
        assertThatThrownBy(() -> history.corrected(60, TODAY))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("GROWS_SO_FAR{months=10, rate=6}");
    }

    /** What lies under a dark permanent colour is an interval, and never darker than what grows. */
    @Test
    void underTheColourLiesWhatTheModelMakesOfThePast() {
        History history = new History(
                6,
                Growth.UNMEASURED,
                3,
                List.of(Event.colour(TODAY.minusMonths(3), Service.PERMANENT, Where.ALL, 3, Tone.NATURAL, 20)));
        Stretch coloured = StrandHistory.of(history, 30, TODAY).stretches().get(1);
        assertThat(coloured.kind()).isEqualTo(BandKind.COLOURED);
        assertThat(coloured.underFrom()).isBetween(5.5, 6.5);
        assertThat(coloured.underTo()).isBetween(6.5, 8.5);
        assertThat(coloured.look().level())
                .as("what was laid, three months of washes later")
                .isBetween(2.5, 6.0);
        assertThat(coloured.proposed().detail().underTo()).isEqualTo(coloured.underTo());
        assertThat(coloured.said())
                .isEqualTo(HistoryMessage.STRETCH
                        .say()
                        .with(
                                "parts",
                                new Figure.All(
                                        Figure.Joint.COMMA,
                                        List.of(
                                                Figure.Named.of(BandKind.COLOURED),
                                                new Figure.Part(HistoryMessage.LAYERS
                                                        .say()
                                                        .tenth("layers", 1)
                                                        .said()),
                                                new Figure.Part(HistoryMessage.UNDER_DYE
                                                        .say()
                                                        .levels("levels", coloured.underFrom(), coloured.underTo())
                                                        .said()))))
                        .said());
    }

    @Test
    void aGlossFadesAwayWithinTheYear() {
        Event gloss = Event.colour(TODAY.minusMonths(14), Service.GLOSS, Where.ALL, 6, Tone.ASH, 7);
        History history = new History(6, Growth.UNMEASURED, 5, List.of(gloss));
        assertThat(StrandHistory.of(history, 40, TODAY).stretches())
                .extracting(Stretch::kind)
                .containsOnly(BandKind.NATURAL);
    }

    private static Strand read(double naturalTo, BandKind then, double level, BandDetail detail) {
        return new Strand(List.of(
                new Band(0, naturalTo, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0),
                new Band(naturalTo, 40, then, level, then.usualTone(), Porosity.NORMAL, 0, detail)));
    }

    @Test
    void whereDatesAndEyesDifferIsSaid() {
        History history = new History(
                6,
                Growth.UNMEASURED,
                3,
                List.of(Event.colour(TODAY.minusMonths(6), Service.PERMANENT, Where.ALL, 5, Tone.NATURAL, 20)));
        List<Stretch> past = StrandHistory.of(history, 40, TODAY).stretches();
        BandDetail none = BandDetail.NONE;
        assertThat(Contradiction.between(read(7, BandKind.COLOURED, 5, none), past))
                .isEmpty();
        assertThat(Contradiction.between(read(4, BandKind.COLOURED, 5, none), past))
                .singleElement()
                .satisfies(c -> {
                    assertThat(c.said()).matches(Heard.a(HistoryMessage.NATURAL_TO));
                    assertThat(c.said().figures())
                            .containsEntry("found", HistoryMessage.COLOUR.figure())
                            .containsEntry("read", new Figure.Count(4));
                });
        assertThat(Contradiction.between(read(15, BandKind.COLOURED, 5, none), past)
                        .get(0)
                        .said()
                        .figures())
                .containsEntry("read", new Figure.Count(15));
        assertThat(Contradiction.between(read(7, BandKind.LIGHTENED, 5, none), past))
                .singleElement()
                .satisfies(c -> assertThat(c.said().figures())
                        .containsEntry("lifted", new Figure.Case("no"))
                        .containsEntry("kind", Figure.Named.of(BandKind.LIGHTENED)));
        assertThat(Contradiction.between(read(7, BandKind.COLOURED, 9, none), past))
                .singleElement()
                .satisfies(c -> assertThat(c.said().figures()).containsEntry("level", new Figure.Level(9)));
        assertThat(Contradiction.between(read(7, BandKind.COLOURED, 5, none.withPast(4, 1, 12)), past))
                .singleElement()
                .satisfies(c -> assertThat(c.said().figures()).containsEntry("marked", new Figure.Count(4)));
        List<Stretch> nothing = StrandHistory.of(History.none(6), 40, TODAY).stretches();
        assertThat(Contradiction.between(read(7, BandKind.LIGHTENED, 9, none), nothing)
                        .get(0)
                        .said())
                .matches(Heard.a(HistoryMessage.NOTHING_TOLD));
    }

    @Test
    void whatLiesInTheFutureOrCannotBeIsRefused() {
        History later = new History(6, Growth.UNMEASURED, 3, List.of(Event.cut(TODAY.plusDays(1), 2)));
        assertThatThrownBy(() -> StrandHistory.of(later, 30, TODAY)).hasMessageContaining("events[0].date");
        assertThatThrownBy(() -> Event.colour(TODAY, Service.PERMANENT, Where.ALL, 5, Tone.NATURAL, 60))
                .hasMessageContaining("TOO_STRONG");
        assertThatThrownBy(() -> Event.colour(TODAY, Service.DEMI, Where.ALL, 5, Tone.AS_LIFTED, 7))
                .hasMessageContaining("COLOUR_HAS_A_TONE");
        assertThatThrownBy(() -> Growth.between(2, 1)).isInstanceOf(RefusedInput.class);
    }

    @Provide
    Arbitrary<History> histories() {
        Arbitrary<Event> events = Combinators.combine(
                        Arbitraries.integers().between(1, 1500),
                        Arbitraries.of(Service.values()),
                        Arbitraries.of(Where.values()),
                        Arbitraries.integers().between(2, 20),
                        Arbitraries.of(Tone.values()).filter(t -> t != Tone.AS_LIFTED),
                        Arbitraries.doubles().between(0.05, 1),
                        Arbitraries.doubles().between(0, 10))
                .as((days, service, where, halves, tone, share, cm) -> new Event(
                        TODAY.minusDays(days),
                        service,
                        true,
                        where,
                        halves / 2.0,
                        ToneMix.of(tone),
                        20,
                        share,
                        cm,
                        cm));
        return Combinators.combine(
                        Arbitraries.integers().between(2, 20), events.list().ofMaxSize(14))
                .as((natural, all) -> new History(natural / 2.0, Growth.UNMEASURED, 3, all));
    }

    @Property(tries = 120)
    void bandsTileTheStrandAndLayersAreNeverNegative(
            @ForAll("histories") History history, @ForAll @DoubleRange(min = 1, max = 150) double length) {
        double cm = Math.rint(length * 2) / 2;
        List<Stretch> stretches = StrandHistory.of(history, cm, TODAY).stretches();
        // A strand refuses gaps, overlaps, too many bands and bands that are too short.
        Strand strand = new Strand(stretches.stream().map(Stretch::proposed).toList());
        assertThat(strand.lengthCm()).isEqualTo(cm);
        for (Stretch stretch : stretches) {
            assertThat(stretch.layersFrom()).isNotNegative().isLessThanOrEqualTo(stretch.layers() + 1e-9);
            assertThat(stretch.layers()).isLessThanOrEqualTo(stretch.layersTo() + 1e-9);
            assertThat(stretch.underFrom()).isLessThanOrEqualTo(stretch.underTo());
            assertThat(stretch.levelFrom()).isLessThanOrEqualTo(stretch.levelTo());
            assertThat(stretch.from().fromCm())
                    .isLessThanOrEqualTo(stretch.from().toCm());
            assertThat(Heard.text(stretch.said())).doesNotContain("NaN");
        }
        assertThat(Contradiction.between(strand, stretches))
                .as("what is proposed does not contradict itself in its kinds")
                .noneMatch(c -> c.said().message() == HistoryMessage.LIFTED_BY_DATES);
    }

    @Property(tries = 300)
    void moreGrowthMovesEveryLineOutwards(
            @ForAll("histories") History history,
            @ForAll @DoubleRange(min = 0.5, max = 1.5) double slow,
            @ForAll @DoubleRange(min = 0.01, max = 1) double more) {
        StrandHistory strand = StrandHistory.of(history, 150, TODAY);
        List<Border> near = strand.lines(slow);
        List<Border> far = strand.lines(slow + more);
        // Lines may grow off the ends, and pass one another, but in order each lies further out than before.
        assertThat(far.size()).isLessThanOrEqualTo(near.size());
        for (int i = 0; i < far.size(); i++) {
            assertThat(far.get(i).cm()).isGreaterThanOrEqualTo(near.get(i).cm() - 1e-9);
        }
    }
}
