package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.plan.Heads;
import mischung.school.Method;
import mischung.school.School;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Limits;
import mischung.wish.Wish;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Nobody sits longer than ten hours (R48): what takes longer is refused with its time, or parted into visits. */
class LongestVisitTest {
    @Provide
    Arbitrary<Head> heads() {
        return Heads.random();
    }

    @Property
    void noVisitIsLonger(
            @ForAll("heads") Head drawn,
            @ForAll School school,
            @ForAll @IntRange(min = 1, max = 3) int hands,
            @ForAll @IntRange(min = 8, max = 21) int wishHalves,
            @ForAll boolean pieces) {
        Head head = new Head(drawn.zones(), Density.DENSE, Thickness.COARSE);
        Wish even = new Wish(wishHalves / 2.0, Tone.BEIGE);
        Aim lighter = new Aim(Math.min(10, wishHalves / 2.0 + 2), Tone.BEIGE);
        Wish wish = (pieces ? even.with(Design.woven(Design.Kind.HIGHLIGHTS, lighter, 0.5, 4, false)) : even)
                .with(Limits.NONE.withHands(hands));
        Decision decision = Decided.of(head, wish, Method.USUAL.with(school));
        for (Route route : decision.routes()) {
            Sequence order = Sequencer.of(route.plan());
            for (int visit = 1; visit <= route.plan().visits(); visit++) {
                assertThat(order.minutes(visit))
                        .as("%s, visit %d", route.key(), visit)
                        .isLessThanOrEqualTo(600);
            }
        }
    }

    /** Nearly a metre of dense, coarse hair, alone: the day is refused with its hours, and a way in visits is offered. */
    @Test
    void aDayTooLongIsRefusedAndParted() {
        Band dark = new Band(0, 95, BandKind.NATURAL, 2, Tone.NATURAL, Porosity.LOW, 0);
        Head head = new Head(
                Heads.EIGHT.stream()
                        .map(place -> new Zone(place, new Strand(List.of(dark))))
                        .toList(),
                Density.DENSE,
                Thickness.COARSE);
        Decision decision = Decided.of(head, new Wish(9.5, Tone.BEIGE), Method.USUAL);
        assertThat(decision.refused())
                .filteredOn(refused -> refused.key().equals("by-your-schools"))
                .singleElement()
                .satisfies(refused -> {
                    assertThat(refused.why()).isEqualTo(Refused.Why.TIME);
                    assertThat(refused.measures().longestMinutes()).isGreaterThan(600);
                });
        assertThat(decision.routes())
                .isNotEmpty()
                .allSatisfy(route -> assertThat(route.measures().visits()).isGreaterThan(1));
    }
}
