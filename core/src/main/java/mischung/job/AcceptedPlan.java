package mischung.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mischung.hair.BandRef;
import mischung.plan.HeadUnderway;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.plan.Strategy;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Evidence;

/**
 * A plan a job is worked by, as it was decided: the one it began by, and each that was said yes to later. Whatever changes
 * meanwhile on the shelf, in what the house learns from other heads, or in the program itself: the bowls on the trolley, their
 * grams and their order stay those of this plan.
 *
 * @param rounds with their bowls as they are mixed
 * @param known of the client by then, apart from what is known of everybody
 * @param bands of the head, as it was read and cut then
 * @param useFactor by which the reckoned need of bowls was multiplied; empty in jobs from before it was kept
 * @param done how many of the rounds were done or on the hair when it was decided
 * @param seen how bands were, where a look had shown otherwise than the model
 * @param weak bands whose strand had failed
 */
public record AcceptedPlan(
        Strategy strategy,
        List<Round> rounds,
        Evidence known,
        List<BandRef> bands,
        OptionalDouble useFactor,
        int done,
        List<SeenBand> seen,
        List<BandRef> weak) {
    /** A band as a look had shown it. */
    public record SeenBand(BandRef at, HeadUnderway.Shown shown) {}

    public AcceptedPlan {
        rounds = List.copyOf(rounds);
        bands = List.copyOf(bands);
        seen = List.copyOf(seen);
        weak = List.copyOf(weak);
    }

    /** Of the plan a job begins by. */
    public static AcceptedPlan of(Plan plan, PlanningContext desk) {
        return of(plan, desk, HeadUnderway.NOTHING);
    }

    /** @param underway where the head stood when it was decided */
    static AcceptedPlan of(Plan plan, PlanningContext desk, HeadUnderway underway) {
        List<Round> rounds = new ArrayList<>(Replan.mixed(plan));
        int done = underway.rounds().size();
        if (!underway.weak().isEmpty()) {
            // The treatment of what failed follows from it, and is not decided again.
            rounds.remove(done);
        }
        List<SeenBand> seen = new ArrayList<>();
        underway.seen().forEach((at, shown) -> seen.add(new SeenBand(at, shown)));
        return new AcceptedPlan(
                plan.strategy(),
                rounds,
                desk.calibration().since(Calibration.none()),
                plan.head().bands(),
                OptionalDouble.of(desk.useFactor()),
                done,
                seen,
                underway.weak().stream().sorted().toList());
    }

    public Calibration calibration() {
        return Calibration.none().with(known);
    }

    /**
     * The same plan again.
     *
     * @param desk with {@link #calibration} and {@link #useFactor}
     * @return empty where the head has other bands since: it was cut anew
     */
    public Optional<Plan> plan(PlanningContext desk) {
        Set<BandRef> there = new HashSet<>(desk.head().bands());
        if (!there.equals(new HashSet<>(bands))) {
            return Optional.empty();
        }
        Map<BandRef, HeadUnderway.Shown> shown = new HashMap<>();
        seen.forEach(one -> shown.put(one.at(), one.shown()));
        return Optional.of(Planner.followed(
                desk,
                strategy,
                new HeadUnderway(rounds.subList(0, done), shown, new HashSet<>(weak)),
                rounds.subList(done, rounds.size())));
    }
}
