package mischung.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * Orders pieces for one to three pairs of hands and one head, so that the last ends as early as can be found: branch and
 * bound over the pieces in order of start (Giffler and Thompson 1960 enumerate so). Complete over all schedules in which no
 * piece could start earlier without another order; what is cut off is only what cannot be better. If it comes to its end
 * the schedule is the best of these; otherwise {@code bound} says how far from it at most.
 */
final class Solver {
    /** What was found. */
    static final class Order {
        private final int[] start;
        private final int[] person;
        private final int minutes;
        private final int bound;
        private final boolean whole;

        private Order(int[] start, int[] person, int minutes, int bound, boolean whole) {
            this.start = start;
            this.person = person;
            this.minutes = minutes;
            this.bound = bound;
            this.whole = whole;
        }

        /** Minute at which a piece begins. */
        int start(int piece) {
            return start[piece];
        }

        /** Who does it, 1 and more. */
        int person(int piece) {
            return person[piece];
        }

        /** Until the last has ended. */
        int minutes() {
            return minutes;
        }

        /** No order takes less. */
        int bound() {
            return bound;
        }

        /** Whether everything was weighed. */
        boolean whole() {
            return whole;
        }
    }

    static final int FAR = 1_000_000;

    /** Looked at even where the first order will do. */
    private static final int FEW = 300;

    private final List<Piece> pieces;
    private final int hands;
    private final long mostNodes;
    private final long most;
    private final BooleanSupplier cancelled;
    private final int[] tail;
    private final int[] start;
    private final int[] person;
    private final int[] free;
    private final boolean[] placed;

    /** What hangs on each, and how many each still waits for. */
    private final List<List<Integer>> followers = new ArrayList<>();

    private final int[] pending;
    private final int[] windowed;
    private final int bound;
    private int bestMinutes;
    private int[] bestStart = {};
    private int[] bestPerson = {};
    private long nodes;
    private boolean stopped;

    private Solver(List<Piece> pieces, int hands, long mostNodes, int below, BooleanSupplier cancelled) {
        this.bestMinutes = below;
        this.pieces = pieces;
        this.hands = hands;
        this.mostNodes = mostNodes;
        this.most = Math.max(mostNodes, Math.max(FEW, 4L * pieces.size()));
        this.cancelled = cancelled;
        int n = pieces.size();
        this.start = new int[n];
        this.person = new int[n];
        this.free = new int[hands + 1];
        this.placed = new boolean[n];
        this.tail = tails(pieces);
        this.pending = new int[n];
        List<Integer> withWindow = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            followers.add(new ArrayList<>());
            boolean window = false;
            for (Piece.Lag lag : pieces.get(i).lags()) {
                followers.get(lag.of()).add(i);
                pending[i]++;
                window |= lag.most() < Piece.Lag.NO_END;
            }
            if (window && !pieces.get(i).soft()) {
                withWindow.add(i);
            }
        }
        this.windowed = withWindow.stream().mapToInt(i -> i).toArray();
        this.bound = bound();
    }

    /**
     * @param below how many minutes it must stay under to be of use
     * @param mostNodes steps of the search; 0: the first order that keeps every window will do
     * @return empty if no order was found that keeps every window
     */
    static Optional<Order> solve(List<Piece> pieces, int hands, long mostNodes, int below, BooleanSupplier cancelled) {
        Solver solver = new Solver(pieces, hands, mostNodes, below, cancelled);
        solver.branch(0, 0, 0, 0);
        return solver.bestStart.length < pieces.size()
                ? Optional.empty()
                : Optional.of(new Order(
                        solver.bestStart,
                        solver.bestPerson,
                        solver.bestMinutes,
                        solver.stopped ? Math.min(solver.bound, solver.bestMinutes) : solver.bestMinutes,
                        !solver.stopped));
    }

    /**
     * An order that was found elsewhere, held against what no order can beat.
     *
     * @param start minute of each piece
     * @param person who does it, 1 and more
     */
    static Order given(List<Piece> pieces, int hands, int[] start, int[] person) {
        int minutes = 0;
        for (int i = 0; i < start.length; i++) {
            minutes = Math.max(minutes, start[i] + pieces.get(i).minutes());
        }
        int bound = Math.min(minutes, new Solver(pieces, hands, 0, FAR, () -> false).bound);
        return new Order(start, person, minutes, bound, bound == minutes);
    }

    /** From the start of each to the end of all, as the lags alone force it. */
    private static int[] tails(List<Piece> pieces) {
        int[] tail = new int[pieces.size()];
        for (int i = pieces.size() - 1; i >= 0; i--) {
            tail[i] = Math.max(tail[i], pieces.get(i).minutes());
            for (Piece.Lag lag : pieces.get(i).lags()) {
                int gap = lag.least() + (lag.fromEnd() ? pieces.get(lag.of()).minutes() : 0);
                tail[lag.of()] = Math.max(tail[lag.of()], gap + tail[i]);
            }
        }
        return tail;
    }

    /** What no order can beat: the longest chain, and all work on the head with the least that must follow it. */
    private int bound() {
        int[] earliest = new int[pieces.size()];
        int longest = 0;
        for (int i = 0; i < pieces.size(); i++) {
            earliest[i] = pieces.get(i).release();
            for (Piece.Lag lag : pieces.get(i).lags()) {
                earliest[i] = Math.max(earliest[i], lag.from(earliest, pieces) + lag.least());
            }
            longest = Math.max(longest, earliest[i] + tail[i]);
        }
        int shared = 0;
        int first = FAR;
        int after = FAR;
        int all = 0;
        for (int i = 0; i < pieces.size(); i++) {
            int minutes = pieces.get(i).minutes();
            all += minutes;
            if (pieces.get(i).use() == Piece.Use.ON_HEAD) {
                shared += minutes;
                first = Math.min(first, earliest[i]);
                after = Math.min(after, tail[i] - minutes);
            }
        }
        int onHead = shared == 0 ? 0 : first + divided(shared) + after;
        return Math.max(longest, Math.max(onHead, divided(all)));
    }

    private int divided(int minutes) {
        return (minutes + hands - 1) / hands;
    }

    private record Choice(int piece, int start, int person, int deadline) {}

    private void branch(int count, int lastStart, int wholeEnd, int headEnd) {
        if (count == pieces.size()) {
            record();
            stopped |= mostNodes <= 0;
            return;
        }
        List<Choice> choices = choices(lastStart, wholeEnd, headEnd);
        int tightest = FAR;
        for (int i : windowed) {
            if (!placed[i]) {
                tightest = Math.min(tightest, deadline(i));
            }
        }
        for (Choice choice : choices) {
            if (++nodes > most || ((nodes & 255) == 0 && cancelled.getAsBoolean())) {
                stopped = true;
            }
            if (stopped) {
                return;
            }
            Piece piece = pieces.get(choice.piece);
            int end = choice.start + piece.minutes();
            // Starts only grow: whoever's last moment has passed can never be placed.
            boolean late = (choice.start > choice.deadline && !piece.soft()) || choice.start > tightest;
            if (late || choice.start + tail[choice.piece] >= bestMinutes || bestMinutes <= bound) {
                continue;
            }
            if (tooLateForAny(choice, end, choices)) {
                continue;
            }
            int before = free[choice.person];
            free[choice.person] = end;
            placed[choice.piece] = true;
            for (int after : followers.get(choice.piece)) {
                pending[after]--;
            }
            start[choice.piece] = choice.start;
            person[choice.piece] = choice.person;
            boolean whole = piece.use() == Piece.Use.WHOLE_HEAD;
            boolean head = piece.use() != Piece.Use.ASIDE;
            if (remaining(choice.start) < bestMinutes) {
                branch(
                        count + 1,
                        choice.start,
                        whole ? Math.max(wholeEnd, end) : wholeEnd,
                        head ? Math.max(headEnd, end) : headEnd);
            }
            placed[choice.piece] = false;
            for (int after : followers.get(choice.piece)) {
                pending[after]++;
            }
            free[choice.person] = before;
        }
    }

    private boolean tooLateForAny(Choice chosen, int end, List<Choice> choices) {
        for (Choice other : choices) {
            if (tooLateFor(chosen, end, other)) {
                return true;
            }
        }
        return false;
    }

    /** Whether what could begin now as well would miss its last moment behind this. */
    private boolean tooLateFor(Choice chosen, int end, Choice other) {
        if (other.piece == chosen.piece
                || other.deadline >= end
                || pieces.get(other.piece).soft()) {
            return false;
        }
        Piece.Use mine = pieces.get(chosen.piece).use();
        Piece.Use its = pieces.get(other.piece).use();
        boolean headBusy = (mine == Piece.Use.WHOLE_HEAD && its != Piece.Use.ASIDE)
                || (its == Piece.Use.WHOLE_HEAD && mine != Piece.Use.ASIDE);
        boolean handFree = false;
        for (int p = 1; p <= hands; p++) {
            boolean may = pieces.get(other.piece).person() == 0
                    || pieces.get(other.piece).person() == p;
            handFree |= may && p != chosen.person && free[p] <= other.deadline;
        }
        return headBusy || !handFree;
    }

    private void record() {
        int minutes = 0;
        for (int i = 0; i < start.length; i++) {
            minutes = Math.max(minutes, start[i] + pieces.get(i).minutes());
        }
        if (minutes < bestMinutes) {
            bestMinutes = minutes;
            bestStart = start.clone();
            bestPerson = person.clone();
        }
    }

    /** Least end of all, from what is placed and what is left to do. */
    private int remaining(int from) {
        int work = 0;
        int chain = 0;
        for (int i = 0; i < pieces.size(); i++) {
            if (placed[i]) {
                chain = Math.max(chain, start[i] + tail[i]);
            } else {
                work += pieces.get(i).minutes();
            }
        }
        int sum = work;
        for (int p = 1; p <= hands; p++) {
            sum += Math.max(free[p], from);
        }
        return Math.max(chain, divided(sum));
    }

    private int deadline(int i) {
        int deadline = FAR;
        for (Piece.Lag lag : pieces.get(i).lags()) {
            if (placed[lag.of()] && lag.most() < Piece.Lag.NO_END) {
                deadline = Math.min(deadline, lag.from(start, pieces) + lag.most());
            }
        }
        return deadline;
    }

    private List<Choice> choices(int lastStart, int wholeEnd, int headEnd) {
        List<Choice> all = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            if (!placed[i] && pending[i] == 0) {
                all.add(choice(i, lastStart, wholeEnd, headEnd));
            }
        }
        all.sort(this::compared);
        return all;
    }

    /** What can begin first, then what is due first, then what most hangs on. */
    private int compared(Choice a, Choice b) {
        int first = Integer.compare(a.start, b.start);
        int due = first != 0 ? first : Integer.compare(a.deadline, b.deadline);
        int hanging = due != 0 ? due : Integer.compare(tail[b.piece], tail[a.piece]);
        return hanging != 0 ? hanging : Integer.compare(a.piece, b.piece);
    }

    private Choice choice(int i, int lastStart, int wholeEnd, int headEnd) {
        Piece piece = pieces.get(i);
        int earliest = Math.max(piece.release(), lastStart);
        for (Piece.Lag lag : piece.lags()) {
            earliest = Math.max(earliest, lag.from(start, pieces) + lag.least());
        }
        if (piece.use() == Piece.Use.WHOLE_HEAD) {
            earliest = Math.max(earliest, headEnd);
        } else if (piece.use() == Piece.Use.ON_HEAD) {
            earliest = Math.max(earliest, wholeEnd);
        }
        int who = piece.person() > 0 ? piece.person() : freest(earliest);
        return new Choice(i, Math.max(earliest, free[who]), who, deadline(i));
    }

    /** Who can begin first; of several the one who was busy last, so that the others stay free for longer. */
    private int freest(int earliest) {
        int best = 1;
        for (int p = 2; p <= hands; p++) {
            int now = Math.max(earliest, free[best]);
            int then = Math.max(earliest, free[p]);
            if (then < now || (then == now && free[p] > free[best])) {
                best = p;
            }
        }
        return best;
    }
}
