package mischung.server.device;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.LongSupplier;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A scale made of software. It speaks the protocol of {@code docs/scale.md} like a real one: what is poured flows for a while,
 * the pan swings and settles, the zero drifts, it can be tared, overloaded and unplugged. Since nobody can pour into it, it has
 * to be told.
 */
public final class SimulatedScale implements AutoCloseable {
    /** Standard deviation of what it shows, in grams. */
    public static final double NOISE = 0.04;

    private static final double MOST = 5000;
    private static final double NANOS = 1e9;

    /** The swing after something fell into the bowl: a share of it, dying away. */
    private static final double SWING = 0.06;

    private static final double SWING_SECONDS = 0.3;
    private static final double SWINGS_PER_SECOND = 3;
    private static final double SETTLED_AFTER = 1.2;

    private static final double DRIFT_GRAMS = 0.25;
    private static final double DRIFT_SECONDS = 900;

    /** Something poured from one moment to another. */
    private record Pour(double from, double to, double grams) {
        double by(double now) {
            return now >= to ? grams : now <= from ? 0 : grams * (now - from) / (to - from);
        }
    }

    private final LongSupplier nanos;
    private final Random noise;
    private final long begun;
    private final List<Pour> pours = new ArrayList<>();
    private final StandIn device;
    private double settled;
    private double zero;

    /**
     * @param port 0 for any free one
     * @param nanos a clock that only runs forward
     */
    public SimulatedScale(int port, LongSupplier nanos, long seed) {
        this.nanos = nanos;
        this.noise = new Random(seed);
        this.begun = nanos.getAsLong();
        this.device = new StandIn(port, "scale", "SCALE " + Scale.VERSION + " simulated", () -> this::answer);
    }

    public int port() {
        return device.port();
    }

    /** Lets so many grams flow in over so many seconds. */
    public synchronized void pour(double grams, double seconds) {
        RefusedInput.within("grams", grams, 0.1, MOST, Unit.G);
        RefusedInput.within("seconds", seconds, 0, 60, Unit.SECONDS);
        gather();
        double now = now();
        pours.add(new Pour(now, now + seconds, grams));
    }

    public void plug(boolean in) {
        device.plug(in);
    }

    private double now() {
        return (nanos.getAsLong() - begun) / NANOS;
    }

    /** What has long settled need not be kept apart. */
    private void gather() {
        double now = now();
        pours.stream().filter(pour -> now - pour.to > 10).forEach(pour -> settled += pour.grams);
        pours.removeIf(pour -> now - pour.to > 10);
    }

    private synchronized String answer(String line) {
        double now = now();
        double there =
                settled + pours.stream().mapToDouble(pour -> pour.by(now)).sum();
        double drift = DRIFT_GRAMS * Math.sin(2 * Math.PI * now / DRIFT_SECONDS);
        if (line.equals("TARE")) {
            zero = there + drift;
            return "OK";
        }
        if (!line.equals("WEIGH")) {
            return "ERR unknown word";
        }
        if (there > MOST) {
            return "ERR too heavy";
        }
        double swing = pours.stream()
                .filter(pour -> now > pour.to)
                .mapToDouble(pour -> SWING
                        * pour.grams
                        * Math.exp(-(now - pour.to) / SWING_SECONDS)
                        * Math.cos(2 * Math.PI * SWINGS_PER_SECOND * (now - pour.to)))
                .sum();
        boolean steady = pours.stream().allMatch(pour -> now - pour.to > SETTLED_AFTER);
        return String.format(
                Locale.ROOT,
                "GRAMS %.1f %s",
                there - zero + drift + swing + NOISE * noise.nextGaussian(),
                steady ? "STEADY" : "MOVING");
    }

    @Override
    public void close() {
        device.close();
    }
}
