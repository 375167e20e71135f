package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.BandDetail;
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
import mischung.history.Event;
import mischung.history.Growth;
import mischung.history.History;
import mischung.history.Service;
import mischung.history.StrandHistory;
import mischung.history.Stretch;
import mischung.history.Where;
import mischung.process.Application;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Setting;
import mischung.product.HairAmount;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.school.School;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Start;
import mischung.uncertainty.StrandTest;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the plan makes of everything that can be read by now. */
class ReadHeadsTest {
    private static Plan plan(double wish, Calibration known, Band... bands) {
        return Planner.plan(
                Heads.of(List.of(bands)), new Wish(wish, Tone.NATURAL), School.LADDER, ProductRange.demo(), known);
    }

    private static Decision decision(Plan plan, int band) {
        return plan.answer(new BandRef(0, band)).decision();
    }

    /** R17: fill only what was lightened; colour over natural hair keeps warm pigment beneath it. */
    @ParameterizedTest
    @CsvSource({
        "COLOURED, 8, NATURAL, 5, COLOUR",
        "COLOURED, 4, NATURAL, 6, REMOVE",
        "COLOURED, 4, NATURAL, 8, REMOVE_AND_LIGHTEN",
        "COLOURED, 6, NATURAL, 6, LEAVE",
        "DIRECT, 9, PINK, 5, FILL",
        "LIGHTENED, 9, AS_LIFTED, 5, FILL",
        "NATURAL, 6, NATURAL, 5, COLOUR"
    })
    void whatWasDoneDecidesWhetherItIsFilled(BandKind kind, double level, Tone tone, double wish, Decision expected) {
        Band band = new Band(0, 20, kind, level, tone, Porosity.NORMAL, 0);
        assertThat(decision(plan(wish, Calibration.none(), band), 0)).isEqualTo(expected);
    }

    @Test
    void aStrandTestNarrowsThePlansOwnRanges() {
        Band lengths = new Band(0, 30, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0);
        Course laid =
                Course.of(Application.usual(ProductRange.demo().shades().get(0).dyes(), ShadeClass.DEMI, 10));
        Start start = Start.of(lengths, Thickness.NORMAL);
        double seen = laid.on(start.best(), Factors.AVERAGE).level();
        Calibration known = Calibration.none();
        for (int i = 0; i < 3; i++) {
            known = known.learn(StrandTest.byEye(start, laid, seen)).after();
        }
        BandRef at = new BandRef(0, 0);
        Outcome untested = plan(6, Calibration.none(), lengths).end(at);
        Outcome tested = plan(6, known, lengths).end(at);
        assertThat(tested.range().to() - tested.range().from())
                .isLessThan(untested.range().to() - untested.range().from());
    }

    /** Lightener on a head that lifts fast: what was learned is what the next forecast leans on. */
    @Test
    void whatATestTeachesMovesTheNextPrediction() {
        Band root = new Band(0, 10, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0);
        Start start = Start.of(root, Thickness.NORMAL);
        Course course = Course.of(Lightening.of(LiftProduct.LIGHTENER, 20, 30, Setting.FOIL));
        double predicted = course.on(start.best(), Calibration.none().factors()).level();
        Calibration known = Calibration.none()
                .learn(StrandTest.byEye(start, course, predicted + 1))
                .after();
        double next = course.on(start.best(), known.factors()).level();
        assertThat(next).isBetween(predicted + 0.3, predicted + 1);
    }

    @Test
    void halvesOfAZoneNeedHalfOfWhatTheWholeNeeds() {
        Strand strand = new Strand(List.of(new Band(0, 30, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0)));
        Zone nape = new Zone(ZonePlace.NAPE, strand);
        Head whole = new Head(List.of(nape, new Zone(ZonePlace.BACK, strand)), Density.NORMAL, Thickness.NORMAL);
        Head halved = new Head(
                List.of(nape, new Zone(ZonePlace.BACK_LEFT, strand), new Zone(ZonePlace.BACK_RIGHT, strand)),
                Density.NORMAL,
                Thickness.NORMAL);
        double back = HairAmount.mixGrams(whole, List.of(new BandRef(1, 0)));
        assertThat(HairAmount.mixGrams(halved, List.of(new BandRef(1, 0)))).isCloseTo(back / 2, within(1e-9));
        assertThat(HairAmount.mixGrams(halved, List.of(new BandRef(1, 0), new BandRef(2, 0))))
                .isCloseTo(back, within(1e-9));
    }

    @Test
    void thinEndsNeedLessThanTheHeadAtLarge() {
        BandDetail thin = new BandDetail(
                Optional.empty(),
                Optional.of(Density.THIN),
                Optional.of(Thickness.FINE),
                0,
                1,
                12,
                Optional.empty(),
                List.of());
        Band ends = new Band(0, 20, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.HIGH, 0);
        double usual = HairAmount.mixGrams(Heads.of(List.of(ends)), List.of(new BandRef(0, 0)));
        double less = HairAmount.mixGrams(Heads.of(List.of(ends.with(thin))), List.of(new BandRef(0, 0)));
        assertThat(less).isLessThan(usual * 0.8);
    }

    /** From told dates to a plan without a single reading by eye: the way all the parts go together. */
    @Test
    void aToldHistoryCanBePlannedAsItIsProposed() {
        LocalDate today = LocalDate.of(2026, 11, 23);
        History history = new History(
                6,
                Growth.UNMEASURED,
                3,
                List.of(
                        Event.lightened(today.minusMonths(14), Where.ALL, 1, 9),
                        Event.colour(today.minusMonths(5), Service.DIRECT, Where.ENDS, 9, Tone.BLUE, 0)));
        List<Stretch> stretches = StrandHistory.of(history, 40, today).stretches();
        Strand strand = new Strand(stretches.stream().map(Stretch::proposed).toList());
        Plan plan = Planner.plan(
                new Head(List.of(new Zone(ZonePlace.BACK, strand)), Density.NORMAL, Thickness.NORMAL),
                new Wish(6, Tone.NATURAL),
                School.LADDER,
                ProductRange.demo());
        assertThat(strand.bands().get(0).kind()).isEqualTo(BandKind.NATURAL);
        assertThat(decision(plan, 0)).isEqualTo(Decision.LEAVE);
        assertThat(decision(plan, 1)).isEqualTo(Decision.FILL);
        assertThat(plan.fills()).isTrue();
    }
}
