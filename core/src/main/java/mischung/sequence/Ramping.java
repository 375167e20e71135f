package mischung.sequence;

import java.util.HashMap;
import java.util.Map;
import mischung.change.Lightening;
import mischung.change.Place;
import mischung.hair.Canvas;
import mischung.plan.Laying;

/** How fast a laying of lightener comes to its goal with other developers than its own: what a ramp is computed from (R42). */
final class Ramping {
    private static final double HALF_A_LEVEL = 0.5;

    /** Nobody rinses to the minute. */
    private static final int LEAST_WINDOW = 5;

    private static final double TWO_LEVELS = 2;

    private final Laying laying;
    private final Place place;
    private final Canvas canvas;
    private final double goal;
    private final int longest;
    private final Map<Double, Integer> toGoal = new HashMap<>();
    private final Map<Double, Integer> tooLong = new HashMap<>();

    /**
     * @param place of the hair it goes on
     * @param canvas what that hair is before
     * @param longest minutes past which it is spent
     */
    Ramping(Laying laying, Place place, Canvas canvas, int longest) {
        this.laying = laying;
        this.place = place;
        this.longest = longest;
        Canvas start = canvas;
        for (int i = 1; i < laying.times(); i++) {
            start = lightening(laying.volume(), laying.minutes()).on(start);
        }
        this.canvas = start;
        this.goal = level(laying.volume(), laying.minutes());
    }

    private Lightening lightening(double volume, double minutes) {
        return laying.lightening(place, volume, minutes);
    }

    double ownVolume() {
        return laying.volume();
    }

    double level(double volume, double minutes) {
        return lightening(volume, minutes).on(canvas).level();
    }

    /** Whole minutes to the goal; one more than the longest if it is not reached by then. */
    int toGoal(double volume) {
        return volume == laying.volume()
                ? (int) Math.round(laying.minutes())
                : toGoal.computeIfAbsent(volume, v -> until(v, goal));
    }

    /** Until it is half a level past the goal, or spent. */
    int tooLong(double volume) {
        Integer known = tooLong.get(volume);
        if (known == null) {
            known = Math.min(longest, Math.max(toGoal(volume) + LEAST_WINDOW, until(volume, goal + HALF_A_LEVEL)));
            tooLong.put(volume, known);
        }
        return known;
    }

    /** R33: until it is within two levels of the goal. */
    int near(double volume) {
        return until(volume, goal - TWO_LEVELS);
    }

    private int until(double volume, double level) {
        int from = -1;
        int to = longest + 1;
        while (to - from > 1) {
            int middle = (from + to) / 2;
            if (level(volume, middle) >= level - 1e-6) {
                to = middle;
            } else {
                from = middle;
            }
        }
        return to;
    }
}
