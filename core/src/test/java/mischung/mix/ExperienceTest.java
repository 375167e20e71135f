package mischung.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import mischung.Constants;
import mischung.product.Developer;
import mischung.said.Figure;
import mischung.said.RefusedInput;
import mischung.shelf.DemoShelf;
import mischung.shelf.Item;
import mischung.shelf.Shelf;
import org.junit.jupiter.api.Test;

/** What past bowls teach, what additives do, and the colour shampoo. */
class ExperienceTest {
    private static Experience.Seen seen(double factor) {
        return new Experience.Seen(100, 100 * factor);
    }

    @Test
    void nothingSeenChangesNothing() {
        assertThat(Experience.nothing().factor()).isEqualTo(1);
        assertThat(Experience.nothing().seen()).isZero();
    }

    /**
     * One bowl of this client, worked by hand: prior variance 0.25² + 0.2² = 0.1025, noise 0.15² = 0.0225, weight
     * 0.1025 / 0.125 = 0.82; twice the reckoned need gives 2^0.82. (Normal mean with normal prior: Gelman et al., Bayesian
     * Data Analysis, 3rd ed., 2013, equations 2.9 to 2.10.)
     */
    @Test
    void oneBowlOfTheClientByHand() {
        Constants figures = Constants.in("habit");
        assertThat(figures.of("house spread")).isEqualTo(0.25);
        assertThat(figures.of("client spread")).isEqualTo(0.2);
        assertThat(figures.of("once spread")).isEqualTo(0.15);
        Experience learned = Experience.of(List.of(), List.of(seen(2)));
        assertThat(learned.factor()).isCloseTo(Math.pow(2, 0.82), within(1e-9));
        assertThat(learned.spread()).isCloseTo(Math.sqrt(0.1025 * 0.0225 / 0.125), within(1e-9));
    }

    /** The house's other clients count less for a client than the client's own bowls. */
    @Test
    void ownBowlsCountMore() {
        double house = Experience.of(List.of(seen(1.5)), List.of()).factor();
        double own = Experience.of(List.of(), List.of(seen(1.5))).factor();
        assertThat(house).isBetween(1.05, own - 0.05);
        assertThat(Experience.of(List.of(seen(1.5), seen(1.5), seen(1.5)), List.of(seen(0.8)))
                        .factor())
                .isLessThan(1);
    }

    /** With a true factor and scattering bowls the estimate comes nearer and its spread narrows. */
    @Test
    void itComesNearerWithEveryBowl() {
        Random random = new Random(7);
        double truth = 1.3;
        double firstOff = 0;
        double lastOff = 0;
        for (int client = 0; client < 200; client++) {
            List<Experience.Seen> own = new ArrayList<>();
            double before = Double.MAX_VALUE;
            for (int bowl = 0; bowl < 6; bowl++) {
                own.add(seen(truth * Math.exp(0.15 * random.nextGaussian())));
                Experience now = Experience.of(List.of(), own);
                assertThat(now.spread()).isLessThan(before);
                before = now.spread();
                double off = Math.abs(Math.log(now.factor() / truth));
                firstOff += bowl == 0 ? off : 0;
                lastOff += bowl == 5 ? off : 0;
            }
        }
        assertThat(lastOff).isLessThan(0.6 * firstOff);
    }

    @Test
    void aSlipOfTheHandDoesNotTurnEverythingRound() {
        assertThat(Experience.of(List.of(), List.of(new Experience.Seen(1, 5000)))
                        .factor())
                .isLessThanOrEqualTo(4);
        assertThatThrownBy(() -> new Experience.Seen(0, 3)).isInstanceOf(RefusedInput.class);
    }

    /** As much cream as developer halves the volume (R61); the ratio and the deposit follow. */
    @Test
    void anAdditiveDilutes() {
        Dilution half = Dilution.of(30, new Developer.Portion(new Developer(10), 30), 30);
        assertThat(half.volume()).isEqualTo(5);
        assertThat(half.ratio()).isEqualTo(2);
        // By the model: the square root of the dilution, (1 + 1) / (1 + 2).
        assertThat(half.deposit()).isCloseTo(Math.sqrt(2.0 / 3), within(1e-12));
        Dilution none = Dilution.of(30, new Developer.Portion(new Developer(10), 60), 0);
        assertThat(none.volume()).isEqualTo(10);
        assertThat(none.deposit()).isEqualTo(1);
        assertThat(Dilution.ofPercent(84, 10)).isCloseTo(8.4, within(1e-9));
        assertThatThrownBy(() -> Dilution.ofPercent(84, 101)).isInstanceOf(RefusedInput.class);
    }

    /** The card itself tells: only what was added counts, and only where there is developer to be diluted. */
    @Test
    void aCardTellsWhatWasAddedToIt() {
        Shelf shelf = Shelf.demo();
        Card plain = new Card(
                "1/A/1",
                "A",
                1,
                1,
                0,
                new Figure.Typed("Bowl"),
                0,
                0,
                0,
                List.of(),
                0,
                new Figure.Typed("1 : 1"),
                15,
                List.of(
                        Line.of(item("demi-gold-8"), 30),
                        Line.of(item("developer-10"), 15),
                        Line.of(item("developer-20"), 15)));
        assertThat(Dilution.in(plain, shelf)).isEmpty();
        List<Line> more = new ArrayList<>(plain.lines());
        more.add(Line.of(item("bond-treatment"), 30));
        Dilution of = Dilution.in(plain.with(more), shelf).orElseThrow();
        assertThat(of.grams()).isEqualTo(30);
        assertThat(of.volume()).isCloseTo(7.5, within(1e-9));
        assertThat(of.ratio()).isCloseTo(2, within(1e-9));
        assertThat(plain.with(more).developerGrams()).isEqualTo(30);
        List<Line> dry = List.of(Line.of(item("demi-gold-8"), 30), Line.of(item("bond-treatment"), 30));
        assertThat(Dilution.in(plain.with(dry), shelf)).isEmpty();
    }

    /** R54 (common practice): 1 : 3, and shampoo half the developer's weight. */
    @Test
    void aColourShampoo() {
        List<Line> lines = ColourShampoo.of(item("demi-ash-9"), 20, item("developer-6"), item("mild-shampoo"));
        assertThat(lines).extracting(Line::grams).containsExactly(20.0, 60.0, 30.0);
        assertThatThrownBy(() -> ColourShampoo.of(item("equaliser"), 20, item("developer-6"), item("mild-shampoo")))
                .isInstanceOf(RefusedInput.class);
    }

    private static Item item(String code) {
        return DemoShelf.items().stream()
                .filter(item -> item.product().code().equals(code))
                .findFirst()
                .orElseThrow();
    }
}
