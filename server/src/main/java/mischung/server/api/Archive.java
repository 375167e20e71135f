package mischung.server.api;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import mischung.server.access.TrailKeeper;
import mischung.server.store.ClientStore;
import mischung.server.store.PhotoStore;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * All that is kept of a client in one ZIP file of open formats: {@code client.json}, each case as
 * {@code cases/ID.mischung.json}, which can be imported again, all readings as {@code bands.csv}, all events as
 * {@code history.csv}, who saw or changed what of it as {@code trail.csv}, and the photographs as {@code photos/CASE-PHOTO.jpg}.
 */
@Component
class Archive {
    private final Cases cases;
    private final PhotoStore photos;
    private final JsonMapper json;
    private final TrailKeeper trail;

    Archive(Cases cases, PhotoStore photos, JsonMapper json, TrailKeeper trail) {
        this.trail = trail;
        this.cases = cases;
        this.photos = photos;
        this.json = json;
    }

    byte[] of(ClientStore.Client client) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            add(zip, "", client);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** @param folder it goes into, with its slash; empty: none */
    void add(ZipOutputStream zip, String folder, ClientStore.Client client) throws IOException {
        List<Cases.Stored> all = cases.ofClient(client.id());
        add(zip, folder + "client.json", text(json.writeValueAsString(client)));
        for (Cases.Stored one : all) {
            add(
                    zip,
                    folder + "cases/" + one.id() + ".mischung.json",
                    text(json.writeValueAsString(CaseFormat.ExportedCase.of(one.file()))));
            for (PhotoStore.Photo photo : photos.of(one.id())) {
                // Taken away since it was listed: it is not in the archive then.
                Optional<byte[]> jpeg = photos.jpeg(photo.id());
                if (jpeg.isPresent()) {
                    add(zip, folder + "photos/" + one.id() + "-" + photo.id() + ".jpg", jpeg.get());
                }
            }
        }
        add(zip, folder + "bands.csv", text(bands(all)));
        add(zip, folder + "history.csv", text(events(all)));
        add(zip, folder + "trail.csv", text(TrailController.table(trail.of(client.id()))));
    }

    static byte[] text(String content) {
        return content.getBytes(StandardCharsets.UTF_8);
    }

    static void add(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    private static String bands(List<Cases.Stored> all) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = printer(
                text,
                "case",
                "day",
                "zone",
                "from_cm",
                "to_cm",
                "kind",
                "level",
                "tone",
                "second_tone",
                "second_share",
                "porosity",
                "grey_share",
                "stretch",
                "layers",
                "under_from",
                "under_to",
                "measurements")) {
            for (Cases.Stored one : all) {
                for (CaseFile.ZoneView zone : one.file().zones()) {
                    for (CaseFile.BandView b : zone.bands()) {
                        Csv.print(
                                csv,
                                one.id(),
                                one.file().date(),
                                zone.place(),
                                b.fromCm(),
                                b.toCm(),
                                b.kind(),
                                b.level(),
                                b.tone(),
                                first(b.detail().second(), SecondToneView::tone),
                                first(b.detail().second(), SecondToneView::share),
                                b.porosity(),
                                b.greyShare(),
                                b.detail().stretch(),
                                b.detail().layers(),
                                b.detail().underFrom(),
                                b.detail().underTo(),
                                b.detail().measured().size());
                    }
                }
            }
        }
        return text.toString();
    }

    private static String events(List<Cases.Stored> all) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = printer(
                text,
                "case",
                "day",
                "service",
                "home",
                "where",
                "level",
                "tone",
                "second_tone",
                "second_share",
                "volume",
                "share",
                "overlap_cm",
                "cut_cm")) {
            for (Cases.Stored one : all) {
                for (HistoryView.EventView e : one.file().history().events()) {
                    Csv.print(
                            csv,
                            one.id(),
                            e.date(),
                            e.service(),
                            e.home(),
                            e.where(),
                            e.level(),
                            e.tone(),
                            first(e.second(), SecondToneView::tone),
                            first(e.second(), SecondToneView::share),
                            e.volume(),
                            e.share(),
                            e.overlapCm(),
                            e.cutCm());
                }
            }
        }
        return text.toString();
    }

    private static String first(List<SecondToneView> second, Function<SecondToneView, Object> of) {
        return second.stream().map(of).map(Object::toString).findFirst().orElse("");
    }

    private static CSVPrinter printer(StringWriter text, String... header) throws IOException {
        return CSVFormat.RFC4180.builder().setHeader(header).get().print(text);
    }
}
