package mischung.sequence;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import mischung.DataFile;
import mischung.hair.Density;
import mischung.hair.ZonePlace;
import mischung.plan.LiftWay;
import mischung.product.HairAmount;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.wish.WorkedHead;

/**
 * How long things take in this house: the figures that ship, those the house has set, and what the log of past work
 * corrects them by.
 *
 * @param figures every figure by its name, in the unit {@code durations.csv} gives
 * @param factors by kind of task: how much longer it really took, 1 as planned
 */
public record Durations(Map<String, Double> figures, Map<Task.Kind, Double> factors) {
    private static final DataFile TABLE = DataFile.of(Durations.class, "durations.csv");
    private static final Map<String, Double> SHIPPED = TABLE.figures();
    private static final double LONGEST = 600;

    public static final Durations USUAL = new Durations(Map.of(), Map.of());

    public Durations {
        Map<String, Double> all = new HashMap<>(SHIPPED);
        figures.forEach((name, value) -> {
            if (!SHIPPED.containsKey(name)) {
                throw new RefusedInput(
                        "durations",
                        name,
                        RefusalMessage.NO_SUCH_FIGURE
                                .say()
                                .typed("names", String.join(", ", names()))
                                .said());
            }
            all.put(name, RefusedInput.within(name, value, 0.1, LONGEST, Unit.NONE));
        });
        figures = Map.copyOf(all);
        factors = Map.copyOf(factors);
    }

    public static Set<String> names() {
        return new TreeSet<>(SHIPPED.keySet());
    }

    /** "min", "s a foil" … */
    public static String unit(String name) {
        for (int row = 0; row < TABLE.size(); row++) {
            if (TABLE.text(row, "name").equals(name)) {
                return TABLE.text(row, "unit");
            }
        }
        throw new IllegalArgumentException("No such figure: " + name);
    }

    public static double shipped(String name) {
        return SHIPPED.getOrDefault(name, Double.NaN);
    }

    public double of(String name) {
        Double value = figures.get(name);
        if (value == null) {
            throw new IllegalStateException("durations.csv lacks " + name);
        }
        return value;
    }

    /** Whole minutes, at least one, corrected by the log. */
    int minutes(String name, Task.Kind kind) {
        return whole(of(name), kind);
    }

    int whole(double minutes, Task.Kind kind) {
        return Math.max(1, (int) Math.round(minutes * factors.getOrDefault(kind, 1.0)));
    }

    /** Foils of all hair of one zone, by its size and the thickness of the sections (R41). */
    double foils(WorkedHead head, int zone, double sectionMm) {
        return of("foils of a full head") * share(head, zone) * of("fine section") / sectionMm;
    }

    /** Minutes to foil the hair of one zone. */
    double foiling(WorkedHead head, int zone, LiftWay way, double shareOfHair) {
        return foiling(foils(head, zone, way.sectionMm()) * shareOfHair);
    }

    /** Minutes to lay so many foils. */
    double foiling(double foils) {
        return foils * of("seconds a foil") / 60 * factors.getOrDefault(Task.Kind.APPLY, 1.0);
    }

    /** Minutes to lay product openly on so many centimetres of the strands of one zone. */
    double laying(WorkedHead head, int zone, double cm) {
        double sections = of("sections of a full head") * share(head, zone);
        return sections
                * (of("seconds a section") + of("seconds a centimetre") * cm)
                / 60
                * factors.getOrDefault(Task.Kind.APPLY, 1.0);
    }

    /** Minutes less to lay product openly on a share of the hair of a zone whose sections were parted before. */
    double partedAlready(WorkedHead head, int zone, double shareOfHair) {
        double seconds = Math.max(0, of("seconds a section") - of("seconds a section again"));
        return shareOfHair
                * of("sections of a full head")
                * share(head, zone)
                * seconds
                / 60
                * factors.getOrDefault(Task.Kind.APPLY, 1.0);
    }

    private double share(WorkedHead head, int zone) {
        double byDensity = byDensity(head.read().density());
        return HairAmount.share(head.read(), head.read().zones().get(zone)) * byDensity;
    }

    int drying(WorkedHead head) {
        return whole(of("dry") * byDensity(head.read().density()), Task.Kind.DRY);
    }

    private static double byDensity(Density density) {
        return switch (density) {
            case THIN -> 0.8;
            case NORMAL -> 1;
            case DENSE -> 1.25;
        };
    }

    /** From the back forwards; the fragile hairline last (R40). */
    static int backFirst(ZonePlace place) {
        return switch (place) {
            case NAPE, NAPE_LEFT -> 0;
            case NAPE_RIGHT -> 1;
            case BACK, BACK_LEFT -> 2;
            case BACK_RIGHT -> 3;
            case CROWN, CROWN_LEFT -> 4;
            case CROWN_RIGHT -> 5;
            case PARTING -> 6;
            case SIDES, SIDE_LEFT -> 7;
            case SIDE_RIGHT -> 8;
            case FRINGE, FRINGE_LEFT -> 9;
            case FRINGE_RIGHT -> 10;
            case HAIRLINE -> 11;
        };
    }
}
