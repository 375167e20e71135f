package mischung.sequence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * Orders pieces for one to three pairs of hands and one head, so that the last ends as early as can be found: branch and
 * bound over the pieces in order of start (Giffler and Thompson 1960 enumerate so), in which every piece starts as early as it can.
 * Where that breaks a window because something began too early, its start has to wait: every piece that was too early in any order
 * is tried once more with the least wait that any of these orders asked for. A schedule that keeps all windows has each of its
 * starts at or after those, so none is lost. What is cut off is only what cannot be better. If it comes to its end the schedule
 * is the best there is; otherwise {@code bound} says how far from it at most.
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

        /** With one more piece, the last, in time that was free. */
        Order and(int begins, int who) {
            int[] starts = Arrays.copyOf(start, start.length + 1);
            int[] persons = Arrays.copyOf(person, person.length + 1);
            starts[start.length] = begins;
            persons[person.length] = who;
            return new Order(starts, persons, minutes, bound, whole);
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

    /** Of the steps that are left, as long as nothing was found: it may be the waiting that is wrong. */
    private static final int A_PART = 8;

    /** So many ways of waiting are tried where the first order will do. */
    private static final int FEW_WAITS = 12;

    private final List<Activity> pieces;

    /** Minute before which each must not begin. */
    private final int[] release;

    /** By piece: the least start that would have kept a window which its start in some order broke; {@link #FAR} where none. */
    private final int[] waits;

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

    private final Net net;
    private final int[] pending;
    private final int[] windowed;
    private final int bound;
    private int bestMinutes;
    private int[] bestStart = {};
    private int[] bestPerson = {};
    private long nodes;
    private boolean stopped;

    private Solver(
            List<Activity> pieces,
            Net net,
            int[] release,
            int hands,
            long mostNodes,
            int below,
            BooleanSupplier cancelled) {
        this.bestMinutes = below;
        this.pieces = pieces;
        this.net = net;
        this.release = release;
        this.waits = new int[pieces.size()];
        Arrays.fill(waits, FAR);
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
            for (Activity.Lag lag : pieces.get(i).lags()) {
                followers.get(lag.of()).add(i);
                pending[i]++;
                window |= lag.most() < Activity.Lag.NO_END;
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
    static Optional<Order> solve(
            List<Activity> pieces, int hands, long mostNodes, int below, BooleanSupplier cancelled) {
        return solve(pieces, hands, mostNodes, below, cancelled, true);
    }

    /** The same where nothing waits longer than its lags, hands and the head ask for: something that was moved by hand holds up nothing. */
    static Optional<Order> withoutWaiting(
            List<Activity> pieces, int hands, long mostNodes, int below, BooleanSupplier cancelled) {
        return solve(pieces, hands, mostNodes, below, cancelled, false);
    }

    private static Optional<Order> solve(
            List<Activity> pieces, int hands, long mostNodes, int below, BooleanSupplier cancelled, boolean mayWait) {
        Deque<List<Integer>> open = new ArrayDeque<>();
        Set<List<Integer>> seen = new HashSet<>();
        int horizon = horizon(pieces);
        Optional<List<Integer>> first = mayWait
                ? waiting(pieces, releases(pieces), horizon)
                : Optional.of(pieces.stream().map(Activity::release).toList());
        first.ifPresent(release -> {
            open.add(release);
            seen.add(release);
        });
        Net net = new Net(pieces);
        Optional<Solver> best = Optional.empty();
        int least = below;
        int bound = FAR;
        long left = mostNodes;
        boolean whole = true;
        for (int tries = 0; !open.isEmpty(); tries++) {
            boolean enough = mostNodes <= 0 && (best.isPresent() || tries > FEW_WAITS);
            if (enough || (mostNodes > 0 && left <= 0 && tries > 0) || (tries > 0 && cancelled.getAsBoolean())) {
                whole = false;
                break;
            }
            List<Integer> release = open.remove();
            Solver solver = new Solver(
                    pieces,
                    net,
                    release.stream().mapToInt(r -> r).toArray(),
                    hands,
                    Math.max(0, best.isPresent() ? left : left / A_PART),
                    least,
                    cancelled);
            solver.branch(0, 0, 0, 0);
            bound = Math.min(bound, solver.bound);
            left -= solver.nodes;
            // Where nothing may wait that would have to, there may be a shorter order.
            whole &= !solver.stopped && (mayWait || Arrays.stream(solver.waits).allMatch(wait -> wait == FAR));
            if (solver.bestStart.length == pieces.size()) {
                best = Optional.of(solver);
                least = solver.bestMinutes;
            }
            for (int i = 0; mayWait && i < pieces.size(); i++) {
                if (solver.waits[i] < FAR) {
                    int[] later = release.stream().mapToInt(r -> r).toArray();
                    later[i] = solver.waits[i];
                    waiting(pieces, later, Math.min(horizon, least - 1))
                            .filter(seen::add)
                            .ifPresent(open::add);
                }
            }
        }
        boolean all = whole;
        // Waiting only adds: no order is shorter than what the pieces as they are ask for.
        int atLeast = bound;
        return best.map(found -> new Order(
                found.bestStart,
                found.bestPerson,
                found.bestMinutes,
                all ? found.bestMinutes : Math.min(atLeast, found.bestMinutes),
                all));
    }

    /**
     * An order that was found elsewhere, held against what no order can beat.
     *
     * @param start minute of each piece
     * @param person who does it, 1 and more
     */
    static Order given(List<Activity> pieces, int hands, int[] start, int[] person) {
        int minutes = 0;
        for (int i = 0; i < start.length; i++) {
            minutes = Math.max(minutes, start[i] + pieces.get(i).minutes());
        }
        int bound = Math.min(
                minutes, new Solver(pieces, new Net(pieces), releases(pieces), hands, 0, FAR, () -> false).bound);
        return new Order(start, person, minutes, bound, bound == minutes);
    }

    /**
     * What these releases force by the lags alone, both ways.
     *
     * @return none if something could not end by the horizon
     */
    private static Optional<List<Integer>> waiting(List<Activity> pieces, int[] from, int horizon) {
        int[] release = from.clone();
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int i = 0; i < release.length; i++) {
                for (Activity.Lag lag : pieces.get(i).lags()) {
                    int gap = lag.fromEnd() ? pieces.get(lag.of()).minutes() : 0;
                    if (release[i] < release[lag.of()] + gap + lag.least()) {
                        release[i] = release[lag.of()] + gap + lag.least();
                        moved = true;
                    }
                    boolean hard =
                            lag.most() < Activity.Lag.NO_END && !pieces.get(i).soft();
                    if (hard && release[lag.of()] < release[i] - gap - lag.most()) {
                        release[lag.of()] = release[i] - gap - lag.most();
                        moved = true;
                    }
                }
                if (release[i] + pieces.get(i).minutes() > horizon) {
                    return Optional.empty();
                }
            }
        }
        return Optional.of(Arrays.stream(release).boxed().toList());
    }

    /** The shortest order never idles but for a lag or a release, so it ends by then. */
    private static int horizon(List<Activity> pieces) {
        int all = 0;
        int latest = 0;
        for (Activity piece : pieces) {
            all += piece.minutes()
                    + piece.lags().stream().mapToInt(Activity.Lag::least).max().orElse(0);
            latest = Math.max(latest, piece.release());
        }
        return latest + all;
    }

    private static int[] releases(List<Activity> pieces) {
        return pieces.stream().mapToInt(Activity::release).toArray();
    }

    /** From the start of each to the end of all, as the lags alone force it. */
    private static int[] tails(List<Activity> pieces) {
        int[] tail = new int[pieces.size()];
        for (int i = pieces.size() - 1; i >= 0; i--) {
            tail[i] = Math.max(tail[i], pieces.get(i).minutes());
            for (Activity.Lag lag : pieces.get(i).lags()) {
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
            earliest[i] = release[i];
            for (Activity.Lag lag : pieces.get(i).lags()) {
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
            if (pieces.get(i).use() == Activity.Use.ON_HEAD) {
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

    /** The lags of all pieces as figures from the start of the other, for the inner loops. */
    private static final class Net {
        final int[][] of;
        final int[][] soonest;

        /** Of those that have a last moment. */
        final int[][] windowOf;

        final int[][] latest;

        Net(List<Activity> pieces) {
            int n = pieces.size();
            of = new int[n][];
            soonest = new int[n][];
            windowOf = new int[n][];
            latest = new int[n][];
            for (int i = 0; i < n; i++) {
                List<Activity.Lag> lags = pieces.get(i).lags();
                List<Activity.Lag> windows = lags.stream()
                        .filter(lag -> lag.most() < Activity.Lag.NO_END)
                        .toList();
                of[i] = lags.stream().mapToInt(Activity.Lag::of).toArray();
                soonest[i] = lags.stream()
                        .mapToInt(lag -> gap(lag, pieces) + lag.least())
                        .toArray();
                windowOf[i] = windows.stream().mapToInt(Activity.Lag::of).toArray();
                latest[i] = windows.stream()
                        .mapToInt(lag -> gap(lag, pieces) + lag.most())
                        .toArray();
            }
        }

        private static int gap(Activity.Lag lag, List<Activity> pieces) {
            return lag.fromEnd() ? pieces.get(lag.of()).minutes() : 0;
        }
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
            Activity piece = pieces.get(choice.piece);
            int end = choice.start + piece.minutes();
            // Starts only grow: whoever's last moment has passed can never be placed.
            boolean late = (choice.start > choice.deadline && !piece.soft()) || choice.start > tightest;
            if (late) {
                if (!piece.soft()) {
                    tooEarly(choice.piece, choice.start);
                }
                for (int i : windowed) {
                    if (!placed[i]) {
                        tooEarly(i, choice.start);
                    }
                }
            }
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
            boolean whole = piece.use() == Activity.Use.WHOLE_HEAD;
            boolean head = piece.use() != Activity.Use.ASIDE;
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
        boolean any = false;
        for (Choice other : choices) {
            if (tooLateFor(chosen, end, other)) {
                // It would begin after its last moment, if only by a minute.
                tooEarly(other.piece, other.deadline + 1);
                any = true;
            }
        }
        return any;
    }

    /** A piece cannot begin before this minute: whatever its windows hang on would have had to wait for it. */
    private void tooEarly(int piece, int from) {
        int[] of = net.windowOf[piece];
        int[] latest = net.latest[piece];
        for (int i = 0; i < of.length; i++) {
            int other = of[i];
            if (placed[other] && from - latest[i] > start[other]) {
                waits[other] = Math.min(waits[other], from - latest[i]);
            }
        }
    }

    /** Whether what could begin now as well would miss its last moment behind this. */
    private boolean tooLateFor(Choice chosen, int end, Choice other) {
        if (other.piece == chosen.piece
                || other.deadline >= end
                || pieces.get(other.piece).soft()) {
            return false;
        }
        Activity.Use mine = pieces.get(chosen.piece).use();
        Activity.Use its = pieces.get(other.piece).use();
        boolean headBusy = (mine == Activity.Use.WHOLE_HEAD && its != Activity.Use.ASIDE)
                || (its == Activity.Use.WHOLE_HEAD && mine != Activity.Use.ASIDE);
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
        int[] of = net.windowOf[i];
        int[] latest = net.latest[i];
        for (int k = 0; k < of.length; k++) {
            if (placed[of[k]]) {
                deadline = Math.min(deadline, start[of[k]] + latest[k]);
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
        Activity piece = pieces.get(i);
        int earliest = Math.max(release[i], lastStart);
        int[] of = net.of[i];
        int[] soonest = net.soonest[i];
        for (int k = 0; k < of.length; k++) {
            earliest = Math.max(earliest, start[of[k]] + soonest[k]);
        }
        if (piece.use() == Activity.Use.WHOLE_HEAD) {
            earliest = Math.max(earliest, headEnd);
        } else if (piece.use() == Activity.Use.ON_HEAD) {
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
