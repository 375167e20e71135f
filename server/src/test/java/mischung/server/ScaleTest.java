package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import mischung.said.RefusedInput;
import mischung.server.device.DeviceFault;
import mischung.server.device.Scale;
import mischung.server.device.SimulatedScale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The scale over its real protocol: it settles, drifts, is tared, overloaded, unplugged; and cables go wrong. */
class ScaleTest {
    private static final Duration PATIENCE = Duration.ofMillis(400);

    /** Four standard deviations of what it shows, and its rounding. */
    private static final double NEAR = 4 * SimulatedScale.NOISE + 0.05;

    private final AtomicLong nanos = new AtomicLong();

    private void pass(double seconds) {
        nanos.addAndGet((long) (seconds * 1e9));
    }

    @Test
    void whatIsPouredFlowsSwingsAndSettles() throws DeviceFault {
        try (SimulatedScale standIn = new SimulatedScale(0, nanos::get, 3)) {
            Scale scale = new Scale(standIn.port(), PATIENCE);
            assertThat(scale.weigh().grams()).isCloseTo(0, within(NEAR));
            standIn.pour(40, 2);
            pass(1);
            assertThat(scale.weigh().grams()).isCloseTo(20, within(NEAR));
            assertThat(scale.weigh().steady()).isFalse();
            pass(1.02);
            assertThat(scale.weigh().grams()).as("it swings over").isGreaterThan(41);
            assertThat(scale.weigh().steady()).isFalse();
            pass(3);
            Scale.Shown settled = scale.weigh();
            assertThat(settled.steady()).isTrue();
            assertThat(settled.grams()).isCloseTo(40, within(NEAR + 0.01));
            scale.tare();
            standIn.pour(7.5, 0.5);
            pass(5);
            assertThat(scale.weigh().grams()).isCloseTo(7.5, within(NEAR + 0.02));
        }
    }

    @Test
    void itsZeroDriftsUntilItIsTared() throws DeviceFault {
        try (SimulatedScale standIn = new SimulatedScale(0, nanos::get, 3)) {
            Scale scale = new Scale(standIn.port(), PATIENCE);
            pass(225);
            assertThat(scale.weigh().grams()).as("a quarter of the way round").isCloseTo(0.25, within(NEAR));
            scale.tare();
            assertThat(scale.weigh().grams()).isCloseTo(0, within(NEAR));
        }
    }

    @Test
    void unpluggedItSaysNothingAndComesBackAsItWas() throws DeviceFault {
        try (SimulatedScale standIn = new SimulatedScale(0, nanos::get, 3)) {
            Scale scale = new Scale(standIn.port(), PATIENCE);
            standIn.pour(12, 0);
            pass(4);
            standIn.plug(false);
            assertThatThrownBy(scale::weigh)
                    .isInstanceOfSatisfying(
                            DeviceFault.class, fault -> assertThat(fault.kind()).isEqualTo(DeviceFault.Kind.UNPLUGGED))
                    .hasMessageContaining("DEVICE_UNPLUGGED{device=scale}");
            standIn.plug(true);
            assertThat(scale.weigh().grams()).isCloseTo(12, within(NEAR + 0.01));
        }
    }

    @Test
    void tooMuchIsRefused() {
        try (SimulatedScale standIn = new SimulatedScale(0, nanos::get, 3)) {
            standIn.pour(4000, 0);
            standIn.pour(2000, 0);
            pass(5);
            assertThatThrownBy(() -> new Scale(standIn.port(), PATIENCE).weigh())
                    .hasMessageContaining("too heavy");
            assertThatThrownBy(() -> standIn.pour(Double.NaN, 1)).isInstanceOf(RefusedInput.class);
            assertThatThrownBy(() -> standIn.pour(-3, 1)).isInstanceOf(RefusedInput.class);
        }
    }

    /** What a broken scale may say. */
    @ParameterizedTest
    @CsvSource({
        "'SCALE 1 odd|GRAMS 12', GARBLED",
        "'SCALE 1 odd|GRAMS NaN STEADY', GARBLED",
        "'SCALE 1 odd|GRAMS 1e9 STEADY', GARBLED",
        "'SCALE 1 odd|ERR too cold', REFUSED",
        "'SCALE 2 newer|GRAMS 1 STEADY', GARBLED",
        "'READER 1 other|GRAMS 1 STEADY', GARBLED",
        "'SCALE 1 odd', UNPLUGGED"
    })
    void everyFaultHasItsName(String script, DeviceFault.Kind kind) throws IOException {
        try (ServerSocket door = faulty(script.split("\\|", -1))) {
            assertThatThrownBy(() -> new Scale(door.getLocalPort(), PATIENCE).weigh())
                    .isInstanceOfSatisfying(
                            DeviceFault.class, fault -> assertThat(fault.kind()).isEqualTo(kind));
        }
    }

    /** Says its first line, waits for one, says the next, and hangs up. */
    private static ServerSocket faulty(String... lines) throws IOException {
        ServerSocket door = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(() -> {
            try (Socket caller = door.accept()) {
                OutputStream out = caller.getOutputStream();
                out.write((lines[0] + "\n").getBytes(StandardCharsets.UTF_8));
                out.flush();
                byte[] asked = new byte[200];
                if (caller.getInputStream().read(asked) > 0 && lines.length > 1) {
                    out.write((lines[1] + "\n").getBytes(StandardCharsets.UTF_8));
                    out.flush();
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        thread.setDaemon(true);
        thread.start();
        return door;
    }

    @Test
    void nobodyThereIsSaidSo() throws IOException {
        int port;
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            port = free.getLocalPort();
        }
        assertThatThrownBy(() -> new Scale(port, PATIENCE).weigh())
                .hasMessageContaining("DEVICE_ABSENT{device=scale, port=" + port + "}");
    }
}
