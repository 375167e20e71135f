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
    private final String instead;
    private final Pattern greeting;

    /**
     * @param called "colour reader"
     * @param instead what to do without it, such as "read by eye"
     * @param word it greets with
     */
    LineDevice(int port, Duration patience, String called, String instead, String word, int version) {
        this.port = port;
        this.patience = patience;
        this.called = called;
        this.instead = instead;
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
                    DeviceFault.Kind.SILENT,
                    "The " + called + " is there but says nothing. Switch it off and on again, or " + instead + ".");
        } catch (ConnectException e) {
            throw new DeviceFault(
                    DeviceFault.Kind.ABSENT,
                    "No " + called + " answers at port " + port + " of this machine. Plug it in, or " + instead + ".");
        } catch (IOException e) {
            throw cutOff();
        }
    }

    private DeviceFault cutOff() {
        return new DeviceFault(
                DeviceFault.Kind.UNPLUGGED,
                "The " + called + " was cut off in the middle of a reading. Plug it in and go on, or " + instead + ".");
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
                ? new DeviceFault(DeviceFault.Kind.REFUSED, "The " + called + " says: " + line.substring(4))
                : garbled(line);
    }

    DeviceFault garbled(String line) {
        String shown = line.length() > 40 ? line.substring(0, 40) + "…" : line;
        return new DeviceFault(
                DeviceFault.Kind.GARBLED,
                "What the " + called + " says cannot be understood (“" + shown.replaceAll("\\p{Cntrl}", "?")
                        + "”). Switch it off and on again, or " + instead + ".");
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
