package mischung.server.api;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.server.store.ShelfStore;
import mischung.server.words.ProblemMessage;
import mischung.shelf.Item;
import mischung.shelf.ShelfFile;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Files of ranges on their way in: read beside everything else, looked at, then taken over whole or not at all. */
@Component
class ShelfImports {
    private static final Logger LOG = LoggerFactory.getLogger(ShelfImports.class);
    private static final int REMEMBERED = 8;
    private static final int MOST_LINES = 5000;
    private static final int MOST_WRONG = 200;

    /** How far it is. */
    enum State {
        READING,
        READ,
        WRONG,
        TAKEN_OVER
    }

    /** A line that cannot be, by its number in the file. */
    record WrongLine(long line, String column, String value, Said remedy) {}

    /** A line of the file; the last one of it where a cell holds a break. */
    private record Row(long line, CSVRecord record) {}

    /** A file as it is read. */
    static final class Import {
        private final long id;
        private final String range;
        private final int lines;
        private final List<Item> items = new ArrayList<>();
        private final List<WrongLine> wrong = new ArrayList<>();
        private volatile int done;
        private volatile State state = State.READING;

        private Import(long id, String range, int lines) {
            this.id = id;
            this.range = range;
            this.lines = lines;
        }

        long id() {
            return id;
        }

        String range() {
            return range;
        }

        int lines() {
            return lines;
        }

        int done() {
            return done;
        }

        State state() {
            return state;
        }

        /** Only when it is read. */
        List<Item> items() {
            return state == State.READING ? List.of() : items;
        }

        List<WrongLine> wrong() {
            return state == State.READING ? List.of() : wrong;
        }
    }

    private final ShelfStore store;
    private final AtomicLong numbers = new AtomicLong();
    private final Map<Long, Import> known = new LinkedHashMap<>();
    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "reading a range");
        thread.setDaemon(true);
        return thread;
    });

    ShelfImports(ShelfStore store) {
        this.store = store;
    }

    /** @throws RefusedInput if it is no such file at all: without its header, or too long */
    Import begin(String range, String csv) {
        String name = range.strip();
        if (name.isEmpty() || name.length() > 40 || name.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput(
                    "range",
                    range,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 1)
                            .count("most", 40)
                            .said());
        }
        List<Row> records = records(csv);
        Import one = new Import(numbers.incrementAndGet(), name, records.size());
        synchronized (known) {
            known.put(one.id, one);
            if (known.size() > REMEMBERED) {
                known.remove(known.keySet().iterator().next());
            }
        }
        beside.execute(() -> read(one, records));
        return one;
    }

    private static List<Row> records(String csv) {
        String text = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            Set<String> names = new HashSet<>(parser.getHeaderNames());
            for (String column : List.of("kind", "code", "pack_g")) {
                if (!names.contains(column)) {
                    throw new RefusedInput(
                            "header",
                            String.join(",", parser.getHeaderNames()),
                            ProblemMessage.COLUMNS
                                    .say()
                                    .typed("all", String.join(",", ShelfFile.COLUMNS))
                                    .said());
                }
            }
            names.removeAll(ShelfFile.COLUMNS);
            if (!names.isEmpty()) {
                throw new RefusedInput(
                        "header",
                        String.join(",", names),
                        ProblemMessage.NO_SUCH_COLUMNS
                                .say()
                                .typed("all", String.join(",", ShelfFile.COLUMNS))
                                .said());
            }
            List<Row> records = new ArrayList<>();
            for (CSVRecord record : parser) {
                records.add(new Row(parser.getCurrentLineNumber(), record));
            }
            if (records.isEmpty() || records.size() > MOST_LINES) {
                throw new RefusedInput("lines", records.size(), RefusedInput.fromTo(1, MOST_LINES));
            }
            return records;
        } catch (CSVException | IllegalArgumentException | UncheckedIOException broken) {
            if (broken instanceof RefusedInput refused) {
                throw refused;
            }
            throw new RefusedInput("file", String.valueOf(broken.getMessage()), ProblemMessage.NO_CSV);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Lines are read side by side, since deriving a colour takes its time; what one says of another is looked at after. */
    private void read(Import one, List<Row> records) {
        try {
            AtomicInteger done = new AtomicInteger();
            List<ReadLine> lines = records.parallelStream()
                    .map(row -> {
                        ReadLine line = read(one.range, row);
                        one.done = done.incrementAndGet();
                        return line;
                    })
                    .toList();
            one.done = records.size();
            Set<String> elsewhere = new HashSet<>(store.codesBeside(one.range));
            Map<String, Long> here = new HashMap<>();
            for (ReadLine line : lines) {
                Optional<WrongLine> wrong = line.wrong.or(() -> twice(line, here, elsewhere));
                wrong.filter(any -> one.wrong.size() < MOST_WRONG).ifPresent(one.wrong::add);
                if (wrong.isEmpty()) {
                    line.item.ifPresent(one.items::add);
                }
            }
            one.state = one.wrong.isEmpty() ? State.READ : State.WRONG;
        } catch (RuntimeException unforeseen) {
            LOG.error("A range could not be read", unforeseen);
            one.wrong.add(new WrongLine(0, "", "", ProblemMessage.READING_BROKE_OFF.alone()));
            one.state = State.WRONG;
        }
    }

    /** Either a product or what is wrong. */
    private record ReadLine(long line, Optional<Item> item, Optional<WrongLine> wrong) {}

    private static ReadLine read(String range, Row row) {
        CSVRecord record = row.record;
        try {
            if (!record.isConsistent()) {
                throw new RefusedInput("", record.size(), ProblemMessage.CELLS);
            }
            Item item = ShelfFile.read(range, column -> record.isMapped(column) ? Csv.read(record.get(column)) : "");
            return new ReadLine(row.line, Optional.of(item), Optional.empty());
        } catch (RefusedInput wrong) {
            return new ReadLine(
                    row.line,
                    Optional.empty(),
                    Optional.of(new WrongLine(row.line, wrong.field(), wrong.value(), wrong.remedy())));
        }
    }

    private static Optional<WrongLine> twice(ReadLine line, Map<String, Long> here, Set<String> elsewhere) {
        String code = line.item.map(item -> item.product().code()).orElse("");
        Long before = here.putIfAbsent(code, line.line);
        if (before != null) {
            return Optional.of(new WrongLine(
                    line.line,
                    "code",
                    code,
                    ProblemMessage.STANDS_ALREADY.say().count("line", before).said()));
        }
        return elsewhere.contains(code)
                ? Optional.of(new WrongLine(line.line, "code", code, ProblemMessage.CODE_ELSEWHERE.alone()))
                : Optional.empty();
    }

    Import get(long id) {
        synchronized (known) {
            Import one = known.get(id);
            if (one == null) {
                throw new RefusedInput("id", id, ProblemMessage.FILE_FORGOTTEN);
            }
            return one;
        }
    }

    /** All of it in one go. @throws RefusedInput unless it was read without a wrong line */
    Import takeOver(long id) {
        Import one = get(id);
        if (one.state != State.READ) {
            throw new RefusedInput("id", one.wrong.size(), ProblemMessage.ONLY_WHOLE_FILES);
        }
        store.replaceRange(one.range, one.items);
        one.state = State.TAKEN_OVER;
        return one;
    }

    @PreDestroy
    void end() {
        beside.shutdownNow();
    }
}
