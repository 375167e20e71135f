package mischung.hair;

import java.util.List;
import java.util.OptionalDouble;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/** One zone's hair from scalp (0 cm) to ends: bands that follow one another without gap or overlap. */
public record Strand(List<Band> bands) {
    public static final int MOST_BANDS = 20;

    /** Borders this close count as the same border. */
    private static final double SAME_CM = 1e-6;

    public Strand {
        bands = List.copyOf(bands);
        if (bands.isEmpty() || bands.size() > MOST_BANDS) {
            throw new RefusedInput("bands", bands.size(), RefusedInput.fromTo(1, MOST_BANDS));
        }
        double reached = 0;
        for (int i = 0; i < bands.size(); i++) {
            double from = bands.get(i).fromCm();
            if (from < reached - SAME_CM) {
                throw new RefusedInput(
                        "bands[" + i + "].fromCm",
                        from,
                        RefusalMessage.OVERLAPS.say().count("cm", reached).said());
            }
            if (from > reached + SAME_CM) {
                throw new RefusedInput(
                        "bands[" + i + "].fromCm",
                        from,
                        RefusalMessage.GAP
                                .say()
                                .count("from", reached)
                                .count("to", from)
                                .said());
            }
            reached = bands.get(i).toCm();
        }
    }

    /** Level its hair grows at, where a natural stretch of it was read. */
    public OptionalDouble grown() {
        return bands.stream()
                .filter(band -> band.kind() == BandKind.NATURAL)
                .mapToDouble(Band::level)
                .findFirst();
    }

    public double lengthCm() {
        return bands.get(bands.size() - 1).toCm();
    }
}
