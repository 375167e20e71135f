package mischung.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import mischung.sequence.Activity.Lag;
import mischung.sequence.Activity.Use;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.variables.IntVar;
import org.chocosolver.solver.variables.Task;
import org.junit.jupiter.api.Test;

/** The solver against a general constraint solver (Choco, an open-source library) on jobs of the size of a stage. */
class SolverOracleTest {
    private static final int HORIZON = 120;
    private static final long NODES = 20_000;
    private static final long OTHERS_NODES = 20_000;

    /** What the other makes of a job. */
    private record Other(OptionalInt least, boolean proven) {}

    private static Other asked(List<Activity> pieces, int hands) {
        Model model = new Model();
        IntVar[] start = model.intVarArray("start", pieces.size(), 0, HORIZON);
        IntVar end = model.intVar("end", 0, HORIZON);
        Task[] tasks = new Task[pieces.size()];
        IntVar[] byHand = new IntVar[pieces.size()];
        List<Task> onHead = new ArrayList<>();
        List<IntVar> taking = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Activity piece = pieces.get(i);
            tasks[i] = new Task(start[i], piece.minutes());
            byHand[i] = model.intVar(1);
            model.arithm(end, "-", start[i], ">=", piece.minutes()).post();
            for (Lag lag : piece.lags()) {
                int from = lag.fromEnd() ? pieces.get(lag.of()).minutes() : 0;
                model.arithm(start[i], "-", start[lag.of()], ">=", from + lag.least())
                        .post();
                if (lag.most() < Lag.NO_END) {
                    model.arithm(start[i], "-", start[lag.of()], "<=", from + lag.most())
                            .post();
                }
            }
            if (piece.use() != Use.ASIDE) {
                onHead.add(tasks[i]);
                taking.add(model.intVar(piece.use() == Use.WHOLE_HEAD ? hands : 1));
            }
        }
        model.cumulative(tasks, byHand, model.intVar(hands)).post();
        if (!onHead.isEmpty()) {
            model.cumulative(onHead.toArray(Task[]::new), taking.toArray(IntVar[]::new), model.intVar(hands))
                    .post();
        }
        org.chocosolver.solver.Solver search = model.getSolver();
        // By steps, not by the clock: a slow machine comes to the same answers.
        search.limitNode(OTHERS_NODES);
        Solution best = search.findOptimalSolution(end, Model.MINIMIZE);
        boolean proven = !search.isStopCriterionMet();
        return new Other(best == null ? OptionalInt.empty() : OptionalInt.of(best.getIntVal(end)), proven);
    }

    /** A stage in small: bowls with a life, sections laid in turn, looks, one or two rinses with windows. */
    private static List<Activity> stage(Random random) {
        List<Activity> pieces = new ArrayList<>();
        int groups = 1 + random.nextInt(2);
        int works = 8 + random.nextInt(10);
        for (int g = 0; g < groups; g++) {
            List<Integer> laid = new ArrayList<>();
            int products = 1 + random.nextInt(2);
            for (int p = 0; p < products; p++) {
                pieces.add(piece(1 + random.nextInt(2), Use.ASIDE));
                int mix = pieces.size() - 1;
                int sections = 2 + random.nextInt(2);
                for (int section = 0; section < sections; section++) {
                    List<Lag> lags = new ArrayList<>();
                    lags.add(new Lag(mix, true, 0, 9 + random.nextInt(8)));
                    if (section > 0) {
                        lags.add(Lag.afterStart(pieces.size() - 1, 0));
                    }
                    pieces.add(piece(1 + random.nextInt(4), Use.ON_HEAD, lags.toArray(Lag[]::new)));
                    laid.add(pieces.size() - 1);
                }
            }
            int longest = works + 4 + random.nextInt(12);
            pieces.add(piece(
                    3 + random.nextInt(3),
                    Use.WHOLE_HEAD,
                    laid.stream().map(of -> new Lag(of, true, works, longest)).toArray(Lag[]::new)));
        }
        return pieces;
    }

    private static Activity piece(int minutes, Use use, Lag... lags) {
        return new Activity("p", minutes, use, 0, 0, false, List.of(lags));
    }

    /** The other looks for long: by default over fewer; {@code -Dmischung.tries=34} asks it of all. */
    private static final int STAGES = Math.min(100, 3 * Integer.getInteger("mischung.tries", 34));

    /** What is called the least is the least; what is called "at most so much longer" is not longer. */
    @Test
    void neverBetterThanTheBestNorFurtherFromItThanItSays() {
        Random random = new Random(11);
        int compared = 0;
        int best = 0;
        for (int n = 0; n < STAGES; n++) {
            List<Activity> pieces = stage(random);
            int hands = 1 + n % 3;
            Optional<Solver.Order> own = Solver.solve(pieces, hands, NODES, Solver.FAR, () -> false);
            Other other = asked(pieces, hands);
            if (!other.proven()) {
                continue;
            }
            compared++;
            if (other.least().isEmpty()) {
                assertThat(own).as("%s", pieces).isEmpty();
                continue;
            }
            int least = other.least().getAsInt();
            assertThat(own).as("there is an order of %d min: %s", least, pieces).isPresent();
            Solver.Order order = own.orElseThrow();
            assertThat(order.minutes()).as("%s", pieces).isGreaterThanOrEqualTo(least);
            assertThat(order.bound()).as("%s", pieces).isLessThanOrEqualTo(least);
            if (order.whole()) {
                assertThat(order.minutes()).as("%s", pieces).isEqualTo(least);
            }
            best += order.minutes() == least ? 1 : 0;
        }
        assertThat(compared).as("the other comes to its end on nearly all").isGreaterThanOrEqualTo(STAGES * 9 / 10);
        assertThat(best).as("and we are as good on most").isGreaterThanOrEqualTo(compared * 8 / 10);
    }
}
