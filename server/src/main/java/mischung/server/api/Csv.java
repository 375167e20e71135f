package mischung.server.api;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mischung.said.RefusedInput;
import mischung.server.words.ProblemMessage;
import org.apache.commons.csv.CSVPrinter;

/**
 * Comma-separated cells that no spreadsheet takes for a formula: text that begins like one gets an apostrophe before it (OWASP,
 * CSV Injection), which reading takes away again.
 */
final class Csv {
    private static final String FORMULA = "=+-@\t\r";
    private static final String MARK = "'";

    private Csv() {}

    static void print(CSVPrinter csv, Object... cells) throws IOException {
        print(csv, Arrays.asList(cells));
    }

    static void print(CSVPrinter csv, List<?> cells) throws IOException {
        List<Object> safe = new ArrayList<>();
        for (Object cell : cells) {
            safe.add(cell instanceof CharSequence text ? safe(text.toString()) : cell);
        }
        csv.printRecord(safe);
    }

    static String safe(String cell) {
        return begins(cell) ? MARK + cell : cell;
    }

    /** As it was before it was made safe. */
    static String read(String cell) {
        return cell.startsWith(MARK) && begins(cell.substring(1)) ? cell.substring(1) : cell;
    }

    /** @throws RefusedInput unless it is text in UTF-8 */
    static String text(byte[] file) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException wrong) {
            throw new RefusedInput("file", "", ProblemMessage.SAVE_AS_UTF8);
        }
    }

    private static boolean begins(String cell) {
        return !cell.isEmpty() && FORMULA.indexOf(cell.charAt(0)) >= 0;
    }
}
