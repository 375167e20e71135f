package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Locale;
import java.util.UUID;
import mischung.said.RefusedInput;
import mischung.server.Settings;
import mischung.server.device.DeviceFault;
import mischung.server.device.Scale;
import mischung.server.device.SimulatedScale;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the scale shows: a real one at a port of this machine, or the stand-in. */
@RestController
@RequestMapping(path = "/api/scale", produces = MediaType.APPLICATION_JSON_VALUE)
class ScaleController {
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private static final long SEED = 20_262;

    /** In grams: what is steady and differs by no more is the same load. */
    private static final double SAME_LOAD = 0.5;

    private final String run = UUID.randomUUID().toString();
    private long tares;
    private long loads;
    private double lastSteady = Double.NaN;
    private boolean moved = true;

    private final Settings settings;
    private @Nullable SimulatedScale standIn;

    ScaleController(Settings settings) {
        this.settings = settings;
    }

    /** What it shows. */
    record ScaleView(
            @Schema(description = "since it was tared last") double grams,
            @Schema(description = "whether it has settled") boolean steady,

            @Schema(
                    description =
                            "names what lies on it now: every screen that sees it sees the same; sent along with a weight"
                                    + " as its key the weight is booked once. Empty while it moves")
            String reading,

            @Schema(description = "whether it is the stand-in, which has to be told what is poured")
            boolean simulated) {}

    /** What the stand-in is told. */
    record PouredView(
            @Schema(description = "0.1–5000; 0: nothing") double grams,
            @Schema(description = "0–60") double seconds,
            boolean plugged) {}

    @GetMapping
    @Operation(operationId = "scale", summary = "What the scale shows now, or in plain words why it shows nothing")
    ScaleView weigh() {
        try {
            return shown();
        } catch (DeviceFault fault) {
            throw refusal(fault);
        }
    }

    @PostMapping("/tare")
    @Operation(operationId = "tareScale", summary = "From now on it shows what is added")
    ScaleView tare(
            @Parameter(
                            description =
                                    "the reading it was pressed on; tared only while that still counts; empty: in any case")
                    @RequestParam(defaultValue = "")
                    String reading) {
        try {
            tareOnce(reading);
        } catch (DeviceFault fault) {
            throw refusal(fault);
        }
        return weigh();
    }

    /** Another screen that took the same reading has tared it already: what was poured since would be lost. */
    private synchronized void tareOnce(String reading) throws DeviceFault {
        if (reading.isEmpty() || reading.startsWith(run + "-" + tares + "-")) {
            scale().tare();
            tares++;
            moved = true;
        }
    }

    /** Weighed and named in one go, so that nobody tares in between. */
    private synchronized ScaleView shown() throws DeviceFault {
        Scale.Shown shown = scale().weigh();
        return new ScaleView(shown.grams(), shown.steady(), reading(shown), simulated());
    }

    private synchronized String reading(Scale.Shown shown) {
        if (!shown.steady()) {
            moved = true;
            return "";
        }
        if (moved || Math.abs(shown.grams() - lastSteady) > SAME_LOAD) {
            loads++;
            moved = false;
            lastSteady = shown.grams();
        }
        return run + "-" + tares + "-" + loads;
    }

    @PostMapping("/stand-in")
    @Operation(operationId = "pourOnStandIn", summary = "Tell the stand-in what is poured, or pull its plug")
    PouredView pour(@RequestBody PouredView poured) {
        if (!simulated()) {
            throw new RefusedInput("scale", settings.scaleAt(), ProblemMessage.REAL_SCALE);
        }
        standIn().plug(poured.plugged);
        if (poured.grams != 0) {
            standIn().pour(poured.grams, poured.seconds);
        }
        return poured;
    }

    private static Refusal refusal(DeviceFault fault) {
        return new Refusal(
                HttpStatus.BAD_GATEWAY,
                ProblemMessage.NO_WEIGHT,
                "",
                fault.kind().name().toLowerCase(Locale.ROOT),
                fault.said());
    }

    private boolean simulated() {
        return settings.scaleAt().equals(Settings.SIMULATED);
    }

    private Scale scale() {
        return new Scale(simulated() ? standIn().port() : ReaderController.port("scale", settings.scaleAt()), PATIENCE);
    }

    /** Plugged in when it is first looked at. */
    private synchronized SimulatedScale standIn() {
        SimulatedScale there = standIn;
        if (there == null) {
            there = new SimulatedScale(0, System::nanoTime, SEED);
            standIn = there;
        }
        return there;
    }

    @PreDestroy
    void unplug() {
        SimulatedScale there = standIn;
        if (there != null) {
            there.close();
        }
    }
}
