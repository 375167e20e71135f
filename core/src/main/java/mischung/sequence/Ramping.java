package mischung.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.plan.Laying;
import mischung.process.Place;

/**
 * Where lightener brings one stretch of hair, with other developers than its own and for the minutes its layings really have:
 * what a stage of foils is decided from (R42, R46, R49).
 */
final class Ramping {
    private static final double HALF_A_LEVEL = 0.5;

    /** R49: strong hair may stay on a level past its goal, where a toner brings it back. */
    private static final double A_LEVEL = 1;

    /** Nearer to the goal nobody sees a difference. */
    private static final double NEARLY = 0.15;

    private static final double TWO_LEVELS = 2;

    /** Longer than anything stays; it is long spent. */
    private static final int FAR = 240;

    private final Laying.Lift laying;
    private final Place place;
    private final Canvas start;
    private final double goal;
    private final double highest;
    /** What each developer makes of it: before its first laying. */
    private final Map<Double, Reached> starts = new HashMap<>();

    /** What hair has come to after some layings, and what any number of minutes of the next makes of it. Asked for again and again. */
    private static final class Reached {
        private final Canvas canvas;
        private final double level;
        private final Map<Integer, Reached> next = new HashMap<>();

        private Reached(Canvas canvas) {
            this.canvas = canvas;
            this.level = canvas.level();
        }
    }

    /**
     * @param laying as it was decided: its volume is the most this hair is given, its times and minutes say what it is to come to
     * @param place of the hair it goes on
     * @param canvas what that hair is before the first laying
     */
    Ramping(Laying.Lift laying, Place place, Canvas canvas) {
        this.laying = laying;
        this.place = place;
        this.start = canvas;
        List<Integer> asDecided = new ArrayList<>();
        for (int i = 0; i < laying.times(); i++) {
            asDecided.add((int) Math.round(laying.minutes()));
        }
        Reached then = after(laying.volume(), asDecided);
        this.goal = then.level;
        boolean strong = then.canvas.fibre().integrity() >= Elasticity.SPRINGS_BACK.from();
        this.highest = goal + (strong ? A_LEVEL : HALF_A_LEVEL);
    }

    double ownVolume() {
        return laying.volume();
    }

    double goal() {
        return goal;
    }

    private Reached after(double volume, List<Integer> minutes) {
        Reached reached = starts.computeIfAbsent(volume, any -> new Reached(start));
        for (int each : minutes) {
            reached = after(volume, reached, each);
        }
        return reached;
    }

    private Reached after(double volume, Reached before, int minutes) {
        Reached found = before.next.get(minutes);
        if (found == null) {
            found = new Reached(
                    laying.lightening(place, volume, Math.min(FAR, minutes)).on(before.canvas));
            before.next.put(minutes, found);
        }
        return found;
    }

    /** @param minutes of each of its layings, one after another */
    double level(double volume, List<Integer> minutes) {
        return after(volume, minutes).level;
    }

    /** Whether it has come to its goal, or so near that nobody sees it. */
    boolean ready(double volume, List<Integer> minutes) {
        return level(volume, minutes) >= goal - NEARLY;
    }

    /** Whole minutes of the last laying to its goal, after {@code before} of the earlier ones; {@code most} if it does not come there. */
    int toGoal(double volume, List<Integer> before, int most) {
        return until(volume, before, goal - NEARLY, most);
    }

    /** Until it is past what it may come to; {@code most} if it never is. */
    int tooLong(double volume, List<Integer> before, int most) {
        return until(volume, before, highest, most);
    }

    /** R33: minutes of the last laying until it is within two levels of the goal. */
    int near(double volume, List<Integer> before) {
        return until(volume, before, goal - TWO_LEVELS, FAR);
    }

    /** R33: whether it is within two levels of its goal after so many minutes. */
    boolean isNear(double volume, List<Integer> minutes) {
        return level(volume, minutes) >= goal - TWO_LEVELS - 1e-6;
    }

    private int until(double volume, List<Integer> before, double level, int most) {
        Reached reached = after(volume, before);
        int from = -1;
        int to = most;
        while (to - from > 1) {
            int middle = (from + to) / 2;
            if (after(volume, reached, middle).level >= level - 1e-6) {
                to = middle;
            } else {
                from = middle;
            }
        }
        return to;
    }
}
