package mischung.sequence;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.hair.ZonePlace;
import mischung.said.Said;
import mischung.sequence.Activity.Lag;
import mischung.sequence.Activity.Use;
import mischung.sequence.StageAssembly.Shown;

/**
 * The hands of a stage that is played through: every piece is put on the bench in turn and begun as soon as somebody is free, the
 * head is, and what it waits for has happened.
 */
final class Hands {
    private static final int FIRST_PIECES = 64;

    private final StageAssembly bench;
    private final OrderTerms terms;
    private final int[] free;
    private final Map<String, Integer> numbers = new HashMap<>();
    private int[] start = new int[FIRST_PIECES];
    private int[] person = new int[FIRST_PIECES];
    private int headEnd;
    private int wholeEnd;

    /** The last of what had the head for itself; none yet below 0. */
    private int headFree = -1;

    /** The last that was laid; nothing yet below 0. */
    private int laid = -1;

    Hands(StageAssembly bench, OrderTerms terms) {
        this.bench = bench;
        this.terms = terms;
        this.free = new int[terms.hands() + 1];
    }

    /** One after another, with the head for themselves. */
    void before(List<Stage.Alone> all) {
        for (Stage.Alone first : all) {
            List<Lag> lags = headFree < 0 ? List.of() : List.of(Lag.afterEnd(headFree, 0));
            headFree = put(first.key(), first.shown(), first.minutes(), Use.WHOLE_HEAD, 0, lags, 0);
        }
    }

    /** What every laying waits for: the head, and the laying before it to have begun. */
    void inTurn(List<Lag> lags) {
        if (headFree >= 0) {
            lags.add(Lag.afterEnd(headFree, 0));
        }
        if (laid >= 0) {
            lags.add(Lag.afterStart(laid, 0));
        }
    }

    /** @param pass which laying into the same hair it is */
    int lay(String name, int pass, Shown what, int minutes, List<Lag> lags, int earliest) {
        laid = put(bench.add(name, pass, what, minutes, Use.ON_HEAD, 0, lags), Use.ON_HEAD, 0, lags, earliest);
        return laid;
    }

    /** The last that was laid, as what others wait for. */
    List<Lag> afterAllLaid() {
        return laid >= 0 ? List.of(Lag.afterEnd(laid, 0)) : List.of();
    }

    /** @param wanted minute at which it is to be ready, or later */
    int mix(Applied lay, ZonePlace place, int wanted) {
        int takes = terms.durations().minutes("mixing", Task.Kind.MIX);
        int number = numbers.merge(lay.bowl(), 1, Integer::sum);
        // Where the head is not free yet, no more than one other bowl may be mixed before it is.
        int from = headFree < 0 ? 0 : Math.max(0, end(headFree) - 2 * takes);
        List<Lag> lags = laid >= 0 ? List.of(Lag.afterStart(laid, 0)) : List.of();
        return put(
                "MIX " + lay.bowl() + " " + number,
                new Shown(
                        Task.Kind.MIX,
                        mixing(lay.bowl(), number),
                        lay.lifts() ? List.of(TaskMessage.SMALL_AND_FRESH.alone()) : List.of(),
                        List.of(lay.bowl()),
                        List.of(place)),
                takes,
                Use.ASIDE,
                0,
                lags,
                Math.max(from, wanted - takes));
    }

    /** @param number of the batch, from 1 */
    static Said mixing(String bowl, int number) {
        return number > 1
                ? TaskMessage.MIX_BATCH
                        .say()
                        .typed("bowl", bowl)
                        .count("batch", number)
                        .said()
                : TaskMessage.MIX.say().typed("bowl", bowl).said();
    }

    /** How many batches of a bowl were mixed so far. */
    int mixed(String bowl) {
        return numbers.getOrDefault(bowl, 0);
    }

    int put(String name, Shown what, int minutes, Use use, int who, List<Lag> lags, int earliest) {
        return put(bench.add(name, what, minutes, use, who, lags), use, who, lags, earliest);
    }

    private int put(int piece, Use use, int who, List<Lag> lags, int earliest) {
        if (piece == start.length) {
            start = Arrays.copyOf(start, 2 * piece);
            person = Arrays.copyOf(person, 2 * piece);
        }
        int from = Math.max(earliest, bench.pieces.get(piece).release());
        for (Lag lag : lags) {
            from = Math.max(from, from(lag));
        }
        if (use == Use.WHOLE_HEAD) {
            from = Math.max(from, headEnd);
        } else if (use == Use.ON_HEAD) {
            from = Math.max(from, wholeEnd);
        }
        int hand = who > 0 ? who : freest(from);
        start[piece] = Math.max(from, free[hand]);
        person[piece] = hand;
        free[hand] = end(piece);
        if (use != Use.ASIDE) {
            headEnd = Math.max(headEnd, free[hand]);
        }
        if (use == Use.WHOLE_HEAD) {
            wholeEnd = Math.max(wholeEnd, free[hand]);
        }
        return piece;
    }

    /** Who can begin first; of several the one who was busy last. */
    private int freest(int from) {
        int best = 1;
        for (int p = 2; p <= terms.hands(); p++) {
            int now = Math.max(from, free[best]);
            int then = Math.max(from, free[p]);
            if (then < now || (then == now && free[p] > free[best])) {
                best = p;
            }
        }
        return best;
    }

    /** When somebody can go on with the head. */
    int soonest() {
        return Math.max(wholeEnd, free[freest(0)]);
    }

    /** When a lag lets go of what waits for it. */
    int from(Lag lag) {
        return lag.from(start, bench.pieces) + lag.least();
    }

    int start(int piece) {
        return start[piece];
    }

    int end(int piece) {
        return start[piece] + bench.pieces.get(piece).minutes();
    }

    Solver.Order order() {
        int count = bench.pieces.size();
        return Solver.given(bench.pieces, terms.hands(), Arrays.copyOf(start, count), Arrays.copyOf(person, count));
    }
}
