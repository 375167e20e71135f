package mischung.product;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import mischung.DataFile;
import mischung.hair.Tone;

/** The shades and developers that can be mixed from. */
public record ProductRange(String name, List<Shade> shades, List<Developer> developers) {
    public ProductRange {
        shades = List.copyOf(shades);
        developers = List.copyOf(developers);
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

    /** Without shades that are out or not wanted, by their codes. */
    public ProductRange without(Set<String> codes) {
        return codes.isEmpty()
                ? this
                : new ProductRange(
                        name,
                        shades.stream().filter(s -> !codes.contains(s.code())).toList(),
                        developers);
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
        return new ProductRange("Demonstration range", shades, developers);
    }
}
