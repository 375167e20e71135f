package mischung.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.change.Place;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.plan.Laying;

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

    private record Asked(double volume, List<Integer> minutes) {}

    private final Laying.Lift laying;
    private final Place place;
    private final Reached start;
    private final double goal;
    private final double highest;
    /** A canvas, and its level, which is asked for again and again. */
    private record Reached(Canvas canvas, double level) {
        static Reached of(Canvas canvas) {
            return new Reached(canvas, canvas.level());
        }
    }

    private final Map<Asked, Reached> known = new HashMap<>();

    /**
     * @param laying as it was decided: its volume is the most this hair is given, its times and minutes say what it is to come to
     * @param place of the hair it goes on
     * @param canvas what that hair is before the first laying
     */
    Ramping(Laying.Lift laying, Place place, Canvas canvas) {
        this.laying = laying;
        this.place = place;
        this.start = Reached.of(canvas);
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
        if (minutes.isEmpty()) {
            return start;
        }
        Asked asked = new Asked(volume, minutes);
        Reached found = known.get(asked);
        if (found == null) {
            int last = minutes.size() - 1;
            found = Reached.of(laying.lightening(place, volume, Math.min(FAR, minutes.get(last)))
                    .on(after(volume, minutes.subList(0, last)).canvas));
            known.put(asked, found);
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
        int from = -1;
        int to = most;
        while (to - from > 1) {
            int middle = (from + to) / 2;
            List<Integer> minutes = new ArrayList<>(before);
            minutes.add(middle);
            if (level(volume, List.copyOf(minutes)) >= level - 1e-6) {
                to = middle;
            } else {
                from = middle;
            }
        }
        return to;
    }
}
