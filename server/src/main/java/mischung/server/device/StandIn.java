package mischung.server.device;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** The listening half of a device made of software: greets, then answers line by line; one caller after another. */
final class StandIn implements AutoCloseable {
    private static final int WAIT_FOR_WORDS_MS = 10_000;

    private final ServerSocket door;
    private final String greeting;
    private final Supplier<UnaryOperator<String>> ears;
    private volatile boolean plugged = true;

    /**
     * @param port 0 for any free one
     * @param ears for each caller, what answers its lines
     */
    StandIn(int port, String called, String greeting, Supplier<UnaryOperator<String>> ears) {
        this.greeting = greeting;
        this.ears = ears;
        try {
            this.door = new ServerSocket(port, 4, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Thread listening = new Thread(this::listen, "simulated " + called);
        listening.setDaemon(true);
        listening.start();
    }

    int port() {
        return door.getLocalPort();
    }

    /** Unplugged, it hangs up on whoever calls. */
    void plug(boolean in) {
        plugged = in;
    }

    private void listen() {
        while (!door.isClosed()) {
            try (Socket caller = door.accept()) {
                if (plugged) {
                    caller.setSoTimeout(WAIT_FOR_WORDS_MS);
                    talk(caller);
                }
            } catch (IOException e) {
                // One caller hung up; the next may come.
            }
        }
    }

    private void talk(Socket caller) throws IOException {
        BufferedReader in = new BufferedReader(new InputStreamReader(caller.getInputStream(), StandardCharsets.UTF_8));
        say(caller, greeting);
        UnaryOperator<String> answer = ears.get();
        for (String line = in.readLine(); line != null && plugged; line = in.readLine()) {
            say(caller, answer.apply(line));
        }
    }

    private static void say(Socket caller, String line) throws IOException {
        OutputStream out = caller.getOutputStream();
        out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    @Override
    public void close() {
        try {
            door.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
