package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.StringReader;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A job looked back on, and all that follows from it, through the application; files are read by general libraries. */
class LookBackApiTest extends OnDemoData {
    private static String path(int id, String what) {
        return "/api/cases/" + id + "/" + what;
    }

    private static Started.Answer post(int id, String what, ObjectNode body) {
        return app.post(path(id, what), body.put("hand", "Ada").toString());
    }

    /** Begun, every task done, ended. */
    private static int worked() {
        int id = copyOfTheFirst();
        JsonNode job = post(id, "job/begin", JSON.createObjectNode()).json();
        for (JsonNode task : job.path("tasks")) {
            press(id, "FINISHED", task.path("key").asString());
        }
        assertThat(press(id, "ENDED", "").json().path("stage").asString()).isEqualTo("ENDED");
        return id;
    }

    private static Started.Answer press(int id, String told, String key) {
        Started.Answer answer = post(
                id, "job/presses", JSON.createObjectNode().put("told", told).put("key", key));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer;
    }

    private static Started.Answer found(int id, JsonNode band, double level, String tone) {
        ObjectNode body = JSON.createObjectNode()
                .put("zone", band.path("zone").asString())
                .put("band", band.path("band").asInt())
                .put("level", level)
                .put("tone", tone)
                .put("stretch", "SPRINGS_BACK");
        body.putArray("measured");
        body.putArray("second");
        return post(id, "look-back/found", body);
    }

    private static JsonNode lookBack(int id) {
        return app.get(path(id, "look-back")).json();
    }

    @Test
    void beforePredictedAndRealStandSideBySideAndTeach() {
        int id = copyOfTheFirst();
        assertThat(lookBack(id).path("begun").asBoolean()).isFalse();
        assertThat(app.get(path(id, "look-back/better")).status()).isEqualTo(422);
        id = worked();
        JsonNode before = lookBack(id);
        assertThat(before.path("bands")).isNotEmpty();
        assertThat(before.path("says").asString()).contains("Read the bands");
        // Every band half a level darker than predicted.
        for (JsonNode band : before.path("bands")) {
            double level = Math.rint(2 * band.path("predicted").path("level").asDouble()) / 2 - 0.5;
            assertThat(found(id, band, level, "NATURAL").status()).isEqualTo(200);
        }
        JsonNode after = lookBack(id);
        for (JsonNode band : after.path("bands")) {
            JsonNode real = band.path("real").path(0);
            assertThat(real.path("levels").asDouble()).isBetween(-0.8, -0.2);
            assertThat(real.path("fromPrediction").asDouble()).isPositive();
            assertThat(band.path("range").asString()).isNotEmpty();
        }
        assertThat(after.path("says").asString()).contains("lie in the range");
        boolean moved = false;
        for (JsonNode factor : after.path("learned")) {
            moved |= factor.path("before").asDouble() != factor.path("after").asDouble();
            assertThat(factor.path("afterSpread").asDouble())
                    .isLessThanOrEqualTo(factor.path("beforeSpread").asDouble());
        }
        assertThat(moved).isTrue();
        JsonNode better = app.get(path(id, "look-back/better")).json();
        assertThat(better.path("says").asString()).isNotEmpty();
        assertThat(better.path("now").asDouble()).isNotNegative();
        assertThat(found(id, JSON.createObjectNode().put("zone", "NAPE").put("band", 77), 5, "NATURAL")
                        .field("remedy"))
                .contains("no such band");
        assertThat(found(id, before.path("bands").path(0), 5.3, "NATURAL").status())
                .isEqualTo(422);
    }

    /** The next visit of the client begins with what this one has taught, until that is forgotten. */
    @Test
    void theNextVisitKnowsAndCanForget() {
        int id = worked();
        long client = app.get("/api/cases/" + id).json().path("clientId").asLong();
        for (JsonNode band : lookBack(id).path("bands")) {
            found(id, band, Math.rint(2 * band.path("predicted").path("level").asDouble()) / 2 - 0.5, "NATURAL");
        }
        JsonNode learned = app.get("/api/clients/" + client + "/learned").json();
        assertThat(learned.path("from").asInt()).isEqualTo(1);
        Started.Answer next = app.post(
                "/api/clients/" + client + "/cases",
                "{\"date\":\"2027-03-01\",\"startTime\":\"09:00\",\"minutes\":240,\"chair\":\"\",\"copyOf\":" + id
                        + "}");
        assertThat(next.status()).as(next.text()).isEqualTo(201);
        int later = next.json().path("id").asInt();
        String known = app.get(path(later, "strand-tests")).json().path("known").toString();
        assertThat(app.get(path(later, "look-back/faded")).json().path("bands")).isNotEmpty();
        Started.Answer forgotten = app.delete("/api/clients/" + client + "/learned");
        assertThat(forgotten.json().path("from").asInt()).isZero();
        assertThat(app.get(path(later, "strand-tests")).json().path("known").toString())
                .isNotEqualTo(known);
        assertThat(app.get("/api/clients/99999/learned").status()).isEqualTo(404);
        assertThat(app.get("/api/house/learned").json().path("hair")).isNotEmpty();
        assertThat(app.delete("/api/house/learned").json().path("from").asInt()).isZero();
    }

    @Test
    void theCalendarIsReadBackByAGeneralLibrary() throws IOException, ParserException {
        int id = worked();
        JsonNode after = app.get(path(id, "after")).json();
        assertThat(after.path("upkeep")).isNotEmpty();
        Started.Answer file = app.get(path(id, "after/upkeep.ics"));
        assertThat(file.type()).contains("text/calendar");
        Calendar calendar = new CalendarBuilder().build(new StringReader(file.text()));
        calendar.validate();
        List<VEvent> events = calendar.getComponents("VEVENT");
        assertThat(events).hasSize(after.path("upkeep").size());
        for (int i = 0; i < events.size(); i++) {
            JsonNode due = after.path("upkeep").path(i);
            VEvent event = events.get(i);
            assertThat(LocalDate.parse(value(event, "DTSTART"), DateTimeFormatter.BASIC_ISO_DATE))
                    .isEqualTo(LocalDate.parse(due.path("from").asString()));
            assertThat(LocalDate.parse(value(event, "DTEND"), DateTimeFormatter.BASIC_ISO_DATE))
                    .isEqualTo(LocalDate.parse(due.path("to").asString()).plusDays(1));
            assertThat(value(event, "SUMMARY")).contains(due.path("words").asString());
            assertThat(event.getUid()).isPresent();
        }
    }

    private static String value(VEvent event, String property) {
        return event.getPropertyList().getFirst(property).orElseThrow().getValue();
    }

    @Test
    void whoIsDueStandsOnTheDay() {
        int id = worked();
        JsonNode due = app.get(path(id, "after")).json().path("upkeep").path(0);
        JsonNode day = app.get("/api/day/" + due.path("from").asString()).json();
        List<Long> reminded = new ArrayList<>();
        day.path("reminders").forEach(one -> reminded.add(one.path("visitId").asLong()));
        assertThat(reminded).contains((long) id);
        String longBefore =
                LocalDate.parse(due.path("from").asString()).minusDays(9).toString();
        List<Long> early = new ArrayList<>();
        app.get("/api/day/" + longBefore)
                .json()
                .path("reminders")
                .forEach(one -> early.add(one.path("visitId").asLong()));
        assertThat(early).doesNotContain((long) id);
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void theClientsCardAndTheRecordHoldWhatTheySay() throws IOException {
        int id = worked();
        post(
                id,
                "look-back/judged",
                JSON.createObjectNode()
                        .put("worked", "Film over the filler")
                        .put("alsoWorked", "")
                        .put("change", "One bowl less"));
        JsonNode after = app.get(path(id, "after")).json();
        String card = text(app.bytes(path(id, "after/card.pdf"))).replaceAll("\\s+", " ");
        assertThat(card).contains("Your hair", "At home", "Come again");
        after.path("homeCare").forEach(line -> assertThat(card).contains(line.asString()));
        String record = text(app.bytes(path(id, "after/record.pdf"))).replaceAll("\\s+", " ");
        assertThat(record)
                .contains("Record of the visit", "Film over the filler", "One bowl less", "The job begins", "Ada:");
        String german = text(app.bytes(path(id, "after/card.pdf"), "de")).replaceAll("\\s+", " ");
        assertThat(german).contains("Ihr Haar", "Zu Hause", "Wiederkommen").doesNotContain("At home");
    }

    private static List<CSVRecord> rows(String csv) throws IOException {
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv))) {
            return parser.getRecords();
        }
    }

    @Test
    void formulasAndTimingsAreTables() throws IOException {
        int id = worked();
        List<CSVRecord> formulas = rows(app.get(path(id, "after/formulas.csv")).text());
        assertThat(formulas).isNotEmpty().allMatch(row -> Double.parseDouble(row.get("planned_g")) > 0);
        List<CSVRecord> timings = rows(app.get(path(id, "after/timings.csv")).text());
        JsonNode tasks = app.get(path(id, "job")).json().path("tasks");
        assertThat(timings)
                .hasSameSizeAs(tasks)
                .allMatch(row -> row.get("state").equals("DONE"));
        assertThat(timings)
                .extracting(row -> row.get("task"))
                .containsExactlyInAnyOrderElementsOf(tasks.findValuesAsString("title"));
    }

    @Test
    void aCaseFileKeepsToThePublishedSchema() throws IOException {
        String published = app.get("/api/case-schema").text();
        assertThat(published)
                .as("made anew it is the same; run bin/schema where the case has changed")
                .isEqualTo(CaseSchema.of(app.get("/api/openapi").text()))
                .isEqualTo(Files.readString(Path.of("../docs/case.schema.json")));
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(published, InputFormat.JSON);
        for (JsonNode one : app.get("/api/cases").json()) {
            String file =
                    app.get("/api/cases/" + one.path("id").asInt() + "/file").text();
            assertThat(schema.validate(file, InputFormat.JSON)).as(file).isEmpty();
            ObjectNode wrong = (ObjectNode) JSON.readTree(file);
            ((ObjectNode) wrong.path("content")).put("density", "ENORMOUS");
            assertThat(schema.validate(wrong.toString(), InputFormat.JSON)).isNotEmpty();
        }
    }

    private static List<Long> past(String question) {
        List<Long> ids = new ArrayList<>();
        app.get("/api/past?q=" + URLEncoder.encode(question, StandardCharsets.UTF_8))
                .json()
                .path("visits")
                .forEach(one -> ids.add(one.path("visitId").asLong()));
        return ids;
    }

    @Test
    void pastWorkIsFoundByWhatOneRemembers() {
        int id = worked();
        JsonNode content = app.get("/api/cases/" + id).json().path("content");
        double canvas = content.path("zones")
                .path(0)
                .path("bands")
                .path(0)
                .path("level")
                .asDouble();
        double wish = content.path("wish").path("level").asDouble();
        for (JsonNode band : lookBack(id).path("bands")) {
            found(id, band, Math.rint(2 * band.path("predicted").path("level").asDouble()) / 2, "NATURAL");
        }
        post(
                id,
                "look-back/judged",
                JSON.createObjectNode()
                        .put("worked", "Zephyr foils at the nape")
                        .put("alsoWorked", "")
                        .put("change", ""));
        assertThat(past("zephyr")).containsExactly((long) id);
        assertThat(past(figure(canvas) + " to " + figure(wish) + " zephyr")).containsExactly((long) id);
        assertThat(past("1 to 12 zephyr")).isEmpty();
        boolean even = past("even zephyr").contains((long) id);
        assertThat(past("uneven zephyr").contains((long) id)).isEqualTo(!even);
        JsonNode answer =
                app.get("/api/past?q=10+to+6+on+porous+ends+that+stayed+even").json();
        assertThat(answer.path("understood").toString()).contains("level 10", "level 6", "porosity", "even");
        assertThat(past("\" * ( zephyr )) ^ -")).as("signs mean nothing").containsExactly((long) id);
        assertThat(app.delete("/api/cases/" + id).status()).isEqualTo(204);
        assertThat(past("zephyr")).isEmpty();
    }

    private static String figure(double level) {
        return level == Math.rint(level) ? Integer.toString((int) level) : (int) level + ".5";
    }

    @Test
    void anIrritatedScalpIsSaidAndPlannedFor() {
        int id = copyOfTheFirst();
        post(id, "job/begin", JSON.createObjectNode());
        JsonNode whole = post(id, "job/scalp", JSON.createObjectNode().put("scalp", "WHOLE"))
                .json();
        assertThat(whole.path("recheck")).isEmpty();
        assertThat(whole.path("entries").path(0).path("words").asString()).isEqualTo("The scalp: whole");
        JsonNode irritated = post(id, "job/scalp", JSON.createObjectNode().put("scalp", "IRRITATED"))
                .json();
        assertThat(irritated.path("recheck").path(0).path("changes").toString())
                .contains("No lightener and no colour on the scalp");
        assertThat(yes(id).json().path("recheck")).isEmpty();
        assertThat(post(id, "job/scalp", JSON.createObjectNode().put("scalp", "SHINY"))
                        .status())
                .isBetween(400, 422);
    }

    /** To what is proposed now. */
    private static Started.Answer yes(int id) {
        JsonNode proposal = app.get(path(id, "job")).json().path("recheck").path(0);
        return post(
                id,
                "job/answer",
                JSON.createObjectNode()
                        .put("accepted", true)
                        .put("entry", proposal.path("entry").asLong())
                        .put("thorough", !proposal.path("thinking").asBoolean()));
    }

    @Test
    void whatCameUpIsPlannedAnewAndTheBowlsFollow() {
        int id = copyOfTheFirst();
        JsonNode job = post(id, "job/begin", JSON.createObjectNode()).json();
        ObjectNode late = JSON.createObjectNode()
                .put("what", "HANDS")
                .put("hands", 2)
                .put("clock", "")
                .put("bowl", "")
                .put("grams", 0);
        JsonNode two = post(id, "job/changed", late).json();
        assertThat(two.path("recheck").path(0).path("words").asString()).contains("2 people");
        JsonNode accepted = yes(id).json();
        assertThat(accepted.path("recheck")).isEmpty();
        boolean second = false;
        for (JsonNode task : accepted.path("tasks")) {
            second |= task.path("person").asInt() == 2;
        }
        assertThat(second).isTrue();
        String bowl = "";
        for (JsonNode card : app.get(path(id, "mix")).json().path("cards")) {
            bowl = bowl.isEmpty() ? card.path("bowl").asString() : bowl;
        }
        int cards = app.get(path(id, "mix")).json().path("cards").size();
        ObjectNode shortOf =
                late.deepCopy().put("what", "SHORT").put("bowl", bowl).put("grams", 30);
        assertThat(post(
                                id,
                                "job/answer",
                                JSON.createObjectNode()
                                        .put("accepted", true)
                                        .put("entry", 1)
                                        .put("thorough", true))
                        .status())
                .as("nothing is proposed")
                .isEqualTo(422);
        assertThat(post(id, "job/changed", shortOf)
                        .json()
                        .path("recheck")
                        .path(0)
                        .path("changes"))
                .isNotEmpty();
        yes(id);
        assertThat(app.get(path(id, "mix")).json().path("cards")).hasSize(cards + 1);
        assertThat(post(
                                id,
                                "job/changed",
                                late.deepCopy()
                                        .put("what", "SHORT")
                                        .put("bowl", "Q")
                                        .put("grams", 30))
                        .field("remedy"))
                .contains("no such bowl");
        assertThat(post(
                                id,
                                "job/changed",
                                late.deepCopy().put("what", "GOES_BY").put("clock", "soon"))
                        .field("remedy"))
                .contains("16:30");
        assertThat(job.path("tasks")).isNotEmpty();
    }
}
