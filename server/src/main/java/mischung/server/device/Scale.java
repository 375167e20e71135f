package mischung.server.device;

import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Speaks to a scale on this machine, by the protocol of {@code docs/scale.md}. */
public final class Scale {
    /** The protocol's version. */
    static final int VERSION = 1;

    private static final Pattern WEIGHT = Pattern.compile("GRAMS (-?\\d{1,5}(?:\\.\\d{1,3})?) (STEADY|MOVING)");

    private final LineDevice device;

    /** @param port on this machine */
    public Scale(int port, Duration patience) {
        this.device = new LineDevice(port, patience, "scale", "SCALE", VERSION);
    }

    /**
     * What it shows.
     *
     * @param grams since it was tared last
     * @param steady whether it has settled
     */
    public record Shown(double grams, boolean steady) {}

    public Shown weigh() throws DeviceFault {
        return device.spoken((line, name) -> {
            String said = line.ask("WEIGH");
            Matcher weight = WEIGHT.matcher(said);
            if (!weight.matches()) {
                throw device.refusalOrGarble(said);
            }
            return new Shown(
                    Double.parseDouble(weight.group(1)), weight.group(2).equals("STEADY"));
        });
    }

    /** From now on it shows what is added. */
    public void tare() throws DeviceFault {
        device.spoken((line, name) -> {
            String said = line.ask("TARE");
            if (!said.equals("OK")) {
                throw device.refusalOrGarble(said);
            }
            return said;
        });
    }
}
