package mischung.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Look;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.product.ProductRange;
import mischung.school.School;
import mischung.wish.Wish;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A whole plan for 8 zones × 5 bands, every band read differently, against the baseline of looking once at each of the 40
 * bands (reflectance, Lab and the tone's name).
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlanBenchmark {
    static final List<ZonePlace> EIGHT = List.of(
            ZonePlace.FRINGE,
            ZonePlace.PARTING,
            ZonePlace.CROWN,
            ZonePlace.SIDE_LEFT,
            ZonePlace.SIDE_RIGHT,
            ZonePlace.BACK_LEFT,
            ZonePlace.BACK_RIGHT,
            ZonePlace.NAPE);

    private static final List<Porosity> POROSITIES = List.of(Porosity.values());

    @Param({"LADDER", "MIDPOINT"})
    public School school = School.LADDER;

    private final Head head = differentEverywhere();
    private final Wish wish = new Wish(5, Tone.NATURAL);

    /** The head these benchmarks use. */
    Head head() {
        return head;
    }

    private static Head differentEverywhere() {
        List<Zone> zones = new ArrayList<>();
        for (int z = 0; z < EIGHT.size(); z++) {
            List<Band> bands = new ArrayList<>();
            bands.add(new Band(0, 4, BandKind.NATURAL, 6 + (z % 3) * 0.5, Tone.NATURAL, Porosity.NORMAL, 0.05 * z));
            for (int b = 1; b < 5; b++) {
                bands.add(new Band(
                        4 + 8 * (b - 1),
                        4 + 8 * b,
                        BandKind.LIGHTENED,
                        8 + ((z + b) % 6) * 0.5,
                        (z + b) % 4 == 0 ? Tone.BEIGE : Tone.AS_LIFTED,
                        POROSITIES.get((z * b) % 4),
                        0));
            }
            zones.add(new Zone(EIGHT.get(z), new Strand(bands)));
        }
        return new Head(zones, Density.DENSE, Thickness.NORMAL);
    }

    @Benchmark
    public Plan plan() {
        return Planner.plan(head, wish, school, ProductRange.demo());
    }

    @Benchmark
    public List<Look> baselineLookOnceAtEachBand() {
        return head.zones().stream()
                .flatMap(zone -> zone.strand().bands().stream())
                .map(band -> Reading.canvasOf(band).look())
                .toList();
    }
}
