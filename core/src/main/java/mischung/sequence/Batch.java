package mischung.sequence;

import java.util.List;
import mischung.hair.ZonePlace;

/**
 * What is mixed at one time of one bowl.
 *
 * @param bowl its name
 * @param number 1 and more within its bowl
 * @param volume of its developer; a ramp strengthens it from batch to batch (R42)
 * @param share of the bowl, 0–1; the batches of a bowl make 1
 * @param mixMinute when it is mixed, in minutes of the visit
 * @param person who mixes it
 * @param laidBy when the last of it is on the hair
 * @param freshUntil laid later it would be spent
 */
public record Batch(
        String bowl,
        int number,
        int visit,
        int step,
        double volume,
        double share,
        int mixMinute,
        int person,
        int laidBy,
        int freshUntil,
        List<ZonePlace> zones) {
    public Batch {
        zones = List.copyOf(zones);
    }

    /** As a part of a whole; {@code share} so far was in its unit. */
    Batch of(int count, double all) {
        return new Batch(bowl, count, visit, step, volume, share / all, mixMinute, person, laidBy, freshUntil, zones);
    }

    /**
     * Whole grams for each of several batches, by their shares; together exactly the whole (largest remainders).
     *
     * @param shares of the whole, together 1
     */
    public static int[] split(int grams, double[] shares) {
        int[] parts = new int[shares.length];
        double[] rest = new double[shares.length];
        int left = grams;
        for (int i = 0; i < shares.length; i++) {
            parts[i] = (int) Math.floor(grams * shares[i] + 1e-9);
            rest[i] = grams * shares[i] - parts[i];
            left -= parts[i];
        }
        for (; left > 0; left--) {
            int most = 0;
            for (int i = 1; i < rest.length; i++) {
                if (rest[i] > rest[most]) {
                    most = i;
                }
            }
            parts[most]++;
            rest[most] -= 1;
        }
        return parts;
    }
}
