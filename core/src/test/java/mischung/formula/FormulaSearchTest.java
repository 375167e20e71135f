package mischung.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.PriorityQueue;
import java.util.Random;
import java.util.Set;
import mischung.change.Application;
import mischung.change.Deposit;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.Tint;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.product.Mix;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import org.junit.jupiter.api.Test;

/**
 * The search against computing every mix. The other way shares nothing with it but the model of the hair: it walks all
 * mixes of a shelf of 120 shades that may be mixed, ranks them by a table of colours over dye amounts, and computes the best
 * thousands in full.
 */
class FormulaSearchTest {
    private static final List<Shade> SHELF = shelf();
    private static final double WINDOW = 1;

    /** Beyond it no shade is thought of in the other way either: two levels off cannot average out in eight parts. */
    private static final double REACH = 2;

    /** Ten levels in nine tones, half levels in the commonest, and clear: 120. */
    private static List<Shade> shelf() {
        List<Shade> all = new ArrayList<>();
        for (Tone tone : Tone.values()) {
            for (int level = 1; tone.wishable() && level <= 10; level++) {
                all.add(Shade.derived(ShadeClass.DEMI, level, tone));
            }
        }
        for (Tone tone : List.of(Tone.NATURAL, Tone.ASH, Tone.GOLD, Tone.COPPER)) {
            for (double level = 3.5; level <= 9.5; level++) {
                all.add(Shade.derived(ShadeClass.DEMI, level, tone));
            }
        }
        all.add(Shade.derived(ShadeClass.DEMI, 2.5, Tone.NATURAL));
        all.add(Shade.clear(ShadeClass.DEMI));
        return List.copyOf(all);
    }

    private record Asked(Canvas canvas, FormulaTask task, Lab aim) {}

    private static Asked random(Random random) {
        double under = 7 + random.nextInt(8) / 2.0;
        Canvas canvas = Canvas.of(
                PigmentLine.LIFTED.at(under),
                List.of(Porosity.LOW, Porosity.NORMAL, Porosity.HIGH).get(random.nextInt(3)));
        double level = Math.max(3, under - 0.5 - random.nextInt(7) / 2.0);
        List<Tone> tones = List.of(Tone.NATURAL, Tone.ASH, Tone.BEIGE, Tone.GOLD, Tone.COPPER, Tone.RED, Tone.MATTE);
        Lab aim = ToneScale.colourOf(level, tones.get(random.nextInt(tones.size())));
        FormulaTask task = new FormulaTask(
                List.of(new FormulaTask.Spot(canvas, aim, 1)),
                Application.usual(Dyes.NONE, ShadeClass.DEMI, 10),
                SHELF,
                level - WINDOW,
                level + WINDOW,
                List.of(),
                1);
        return new Asked(canvas, task, aim);
    }

    @Test
    void isWithinThreeTenthsOfEverythingTriedOnTwoHundredAims() {
        assertThat(SHELF).hasSize(120);
        Random random = new Random(20_261_124);
        double worst = 0;
        String which = "";
        for (int i = 0; i < 200; i++) {
            Asked asked = random(random);
            Formula found = FormulaSearch.best(asked.task);
            double least = new Exhaustive(asked).least();
            assertThat(found.withinRules()).isTrue();
            if (found.misfit() - least > worst) {
                worst = found.misfit() - least;
                which = found.mix().words() + " for " + asked.aim;
            }
        }
        assertThat(worst).as(which).isLessThanOrEqualTo(0.3);
    }

    /** A salon's shelf of many hundred shades: not all of them are tried in threes, and none of it may make it worse. */
    @Test
    void moreShadesAreNeverWorse() {
        Random random = new Random(20_261_125);
        List<Shade> many = new ArrayList<>(SHELF);
        for (int i = 0; i < 400; i++) {
            Shade near = SHELF.get(random.nextInt(SHELF.size() - 1));
            double more = 0.6 + 0.8 * random.nextDouble();
            Dyes dyes = near.dyes().times(more, 0.6 + 0.8 * random.nextDouble(), 0.6 + 0.8 * random.nextDouble());
            many.add(new Shade("own-" + i, ShadeClass.DEMI, near.level(), near.tone(), dyes, 0));
        }
        for (int i = 0; i < 30; i++) {
            FormulaTask task = random(random).task;
            double few = FormulaSearch.best(task).misfit();
            Formula found = FormulaSearch.best(task.with(many.subList(SHELF.size(), many.size())));
            assertThat(found.withinRules()).isTrue();
            assertThat(found.misfit()).as("%s", found.mix().words()).isLessThanOrEqualTo(few + 0.3);
        }
    }

    /** Every mix with clear and up to three shades, ranked by a table, the best computed in full. */
    private static final class Exhaustive {
        private static final int STEPS = 24;
        private static final int KEPT = 2000;

        private final Asked asked;
        private final Tint tint;
        private final Deposit.Uptake uptake;
        private final List<Shade> shades;
        private final double top;
        private final float[] table = new float[STEPS * STEPS * STEPS];
        private final PriorityQueue<double[]> best = new PriorityQueue<>((a, b) -> Double.compare(b[0], a[0]));

        Exhaustive(Asked asked) {
            this.asked = asked;
            this.tint = new Tint(asked.canvas);
            this.uptake = Deposit.uptake(asked.canvas, asked.task.application(), 1);
            double middle = (asked.task.darkestMean() + asked.task.lightestMean()) / 2;
            this.shades = SHELF.stream()
                    .filter(s -> s.isClear() || Math.abs(s.level() - middle) <= REACH)
                    .toList();
            this.top = shades.stream()
                    .mapToDouble(s -> Math.max(
                            s.dyes().yellow(), Math.max(s.dyes().red(), s.dyes().blue())))
                    .max()
                    .orElseThrow();
            for (int y = 0; y < STEPS; y++) {
                for (int r = 0; r < STEPS; r++) {
                    for (int b = 0; b < STEPS; b++) {
                        table[(y * STEPS + r) * STEPS + b] = (float) exact(new Dyes(at(y), at(r), at(b)));
                    }
                }
            }
        }

        private double at(int step) {
            double share = step / (STEPS - 1.0);
            return top * share * share;
        }

        private double exact(Dyes dyes) {
            return Ciede2000.between(asked.aim, tint.under(uptake.onColoured(dyes), uptake.onWhite(dyes)));
        }

        double least() {
            int n = shades.size();
            double[][] d = shades.stream()
                    .map(s -> new double[] {
                        s.dyes().yellow(), s.dyes().red(), s.dyes().blue(), s.level()
                    })
                    .toArray(double[][]::new);
            int clear = n - 1;
            assertThat(shades.get(clear).isClear()).isTrue();
            for (int i = 0; i < clear; i++) {
                for (int j = i; j < clear; j++) {
                    for (int k = j; k < clear; k++) {
                        for (int p = 1; p <= 6; p++) {
                            for (int q = j == i ? 0 : 1; q <= (j == i ? 0 : 6); q++) {
                                for (int r = k == j ? 0 : 1; r <= (k == j ? 0 : 6); r++) {
                                    int coloured = p + q + r;
                                    int most = r > 0 && coloured > 7 ? 0 : 8;
                                    double mean = (p * d[i][3] + q * d[j][3] + r * d[k][3]) / coloured;
                                    if (coloured > most
                                            || mean < asked.task.darkestMean()
                                            || mean > asked.task.lightestMean()) {
                                        continue;
                                    }
                                    for (int c = 0; c <= 8 - coloured && c <= 6; c++) {
                                        weigh(d[i], d[j], d[k], p, q, r, c);
                                    }
                                }
                            }
                        }
                    }
                }
            }
            return best.stream()
                    .mapToDouble(found -> exact(new Dyes(found[1], found[2], found[3])))
                    .min()
                    .orElseThrow();
        }

        private void weigh(double[] a, double[] b, double[] c, int p, int q, int r, int clear) {
            double total = (double) p + q + r + clear;
            double yellow = (p * a[0] + q * b[0] + r * c[0]) / total;
            double red = (p * a[1] + q * b[1] + r * c[1]) / total;
            double blue = (p * a[2] + q * b[2] + r * c[2]) / total;
            double estimate = looked(yellow, red, blue);
            if (best.size() < KEPT || estimate < best.element()[0]) {
                best.add(new double[] {estimate, yellow, red, blue});
                if (best.size() > KEPT) {
                    best.remove();
                }
            }
        }

        /** Straight between the table's corners. */
        private double looked(double yellow, double red, double blue) {
            double y = Math.sqrt(yellow / top) * (STEPS - 1);
            double r = Math.sqrt(red / top) * (STEPS - 1);
            double b = Math.sqrt(blue / top) * (STEPS - 1);
            int y0 = Math.min(STEPS - 2, (int) y);
            int r0 = Math.min(STEPS - 2, (int) r);
            int b0 = Math.min(STEPS - 2, (int) b);
            double sum = 0;
            for (int corner = 0; corner < 8; corner++) {
                int dy = corner & 1;
                int dr = corner >> 1 & 1;
                int db = corner >> 2;
                double weight = (dy == 1 ? y - y0 : 1 - y + y0)
                        * (dr == 1 ? r - r0 : 1 - r + r0)
                        * (db == 1 ? b - b0 : 1 - b + b0);
                sum += weight * table[((y0 + dy) * STEPS + r0 + dr) * STEPS + b0 + db];
            }
            return sum;
        }
    }

    @Test
    void aShadeThatIsOutIsReplacedByTheNearestAndSaysWhatItCosts() {
        Asked asked = random(new Random(7));
        Formula found = FormulaSearch.best(asked.task);
        Set<String> out = Set.of(found.mix().parts().get(0).shade().code());
        Formula without = FormulaSearch.best(asked.task.without(out));
        assertThat(without.mix().parts()).extracting(p -> p.shade().code()).doesNotContainAnyElementsOf(out);
        assertThat(without.misfit()).isLessThan(found.misfit() + 5);
        assertThat(FormulaSearch.of(asked.task, without.mix()).misfit()).isEqualTo(without.misfit());
    }

    @Test
    void theRunnerUpIsAnotherMixAndTheIdealIsTheFloor() {
        Random random = new Random(3);
        for (int i = 0; i < 20; i++) {
            Asked asked = random(random);
            Formula found = FormulaSearch.best(asked.task);
            Mix second = found.runnerUp().orElseThrow().mix();
            assertThat(second.words()).isNotEqualTo(found.mix().words());
            assertThat(found.tried()).isGreaterThan(10_000);
            assertThat(FormulaSearch.leastMisfit(asked.task)).isLessThan(found.misfit() + 0.3);
        }
    }
}
