package mischung.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.plan.Heads;
import mischung.plan.LiftWay;
import mischung.said.RefusedInput;
import mischung.wish.Wish;
import mischung.wish.WorkedHead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How long things take: by the house's figures, the size of the zone and the thickness of the section. */
class DurationsTest {
    private static final Band LONG = new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0);

    private static WorkedHead head(Density density) {
        Head full = Heads.full(List.of(LONG));
        return WorkedHead.of(new Head(full.zones(), density, full.thickness()), new Wish(5, Tone.NATURAL));
    }

    private static double foils(Durations durations, WorkedHead head, LiftWay way) {
        double minutes = 0;
        for (int zone = 0; zone < head.zones().size(); zone++) {
            minutes += durations.foiling(head, zone, way, 1);
        }
        return minutes;
    }

    /** R43 (common practice): a full head of fine foils, 90-120 minutes alone. */
    @Test
    void aFullHeadOfFoilsTakesAnHourAndAHalfToTwo() {
        assertThat(foils(Durations.USUAL, head(Density.NORMAL), LiftWay.OFF_SCALP))
                .isBetween(90.0, 120.0);
    }

    @ParameterizedTest
    @CsvSource({"THIN, 0.8", "NORMAL, 1", "DENSE, 1.25"})
    void densityCounts(Density density, double factor) {
        assertThat(foils(Durations.USUAL, head(density), LiftWay.OFF_SCALP))
                .isCloseTo(factor * foils(Durations.USUAL, head(Density.NORMAL), LiftWay.OFF_SCALP), within(1e-9));
        assertThat(Durations.USUAL.drying(head(density))).isEqualTo((int) Math.round(15 * factor));
    }

    /** R41: sections of 5 mm are three fifths as many as of 3 mm. */
    @Test
    void thickerSectionsAreFewer() {
        WorkedHead head = head(Density.NORMAL);
        assertThat(foils(Durations.USUAL, head, LiftWay.ROOT))
                .isCloseTo(0.6 * foils(Durations.USUAL, head, LiftWay.BAND), within(1e-9));
    }

    @Test
    void longerHairTakesLongerToLay() {
        WorkedHead head = head(Density.NORMAL);
        assertThat(Durations.USUAL.laying(head, 0, 30)).isGreaterThan(Durations.USUAL.laying(head, 0, 5));
        assertThat(Durations.USUAL.laying(head, 0, 0))
                .as("to part it takes time too")
                .isPositive();
    }

    /** The parts of a zone are whole minutes, none empty, and together what the zone takes. */
    @Test
    void aLargeZoneIsLaidInParts() {
        WorkedHead head = head(Density.NORMAL);
        List<BandRef> all = head.bands();
        Map<Integer, Double> minutes =
                ProductUse.zones(head, all, Durations.USUAL, Optional.of(LiftWay.OFF_SCALP), Comparator.naturalOrder());
        ProductUse lay =
                new ProductUse("A", "bowl A", TaskMessage.BOND_TREATMENT.alone(), List.of(), minutes, 30, 110, 40, 100);
        List<ProductUse.Unit> units = ProductUse.units(List.of(lay), 8, Comparator.naturalOrder());
        assertThat(units).hasSizeGreaterThan(head.zones().size());
        Map<ProductUse.Unit, Integer> parts = lay.minutes(units);
        assertThat(parts.values()).allSatisfy(part -> assertThat(part).isBetween(1, 9));
        assertThat((double) parts.values().stream().mapToInt(part -> part).sum())
                .isCloseTo(lay.laying(), within(1.0));
        assertThat(lay.mostBatches()).as("none under 12 g").isEqualTo(8);
    }

    @Test
    void theHouseSetsItsOwn() {
        Durations slow = new Durations(Map.of("rinse", 12.0), Map.of());
        assertThat(slow.minutes("rinse", Task.Kind.RINSE)).isEqualTo(12);
        assertThat(slow.minutes("mixing", Task.Kind.MIX)).isEqualTo(Durations.USUAL.minutes("mixing", Task.Kind.MIX));
        Durations logged = new Durations(Map.of("rinse", 12.0), Map.of(Task.Kind.RINSE, 1.5));
        assertThat(logged.minutes("rinse", Task.Kind.RINSE)).isEqualTo(18);
        assertThat(logged.whole(0.1, Task.Kind.MIX)).as("nothing takes no time").isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"singing, 5, durations", "rinse, 0, rinse", "rinse, 601, rinse", "rinse, NaN, rinse"})
    void wrongFiguresAreNamed(String name, double value, String field) {
        assertThatThrownBy(() -> new Durations(Map.of(name, value), Map.of()))
                .isInstanceOfSatisfying(
                        RefusedInput.class, e -> assertThat(e.field()).isEqualTo(field));
    }

    @Test
    void everyFigureHasItsUnit() {
        assertThat(Durations.names()).contains("seconds a foil", "break after").allSatisfy(name -> {
            assertThat(Durations.unit(name)).isNotBlank();
            assertThat(Durations.shipped(name)).isPositive();
        });
    }

    /** R40: from the back forwards, the hairline last; left before right. */
    @Test
    void zonesGoFromTheBackForwards() {
        List<ZonePlace> order = Arrays.stream(ZonePlace.values())
                .sorted(Comparator.comparingInt(Durations::backFirst))
                .toList();
        assertThat(order.indexOf(ZonePlace.NAPE)).isLessThan(order.indexOf(ZonePlace.BACK));
        assertThat(order.indexOf(ZonePlace.BACK)).isLessThan(order.indexOf(ZonePlace.CROWN));
        assertThat(order.indexOf(ZonePlace.CROWN)).isLessThan(order.indexOf(ZonePlace.SIDES));
        assertThat(order.get(order.size() - 1)).isEqualTo(ZonePlace.HAIRLINE);
    }

    @ParameterizedTest
    @EnumSource
    void leftGoesBeforeRight(ZonePlace place) {
        Set<Integer> seen = new HashSet<>();
        for (ZonePlace half : place.halves()) {
            assertThat(seen.add(Durations.backFirst(half))).isTrue();
        }
        if (place.halves().size() == 2) {
            assertThat(Durations.backFirst(place.halves().get(0)))
                    .isLessThan(Durations.backFirst(place.halves().get(1)));
        }
    }
}
