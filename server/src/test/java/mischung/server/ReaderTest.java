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
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.Measured;
import mischung.hair.MeasuredColour;
import mischung.light.Lab;
import mischung.server.device.ColourReader;
import mischung.server.device.DeviceFault;
import mischung.server.device.SimulatedReader;
import mischung.server.words.Catalogue;
import mischung.server.words.Language;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The colour reader over its real protocol, and everything that can go wrong with a cable. */
class ReaderTest {
    private static final Duration PATIENCE = Duration.ofMillis(400);
    private static final Lab REAL = Lab.d65(45, 12, 30);

    @Test
    void theStandInMeasuresWithTheNoiseItStates() throws DeviceFault {
        try (SimulatedReader standIn = new SimulatedReader(0, where -> Optional.of(REAL), 5)) {
            ColourReader reader = new ColourReader(standIn.port(), PATIENCE);
            assertThat(reader.name()).isEqualTo("simulated");
            List<Measured> all = new ArrayList<>();
            double squares = 0;
            for (int i = 0; i < 200; i++) {
                Measured one = reader.readAt("Mira/CROWN/10.0");
                all.add(one);
                squares += Math.pow(one.lab().l() - REAL.l(), 2)
                        + Math.pow(one.lab().a() - REAL.a(), 2)
                        + Math.pow(one.lab().b() - REAL.b(), 2);
            }
            // 600 normal deviates: their root mean square is known to 3 %, so 12 % is four standard deviations.
            assertThat(Math.sqrt(squares / 600))
                    .isCloseTo(SimulatedReader.SPREAD, within(0.12 * SimulatedReader.SPREAD));
            MeasuredColour mean = MeasuredColour.of(all.subList(0, 16));
            assertThat(mean.lab().l()).isCloseTo(REAL.l(), within(4 * mean.spread()));
            assertThat(mean.spread()).isBetween(0.09, 0.3);
        }
    }

    @Test
    void whatIsNotInFrontOfItIsNotRead() {
        try (SimulatedReader standIn = new SimulatedReader(0, where -> Optional.empty(), 5)) {
            ColourReader reader = new ColourReader(standIn.port(), PATIENCE);
            assertThatThrownBy(() -> reader.readAt("Nobody/CROWN/1")).hasMessageContaining("demonstration heads");
            assertThatThrownBy(reader::read).hasMessageContaining("nothing is in front");
        }
    }

    /** A reader that answers each line it hears with the next of these; {@code |} hangs up, {@code ~} says nothing. */
    private static ServerSocket faulty(String script) {
        try {
            ServerSocket door = new ServerSocket(0, 4, InetAddress.getLoopbackAddress());
            Thread thread = new Thread(() -> serve(door, script));
            thread.setDaemon(true);
            thread.start();
            return door;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void serve(ServerSocket door, String script) {
        while (!door.isClosed()) {
            try (Socket caller = door.accept()) {
                for (String line : script.split("/", -1)) {
                    if (line.equals("~")) {
                        caller.getInputStream().transferTo(OutputStream.nullOutputStream());
                    }
                    boolean cut = line.endsWith("|");
                    String said = cut ? line.substring(0, line.length() - 1) : line + "\n";
                    caller.getOutputStream().write(said.getBytes(StandardCharsets.UTF_8));
                    caller.getOutputStream().flush();
                    if (cut) {
                        break;
                    }
                    while (caller.getInputStream().read() > '\n') {
                        // The next line answers the next word.
                    }
                }
            } catch (IOException e) {
                // The test's own end hung up.
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "READER 1 x/LAB 45 12 30 SPREAD 0.4; ''",
                "~; SILENT",
                "READER 1 x/~; SILENT",
                "hello?; GARBLED",
                "READER 9 x/LAB 45 12 30 SPREAD 0.4; GARBLED",
                "READER 1 x/LAB 45 twelve 30 SPREAD 0.4; GARBLED",
                "READER 1 x/LAB 450 12 30 SPREAD 0.4; GARBLED",
                "READER 1 x/LAB 45 12 30; GARBLED",
                "READER 1 x/LAB NaN NaN NaN SPREAD NaN; GARBLED",
                "|; UNPLUGGED",
                "READER 1 x/LAB 45 1|; UNPLUGGED",
                "READER 1 x/ERR calibrate me first; REFUSED"
            })
    void everyFaultIsNamed(String script, String fault) throws IOException, DeviceFault {
        try (ServerSocket door = faulty(script)) {
            ColourReader reader = new ColourReader(door.getLocalPort(), PATIENCE);
            if (fault.isEmpty()) {
                assertThat(reader.read().lab()).isEqualTo(REAL);
            } else {
                assertThatThrownBy(reader::read).isInstanceOfSatisfying(DeviceFault.class, thrown -> {
                    assertThat(thrown.kind()).isEqualTo(DeviceFault.Kind.valueOf(fault));
                    assertThat(Catalogue.of(Language.EN).say(thrown.said()))
                            .contains("colour reader")
                            .doesNotContain("{");
                });
            }
        }
    }

    @Test
    void endlessTalkIsCutShort() throws IOException {
        try (ServerSocket door = faulty("x".repeat(100_000))) {
            assertThatThrownBy(() -> new ColourReader(door.getLocalPort(), PATIENCE).read())
                    .isInstanceOfSatisfying(
                            DeviceFault.class,
                            thrown -> assertThat(thrown.kind()).isEqualTo(DeviceFault.Kind.GARBLED));
        }
    }

    /** Through the whole application: what the model says of the demonstration head, within what is stated. */
    @Test
    void theApplicationReadsItsDemonstrationHeads(@TempDir Path data) {
        try (Started app = new Started(data, true)) {
            JsonNode file = app.get("/api/cases/1").json();
            JsonNode real = file.path("looks").path(1).path(2).path("lab");
            Started.Answer read = app.post("/api/cases/1/reader", "{\"place\":\"CROWN\",\"cm\":20}");
            assertThat(read.status()).as(read.text()).isEqualTo(200);
            JsonNode measured = read.json().path("measured");
            assertThat(measured.path("spread").asDouble()).isEqualTo(SimulatedReader.SPREAD);
            for (String axis : List.of("l", "a", "b")) {
                assertThat(measured.path(axis).asDouble())
                        .isCloseTo(real.path(axis).asDouble(), within(4.5 * SimulatedReader.SPREAD));
            }
            assertThat(app.post("/api/cases/1/reader", "{\"place\":\"CROWN_LEFT\",\"cm\":20}")
                            .status())
                    .isEqualTo(200);
            Started.Answer beyond = app.post("/api/cases/1/reader", "{\"place\":\"CROWN\",\"cm\":120}");
            assertThat(beyond.status()).isEqualTo(502);
            assertThat(beyond.field("value")).isEqualTo("refused");
        }
    }

    @Test
    void aReaderThatIsNotThereLeavesEverythingElseAlone(@TempDir Path data) throws IOException {
        int nobody;
        try (ServerSocket free = new ServerSocket(0)) {
            nobody = free.getLocalPort();
        }
        try (Started app = new Started(data, true, Integer.toString(nobody))) {
            Started.Answer read = app.post("/api/cases/1/reader", "{\"place\":\"CROWN\",\"cm\":20}");
            assertThat(read.status()).isEqualTo(502);
            assertThat(read.field("value")).isEqualTo("absent");
            assertThat(read.field("remedy")).contains("read by eye");
            assertThat(app.get("/api/cases/1").status()).isEqualTo(200);
        }
    }
}
