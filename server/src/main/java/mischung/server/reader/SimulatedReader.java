package mischung.server.reader;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import mischung.light.Lab;

/**
 * A colour reader made of software. It speaks the protocol of {@code docs/reader.md} like a real one and measures made-up
 * heads with noise; since it cannot see, it has to be told first where it is held.
 */
public final class SimulatedReader implements AutoCloseable {
    /** Standard deviation of each of L*, a*, b*, as it states itself. */
    public static final double SPREAD = 0.4;

    private static final int WAIT_FOR_WORDS_MS = 10_000;

    private final ServerSocket door;
    private final Function<String, Optional<Lab>> world;
    private final Random noise;

    /**
     * @param port 0 for any free one
     * @param world the true colour at a place told as {@code client/PLACE/cm}
     */
    public SimulatedReader(int port, Function<String, Optional<Lab>> world, long seed) {
        this.world = world;
        this.noise = new Random(seed);
        try {
            this.door = new ServerSocket(port, 4, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Thread listening = new Thread(this::listen, "simulated colour reader");
        listening.setDaemon(true);
        listening.start();
    }

    public int port() {
        return door.getLocalPort();
    }

    private void listen() {
        while (!door.isClosed()) {
            try (Socket caller = door.accept()) {
                caller.setSoTimeout(WAIT_FOR_WORDS_MS);
                talk(caller);
            } catch (IOException e) {
                // One caller hung up; the next may come.
            }
        }
    }

    private void talk(Socket caller) throws IOException {
        BufferedReader in = new BufferedReader(new InputStreamReader(caller.getInputStream(), StandardCharsets.UTF_8));
        say(caller, "READER " + ColourReader.VERSION + " simulated");
        Optional<Lab> held = Optional.empty();
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            if (line.startsWith("HOLD ")) {
                held = world.apply(line.substring(5));
                say(caller, held.isPresent() ? "OK" : "ERR I can only read the demonstration heads");
            } else if (line.equals("READ")) {
                say(caller, held.map(this::measured).orElse("ERR nothing is in front of me"));
            } else {
                say(caller, "ERR unknown word");
            }
        }
    }

    private String measured(Lab real) {
        return String.format(
                Locale.ROOT,
                "LAB %.2f %.2f %.2f SPREAD %.2f",
                real.l() + SPREAD * noise.nextGaussian(),
                real.a() + SPREAD * noise.nextGaussian(),
                real.b() + SPREAD * noise.nextGaussian(),
                SPREAD);
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
