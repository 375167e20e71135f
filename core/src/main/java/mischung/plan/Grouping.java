package mischung.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import mischung.formula.FormulaTask;
import mischung.hair.BandRef;
import mischung.light.Ciede2000;
import mischung.light.Lab;

/** Which bands share a bowl: as few bowls as do no visible harm. */
final class Grouping {
    /** Bands may share a bowl while that costs no more than this, in CIEDE2000 over all of them. */
    private static final double SHARING_MAY_COST = 1;

    /** In CIEDE2000: hair further apart is not coloured alike, whatever its level. */
    private static final double ANOTHER_COLOUR = 15;

    private Grouping() {}

    /** Splits into groups whose values lie within {@code width}; highest group first. */
    static List<List<BandRef>> clusters(List<BandRef> some, ToDoubleFunction<BandRef> value, double width) {
        List<BandRef> sorted = some.stream()
                .sorted(Comparator.comparingDouble(value).reversed().thenComparing(Comparator.naturalOrder()))
                .toList();
        List<List<BandRef>> groups = new ArrayList<>();
        double top = Double.NaN;
        for (BandRef at : sorted) {
            double here = value.applyAsDouble(at);
            if (groups.isEmpty() || top - here > width + 1e-9) {
                groups.add(new ArrayList<>());
                top = here;
            }
            groups.get(groups.size() - 1).add(at);
        }
        return groups;
    }

    /** Hair that another colour is left in, such as pink beside blue, shares no bowl: each group shows about what its first does. */
    static List<List<BandRef>> byLeftover(List<BandRef> some, Playthrough work) {
        List<List<BandRef>> groups = new ArrayList<>();
        for (BandRef at : some) {
            Lab seen = work.hair(at).lab();
            groups.stream()
                    .filter(group -> Ciede2000.between(work.hair(group.get(0)).lab(), seen) <= ANOTHER_COLOUR)
                    .findFirst()
                    .orElseGet(() -> {
                        List<BandRef> group = new ArrayList<>();
                        groups.add(group);
                        return group;
                    })
                    .add(at);
        }
        return groups;
    }

    /** Joins neighbouring groups of one aim while the ideal formula for both together is nearly as good as two. */
    static List<Laying.Deposit> shared(
            List<Laying.Deposit> separate,
            BowlPlace place,
            Recipes recipes,
            PlanningContext desk,
            Function<BandRef, HairState> hair) {
        List<Laying.Deposit> all = new ArrayList<>();
        for (Laying.Deposit laying : separate) {
            Laying.Deposit last = all.isEmpty() ? null : all.get(all.size() - 1);
            if (last != null && last.aim().equals(laying.aim())) {
                List<BandRef> both = new ArrayList<>(last.bands());
                both.addAll(laying.bands());
                Laying.Deposit joined = last.on(both);
                double apart = rootMeanSquare(last, laying, place, recipes, desk, hair);
                if (desk.leastMisfit(recipes.task(joined, place, hair)) <= apart + SHARING_MAY_COST) {
                    all.set(all.size() - 1, joined);
                    continue;
                }
            }
            all.add(laying);
        }
        return all;
    }

    private static double rootMeanSquare(
            Laying.Deposit a,
            Laying.Deposit b,
            BowlPlace place,
            Recipes recipes,
            PlanningContext desk,
            Function<BandRef, HairState> hair) {
        double of = desk.head().mixGrams(a.bands());
        double other = desk.head().mixGrams(b.bands());
        double one = desk.leastMisfit(recipes.task(a, place, hair));
        double two = desk.leastMisfit(recipes.task(b, place, hair));
        return Math.sqrt((of * one * one + other * two * two) / (of + other));
    }

    /** What splitting between the lighter and the darker of its bands would gain; empty where all are alike. */
    static Optional<Bowl.Gain> gainOfOneMore(
            Laying.Deposit laying,
            BowlPlace place,
            Recipes recipes,
            PlanningContext desk,
            Function<BandRef, HairState> hair) {
        List<BandRef> sorted = laying.bands().stream()
                .sorted(Comparator.comparingDouble(
                        (BandRef at) -> hair.apply(at).level()))
                .toList();
        double widest = 0;
        int cut = 0;
        for (int i = 1; i < sorted.size(); i++) {
            double step = hair.apply(sorted.get(i)).level()
                    - hair.apply(sorted.get(i - 1)).level();
            if (step > widest) {
                widest = step;
                cut = i;
            }
        }
        if (cut == 0) {
            return Optional.empty();
        }
        FormulaTask together = recipes.task(laying, place, hair);
        double before = desk.leastMisfit(together);
        double after = rootMeanSquare(
                laying.on(sorted.subList(0, cut)),
                laying.on(sorted.subList(cut, sorted.size())),
                place,
                recipes,
                desk,
                hair);
        return Optional.of(new Bowl.Gain(before, Math.min(before, after)));
    }
}
