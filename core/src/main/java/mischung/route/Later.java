package mischung.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.hair.Look;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.history.History;
import mischung.plan.Plan;
import mischung.process.Factors;
import mischung.process.Washing;

/**
 * How the head looks some weeks after the last visit: what washes out, and what has grown.
 *
 * @param weeks after the last visit
 * @param grownCm of new hair at the scalp
 * @param zones one for each zone of the head, in its order
 */
public record Later(int weeks, double grownCm, List<Strand> zones) {
    private static final double DAYS_A_MONTH = 365.25 / 12;

    public Later {
        zones = List.copyOf(zones);
    }

    /**
     * One zone's hair by then.
     *
     * @param grown how new hair looks; empty where nobody has read how it grows
     * @param bands of the head as it is worked
     */
    public record Strand(Optional<Look> grown, List<Look> bands) {
        public Strand {
            bands = List.copyOf(bands);
        }
    }

    /** At each of {@link Promise#WEEKS}. */
    public static List<Later> of(Plan plan, History history) {
        return Promise.WEEKS.stream().map(weeks -> at(plan, history, weeks)).toList();
    }

    private static Later at(Plan plan, History history, int weeks) {
        Washing washing = Washing.times(weeks * history.washesPerWeek());
        List<Strand> zones = new ArrayList<>();
        for (int zone = 0; zone < plan.head().zones().size(); zone++) {
            List<Look> bands = new ArrayList<>();
            for (int band = 0; band < plan.head().zones().get(zone).size(); band++) {
                bands.add(washing.on(plan.end(new BandRef(zone, band)).hair().canvas(), Factors.AVERAGE)
                        .look());
            }
            zones.add(new Strand(grown(plan.head().read(), zone), bands));
        }
        return new Later(weeks, history.growth().usual() * weeks * 7 / DAYS_A_MONTH, zones);
    }

    private static Optional<Look> grown(Head read, int zone) {
        Band root = read.zones().get(zone).strand().bands().get(0);
        if (root.kind() == BandKind.NATURAL) {
            return Optional.of(Reading.canvasOf(root, read.thickness()).look());
        }
        return read.grown().isEmpty()
                ? Optional.empty()
                : Optional.of(Reading.canvasOf(
                                new Band(
                                        0,
                                        1,
                                        BandKind.NATURAL,
                                        read.grown().getAsDouble(),
                                        Tone.NATURAL,
                                        Porosity.NORMAL,
                                        root.greyShare()),
                                read.thickness())
                        .look());
    }
}
