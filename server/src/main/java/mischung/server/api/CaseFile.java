package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import mischung.RefusedInput;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.School;
import mischung.plan.Wish;
import mischung.server.store.StoredCase;
import org.jspecify.annotations.Nullable;

/** A case as it travels: what the screens edit, and what a file holds. */
public record CaseFile(
        @Schema(description = "Made-up or real, 1–80 characters", example = "Mira Tannhof")
        String clientName,

        @Schema(description = "Day of the work") LocalDate date,

        @Schema(
                type = "string",
                pattern = "^\\d{2}:\\d{2}(:\\d{2})?$",
                description = "When the work begins",
                example = "09:00")
        LocalTime startTime,

        Density density,
        Thickness thickness,
        WishView wish,
        School school,
        List<ZoneView> zones) {

    /** What the client wants to see. */
    public record WishView(
            @Schema(description = "1–10 in halves", example = "6")
            double level,

            Tone tone) {}

    /** An area of the head with its strand from scalp to ends. */
    public record ZoneView(ZonePlace place, List<BandView> bands) {}

    /** A stretch of a strand; bands follow one another without gap from 0 cm. */
    public record BandView(
            @Schema(description = "cm from the scalp, 0–150")
            double fromCm,

            @Schema(description = "cm from the scalp, at least 0.5 more than fromCm")
            double toCm,

            BandKind kind,
            @Schema(description = "1–12 in halves") double level,
            Tone tone,
            Porosity porosity,

            @Schema(description = "share of white fibres, 0–1")
            double greyShare) {}

    static CaseFile of(StoredCase content) {
        List<ZoneView> zones = new ArrayList<>();
        for (Zone zone : content.head().zones()) {
            zones.add(new ZoneView(
                    zone.place(),
                    zone.strand().bands().stream()
                            .map(b -> new BandView(
                                    b.fromCm(), b.toCm(), b.kind(), b.level(), b.tone(), b.porosity(), b.greyShare()))
                            .toList()));
        }
        return new CaseFile(
                content.clientName(),
                content.date(),
                content.startTime(),
                content.head().density(),
                content.head().thickness(),
                new WishView(content.wish().level(), content.wish().tone()),
                content.school(),
                zones);
    }

    /** @throws RefusedInput naming the first field that cannot be, by its path in this file */
    StoredCase checked() {
        if (zones.size() > ZonePlace.values().length) {
            throw new RefusedInput("zones", zones.size() + " zones", "Each place may stand only once on a head.");
        }
        List<Zone> checked = new ArrayList<>();
        for (int z = 0; z < zones.size(); z++) {
            String path = "zones[" + z + "]";
            ZoneView zone = present(path, zones.get(z));
            checked.add(at(path, () -> new Zone(zone.place, strand(zone.bands))));
        }
        Head head = new Head(checked, density, thickness);
        Wish wished = at("wish", () -> new Wish(wish.level, wish.tone));
        return new StoredCase(clientName, date, startTime, head, wished, school);
    }

    private static Strand strand(List<BandView> views) {
        List<Band> bands = new ArrayList<>();
        for (int b = 0; b < views.size(); b++) {
            BandView band = present("bands[" + b + "]", views.get(b));
            bands.add(at(
                    "bands[" + b + "]",
                    () -> new Band(
                            band.fromCm, band.toCm, band.kind, band.level, band.tone, band.porosity, band.greyShare)));
        }
        return new Strand(bands);
    }

    /** Lists in a file can hold null, whatever the types here say. */
    private static <T> T present(String path, @Nullable T element) {
        if (element == null) {
            throw new RefusedInput(path, "null", "Leave it out or fill it.");
        }
        return element;
    }

    private static <T> T at(String path, Supplier<T> made) {
        try {
            return made.get();
        } catch (RefusedInput refused) {
            throw refused.at(path);
        }
    }
}
