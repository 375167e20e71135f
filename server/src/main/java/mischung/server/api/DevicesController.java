package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import mischung.server.access.Devices;
import mischung.server.access.HouseDoor;
import mischung.server.store.AccessStore;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Devices beside the main machine, and the door they come in by. */
@RestController
@RequestMapping(path = "/api/devices", produces = MediaType.APPLICATION_JSON_VALUE)
class DevicesController {
    private final Devices devices;
    private final HouseDoor door;
    private final AccessStore store;

    DevicesController(Devices devices, HouseDoor door, AccessStore store) {
        this.devices = devices;
        this.door = door;
        this.store = store;
    }

    /** One that was paired. */
    record DeviceView(
            long id,
            String name,
            Instant pairedAt,

            @Schema(description = "when it asked for something last, to the minute")
            Instant seenAt) {}

    /** All of them. */
    record DevicesView(
            @Schema(description = "whether the house's network is let in")
            boolean network,

            @Schema(description = "where a device of the house reaches the program")
            List<String> addresses,

            @Schema(
                    description =
                            "whether the program made its certificate itself, so that devices have to be told to trust it")
            boolean ownCertificate,

            @Schema(description = "how many show six figures and wait")
            int waiting,

            List<DeviceView> devices) {}

    /** Whether the network is let in. */
    record Network(boolean on) {}

    /** What a device shows, and what it is called from now on. */
    record Pairing(
            @Schema(description = "six figures") String code,
            @Schema(description = "1–60 letters") String name) {}

    /** What a device is called. */
    record DeviceName(@Schema(description = "1–60 letters") String name) {}

    @GetMapping
    @Operation(operationId = "devices", summary = "Devices of the house, and where they reach the program")
    DevicesView all() {
        return new DevicesView(
                door.isOpen(),
                door.addresses(),
                door.root().length > 0,
                devices.waiting(),
                store.devices().stream()
                        .map(one -> new DeviceView(
                                one.id(), one.name(), Instant.parse(one.pairedAt()), Instant.parse(one.seenAt())))
                        .toList());
    }

    @PutMapping("/network")
    @Operation(operationId = "letNetworkIn", summary = "Answer the house's network, or this machine alone")
    DevicesView network(@RequestBody Network network) {
        door.set(network.on);
        return all();
    }

    @PostMapping
    @Operation(operationId = "pairDevice", summary = "Let the device in that shows these figures")
    DevicesView pair(@RequestBody Pairing pairing) {
        devices.pair(pairing.code, pairing.name);
        return all();
    }

    @PutMapping("/{id}")
    @Operation(operationId = "renameDevice", summary = "Another name")
    DevicesView rename(@PathVariable long id, @RequestBody DeviceName wanted) {
        devices.rename(id, wanted.name);
        return all();
    }

    @DeleteMapping("/{id}")
    @Operation(operationId = "removeDevice", summary = "It is not answered any more")
    DevicesView remove(@PathVariable long id) {
        devices.remove(id);
        return all();
    }
}
