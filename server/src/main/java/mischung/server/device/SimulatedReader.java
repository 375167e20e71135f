package mischung.server.device;

import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import mischung.light.Lab;

/**
 * A colour reader made of software. It speaks the protocol of {@code docs/reader.md} like a real one and measures made-up
 * heads with noise; since it cannot see, it has to be told first where it is held.
 */
public final class SimulatedReader implements AutoCloseable {
    /** Standard deviation of each of L*, a*, b*, as it states itself. */
    public static final double SPREAD = 0.4;

    private final Function<String, Optional<Lab>> world;
    private final Random noise;
    private final StandIn device;

    /**
     * @param port 0 for any free one
     * @param world the true colour at a place told as {@code client/PLACE/cm}
     */
    public SimulatedReader(int port, Function<String, Optional<Lab>> world, long seed) {
        this.world = world;
        this.noise = new Random(seed);
        this.device = new StandIn(port, "colour reader", "READER " + ColourReader.VERSION + " simulated", Held::new);
    }

    public int port() {
        return device.port();
    }

    /** What one caller holds it to. */
    private final class Held implements UnaryOperator<String> {
        private Optional<Lab> held = Optional.empty();

        @Override
        public String apply(String line) {
            if (line.startsWith("HOLD ")) {
                held = world.apply(line.substring(5));
                return held.isPresent() ? "OK" : "ERR I can only read the demonstration heads";
            }
            return line.equals("READ")
                    ? held.map(SimulatedReader.this::measured).orElse("ERR nothing is in front of me")
                    : "ERR unknown word";
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

    @Override
    public void close() {
        device.close();
    }
}
