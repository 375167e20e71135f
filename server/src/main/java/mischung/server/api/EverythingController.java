package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipOutputStream;
import mischung.server.store.ClientStore;
import mischung.server.store.ShelfStore;
import mischung.server.store.TrailStore;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/**
 * All that is kept, in open formats, for whoever goes on with another program: {@code clients.csv}, each range as
 * {@code ranges/NAME.csv}, both of which can be read in again, {@code salon.json}, {@code trail.csv}, and each client as in their own
 * archive under {@code clients/ID/}. It is written out client by client, so that a large salon needs no more memory than a small one.
 */
@RestController
class EverythingController {
    private final Archive archive;
    private final ClientStore clients;
    private final ShelfStore shelf;
    private final HouseSettings settings;
    private final TrailStore trail;
    private final JsonMapper json;

    EverythingController(
            Archive archive,
            ClientStore clients,
            ShelfStore shelf,
            HouseSettings settings,
            TrailStore trail,
            JsonMapper json) {
        this.archive = archive;
        this.clients = clients;
        this.shelf = shelf;
        this.settings = settings;
        this.trail = trail;
        this.json = json;
    }

    @GetMapping(path = "/api/everything.zip", produces = "application/zip")
    @Operation(operationId = "exportEverything", summary = "All that is kept, in open formats, in one ZIP archive")
    void everything(HttpServletResponse answer) throws IOException {
        answer.setContentType("application/zip");
        answer.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("mischung-everything.zip")
                        .build()
                        .toString());
        try (ZipOutputStream zip = new ZipOutputStream(answer.getOutputStream(), StandardCharsets.UTF_8)) {
            Archive.add(zip, "clients.csv", Archive.text(ofClients()));
            for (ShelfStore.Range range : shelf.ranges()) {
                Archive.add(
                        zip,
                        "ranges/" + range.id() + "-" + ShelfController.fileName(range),
                        Archive.text(ShelfController.file(shelf, range)));
            }
            Archive.add(zip, "salon.json", Archive.text(json.writeValueAsString(settings.now())));
            Archive.add(
                    zip, "trail.csv", Archive.text(TrailController.table(trail.lines("", "", 0, Integer.MAX_VALUE))));
            for (long id : clients.ids()) {
                var client = clients.find(id);
                if (client.isPresent()) {
                    archive.add(zip, "clients/" + id + "/", client.get());
                }
            }
        }
    }

    /** As {@link ClientImports} reads it. */
    private String ofClients() {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv =
                CSVFormat.RFC4180.builder().setHeader("name", "note").get().print(text)) {
            for (ClientStore.Facts one : clients.facts()) {
                Csv.print(csv, one.name(), one.note());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
