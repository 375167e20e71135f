package mischung.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.plan.Action;
import mischung.plan.HeadUnderway;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.said.Said;
import mischung.wish.Match;

/**
 * The client has to go before all is done: every way of leaving out rounds that have not begun is played through, and the
 * one that ends in time and nearest to the wish is proposed.
 */
final class ShorterDay {
    /** So many are weighed against each other, 2 to this power of ways. */
    private static final int MOST_ROUNDS = 6;

    private final Replan.Place place;
    private final Plan plan;
    private final Job job;
    private final int begun;

    ShorterDay(Replan.Place place) {
        this.place = place;
        this.plan = place.plan();
        this.job = place.job();
        this.begun = Replanning.begun(job);
    }

    /**
     * One way.
     *
     * @param out indices of the steps that are not done
     * @param ends what every band comes to
     */
    private record Way(Set<Integer> out, RunningOrder forward, Plan ends, double distance) {}

    /** @param limit minute of the visit */
    Replan by(int limit) {
        Said words = JobMessage.GOES_AFTER.say().time("time", limit).said();
        RunningOrder whole = without(Set.of());
        if (whole.end() <= limit) {
            return proposal(
                    plan,
                    whole,
                    Set.of(),
                    words,
                    List.of(JobMessage.ALL_CAN_BE_DONE
                            .say()
                            .time("time", whole.end())
                            .said()));
        }
        PlanningContext desk = place.desk().apply(place.known());
        List<Integer> open = open();
        Optional<Way> best = Optional.empty();
        int shortest = whole.end();
        for (Set<Integer> out : waysOf(open)) {
            RunningOrder forward = without(out);
            shortest = Math.min(shortest, forward.end());
            if (forward.end() <= limit) {
                Plan ends = playedThrough(desk, out);
                double distance = ends.distance(ends::endOfToday);
                if (best.isEmpty() || distance < best.get().distance) {
                    best = Optional.of(new Way(out, forward, ends, distance));
                }
            }
        }
        if (best.isEmpty()) {
            return proposal(
                    plan,
                    whole,
                    Set.of(),
                    words,
                    List.of(
                            JobMessage.CANNOT_BE_DONE
                                    .say()
                                    .time("time", shortest)
                                    .said(),
                            JobMessage.MORE_HANDS.alone()));
        }
        Way way = best.get();
        return proposal(way.ends, way.forward, way.out, words, said(way, open));
    }

    private List<Integer> open() {
        List<Integer> open = new ArrayList<>();
        for (int i = begun; i < plan.steps().size() && open.size() < MOST_ROUNDS; i++) {
            if (plan.steps().get(i).visit() == 1 && plan.steps().get(i).kind() != Action.WAIT) {
                open.add(i);
            }
        }
        return open;
    }

    private static List<Set<Integer>> waysOf(List<Integer> open) {
        List<Set<Integer>> ways = new ArrayList<>(List.of(Set.of()));
        for (int step : open) {
            for (Set<Integer> way : List.copyOf(ways)) {
                Set<Integer> more = new HashSet<>(way);
                more.add(step);
                ways.add(more);
            }
        }
        return ways;
    }

    private RunningOrder without(Set<Integer> out) {
        return RunningOrder.of(
                job,
                job.tasks().stream().filter(task -> !out.contains(task.step())).toList(),
                job.hands());
    }

    private Plan playedThrough(PlanningContext desk, Set<Integer> out) {
        HeadUnderway sofar = new HeadUnderway(
                plan.steps().subList(0, begun).stream().map(Replan::fixed).toList(), Map.of(), Set.of());
        return Planner.followed(
                desk,
                plan.strategy(),
                sofar,
                open().stream()
                        .filter(step -> !out.contains(step))
                        .map(step -> Replan.fixed(plan.steps().get(step)))
                        .toList());
    }

    private List<Said> said(Way way, List<Integer> open) {
        List<Said> why = new ArrayList<>();
        open.stream()
                .filter(way.out::contains)
                .forEach(step -> why.add(JobMessage.LEFT_OUT_TODAY
                        .say()
                        .part("step", plan.steps().get(step).titled())
                        .said()));
        why.add(JobMessage.VISIT_ENDS
                .say()
                .time("time", way.forward.end())
                .part("match", Match.said(way.distance))
                .part("instead", Match.said(plan.distance(plan::endOfToday)))
                .said());
        why.addAll(way.forward.late());
        return why;
    }

    /** The plan keeps its steps, so that tasks and bowls go on meaning them; what is left out is only not done. */
    private Replan proposal(Plan ends, RunningOrder forward, Set<Integer> out, Said words, List<Said> why) {
        return new Replan(
                plan,
                ends,
                place.basis(),
                forward.tasks(),
                job.batches().stream()
                        .filter(batch -> !out.contains(batch.step()))
                        .toList(),
                words,
                why);
    }
}
