package mischung.job;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.doubt.Calibration;
import mischung.doubt.Evidence;
import mischung.hair.BandRef;
import mischung.plan.Desk;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.Round;
import mischung.plan.Strategy;
import mischung.plan.Underway;

/**
 * The plan a job was begun by, as it was decided then. Whatever changes meanwhile on the shelf, in what the house learns from
 * other heads, or in the program itself: the bowls on the trolley and their order stay those of this plan.
 *
 * @param rounds with their bowls as they are mixed
 * @param known of the client when it began, apart from what is known of everybody
 * @param bands of the head, as it was read and cut then
 */
public record Basis(Strategy strategy, List<Round> rounds, Evidence known, List<BandRef> bands) {
    public Basis {
        rounds = List.copyOf(rounds);
        bands = List.copyOf(bands);
    }

    public static Basis of(Plan plan, Calibration known) {
        return new Basis(
                plan.strategy(),
                Replan.mixed(plan),
                known.since(Calibration.none()),
                plan.head().bands());
    }

    public Calibration calibration() {
        return Calibration.none().with(known);
    }

    /**
     * The same plan again.
     *
     * @param desk with {@link #calibration}
     * @return empty where the head has other bands since: it was cut anew
     */
    public Optional<Plan> plan(Desk desk) {
        Set<BandRef> there = new HashSet<>(desk.head().bands());
        if (!there.equals(new HashSet<>(bands))) {
            return Optional.empty();
        }
        return Optional.of(Planner.followed(desk, strategy, Underway.NOTHING, rounds));
    }
}
