package mischung.server.device;

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
import mischung.said.Saying;
import mischung.server.words.ProblemMessage;

/**
 * A device at a port of this machine that is spoken to in lines: it greets first with its word, the protocol's version and its
 * name, then answers one line to each line. The connection is opened for each talk, so that a device that was unplugged is
 * there again as soon as it is plugged in.
 */
final class LineDevice {
    static final int LONGEST_LINE = 200;

    private final int port;
    private final Duration patience;
    private final String called;
    private final Pattern greeting;

    /**
     * @param called as the messages' cases are: "scale", "reader"
     * @param word it greets with
     */
    LineDevice(int port, Duration patience, String called, String word, int version) {
        this.port = port;
        this.patience = patience;
        this.called = called;
        this.greeting = Pattern.compile(word + " " + version + " (.{1,60})");
    }

    interface Talk<T> {
        T with(Line line, String name) throws DeviceFault, IOException;
    }

    <T> T spoken(Talk<T> talk) throws DeviceFault {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), (int) patience.toMillis());
            socket.setSoTimeout((int) patience.toMillis());
            Line line = new Line(socket);
            return talk.with(line, greeted(line.read()));
        } catch (SocketTimeoutException e) {
            throw new DeviceFault(
                    DeviceFault.Kind.SILENT, of(ProblemMessage.DEVICE_SILENT).said());
        } catch (ConnectException e) {
            throw new DeviceFault(
                    DeviceFault.Kind.ABSENT,
                    of(ProblemMessage.DEVICE_ABSENT)
                            .typed("port", Integer.toString(port))
                            .said());
        } catch (IOException e) {
            throw cutOff();
        }
    }

    private DeviceFault cutOff() {
        return new DeviceFault(
                DeviceFault.Kind.UNPLUGGED, of(ProblemMessage.DEVICE_UNPLUGGED).said());
    }

    private String greeted(String line) throws DeviceFault {
        Matcher said = greeting.matcher(line);
        if (!said.matches()) {
            throw garbled(line);
        }
        return said.group(1);
    }

    DeviceFault refusalOrGarble(String line) {
        return line.startsWith("ERR ")
                ? new DeviceFault(
                        DeviceFault.Kind.REFUSED,
                        of(ProblemMessage.DEVICE_REFUSED)
                                .typed("words", line.substring(4))
                                .said())
                : garbled(line);
    }

    DeviceFault garbled(String line) {
        String shown = line.length() > 40 ? line.substring(0, 40) + "…" : line;
        return new DeviceFault(
                DeviceFault.Kind.GARBLED,
                of(ProblemMessage.DEVICE_GARBLED)
                        .typed("words", shown.replaceAll("\\p{Cntrl}", "?"))
                        .said());
    }

    private Saying of(ProblemMessage message) {
        return message.say().in("device", called);
    }

    /** Lines of at most 200 bytes, both ways. */
    final class Line {
        private final Socket socket;
        private final InputStream in;

        private Line(Socket socket) throws IOException {
            this.socket = socket;
            this.in = socket.getInputStream();
        }

        String ask(String words) throws IOException, DeviceFault {
            socket.getOutputStream().write((words + "\n").getBytes(StandardCharsets.UTF_8));
            socket.getOutputStream().flush();
            return read();
        }

        private String read() throws IOException, DeviceFault {
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
