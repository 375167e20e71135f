package mischung;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A table that ships with the core: comma-separated, UTF-8, lines beginning with {@code #} are remarks, the first other
 * line names the columns. Only for the core's own files, which hold no quotes; the last column may hold commas.
 */
public final class DataFile {
    private final String name;
    private final List<String> columns;
    private final List<List<String>> rows;

    private DataFile(String name, List<String> columns, List<List<String>> rows) {
        this.name = name;
        this.columns = columns;
        this.rows = rows;
    }

    /** Reads {@code name} from beside {@code owner}'s class file. */
    public static DataFile of(Class<?> owner, String name) {
        InputStream stream = owner.getResourceAsStream(name);
        if (stream == null) {
            throw new IllegalStateException("The data file " + name + " is missing from the build");
        }
        try (BufferedReader in = new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
            List<List<String>> lines = new ArrayList<>();
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (!line.isBlank() && !line.startsWith("#")) {
                    int width = lines.isEmpty() ? -1 : lines.get(0).size();
                    List<String> cells = new ArrayList<>();
                    for (String cell : line.split(",", width)) {
                        cells.add(cell.strip());
                    }
                    lines.add(List.copyOf(cells));
                }
            }
            return new DataFile(name, lines.get(0), List.copyOf(lines.subList(1, lines.size())));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public int size() {
        return rows.size();
    }

    public String text(int row, String column) {
        int at = columns.indexOf(column);
        if (at < 0) {
            throw new IllegalStateException(name + " has no column " + column);
        }
        return rows.get(row).get(at);
    }

    public double number(int row, String column) {
        return Double.parseDouble(text(row, column));
    }

    public double[] numbers(String column) {
        double[] all = new double[size()];
        for (int row = 0; row < all.length; row++) {
            all[row] = number(row, column);
        }
        return all;
    }

    /** For tables of named figures: column {@code name} to column {@code value}. */
    public Map<String, Double> figures() {
        Map<String, Double> all = new HashMap<>();
        for (int row = 0; row < size(); row++) {
            all.put(text(row, "name"), number(row, "value"));
        }
        return Map.copyOf(all);
    }
}
