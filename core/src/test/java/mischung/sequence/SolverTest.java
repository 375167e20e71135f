package mischung.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mischung.sequence.Activity.Lag;
import mischung.sequence.Activity.Use;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The solver against trying everything, minute by minute, with a check of its own that shares no code with it. */
class SolverTest {
    private static final long ALL = 50_000_000;
    private static final List<Use> USES = List.of(Use.values());

    private static Optional<Solver.Order> solve(List<Activity> pieces, int hands, long nodes) {
        return Solver.solve(pieces, hands, nodes, Solver.FAR, () -> false);
    }

    private static Activity piece(int minutes, Use use, Lag... lags) {
        return new Activity("p", minutes, use, 0, 0, false, List.of(lags));
    }

    /** Every assignment of start minutes up to a horizon; least end, or none. */
    private static int bruteForce(List<Activity> pieces, int hands, int horizon) {
        return tried(pieces, hands, new int[pieces.size()], 0, horizon);
    }

    private static int tried(List<Activity> pieces, int hands, int[] start, int i, int best) {
        if (i == pieces.size()) {
            int end = 0;
            for (int k = 0; k < i; k++) {
                end = Math.max(end, start[k] + pieces.get(k).minutes());
            }
            return Math.min(best, end);
        }
        int least = best;
        for (int t = 0; t + pieces.get(i).minutes() < least; t++) {
            start[i] = t;
            if (possible(pieces, hands, start, i + 1)) {
                least = tried(pieces, hands, start, i + 1, least);
            }
        }
        return least;
    }

    /** Minute by minute: hands, the head, the lags. */
    private static boolean possible(List<Activity> pieces, int hands, int[] start, int count) {
        int end = 0;
        for (int i = 0; i < count; i++) {
            end = Math.max(end, start[i] + pieces.get(i).minutes());
            for (Lag lag : pieces.get(i).lags()) {
                int from =
                        start[lag.of()] + (lag.fromEnd() ? pieces.get(lag.of()).minutes() : 0);
                if (start[i] - from < lag.least() || start[i] - from > lag.most()) {
                    return false;
                }
            }
        }
        for (int minute = 0; minute < end; minute++) {
            int busy = 0;
            int onHead = 0;
            int alone = 0;
            for (int i = 0; i < count; i++) {
                if (start[i] <= minute && minute < start[i] + pieces.get(i).minutes()) {
                    busy++;
                    onHead += pieces.get(i).use() == Use.ON_HEAD ? 1 : 0;
                    alone += pieces.get(i).use() == Use.WHOLE_HEAD ? 1 : 0;
                }
            }
            if (busy > hands || alone > 1 || (alone == 1 && onHead > 0)) {
                return false;
            }
        }
        return true;
    }

    private static List<Activity> random(Random random) {
        List<Activity> pieces = new ArrayList<>();
        int count = 3 + random.nextInt(3);
        for (int i = 0; i < count; i++) {
            List<Lag> lags = new ArrayList<>();
            if (i > 0 && random.nextBoolean()) {
                lags.add(
                        random.nextBoolean()
                                ? Lag.afterEnd(random.nextInt(i), random.nextInt(4))
                                : Lag.afterStart(random.nextInt(i), random.nextInt(3)));
            }
            pieces.add(piece(1 + random.nextInt(3), USES.get(random.nextInt(3)), lags.toArray(Lag[]::new)));
        }
        return pieces;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void findsWhatTryingEverythingFinds(int hands) {
        Random random = new Random(hands);
        for (int n = 0; n < 60; n++) {
            List<Activity> pieces = random(random);
            Solver.Order solved = solve(pieces, hands, ALL).orElseThrow();
            assertThat(solved.whole()).isTrue();
            assertThat(solved.minutes()).as("%s", pieces).isEqualTo(bruteForce(pieces, hands, 40));
            int[] start = new int[pieces.size()];
            for (int i = 0; i < start.length; i++) {
                start[i] = solved.start(i);
            }
            assertThat(possible(pieces, hands, start, start.length)).isTrue();
        }
    }

    /** The same with a last moment to some of the lags: what comes first may have to wait for what comes after. */
    private static List<Activity> windowed(Random random) {
        List<Activity> pieces = new ArrayList<>();
        int count = 3 + random.nextInt(3);
        for (int i = 0; i < count; i++) {
            List<Lag> lags = new ArrayList<>();
            for (int of = 0; of < i; of++) {
                if (random.nextInt(3) == 0) {
                    int least = random.nextInt(4);
                    lags.add(new Lag(of, random.nextBoolean(), least, least + random.nextInt(5)));
                }
            }
            pieces.add(piece(1 + random.nextInt(3), USES.get(random.nextInt(3)), lags.toArray(Lag[]::new)));
        }
        return pieces;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void findsAnOrderWhereverThereIsOne(int hands) {
        Random random = new Random(40L + hands);
        int none = 0;
        int some = 0;
        for (int n = 0; n < 120; n++) {
            List<Activity> pieces = windowed(random);
            int least = bruteForce(pieces, hands, 30);
            Optional<Solver.Order> solved = solve(pieces, hands, ALL);
            if (least == 30) {
                none++;
                assertThat(solved).as("%s", pieces).isEmpty();
            } else {
                some++;
                assertThat(solved.map(Solver.Order::minutes)).as("%s", pieces).contains(least);
            }
        }
        assertThat(none).isGreaterThan(5);
        assertThat(some).isGreaterThan(40);
    }

    /** Two products that must come off together: the quick one waits, though its hands are free. */
    @Test
    void aStartWaitsForItsWindow() {
        Activity mixed = piece(2, Use.ASIDE);
        Activity long1 = piece(4, Use.ON_HEAD);
        Activity long2 = piece(6, Use.ON_HEAD, Lag.afterEnd(1, 20));
        Activity laidFromIt = piece(3, Use.ON_HEAD, new Lag(0, true, 0, 5), Lag.afterStart(2, 0));
        Solver.Order solved =
                solve(List.of(mixed, long1, long2, laidFromIt), 1, 0).orElseThrow();
        assertThat(solved.start(3) - solved.start(0) - 2)
                .as("laid while its bowl is good")
                .isBetween(0, 5);
    }

    /** With few looks it is feasible, not better than the best, and never better than its own bound. */
    @Test
    void aShortSearchKeepsItsBound() {
        Random random = new Random(7);
        for (int n = 0; n < 200; n++) {
            List<Activity> pieces = random(random);
            Solver.Order whole = solve(pieces, 2, ALL).orElseThrow();
            Solver.Order quick = solve(pieces, 2, 12).orElseThrow();
            assertThat(quick.minutes()).isGreaterThanOrEqualTo(whole.minutes());
            assertThat(quick.bound()).isLessThanOrEqualTo(whole.minutes());
        }
    }

    @Test
    void windowsAreKeptOrThereIsNoOrder() {
        Activity laid = piece(4, Use.ON_HEAD);
        Activity other = piece(6, Use.ON_HEAD);
        Activity rinsed = piece(3, Use.WHOLE_HEAD, new Lag(0, true, 5, 9), new Lag(1, true, 5, 9));
        assertThat(solve(List.of(laid, other, rinsed), 1, ALL))
                .as("only the long one first keeps both")
                .isPresent();
        Activity tight = piece(3, Use.WHOLE_HEAD, new Lag(0, true, 5, 5), new Lag(1, true, 5, 5));
        assertThat(solve(List.of(laid, other, tight), 1, ALL)).isEmpty();
    }

    @Test
    void aMovedPieceWaits() {
        Activity late = new Activity("p", 3, Use.ON_HEAD, 0, 20, false, List.of());
        assertThat(solve(List.of(piece(5, Use.ON_HEAD), late), 1, ALL)
                        .orElseThrow()
                        .minutes())
                .isEqualTo(23);
    }

    @Test
    void everybodyRestsForThemselves() {
        List<Activity> pieces = new ArrayList<>();
        for (int person = 1; person <= 2; person++) {
            pieces.add(new Activity("break", 5, Use.ASIDE, person, 0, false, List.of()));
        }
        pieces.add(piece(10, Use.ON_HEAD));
        Solver.Order solved = solve(pieces, 2, ALL).orElseThrow();
        assertThat(solved.person(0)).isEqualTo(1);
        assertThat(solved.person(1)).isEqualTo(2);
        assertThat(solved.minutes()).isEqualTo(15);
    }

    @Test
    void whatIsCancelledKeepsWhatWasFound() {
        List<Activity> pieces = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            pieces.add(piece(3 + i % 5, Use.ON_HEAD));
        }
        Solver.Order found =
                Solver.solve(pieces, 3, ALL, Solver.FAR, () -> true).orElseThrow();
        assertThat(found.whole() || found.minutes() >= found.bound()).isTrue();
    }
}
