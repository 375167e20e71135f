package mischung.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import mischung.hair.Look;
import mischung.mix.Card;
import mischung.mix.Cards;
import mischung.mix.Supply;
import mischung.plan.Plan;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.shelf.DemoShelf;
import mischung.shelf.Item;
import mischung.shelf.Shelf;
import mischung.shelf.ShelfFile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Reading a range of 2,000 shades, four in ten with their tone in parts and two in ten as measured swatches, all different; and
 * the bowls of a full head of foils from the shelf; against the baseline of looking once at each of 40 bands. The range is
 * read cold and on one core, in a fresh machine each time; the program reads it on all there are.
 */
@State(Scope.Benchmark)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class ShelfBenchmark {
    private static final List<String> TONES =
            List.of("natural", "ash", "beige", "gold", "copper", "red", "mahogany", "violet", "matte");
    private static final List<String> CLASSES = List.of("demi", "permanent", "coverage", "gloss");

    private final List<List<String>> lines = lines();
    private final PlanBenchmark forty = new PlanBenchmark();
    private final Plan plan = SequenceBenchmark.plan(2);
    private final Sequence sequence = Sequencer.of(plan);
    private final Shelf shelf = new Shelf(DemoShelf.items());

    private static List<List<String>> lines() {
        Random random = new Random(2000);
        List<List<String>> all = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            String one = TONES.get(random.nextInt(TONES.size()));
            String tone = switch (i % 5) {
                case 0, 1 -> "2 " + one + " + 1 " + (one.equals("gold") ? "copper" : "gold");
                case 2 ->
                    String.format(
                            Locale.ROOT,
                            "lab %.1f %.1f %.1f",
                            18 + 45 * random.nextDouble(),
                            20 * random.nextDouble(),
                            3 + 28 * random.nextDouble());
                default -> one;
            };
            all.add(List.of(
                    "shade",
                    "s" + i,
                    "",
                    CLASSES.get(random.nextInt(CLASSES.size())),
                    Double.toString(2 + 0.5 * random.nextInt(17)),
                    tone,
                    "",
                    "1.5",
                    "25",
                    "60",
                    "7.5",
                    "2",
                    "",
                    "30"));
        }
        return all;
    }

    @Benchmark
    @BenchmarkMode(Mode.SingleShotTime)
    @Warmup(iterations = 0)
    @Measurement(iterations = 1)
    @Fork(3)
    public List<Item> aRangeOf2000ShadesReadCold() {
        return lines.stream()
                .map(line -> ShelfFile.read("Salon", column -> cell(line, ShelfFile.COLUMNS.indexOf(column))))
                .toList();
    }

    /** What shades do not need is left empty. */
    private static String cell(List<String> line, int at) {
        return at < line.size() ? line.get(at) : "";
    }

    @Benchmark
    @BenchmarkMode(Mode.AverageTime)
    @Warmup(iterations = 3, time = 1)
    @Measurement(iterations = 5, time = 1)
    @Fork(1)
    public List<List<Supply>> bowlsOfAFullHead() {
        List<Card> cards = Cards.of(plan, sequence, shelf, 1);
        return Supply.of(cards, shelf, Map.of());
    }

    @Benchmark
    @BenchmarkMode(Mode.AverageTime)
    @Warmup(iterations = 3, time = 1)
    @Measurement(iterations = 5, time = 1)
    @Fork(1)
    public List<Look> baselineLookOnceAtEachBand() {
        return forty.baselineLookOnceAtEachBand();
    }
}
