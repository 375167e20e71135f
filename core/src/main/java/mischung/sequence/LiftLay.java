package mischung.sequence;

import java.util.List;
import java.util.Map;
import mischung.said.Said;

/**
 * Lightener of one bowl in one stage: in the foils of its sections, beside other bowls, or on the root when those are near.
 *
 * @param bowl its name
 * @param name "bowl A off the scalp"; its tasks are named by it
 * @param what the same, as it is said
 * @param detail said where it is laid
 * @param foils of which sections it lies in
 * @param minutesByZone to lay it by itself, in minutes of one pair of hands; its zones in the order of work
 * @param works minutes it was decided to lift, in each of its layings
 * @param times how often it is laid: afterwards spent product is scraped off and fresh laid into the same foil (R46)
 * @param bowlLife minutes it is good for once mixed
 * @param grams of it for one laying
 * @param root whether it is laid at the scalp, after the lengths are near (R33)
 * @param ramping by zone
 */
record LiftLay(
        String bowl,
        String name,
        Said what,
        List<Said> detail,
        Foils foils,
        Map<Integer, Double> minutesByZone,
        int works,
        int times,
        int bowlLife,
        double grams,
        boolean root,
        Map<Integer, Ramping> ramping)
        implements Applied {
    /** Where lightener lies: one foil takes its section's whole length, whatever number of bowls that asks for (R46). */
    enum Foils {
        /** Sections of all hair. */
        WHOLE,
        /** Woven out of the sections. */
        PIECES,
        /** No foils: laid openly or worked in. */
        NONE
    }

    @Override
    public boolean lifts() {
        return true;
    }

    boolean on(ProductUse.Unit unit) {
        return minutesByZone.containsKey(unit.zone());
    }

    @Override
    public double minutesOn(List<ProductUse.Unit> units) {
        return units.stream()
                .mapToDouble(unit -> minutesByZone.getOrDefault(unit.zone(), 0.0) / unit.of())
                .sum();
    }

    /** To lay all of it once by itself, in minutes of one pair of hands. */
    double laying() {
        return minutesByZone.values().stream().mapToDouble(m -> m).sum();
    }

    /** The same where no lengths are beside it. */
    LiftLay alone() {
        return new LiftLay(
                bowl, name, what, detail, foils, minutesByZone, works, times, bowlLife, grams, false, ramping);
    }

    Ramping ramping(int zone) {
        Ramping found = ramping.get(zone);
        if (found == null) {
            throw new IllegalStateException("Lightener on hair it was not reckoned for");
        }
        return found;
    }
}
