package mischung;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** The figures of {@code constants.csv}, the one place where the model's numbers stand, each with unit and source. */
public final class Constants {
    private static final DataFile FILE = DataFile.of(Constants.class, "constants.csv");

    private final String group;
    private final Map<String, Double> figures = new HashMap<>();

    private Constants(String group) {
        this.group = group;
        for (int row = 0; row < FILE.size(); row++) {
            if (FILE.text(row, "group").equals(group)) {
                figures.put(FILE.text(row, "name"), FILE.number(row, "value"));
            }
        }
    }

    /** The figures of one part of the model, such as {@code lift}. */
    public static Constants in(String group) {
        return new Constants(group);
    }

    public double of(String name) {
        Double figure = figures.get(name);
        if (figure == null) {
            throw new IllegalStateException("constants.csv lacks " + name + " in " + group);
        }
        return figure;
    }

    /** One line of the file. */
    public record Line(String group, String name, double value, String unit, String source) {}

    /** The whole file in its own order, to be shown. */
    public static List<Line> all() {
        return IntStream.range(0, FILE.size())
                .mapToObj(row -> new Line(
                        FILE.text(row, "group"),
                        FILE.text(row, "name"),
                        FILE.number(row, "value"),
                        FILE.text(row, "unit"),
                        FILE.text(row, "source")))
                .toList();
    }
}
