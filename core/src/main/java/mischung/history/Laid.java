package mischung.history;

/**
 * Where an event lies on the strand today, as a function of growth: both ends are straight lines in it, so that the same
 * event can be placed at the least, the usual and the greatest growth.
 */
record Laid(Event event, Line from, Line to) {
    /** {@code cm + months · growth}, kept on the strand. */
    record Line(double cm, double months) {
        double at(double growth, double lengthCm) {
            return Math.max(0, Math.min(lengthCm, cm + months * growth));
        }

        Border border(Growth growth, double lengthCm, double handCm) {
            double nearest = Math.min(at(growth.from(), lengthCm), at(growth.to(), lengthCm));
            double furthest = Math.max(at(growth.from(), lengthCm), at(growth.to(), lengthCm));
            double here = at(growth.usual(), lengthCm);
            boolean end = here <= 0 || here >= lengthCm;
            double hand = end ? 0 : handCm;
            return new Border(
                    here,
                    Math.max(0, Math.min(here, nearest - hand)),
                    Math.min(lengthCm, Math.max(here, furthest + hand)));
        }
    }

    boolean covers(double cm, double growth, double lengthCm) {
        return cm >= from.at(growth, lengthCm) && cm < to.at(growth, lengthCm);
    }
}
