package mischung.product;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A developer blended by weight from what is there, by the mixing rule of alligation: whatever is weaker and whatever is
 * stronger than wanted goes together in such parts that each pair makes just what is wanted. Any number of sources, each
 * with what there is of it; the nearest are used up first, which makes the most there can be of any blend.
 *
 * @param portions what is weighed, the weakest first; a source of 0 vol is treatment cream or water and dilutes
 */
public record Blend(Developer wanted, List<Developer.Portion> portions) {
    private static final double NOTHING = 1e-9;

    public Blend {
        portions = List.copyOf(portions);
    }

    /**
     * @param grams of the blend, 0–100 000
     * @param there what there is of each source
     * @throws RefusedInput if it cannot be made, saying how much could
     */
    public static Blend of(Developer wanted, double grams, List<Developer.Portion> there) {
        RefusedInput.within("grams", grams, 0, 100_000, Unit.G);
        List<Left> just = new ArrayList<>();
        List<Left> weaker = new ArrayList<>();
        List<Left> stronger = new ArrayList<>();
        for (Developer.Portion portion : there) {
            double off = portion.developer().volume() - wanted.volume();
            (off == 0 ? just : off < 0 ? weaker : stronger).add(new Left(portion));
        }
        Comparator<Left> nearest = Comparator.comparingDouble(left -> Math.abs(left.volume - wanted.volume()));
        weaker.sort(nearest);
        stronger.sort(nearest);
        double missing = grams;
        for (Left left : just) {
            missing -= left.take(missing);
        }
        int low = 0;
        int high = 0;
        while (missing > NOTHING && low < weaker.size() && high < stronger.size()) {
            Left weak = weaker.get(low);
            Left strong = stronger.get(high);
            double span = strong.volume - weak.volume;
            double strongShare = (wanted.volume() - weak.volume) / span;
            double most = Math.min(weak.grams / (1 - strongShare), strong.grams / strongShare);
            double made = Math.min(missing, most);
            weak.take(made * (1 - strongShare));
            strong.take(made * strongShare);
            missing -= made;
            low += weak.grams <= NOTHING ? 1 : 0;
            high += strong.grams <= NOTHING ? 1 : 0;
        }
        if (missing > NOTHING) {
            throw new RefusedInput(
                    "grams",
                    String.format(Locale.ROOT, "%.0f", grams),
                    RefusalMessage.CAN_BE_MADE
                            .say()
                            .count("grams", Math.floor(grams - missing))
                            .said());
        }
        List<Left> used = new ArrayList<>(just);
        used.addAll(weaker);
        used.addAll(stronger);
        return new Blend(
                wanted,
                used.stream()
                        .filter(left -> left.taken > NOTHING)
                        .sorted(Comparator.comparingDouble(left -> left.volume))
                        .map(left -> new Developer.Portion(new Developer(left.volume), left.taken))
                        .toList());
    }

    public double grams() {
        return portions.stream().mapToDouble(Developer.Portion::grams).sum();
    }

    /** Whether treatment cream or water is in it. */
    public boolean diluted() {
        return portions.stream().anyMatch(portion -> portion.developer().volume() == 0);
    }

    private static final class Left {
        private final double volume;
        private double grams;
        private double taken;

        Left(Developer.Portion portion) {
            this.volume = portion.developer().volume();
            this.grams = portion.grams();
        }

        double take(double wanted) {
            double some = Math.min(wanted, grams);
            grams -= some;
            taken += some;
            return some;
        }
    }
}
