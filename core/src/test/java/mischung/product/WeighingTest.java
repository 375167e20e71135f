package mischung.product;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import mischung.product.Developer.Portion;
import mischung.said.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Blends, ounces and over-poured bowls. */
class WeighingTest {
    private static Portion there(double volume, double grams) {
        return new Portion(new Developer(volume), grams);
    }

    private static List<Double> grams(Blend blend) {
        return blend.portions().stream().map(Portion::grams).toList();
    }

    /**
     * Alligation worked by hand: 15 from 10 and 20 is half and half; 25 from 20 and 40 is 15 : 5; 5 from 10 and cream is half
     * and half (R61); 12 from 0 and 30 is 18 : 12.
     */
    @ParameterizedTest
    @CsvSource({
        "15, 60, 10, 20, 30, 30",
        "25, 80, 20, 40, 60, 20",
        "5, 50, 0, 10, 25, 25",
        "12, 100, 0, 30, 60, 40",
        "30, 90, 20, 40, 45, 45"
    })
    void alligationAsWorkedByHand(
            double wanted, double grams, double weak, double strong, double weakGrams, double strongGrams) {
        Blend blend = Blend.of(new Developer(wanted), grams, List.of(there(strong, 1000), there(weak, 1000)));
        assertThat(grams(blend)).containsExactly(weakGrams, strongGrams);
        assertThat(blend.diluted()).isEqualTo(weak == 0);
    }

    /**
     * Worked by hand: 100 g of 20 vol with 40 g of 20 itself, 20 g of 10 and enough of 40 and of cream. The first 40 g as they
     * are; 10 with 40 is 2 : 1, so 20 g with 10 g make 30; cream with 40 is 1 : 1, so 15 g with 15 g make the last 30.
     */
    @Test
    void severalSourcesNearestFirst() {
        Blend blend =
                Blend.of(new Developer(20), 100, List.of(there(0, 500), there(10, 20), there(20, 40), there(40, 500)));
        assertThat(blend.portions())
                .extracting(portion -> portion.developer().volume() + " vol " + Math.round(portion.grams() * 1e6) / 1e6)
                .containsExactly("0.0 vol 15.0", "10.0 vol 20.0", "20.0 vol 40.0", "40.0 vol 25.0");
        assertThat(blend.grams()).isEqualTo(100);
    }

    @Test
    void whatIsThereAsWantedIsNotBlended() {
        assertThat(Blend.of(new Developer(20), 60, List.of(there(10, 500), there(20, 500), there(30, 500)))
                        .portions())
                .containsExactly(there(20, 60));
    }

    @Test
    void whatIsShortIsSaidBeforeTheFirstBowl() {
        assertThatThrownBy(() -> Blend.of(new Developer(15), 60, List.of(there(10, 20), there(20, 500))))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("CAN_BE_MADE{grams=40}");
        assertThatThrownBy(() -> Blend.of(new Developer(30), 10, List.of(there(10, 20), there(20, 500))))
                .hasMessageContaining("CAN_BE_MADE{grams=0}");
    }

    /** Whatever is there: the blend acts like what was wanted (Developer.blended, weighted mean), and nothing is overdrawn. */
    @Test
    void everyBlendActsLikeWhatWasWanted() {
        Random random = new Random(5);
        int made = 0;
        for (int n = 0; n < 500; n++) {
            List<Portion> sources = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(4); i++) {
                sources.add(there(random.nextInt(9) * 5.0, random.nextInt(200)));
            }
            Developer wanted = new Developer(1 + random.nextInt(39));
            double grams = 1 + random.nextInt(150);
            try {
                Blend blend = Blend.of(wanted, grams, sources);
                made++;
                assertThat(blend.grams()).isCloseTo(grams, within(1e-6));
                assertThat(Developer.blended(blend.portions()).volume()).isCloseTo(wanted.volume(), within(1e-6));
                for (Portion portion : blend.portions()) {
                    double stock = sources.stream()
                            .filter(s -> s.developer().equals(portion.developer()))
                            .mapToDouble(Portion::grams)
                            .sum();
                    assertThat(portion.grams()).isLessThanOrEqualTo(stock + 1e-6);
                }
            } catch (RefusedInput tooLittle) {
                assertThat(tooLittle).hasMessageContaining("CAN_BE_MADE");
            }
        }
        assertThat(made).isGreaterThan(100);
    }

    /** NIST Handbook 44, appendix C: exact by definition. */
    @Test
    void ouncesAreExact() {
        assertThat(Units.grams(1)).isEqualTo(28.349523125);
        assertThat(Units.millilitres(1)).isEqualTo(29.5735295625);
        assertThat(Units.grams(16)).as("a pound").isCloseTo(453.59237, within(1e-12));
        assertThat(Units.millilitres(128)).as("a US gallon").isCloseTo(3785.411784, within(1e-9));
        assertThat(Units.ounces(Units.grams(2.1))).isCloseTo(2.1, within(1e-12));
        assertThat(Units.fluidOunces(Units.millilitres(3.3))).isCloseTo(3.3, within(1e-12));
    }

    @Test
    void aBowlIsPouredPartByPart() {
        Pouring bowl = Pouring.of(List.of(20.0, 10.0, 60.0));
        assertThat(bowl.next()).hasValue(0);
        bowl = bowl.with(0, 12);
        assertThat(bowl.missing(0)).isEqualTo(8);
        bowl = bowl.with(0, 7.7);
        assertThat(bowl.missing(0)).as("near enough").isZero();
        assertThat(bowl.next()).hasValue(1);
        assertThat(bowl.factor()).isEqualTo(1);
        bowl = bowl.with(1, 10.3).with(2, 60);
        assertThat(bowl.next()).isEmpty();
    }

    /** 26 g where 20 were planned: 13 instead of 10, 78 instead of 60; what was done before asks for more. */
    @Test
    void tooMuchOfOnePartRaisesTheOthers() {
        Pouring bowl = Pouring.of(List.of(20.0, 10.0, 60.0)).with(0, 26);
        assertThat(bowl.factor()).isEqualTo(1.3);
        assertThat(bowl.target(1)).isEqualTo(13);
        assertThat(bowl.target(2)).isEqualTo(78);
        assertThat(bowl.next()).hasValue(1);
        Pouring late = Pouring.of(List.of(20.0, 10.0, 60.0)).with(0, 20).with(1, 12);
        assertThat(late.next()).as("the first lacks something again").hasValue(0);
        assertThat(late.missing(0)).isCloseTo(4, within(1e-9));
        assertThat(late.target(2)).isCloseTo(72, within(1e-9));
    }

    @Test
    void whatCannotBePouredIsRefused() {
        Pouring bowl = Pouring.of(List.of(20.0));
        assertThatThrownBy(() -> bowl.with(0, -1)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> bowl.with(0, Double.NaN)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Pouring(List.of(20.0), List.of())).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Pouring.of(List.of(0.0))).isInstanceOf(RefusedInput.class);
    }
}
