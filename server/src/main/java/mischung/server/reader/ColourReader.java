package mischung.server.reader;

import java.io.IOException;
import java.io.InputStream;
import java.net.ConnectException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mischung.RefusedInput;
import mischung.hair.Measured;
import mischung.light.Lab;

/**
 * Speaks to a colour reader on this machine, by the protocol of {@code docs/reader.md}: one line each way, over a local
 * connection that is opened for each reading, so that a reader that was unplugged is there again as soon as it is plugged in.
 */
public final class ColourReader {
    /** The protocol's version. */
    static final int VERSION = 1;

    static final int LONGEST_LINE = 200;
    private static final Pattern GREETING = Pattern.compile("READER (\\d+) (.{1,60})");
    private static final String NUMBER = "(-?\\d{1,3}(?:\\.\\d{1,6})?)";
    private static final Pattern READING =
            Pattern.compile("LAB " + NUMBER + " " + NUMBER + " " + NUMBER + " SPREAD " + NUMBER);

    private final int port;
    private final Duration patience;

    /** @param port on this machine */
    public ColourReader(int port, Duration patience) {
        this.port = port;
        this.patience = patience;
    }

    /** What the reader calls itself. */
    public String name() throws ReaderFault {
        return spoken((line, first) -> first);
    }

    /** One measurement of whatever is in front of it. */
    public Measured read() throws ReaderFault {
        return spoken((line, first) -> measured(line.ask("READ")));
    }

    /**
     * One measurement by the stand-in, which cannot see and has to be told where it is held.
     *
     * @param where {@code client/PLACE/cm}
     */
    public Measured readAt(String where) throws ReaderFault {
        return spoken((line, first) -> {
            String held = line.ask("HOLD " + where.replaceAll("\\p{Cntrl}", " "));
            if (!held.equals("OK")) {
                throw refusalOrGarble(held);
            }
            return measured(line.ask("READ"));
        });
    }

    private interface Talk<T> {
        T with(Line line, String name) throws ReaderFault, IOException;
    }

    private <T> T spoken(Talk<T> talk) throws ReaderFault {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), (int) patience.toMillis());
            socket.setSoTimeout((int) patience.toMillis());
            Line line = new Line(socket);
            return talk.with(line, greeted(line.read()));
        } catch (SocketTimeoutException e) {
            throw new ReaderFault(
                    ReaderFault.Kind.SILENT,
                    "The colour reader is there but says nothing. Switch it off and on again, or read by eye.");
        } catch (ConnectException e) {
            throw new ReaderFault(
                    ReaderFault.Kind.ABSENT,
                    "No colour reader answers at port " + port + " of this machine. Plug it in, or read by eye.");
        } catch (IOException e) {
            throw cutOff();
        }
    }

    private static ReaderFault cutOff() {
        return new ReaderFault(
                ReaderFault.Kind.UNPLUGGED,
                "The colour reader was cut off in the middle of a reading. Plug it in and read again, or read by eye.");
    }

    private static String greeted(String line) throws ReaderFault {
        Matcher greeting = GREETING.matcher(line);
        if (!greeting.matches() || Integer.parseInt(greeting.group(1)) != VERSION) {
            throw garbled(line);
        }
        return greeting.group(2);
    }

    private static Measured measured(String line) throws ReaderFault {
        Matcher reading = READING.matcher(line);
        if (!reading.matches()) {
            throw refusalOrGarble(line);
        }
        try {
            Lab lab = Lab.d65(number(reading, 1), number(reading, 2), number(reading, 3));
            return new Measured(Measured.By.READER, lab, number(reading, 4));
        } catch (RefusedInput e) {
            throw garbled(line);
        }
    }

    private static double number(Matcher reading, int group) {
        return Double.parseDouble(reading.group(group));
    }

    private static ReaderFault refusalOrGarble(String line) {
        return line.startsWith("ERR ")
                ? new ReaderFault(ReaderFault.Kind.REFUSED, "The colour reader says: " + line.substring(4))
                : garbled(line);
    }

    private static ReaderFault garbled(String line) {
        String shown = line.length() > 40 ? line.substring(0, 40) + "…" : line;
        return new ReaderFault(
                ReaderFault.Kind.GARBLED,
                "What the colour reader says cannot be understood (“" + shown.replaceAll("\\p{Cntrl}", "?")
                        + "”). Switch it off and on again, or read by eye.");
    }

    /** Lines of at most 200 bytes, both ways. */
    private static final class Line {
        private final Socket socket;
        private final InputStream in;

        Line(Socket socket) throws IOException {
            this.socket = socket;
            this.in = socket.getInputStream();
        }

        String ask(String words) throws IOException, ReaderFault {
            socket.getOutputStream().write((words + "\n").getBytes(StandardCharsets.UTF_8));
            socket.getOutputStream().flush();
            return read();
        }

        String read() throws IOException, ReaderFault {
            byte[] line = new byte[LONGEST_LINE];
            for (int length = 0; length < line.length; length++) {
                int one = in.read();
                if (one < 0) {
                    throw cutOff();
                }
                if (one == '\n') {
                    return new String(line, 0, length, StandardCharsets.UTF_8).stripTrailing();
                }
                line[length] = (byte) one;
            }
            throw garbled(new String(line, StandardCharsets.UTF_8));
        }
    }
}
