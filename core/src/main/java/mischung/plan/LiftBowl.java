package mischung.plan;

import java.util.List;
import mischung.hair.BandRef;
import mischung.product.Developer;

/**
 * One bowl of lightener, or of cleanse mix.
 *
 * @param laying what was decided of it; mixed fresh for each of its {@code times}
 * @param powderGrams powder, or tint and powder, for all its times; whole grams
 * @param goalLevel the level it is left on for
 */
public record LiftBowl(
        String name,
        Laying.Lift laying,
        Developer developer,
        int powderGrams,
        int developerGrams,
        double goalLevel,
        List<Reason> reasons) {
    public LiftBowl {
        reasons = List.copyOf(reasons);
    }

    public List<BandRef> bands() {
        return laying.bands();
    }

    public int totalGrams() {
        return powderGrams + developerGrams;
    }
}
