package mischung.server.device;

import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mischung.hair.Measured;
import mischung.light.Lab;
import mischung.said.RefusedInput;

/** Speaks to a colour reader on this machine, by the protocol of {@code docs/reader.md}. */
public final class ColourReader {
    /** The protocol's version. */
    static final int VERSION = 1;

    private static final String NUMBER = "(-?\\d{1,3}(?:\\.\\d{1,6})?)";
    private static final Pattern READING =
            Pattern.compile("LAB " + NUMBER + " " + NUMBER + " " + NUMBER + " SPREAD " + NUMBER);

    private final LineDevice device;

    /** @param port on this machine */
    public ColourReader(int port, Duration patience) {
        this.device = new LineDevice(port, patience, "reader", "READER", VERSION);
    }

    /** What the reader calls itself. */
    public String name() throws DeviceFault {
        return device.spoken((line, name) -> name);
    }

    /** One measurement of whatever is in front of it. */
    public Measured read() throws DeviceFault {
        return device.spoken((line, name) -> measured(line.ask("READ")));
    }

    /**
     * One measurement by the stand-in, which cannot see and has to be told where it is held.
     *
     * @param where {@code client/PLACE/cm}
     */
    public Measured readAt(String where) throws DeviceFault {
        return device.spoken((line, name) -> {
            String held = line.ask("HOLD " + where.replaceAll("\\p{Cntrl}", " "));
            if (!held.equals("OK")) {
                throw device.refusalOrGarble(held);
            }
            return measured(line.ask("READ"));
        });
    }

    private Measured measured(String line) throws DeviceFault {
        Matcher reading = READING.matcher(line);
        if (!reading.matches()) {
            throw device.refusalOrGarble(line);
        }
        try {
            Lab lab = Lab.d65(number(reading, 1), number(reading, 2), number(reading, 3));
            return new Measured(Measured.By.READER, lab, number(reading, 4));
        } catch (RefusedInput e) {
            throw device.garbled(line);
        }
    }

    private static double number(Matcher reading, int group) {
        return Double.parseDouble(reading.group(group));
    }
}
