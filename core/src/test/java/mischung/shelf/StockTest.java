package mischung.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mischung.said.RefusedInput;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Packs, opened and full. */
class StockTest {
    private static final double PACK = 60;

    @Test
    void theEmptiestPackIsUsedUpFirstThenFullOnesAreOpened() {
        Stock stock = new Stock(true, 2, List.of(30.0, 12.0), 20);
        Stock.Taken some = stock.take(20, PACK);
        assertThat(some.after().opened()).containsExactly(22.0);
        assertThat(some.newlyOpened()).isZero();
        Stock.Taken more = stock.take(50, PACK);
        assertThat(more.after()).isEqualTo(new Stock(true, 1, List.of(52.0), 20));
        assertThat(more.newlyOpened()).isEqualTo(1);
        Stock.Taken all = stock.take(200, PACK);
        assertThat(all.missing()).isCloseTo(200 - 162, within(1e-9));
        assertThat(all.after().out(PACK)).isTrue();
    }

    @Test
    void whatIsNotCountedIsNeverShort() {
        assertThat(Stock.UNCOUNTED.take(5000, PACK)).isEqualTo(new Stock.Taken(Stock.UNCOUNTED, 0, 0));
        assertThat(Stock.UNCOUNTED.low(PACK)).isFalse();
        assertThat(Stock.UNCOUNTED.out(PACK)).isFalse();
        assertThat(new Stock(true, 0, List.of(20.0), 20).low(PACK)).isTrue();
    }

    /** Nothing is lost: what was there is what is left and what was taken, but for what sticks to an empty tube. */
    @Property(tries = 500)
    void gramsAreKept(
            @ForAll @IntRange(max = 5) int packs,
            @ForAll @Size(max = 4) List<@DoubleRange(min = 0, max = 60) Double> opened,
            @ForAll @DoubleRange(max = 400) double grams) {
        Stock stock = new Stock(true, packs, opened, 0);
        double before = stock.grams(PACK);
        Stock.Taken taken = stock.take(grams, PACK);
        double stuck = 0.5 * (opened.size() + 1);
        assertThat(taken.after().grams(PACK) + grams - taken.missing()).isBetween(before - stuck, before + 1e-6);
        assertThat(taken.missing() > 1e-9).isEqualTo(grams > before + 1e-9);
        assertThat(taken.newlyOpened()).isBetween(0, packs);
        Stock back = taken.after().putBack(grams - taken.missing(), PACK);
        assertThat(back.grams(PACK)).isBetween(before - stuck - 0.5, before + 1e-6);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Stock(true, -1, List.of(), 0)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Stock(true, 1, List.of(Double.NaN), 0)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Stock(true, 1, List.of(), Double.NEGATIVE_INFINITY))
                .isInstanceOf(RefusedInput.class);
    }
}
