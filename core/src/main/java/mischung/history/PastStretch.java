package mischung.history;

import java.util.List;
import java.util.Optional;
import mischung.Constants;
import mischung.hair.ToneMix;

/** A stretch between two neighbouring lines, with all that went on it, oldest first. */
record PastStretch(Border from, Border to, List<Event> events) {
    private static final Constants FIGURES = Constants.in("history");

    /** A shade as it was laid. */
    private record Colour(Service service, double level, ToneMix tones) {}

    double lengthCm() {
        return to.cm() - from.cm();
    }

    boolean untouched() {
        return events.isEmpty();
    }

    double layers() {
        return layersOf(events);
    }

    /** Layers of oxidative colour; woven pieces count by their share, and a remover leaves a part. */
    static double layersOf(List<Event> events) {
        double count = 0;
        for (Event event : events) {
            if (event.service().family() == Service.Family.OXIDATIVE) {
                count += event.taken();
            } else if (event.service() == Service.REMOVER) {
                count *= FIGURES.of("layers a remover leaves");
            }
        }
        return count;
    }

    /** How often it was lightened, woven pieces by their share. */
    double lightened() {
        return events.stream()
                .filter(e -> e.service() == Service.LIGHTENER)
                .mapToDouble(Event::taken)
                .sum();
    }

    /** Whether both would be treated alike: lightened alike, in the same shade, and about as often. */
    boolean alike(PastStretch other) {
        return step() == other.step()
                && Math.rint(2 * lightened()) == Math.rint(2 * other.lightened())
                && lastColour().equals(other.lastColour());
    }

    /** Layers are told apart as none, one, two or three, four to six, and more. */
    private int step() {
        double layers = layers();
        return layers < 0.5 ? 0 : layers < 1.5 ? 1 : layers < 3.5 ? 2 : layers < 6.5 ? 3 : 4;
    }

    /** How much is given up by joining them; most across the line between coloured and uncoloured hair. */
    double unlike(PastStretch other) {
        boolean across = step() == 0 ^ other.step() == 0;
        return Math.abs(layers() - other.layers()) + (across ? History.MOST_EVENTS : 0);
    }

    private Optional<Colour> lastColour() {
        return events.stream()
                .filter(e -> e.service().colours())
                .reduce((earlier, later) -> later)
                .map(e -> new Colour(e.service(), e.level(), e.tones()));
    }

    /** With the piece below it, as one with the past of the longer. */
    PastStretch joined(PastStretch below) {
        return new PastStretch(from, below.to, lengthCm() >= below.lengthCm() ? events : below.events);
    }
}
