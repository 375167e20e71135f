package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Clients from the first visit to the last trace. */
class ClientApiTest {
    @TempDir
    static Path data;

    private static Started app;

    @BeforeAll
    static void start() {
        app = new Started(data, false);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static long client(String name, String note) {
        Started.Answer made = app.post("/api/clients", "{\"name\":\"" + name + "\",\"note\":\"" + note + "\"}");
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        return made.json().path("id").asLong();
    }

    private static JsonNode visit(long client, String day, String time, String chair, long copyOf) {
        Started.Answer made = app.post(
                "/api/clients/" + client + "/cases",
                "{\"date\":\"%s\",\"startTime\":\"%s\",\"minutes\":150,\"chair\":\"%s\",\"copyOf\":%d}"
                        .formatted(day, time, chair, copyOf));
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        return made.json();
    }

    private static Started.Answer change(JsonNode made, String from, String to) {
        String content = made.path("content").toString();
        assertThat(content).contains(from);
        return app.put(
                "/api/cases/" + made.path("id").asLong(),
                "{\"version\":" + made.path("version").asLong() + ",\"content\":" + content.replace(from, to) + "}");
    }

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(80, 60, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(120, 90, 60));
        pen.fillRect(0, 0, 80, 60);
        pen.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    @Test
    void clientsAreFoundByTheBeginningsOfWords() {
        long id = client("Änne Größthal", "curls, comes with Ilka");
        for (String words : new String[] {"anne", "GRÖ", "ilk%20ann", "curl"}) {
            assertThat(app.get("/api/clients?words=" + words.replace("Ö", "%C3%96"))
                            .json()
                            .path("clients")
                            .findValues("id"))
                    .as(words)
                    .extracting(JsonNode::asLong)
                    .contains(id);
        }
        assertThat(app.get("/api/clients?words=nne").json().path("clients")).isEmpty();
        assertThat(app.get("/api/clients?words=%22)%20OR%20*").status()).isEqualTo(200);
        long version = app.get("/api/clients/" + id).json().path("version").asLong();
        String change = "{\"version\":" + version + ",\"name\":\"Ulla Neu\",\"note\":\"\"}";
        assertThat(app.put("/api/clients/" + id, change).status()).isEqualTo(200);
        Started.Answer late = app.put("/api/clients/" + id, change.replace("Neu", "Alt"));
        assertThat(late.status()).as("on the version before").isEqualTo(409);
        assertThat(late.field("remedy")).as("what differs is shown").contains("Ulla Neu");
        assertThat(app.get("/api/clients?words=anne").json().path("clients")).isEmpty();
        assertThat(app.get("/api/clients?words=ulla").json().path("clients")).hasSize(1);
        assertThat(app.post("/api/clients", "{\"name\":\" \",\"note\":\"\"}").field("field"))
                .isEqualTo("clientName");
        assertThat(app.put(
                                "/api/clients/" + id,
                                "{\"version\":"
                                        + app.get("/api/clients/" + id)
                                                .json()
                                                .path("version")
                                                .asLong()
                                        + ",\"name\":\"A\",\"note\":\"" + "x".repeat(501) + "\"}")
                        .field("field"))
                .isEqualTo("note");
        assertThat(app.get("/api/clients/99999").status()).isEqualTo(404);
    }

    @Test
    void aPastCaseIsTheBeginningOfANewOneAndWhatMayHaveChangedIsAskedAgain() {
        long id = client("Tove Halling", "");
        JsonNode first = visit(id, "2026-03-02", "10:00", "Window", 0);
        Started.Answer asked = change(first, "\"pregnant\":\"NOT_ASKED\"", "\"pregnant\":\"NO\",\"x\":1");
        assertThat(asked.status()).as("an unknown field is named").isEqualTo(400);
        Started.Answer told = change(
                first,
                "\"earlierReaction\":\"NOT_ASKED\",\"blackTattoo\":\"NOT_ASKED\"",
                "\"earlierReaction\":\"YES\",\"blackTattoo\":\"NO\"");
        assertThat(told.status()).as(told.text()).isEqualTo(200);
        JsonNode again =
                visit(id, "2026-06-02", "10:00", "Window", first.path("id").asLong());
        JsonNode consultation = again.path("content").path("consultation");
        assertThat(consultation.path("earlierReaction").asString("")).isEqualTo("YES");
        assertThat(consultation.path("blackTattoo").asString("")).isEqualTo("NOT_ASKED");
        assertThat(again.path("content").path("zones"))
                .isEqualTo(told.json().path("content").path("zones"));
        JsonNode known = app.get("/api/clients/" + id).json();
        assertThat(known.path("cases").findValuesAsString("date")).containsExactly("2026-06-02", "2026-03-02");
        long other = client("Other One", "");
        assertThat(app.post(
                                "/api/clients/" + other + "/cases",
                                "{\"date\":\"2026-06-02\",\"startTime\":\"10:00\",\"minutes\":60,\"chair\":\"\",\"copyOf\":"
                                        + first.path("id").asLong() + "}")
                        .status())
                .as("nobody's case but one's own")
                .isEqualTo(404);
    }

    @Test
    void theDayShowsWhoSitsWhereAndWhatIsDue() {
        long id = client("Ida Sommerfeldt", "");
        JsonNode early = visit(id, "2030-05-06", "13:00", "Window", 0);
        visit(client("Bo Later", ""), "2030-05-06", "09:30", "Basin", 0);
        Started.Answer placed = change(early, "\"patchPlaced\":\"\"", "\"patchPlaced\":\"2030-05-04T10:00\"");
        assertThat(placed.status()).as(placed.text()).isEqualTo(200);
        String csv = "kind,code,pack_g,volume,packs,opened_g,low_g,name\ndeveloper,d20,1000,20,0,100,500,20 vol\n";
        long range = app.post("/api/shelf/imports?range=Day", "text/csv", csv.getBytes(StandardCharsets.UTF_8))
                .json()
                .path("id")
                .asLong();
        while (app.get("/api/shelf/imports/" + range).field("state").equals("READING")) {
            Thread.onSpinWait();
        }
        app.post("/api/shelf/imports/" + range + "/taken-over", "");
        JsonNode day = app.get("/api/day/2030-05-06").json();
        assertThat(day.path("appointments").findValuesAsString("clientName"))
                .containsExactly("Bo Later", "Ida Sommerfeldt");
        assertThat(day.path("appointments").path(1).path("minutes").asInt()).isEqualTo(150);
        assertThat(day.path("patchTestsToRead").findValuesAsString("clientName"))
                .containsExactly("Ida Sommerfeldt");
        assertThat(app.get("/api/day/2030-05-05").json().path("patchTestsToRead"))
                .as("48 hours later")
                .isEmpty();
        assertThat(day.path("stockLow").findValuesAsString("name")).containsExactly("20 vol");
        assertThat(app.get("/api/day/yesterday").status()).isEqualTo(400);

        JsonNode now = app.get("/api/cases/" + early.path("id").asLong()).json();
        assertThat(change(
                                now,
                                "\"level\":6.0,\"tone\":\"NATURAL\",\"second\":[],\"picked\"",
                                "\"level\":6.0,\"tone\":\"NATURAL\",\"second\":[],\"picked\"")
                        .status())
                .isEqualTo(200);
        now = app.get("/api/cases/" + early.path("id").asLong()).json();
        assertThat(app.put("/api/cases/" + now.path("id").asLong() + "/status", "{\"status\":\"DONE\"}")
                        .status())
                .as("nothing to colour, so nothing is blocked")
                .isEqualTo(200);
        assertThat(app.get("/api/day/2030-06-04").json().path("upkeepDue").findValuesAsString("clientName"))
                .containsExactly("Ida Sommerfeldt");
        visit(id, "2030-06-05", "09:00", "", early.path("id").asLong());
        assertThat(app.get("/api/day/2030-06-04").json().path("upkeepDue"))
                .as("who is booked needs no call")
                .isEmpty();
        assertThat(app.put("/api/house", app.house("{\"chairs\":[]}")).field("field"))
                .isEqualTo("chairs");
    }

    private Map<String, byte[]> unzipped(String path) throws IOException {
        Map<String, byte[]> files = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(app.bytes(path)))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        return files;
    }

    @Test
    void everythingIsGivenOutInOpenFormatsAndWhatCanBeReadInIsReadInAgain() throws IOException {
        long plain = client("Wanda Erlenkamp", "likes it dark");
        long odd = client("=Sum, Ltd", "");
        JsonNode made = visit(odd, "2026-03-03", "10:00", "Window", 0);
        Map<String, byte[]> files = unzipped("/api/everything.zip");
        assertThat(files.keySet())
                .contains(
                        "clients/" + plain + "/client.json",
                        "clients/" + odd + "/cases/" + made.path("id").asLong() + ".mischung.json",
                        "salon.json",
                        "trail.csv");
        Started.Answer looked =
                app.post("/api/clients/imports?take=false", "text/csv; charset=utf-8", files.get("clients.csv"));
        assertThat(looked.status()).as(looked.text()).isEqualTo(200);
        assertThat(looked.json().path("lines").findValuesAsString("outcome"))
                .as("every one is read as a client known here")
                .isNotEmpty()
                .containsOnly("KNOWN");
        assertThat(looked.json().path("lines").findValuesAsString("name")).contains("=Sum, Ltd", "Wanda Erlenkamp");
        for (JsonNode range : app.get("/api/shelf").json().path("ranges")) {
            assertThat(files.keySet())
                    .anyMatch(
                            name -> name.startsWith("ranges/" + range.path("id").asLong() + "-"));
        }
    }

    @Test
    void theArchiveIsOpenFormatsThatCanBeReadAgain() throws IOException {
        long id = client("Rike Vollmond", "note");
        JsonNode made = visit(id, "2026-03-02", "10:00", "Window", 0);
        app.post("/api/cases/" + made.path("id").asLong() + "/photos?words=before", "image/png", picture());
        Map<String, byte[]> files = unzipped("/api/clients/" + id + "/archive");
        assertThat(files.keySet()).hasSize(6).contains("client.json", "bands.csv", "history.csv");
        assertThat(new String(files.get("trail.csv"), StandardCharsets.UTF_8))
                .contains("CHANGED,POST /api/cases/{id}/photos," + id)
                .contains("CHANGED,POST /api/clients/{id}/cases," + id);
        String caseFile = "cases/" + made.path("id").asLong() + ".mischung.json";
        Started.Answer back = app.post("/api/cases/file", new String(files.get(caseFile), StandardCharsets.UTF_8));
        assertThat(back.status()).as(back.text()).isEqualTo(201);
        assertThat(back.json().path("content"))
                .isEqualTo(
                        app.get("/api/cases/" + made.path("id").asLong()).json().path("content"));
        var bands = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(new String(files.get("bands.csv"), StandardCharsets.UTF_8)))
                .getRecords();
        assertThat(bands).hasSize(5);
        assertThat(bands.get(0).get("zone")).isEqualTo("FRINGE");
        String photo = files.keySet().stream()
                .filter(n -> n.startsWith("photos/"))
                .findFirst()
                .orElseThrow();
        assertThat(ImageIO.read(new ByteArrayInputStream(files.get(photo))).getWidth())
                .isEqualTo(80);
    }

    /** Not in the tables, not in the index, not in freed pages, not in the log: the bytes are gone. */
    @Test
    void whatIsErasedIsGoneForGood() throws IOException {
        long id = client("Xaverine Quellbrunn", "zimtstern");
        JsonNode made = visit(id, "2026-03-02", "10:00", "Window", 0);
        Started.Answer photo = app.post(
                "/api/cases/" + made.path("id").asLong() + "/photos?words=lavendelfeld", "image/png", picture());
        byte[] jpeg = app.bytes("/api/photos/" + photo.json().path("id").asLong());
        byte[] piece = Arrays.copyOfRange(jpeg, jpeg.length - 60, jpeg.length - 4);
        assertThat(onDisk("Xaverine")).isTrue();
        assertThat(onDisk(piece)).isTrue();
        assertThat(app.delete("/api/clients/" + id).status()).isEqualTo(204);
        for (String word : new String[] {"Xaverine", "xaverine", "Quellbrunn", "zimtstern", "lavendelfeld"}) {
            assertThat(onDisk(word)).as(word).isFalse();
        }
        assertThat(onDisk(piece)).as("the photograph").isFalse();
        assertThat(app.get("/api/photos/" + photo.json().path("id").asLong()).status())
                .isEqualTo(404);
        assertThat(app.get("/api/cases/" + made.path("id").asLong()).status()).isEqualTo(404);
        assertThat(app.delete("/api/clients/" + id).status()).isEqualTo(404);
    }

    private static boolean onDisk(String word) throws IOException {
        return onDisk(word.getBytes(StandardCharsets.UTF_8));
    }

    private static boolean onDisk(byte[] wanted) throws IOException {
        String needle = new String(wanted, StandardCharsets.ISO_8859_1);
        try (var files = Files.list(data)) {
            for (Path file : files.toList()) {
                if (new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains(needle)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The first version's tables, filled as it filled them, and then opened by this one. */
    @Test
    void aDatabaseOfTheFirstVersionBecomesClientsAndCases(@TempDir Path folder) throws IOException, SQLException {
        String v1;
        try (var in = ClientApiTest.class.getResourceAsStream("/db/migration/V1__cases.sql")) {
            v1 = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        try (Connection old = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("mischung.db"));
                var sql = old.createStatement()) {
            sql.executeUpdate(v1);
            sql.executeUpdate(
                    "insert into head_case values (7, 3, 'Old Client', '2026-01-05', '09:30', 'DENSE', 'FINE', 6.5,"
                            + " 'NATURAL', 'LADDER', '2026-01-05T09:00:00Z'), (8, 1, 'Old Client', '2026-02-05', '09:30',"
                            + " 'DENSE', 'FINE', 6, 'GOLD', 'MIDPOINT', '2026-01-05T09:00:00Z')");
            sql.executeUpdate("insert into zone values (7, 0, 'BACK'), (7, 1, 'CROWN'), (8, 0, 'NAPE')");
            sql.executeUpdate("insert into band values (7, 0, 0, 0, 5, 'NATURAL', 5.5, 'NATURAL', 'NORMAL', 0.25),"
                    + " (7, 0, 1, 5, 30, 'LIGHTENED', 9, 'AS_LIFTED', 'HIGH', 0),"
                    + " (7, 1, 0, 0, 20, 'NATURAL', 5.5, 'NATURAL', 'NORMAL', 0),"
                    + " (8, 0, 0, 0, 20, 'NATURAL', 6, 'NATURAL', 'NORMAL', 0)");
            sql.executeUpdate(
                    "create table flyway_schema_history (installed_rank int not null primary key, version varchar(50),"
                            + " description varchar(200) not null, type varchar(20) not null, script varchar(1000) not null,"
                            + " checksum int, installed_by varchar(100) not null, installed_on text not null default"
                            + " (strftime('%Y-%m-%d %H:%M:%f','now')), execution_time int not null, success boolean not null)");
            sql.executeUpdate(
                    "insert into flyway_schema_history (installed_rank, version, description, type, script, checksum,"
                            + " installed_by, execution_time, success) values (1, '1', 'cases', 'SQL', 'V1__cases.sql', null, '', 1, 1)");
        }
        try (Started now = new Started(folder, false)) {
            JsonNode known = now.get("/api/clients?words=old").json().path("clients");
            assertThat(known).hasSize(1);
            assertThat(known.path(0).path("visits").asInt()).isEqualTo(2);
            JsonNode read = now.get("/api/cases/7").json();
            JsonNode content = read.path("content");
            assertThat(content.path("zones").findValuesAsString("place")).containsExactly("BACK", "CROWN");
            assertThat(content.path("zones")
                            .path(0)
                            .path("bands")
                            .path(1)
                            .path("porosity")
                            .asString(""))
                    .isEqualTo("HIGH");
            assertThat(content.path("history").path("naturalLevel").asDouble()).isEqualTo(5.5);
            assertThat(now.get("/api/cases/7/plan").status()).isEqualTo(200);
        }
    }

    private static Started.Answer file(String csv, boolean take) {
        return app.post(
                "/api/clients/imports?take=" + take, "text/csv; charset=utf-8", csv.getBytes(StandardCharsets.UTF_8));
    }

    /** Looked at, nobody is taken over; taken over, everybody who is new. */
    @Test
    void clientsComeInFromAFileAllOrNobody() {
        client("Vera Bekannt", "");
        String good =
                "\uFEFFname,note\r\n\"Ahlers, Imke\",likes the window\r\nvera bekannt,twice\r\nBo Ahlers,\r\nBo Ahlers,again\r\n";
        long before = app.get("/api/clients").json().path("all").asLong();
        JsonNode looked = file(good, false).json();
        assertThat(looked.path("fresh").asInt()).isEqualTo(2);
        assertThat(looked.path("known").asInt()).isEqualTo(2);
        assertThat(looked.path("taken").asBoolean()).isFalse();
        assertThat(app.get("/api/clients").json().path("all").asLong()).isEqualTo(before);

        JsonNode wrong = file(good + "," + "no name\r\n", true).json();
        assertThat(wrong.path("wrong").asInt()).isEqualTo(1);
        assertThat(wrong.path("taken").asBoolean()).isFalse();
        assertThat(wrong.path("lines").get(0).path("line").asInt()).isEqualTo(6);
        assertThat(wrong.path("lines").get(0).path("remedy").asString()).isNotEmpty();
        assertThat(app.get("/api/clients").json().path("all").asLong()).isEqualTo(before);

        assertThat(file(good, true).json().path("taken").asBoolean()).isTrue();
        JsonNode found = app.get("/api/clients?words=Ahlers").json().path("clients");
        assertThat(found)
                .extracting(one -> one.path("name").asString())
                .containsExactlyInAnyOrder("Ahlers, Imke", "Bo Ahlers");
        // Brought in again, nobody stands there twice.
        assertThat(file(good, true).json().path("fresh").asInt()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "name,note\n", "surname\nMeier\n", "name,phone\nMeier,1\n", "name\n\"Meier\n"})
    void whatIsNoFileOfClientsIsRefused(String csv) {
        assertThat(file(csv, true).status()).isIn(400, 422);
    }

    /** Who was last here before the years the house keeps clients is proposed, and nobody else; nothing is erased by itself. */
    @Test
    void whoHasNotBeenHereForLongIsProposed() {
        long old = client("Lange Weg", "");
        visit(old, "2019-05-02", "10:00", "Window", 0);
        long back = client("Wieder Da", "");
        visit(back, "2019-05-02", "10:00", "Window", 0);
        visit(back, "2026-05-02", "10:00", "Window", 0);
        assertThat(app.get("/api/clients/unseen").json().path("clients")).isEmpty();
        assertThat(app.put("/api/house", app.house("{\"keepYears\":51}")).status())
                .isEqualTo(422);
        assertThat(app.put("/api/house", app.house("{\"keepYears\":5}")).status())
                .isEqualTo(200);
        JsonNode unseen = app.get("/api/clients/unseen").json();
        assertThat(unseen.path("years").asInt()).isEqualTo(5);
        assertThat(unseen.path("clients"))
                .extracting(one -> one.path("name").asString())
                .contains("Lange Weg")
                .doesNotContain("Wieder Da");
        assertThat(app.get("/api/clients/" + old).status()).isEqualTo(200);
        app.put("/api/house", app.house("{\"keepYears\":0}"));
    }

    @Test
    void consentToPhotographsIsKeptWithItsDay() {
        long id = client("Fotini Bild", "");
        assertThat(app.get("/api/clients/" + id).field("photoConsent")).isEmpty();
        assertThat(app.put("/api/clients/" + id + "/photo-consent", "{\"given\":true}")
                        .field("photoConsent"))
                .isEqualTo("2026-11-23");
        assertThat(app.put("/api/clients/" + id + "/photo-consent", "{\"given\":false}")
                        .field("photoConsent"))
                .isEmpty();
        assertThat(app.put("/api/clients/999999/photo-consent", "{\"given\":true}")
                        .status())
                .isEqualTo(404);
    }
}
