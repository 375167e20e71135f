package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.Measured;
import mischung.hair.Reading;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.light.Lab;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.Settings;
import mischung.server.device.ColourReader;
import mischung.server.device.DeviceFault;
import mischung.server.device.SimulatedReader;
import mischung.server.words.ProblemMessage;
import mischung.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Readings by the colour reader: a real one at a port of this machine, or the stand-in. */
@RestController
@RequestMapping(path = "/api/cases/{id}/reader", produces = MediaType.APPLICATION_JSON_VALUE)
class ReaderController {
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private static final long SEED = 20_261;

    private final Cases cases;
    private final DemoCases demo;
    private final Settings settings;
    private @Nullable SimulatedReader standIn;

    ReaderController(Cases cases, DemoCases demo, Settings settings) {
        this.cases = cases;
        this.demo = demo;
        this.settings = settings;
    }

    /** Where the reader is held. */
    record HeldAt(
            ZonePlace place,
            @Schema(description = "cm from the scalp") double cm) {}

    @PostMapping
    @Operation(
            operationId = "readColour",
            summary = "One measurement by the colour reader, or in plain words why there is none")
    PhotoController.MeasuredLook read(@PathVariable long id, @RequestBody HeldAt at) {
        RefusedInput.within("cm", at.cm, 0, Band.LONGEST_CM, Unit.CM);
        String client = cases.get(id).file().clientName();
        try {
            return PhotoController.MeasuredLook.of(measured(client, at));
        } catch (DeviceFault fault) {
            throw new Refusal(
                    HttpStatus.BAD_GATEWAY,
                    ProblemMessage.NO_READING,
                    "",
                    fault.kind().name().toLowerCase(Locale.ROOT),
                    fault.said());
        }
    }

    private Measured measured(String client, HeldAt at) throws DeviceFault {
        if (settings.readerAt().equals(Settings.SIMULATED)) {
            String where = client.replace('/', ' ') + "/" + at.place + "/" + at.cm;
            return new ColourReader(standIn().port(), PATIENCE).readAt(where);
        }
        return new ColourReader(port("reader", settings.readerAt()), PATIENCE).read();
    }

    /** Where a device listens, as it was set on the command line. */
    /** @throws Refusal where none is set up */
    static int port(String device, String set) {
        if (set.isEmpty()) {
            throw new Refusal(
                    HttpStatus.BAD_GATEWAY,
                    ProblemMessage.NOT_SET_UP.say().in("device", device).said(),
                    "",
                    "absent",
                    ProblemMessage.DEVICE_BY_HAND.say().typed("device", device).said());
        }
        try {
            return (int) RefusedInput.within(device, Integer.parseInt(set), 1, 65_535, Unit.NONE);
        } catch (NumberFormatException e) {
            throw new RefusedInput(
                    device,
                    set,
                    ProblemMessage.DEVICE_OPTION.say().typed("device", device).said());
        }
    }

    /** Plugged in with the first reading. */
    private synchronized SimulatedReader standIn() {
        SimulatedReader there = standIn;
        if (there == null) {
            List<CaseFile> heads = demo.all();
            there = new SimulatedReader(0, where -> colour(heads, where), SEED);
            standIn = there;
        }
        return there;
    }

    /** What the model says of the demonstration heads as they ship, whatever was read on them since. */
    private static Optional<Lab> colour(List<CaseFile> heads, String where) {
        String[] parts = where.split("/", -1);
        return heads.stream()
                .filter(head ->
                        parts.length == 3 && head.clientName().replace('/', ' ').equals(parts[0]))
                .findFirst()
                .flatMap(head -> head.checked(Shelf.demo()::shade).head().zones().stream()
                        .filter(zone -> holds(zone, ZonePlace.valueOf(parts[1])))
                        .findFirst())
                .flatMap(zone -> zone.strand().bands().stream()
                        .filter(band -> Double.parseDouble(parts[2]) < band.toCm())
                        .findFirst())
                .map(band -> Reading.canvasOf(band).lab());
    }

    /** A head that was read in halves grows what was read of the whole, and the other way round. */
    private static boolean holds(Zone zone, ZonePlace asked) {
        return zone.place() == asked
                || asked.whole().filter(zone.place()::equals).isPresent()
                || asked.halves().contains(zone.place());
    }

    @PreDestroy
    void unplug() {
        SimulatedReader there = standIn;
        if (there != null) {
            there.close();
        }
    }
}
