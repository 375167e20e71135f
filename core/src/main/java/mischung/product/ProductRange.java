package mischung.product;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.DataFile;
import mischung.hair.Tone;

/**
 * The shades and developers that can be mixed from.
 *
 * @param setAside shades of the range that are out or not wanted: what a bowl costs in colour is told by them
 * @param lighteners what lifts, the one used first of all first
 * @param habits how the maker wants each class mixed, where that is not as usual
 */
public record ProductRange(
        String name,
        List<Shade> shades,
        List<Developer> developers,
        List<Shade> setAside,
        List<Lightener> lighteners,
        Map<ShadeClass, Habit> habits) {
    private static final Map<ShadeClass, List<ShadeClass>> INSTEAD = Map.of(
            ShadeClass.COVERAGE, List.of(ShadeClass.PERMANENT, ShadeClass.DEMI),
            ShadeClass.PERMANENT, List.of(ShadeClass.COVERAGE, ShadeClass.DEMI, ShadeClass.GLOSS),
            ShadeClass.DEMI, List.of(ShadeClass.GLOSS, ShadeClass.PERMANENT, ShadeClass.COVERAGE),
            ShadeClass.GLOSS, List.of(ShadeClass.DEMI));

    /**
     * How a class of shades is made to be mixed and left.
     *
     * @param ratio weight of developer to one of colour, 0–6
     * @param minutes to its full time, 1–120
     */
    public record Habit(double ratio, double minutes) {
        static Habit usual(ShadeClass of) {
            return new Habit(of.developerPerColour(), of.fullMinutes());
        }
    }

    public ProductRange {
        shades = List.copyOf(shades);
        developers = List.copyOf(developers);
        setAside = List.copyOf(setAside);
        lighteners = List.copyOf(lighteners);
        habits = Map.copyOf(habits);
    }

    public ProductRange(String name, List<Shade> shades, List<Developer> developers) {
        this(name, shades, developers, List.of(), List.of(), Map.of());
    }

    public Habit habit(ShadeClass of) {
        Habit own = habits.get(of);
        return own == null ? Habit.usual(of) : own;
    }

    /** With other habits. */
    public ProductRange with(Map<ShadeClass, Habit> others) {
        return new ProductRange(name, shades, developers, setAside, lighteners, others);
    }

    private static final class Demo {
        private static final ProductRange RANGE = load();
    }

    /** The made-up range that ships with the program. */
    public static ProductRange demo() {
        return Demo.RANGE;
    }

    public List<Shade> of(ShadeClass shadeClass) {
        return shades.stream().filter(shade -> shade.shadeClass() == shadeClass).toList();
    }

    /** What may go into a bowl of the class: its own shades, and those of others whose makers say so. */
    public List<Shade> forBowl(ShadeClass shadeClass) {
        return Stream.concat(
                        of(shadeClass).stream(),
                        shades.stream()
                                .filter(shade -> shade.mixesWith().contains(shadeClass) && !shade.isClear())
                                .map(shade -> shade.in(shadeClass)))
                .toList();
    }

    /** The class itself, or what does nearly the same where the range has none of it; itself if it has nothing at all. */
    public ShadeClass nearest(ShadeClass wanted) {
        return Stream.concat(Stream.of(wanted), INSTEAD.getOrDefault(wanted, List.of()).stream())
                .filter(one -> shades.stream().anyMatch(shade -> shade.shadeClass() == one && !shade.isClear()))
                .findFirst()
                .orElse(wanted);
    }

    /** Without shades that are out or not wanted, by their codes. */
    public ProductRange without(Set<String> codes) {
        if (codes.isEmpty()) {
            return this;
        }
        Map<Boolean, List<Shade>> parted =
                shades.stream().collect(Collectors.partitioningBy(s -> codes.contains(s.code())));
        List<Shade> aside = new ArrayList<>(setAside);
        aside.addAll(parted.getOrDefault(true, List.of()));
        return new ProductRange(name, parted.getOrDefault(false, List.of()), developers, aside, lighteners, habits);
    }

    private static ProductRange load() {
        DataFile lines = DataFile.of(ProductRange.class, "demo-range.csv");
        List<Shade> shades = new ArrayList<>();
        for (int row = 0; row < lines.size(); row++) {
            ShadeClass shadeClass = ShadeClass.valueOf(lines.text(row, "class").toUpperCase(Locale.ROOT));
            String tone = lines.text(row, "tone");
            if (tone.equals("clear")) {
                shades.add(Shade.clear(shadeClass));
            } else {
                for (String level : List.of(lines.text(row, "levels").split(" ", -1))) {
                    shades.add(Shade.derived(shadeClass, Double.parseDouble(level), Tone.named(tone)));
                }
            }
        }
        List<Developer> developers = new ArrayList<>();
        for (double volume : DataFile.of(ProductRange.class, "developers.csv").numbers("volume")) {
            developers.add(new Developer(volume));
        }
        return new ProductRange("Demonstration range", shades, developers, List.of(), Lightener.demo(), Map.of());
    }
}
