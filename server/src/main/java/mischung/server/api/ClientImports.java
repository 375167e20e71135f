package mischung.server.api;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.server.store.ClientStore;
import mischung.server.words.ProblemMessage;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Clients from a comma-separated file in UTF-8 whose first line names the columns {@code name} and, if wished, {@code note}. Looked
 * at before anybody is taken over, and then all or nobody.
 */
final class ClientImports {
    static final int MOST_LINES = 20_000;
    private static final String NAME = "name";
    private static final String NOTE = "note";

    private ClientImports() {}

    /** What a line comes to. */
    enum Outcome {
        /** A client nobody here knows by that name. */
        NEW,
        /** A name that is known here, or stood in the file before; not taken over once more. */
        KNOWN,
        /** Cannot be a client's. */
        WRONG
    }

    /**
     * A line of the file.
     *
     * @param line its number; the last one of it where a cell holds a break
     * @param remedy what to do about a wrong one
     */
    record Line(long line, String name, String note, Outcome outcome, Optional<Said> remedy) {}

    /** @throws RefusedInput unless it is such a file with at least one line */
    static List<Line> read(byte[] file, ClientStore clients) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<Line> lines = new ArrayList<>();
        Set<String> before = new HashSet<>(clients.names());
        try (CSVParser rows = format.parse(new StringReader(Csv.text(file).replace("\uFEFF", "")))) {
            List<String> columns = rows.getHeaderNames();
            if (!columns.contains(NAME) || !Set.of(NAME, NOTE).containsAll(columns)) {
                throw new RefusedInput("file", String.join(", ", columns), ProblemMessage.COLUMNS_OF_CLIENTS);
            }
            for (CSVRecord row : rows) {
                if (lines.size() == MOST_LINES) {
                    throw new RefusedInput(
                            "file",
                            MOST_LINES,
                            ProblemMessage.LINES_OF_CLIENTS
                                    .say()
                                    .count("most", MOST_LINES)
                                    .said());
                }
                lines.add(line(rows.getCurrentLineNumber(), row, before));
            }
        } catch (CSVException | IllegalArgumentException | UncheckedIOException broken) {
            throw new RefusedInput("file", "", ProblemMessage.COLUMNS_OF_CLIENTS);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (lines.isEmpty()) {
            throw new RefusedInput("file", "", ProblemMessage.NOBODY_IN_FILE);
        }
        return lines;
    }

    private static Line line(long number, CSVRecord row, Set<String> before) {
        String name = Csv.read(row.get(NAME));
        String note = row.isSet(NOTE) ? Csv.read(row.get(NOTE)) : "";
        try {
            String kept = ClientStore.checkedName(NAME, name);
            String noted = ClientStore.checkedNote(note);
            boolean isNew = before.add(kept.toLowerCase(Locale.ROOT));
            return new Line(number, kept, noted, isNew ? Outcome.NEW : Outcome.KNOWN, Optional.empty());
        } catch (RefusedInput wrong) {
            return new Line(number, name, note, Outcome.WRONG, Optional.of(wrong.remedy()));
        }
    }
}
