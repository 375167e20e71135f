package mischung.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.Constants;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.hair.ZonePlace;
import mischung.job.BandForecast.Shown;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.plan.HairState;
import mischung.plan.Plan;
import mischung.process.Change;
import mischung.process.Course;
import mischung.said.Said;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Learned;
import mischung.uncertainty.Start;
import mischung.uncertainty.StrandTest;
import mischung.wish.Aim;

/**
 * A job against what had been said of it.
 *
 * @param bands that were read when it was done, in the order of the head
 */
public record LookBack(List<Compared> bands) {
    private static final Constants SPREAD = Constants.in("spread");

    /** Half a step of the ladder: a range in decimals is held against a reading in halves. */
    private static final double HALF_A_STEP = 0.25;

    public LookBack {
        bands = List.copyOf(bands);
    }

    /**
     * One band.
     *
     * @param foretold by the plan as it was worked in the end
     * @param atFirst by the plan the job began with
     * @param said what it came out as, in the words of whoever read it
     * @param fromPrediction CIEDE2000
     * @param fromWish CIEDE2000
     * @param levels by which it came out lighter than predicted
     * @param inside whether it lies in the range that was given
     */
    public record Compared(
            BandForecast foretold,
            BandForecast atFirst,
            Shown real,
            Said said,
            Optional<Elasticity> felt,
            double fromPrediction,
            double fromWish,
            double levels,
            boolean inside) {}

    private record Where(ZonePlace zone, int band) {}

    public static LookBack of(Job job) {
        Map<Where, Event.Found> found = new LinkedHashMap<>();
        found(job).forEach(one -> found.put(new Where(one.zone(), one.band()), one));
        List<Compared> all = new ArrayList<>();
        for (BandForecast foretold : job.foretold()) {
            Event.Found real = found.get(new Where(foretold.zone(), foretold.band()));
            if (real != null) {
                BandForecast first = job.foretoldAtFirst().stream()
                        .filter(one -> one.zone() == foretold.zone() && one.band() == foretold.band())
                        .findFirst()
                        .orElse(foretold);
                all.add(compared(foretold, first, real));
            }
        }
        return new LookBack(all);
    }

    private static List<Event.Found> found(Job job) {
        return job.counting().stream()
                .filter(entry -> entry.event() instanceof Event.Found)
                .map(entry -> (Event.Found) entry.event())
                .toList();
    }

    private static Compared compared(BandForecast foretold, BandForecast first, Event.Found real) {
        Lab lab = real.measured()
                .map(one -> one.lab())
                .orElseGet(() -> real.tones().colourAt(real.level()));
        return new Compared(
                foretold,
                first,
                new Shown(real.level(), lab.l(), lab.a(), lab.b()),
                real.measured().isPresent() ? Shown.of(lab).said() : new Aim(real.level(), real.tones()).said(),
                real.felt(),
                Ciede2000.between(foretold.end().lab(), lab),
                Ciede2000.between(foretold.wished().lab(), lab),
                real.level() - foretold.end().level(),
                real.level() >= foretold.from() - HALF_A_STEP && real.level() <= foretold.to() + HALF_A_STEP);
    }

    /** Root of the mean square, in levels; 0 where nothing was read. */
    public double error() {
        return Math.sqrt(bands.stream()
                .mapToDouble(band -> band.levels() * band.levels())
                .average()
                .orElse(0));
    }

    /** Mean CIEDE2000 of what was to be coloured. */
    public double meanFromWish() {
        return bands.stream()
                .filter(band -> !band.foretold().kept())
                .mapToDouble(Compared::fromWish)
                .average()
                .orElse(0);
    }

    public double meanFromPrediction() {
        return bands.stream().mapToDouble(Compared::fromPrediction).average().orElse(0);
    }

    public long inside() {
        return bands.stream().filter(Compared::inside).count();
    }

    /** The widest CIEDE2000 between neighbours of one strand that were wished alike. */
    public double uneven() {
        double widest = 0;
        for (Compared a : bands) {
            for (Compared b : bands) {
                boolean neighbours = a.foretold().zone() == b.foretold().zone()
                        && a.foretold().band() + 1 == b.foretold().band()
                        && a.foretold().wished().equals(b.foretold().wished());
                if (neighbours) {
                    widest = Math.max(
                            widest, Ciede2000.between(a.real().lab(), b.real().lab()));
                }
            }
        }
        return widest;
    }

    /**
     * What the bands as they came out teach of this client. Bands of one head, read by the same eye in the same light, are no
     * independent witnesses: together they count as one careful look.
     *
     * @param plan as it was worked
     * @param known before them
     */
    public static Calibration learned(Plan plan, Job job, Calibration known) {
        List<Event.Found> all = found(job);
        Calibration after = known;
        for (Event.Found one : all) {
            Optional<StrandTest> test = test(plan, one, Math.sqrt(all.size()));
            if (test.isPresent()) {
                Learned learned = after.learn(test.get());
                after = learned.after();
            }
        }
        return after;
    }

    private static Optional<StrandTest> test(Plan plan, Event.Found found, double share) {
        return plan.head().bands().stream()
                .filter(at -> plan.head().place(at) == found.zone()
                        && plan.head().at(at).read() == found.band())
                .max(Comparator.comparingDouble((BandRef at) -> plan.head().mixGrams(List.of(at))))
                .flatMap(at -> {
                    HairState end = plan.endOfToday(at).hair();
                    HairState start = end.root();
                    List<Change> course = end.since(start);
                    return course.isEmpty()
                            ? Optional.empty()
                            : Optional.of(new StrandTest(
                                    Start.of(start.canvas()),
                                    new Course(course),
                                    found.level(),
                                    Math.min(3, SPREAD.of("seen") * share),
                                    found.felt()));
                });
    }
}
