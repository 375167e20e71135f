package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.server.access.Operation;
import mischung.server.access.Operations;
import mischung.server.access.Role;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** People, devices, and what each of them may: every operation is tried by everybody from everywhere. */
class AccessApiTest {
    private static final Map<Role, String> PINS =
            Map.of(Role.OWNER, "83746529", Role.COLOURIST, "5091", Role.ASSISTANT, "64738");

    private static final int UNAUTHORIZED = 401;
    private static final int FORBIDDEN = 403;

    @TempDir
    private Path data;

    private Started program;
    private Screen main;

    @BeforeEach
    void start() {
        // A minute of being locked out is a second.
        start(false);
    }

    private void start(boolean demo) {
        program = new Started(data, demo, List.of("--mischung.house-port=0", "--mischung.hasten=60"));
        main = Screen.main(program);
    }

    @AfterEach
    void stop() {
        program.close();
    }

    private static String person(String name, Role role) {
        return "{\"name\":\"" + name + "\",\"role\":\"" + role + "\",\"pin\":\"" + PINS.getOrDefault(role, "")
                + "\",\"language\":\"AS_THE_SALON\"}";
    }

    /** One of each role, by number; from then on they say who they are. */
    private Map<Role, Long> people() {
        Map<Role, Long> numbers = new EnumMap<>(Role.class);
        assertThat(main.send("POST", "/api/people", person("Ona", Role.OWNER)).status())
                .isEqualTo(200);
        main.send("POST", "/api/people", person("Kolja", Role.COLOURIST));
        JsonNode all = main.send("POST", "/api/people", person("Asta", Role.ASSISTANT))
                .json()
                .path("people");
        all.forEach(one -> numbers.put(
                Role.valueOf(one.path("role").asString()), one.path("id").asLong()));
        assertThat(main.send("PUT", "/api/people/asked-for", "{\"on\":true}").status())
                .isEqualTo(200);
        return numbers;
    }

    private Screen device() {
        return Screen.atTheDoor(main, data);
    }

    private Screen paired(String name) {
        return Screen.paired(main, data, name);
    }

    @Test
    void everyOperationStandsInTheTableAndNoOther() {
        Set<String> described = new HashSet<>(Set.of("GET /api/openapi"));
        program.get("/api/openapi")
                .json()
                .path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .propertyNames()
                        .forEach(method -> described.add(method.toUpperCase(Locale.ROOT) + " " + path.getKey())));
        assertThat(new Operations().all().stream().map(Operation::name)).containsExactlyInAnyOrderElementsOf(described);
    }

    /** Operation × role × main machine, paired device, device nobody let in. */
    @Test
    void nobodyGetsMoreThanTheTableSays() {
        Screen stranger = device();
        Screen tablet = paired("Tablet at the window");
        Map<Role, Long> people = people();
        List<Operation> all = new Operations()
                .all().stream()
                        .filter(one -> !one.name().equals("DELETE /api/people/here"))
                        .sorted(Comparator.comparing(Operation::name))
                        .toList();
        List<String> wrong = new ArrayList<>();
        for (Operation one : all) {
            if (ask(stranger, one) != FORBIDDEN) {
                wrong.add("a stranger: " + one.name());
            }
        }
        for (Role role : Role.values()) {
            for (Screen screen : List.of(main, tablet)) {
                if (role == Role.ANYBODY) {
                    screen.send("DELETE", "/api/people/here", "");
                } else {
                    assertThat(screen.sit(people.get(role), PINS.get(role)).status())
                            .isEqualTo(200);
                }
                for (Operation one : all) {
                    int answer = ask(screen, one);
                    boolean may = (screen == main || one.from() == Operation.From.ANYWHERE)
                            && role.compareTo(one.least()) >= 0;
                    if (may == (answer == UNAUTHORIZED || answer == FORBIDDEN) || answer == 500) {
                        wrong.add(role + (screen == main ? " here: " : " at the tablet: ") + one.name() + " " + answer);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** About nothing that is there, with something that is no JSON: what is let through is refused for that, and changes nothing. */
    private static int ask(Screen screen, Operation one) {
        String path = one.pattern()
                .replace("{id}", "999999")
                .replace("{date}", "2026-11-23")
                .replace("{name}", "none");
        boolean sends = one.method().equals("POST") || one.method().equals("PUT");
        // Of the wrong kind it would be refused before anybody is asked.
        String kind =
                path.endsWith("/photos") ? "image/jpeg" : path.endsWith("/imports") ? "text/csv" : "application/json";
        return screen.send(one.method(), path, sends ? "{" : "", "Content-Type", kind)
                .status();
    }

    @Test
    void aStrangerGetsOnePlainPageAndNothingElse() {
        Screen stranger = device();
        for (String path : List.of("/", "/cases/1/read", "/shelf", "/assets/index.js")) {
            assertThat(stranger.page(path).text())
                    .contains("This device is new here")
                    .doesNotContain("<script");
        }
        assertThat(stranger.get("/assets/index.js").status()).isEqualTo(FORBIDDEN);
        assertThat(stranger.get("/api/cases").field("title")).isEqualTo("This device is not paired");
        assertThat(stranger.get("/house.crt").type()).isEqualTo("application/x-x509-ca-cert");
        // By its figures nobody learns how many wait, or who works here.
        assertThat(stranger.get("/api/people/here").status()).isEqualTo(FORBIDDEN);
        assertThat(stranger.send("GET", "/", "", "Accept", "text/html", "Cookie", "__Host-device=guessed")
                        .text())
                .contains("This device is new here");
    }

    @Test
    void wrongFiguresSlowDownAndLock() throws InterruptedException {
        Screen device = device();
        String figures = device.figures();
        String wrong = figures.equals("000000") ? "000001" : "000000";
        String named = ",\"name\":\"Tablet\"}";
        for (int i = 0; i < 5; i++) {
            assertThat(main.send("POST", "/api/devices", "{\"code\":\"" + wrong + "\"" + named)
                            .field("remedy"))
                    .startsWith("No device shows these figures");
        }
        assertThat(main.send("POST", "/api/devices", "{\"code\":\"" + figures + "\"" + named)
                        .field("remedy"))
                .startsWith("Too many were wrong");
        Thread.sleep(1500);
        assertThat(main.send("POST", "/api/devices", "{\"code\":\"" + figures + "\"" + named)
                        .status())
                .isEqualTo(200);
        assertThat(device.page("/").status()).isEqualTo(303);
        assertThat(device.get("/api/cases").status()).isEqualTo(200);
        // Figures let in once.
        assertThat(main.send("POST", "/api/devices", "{\"code\":\"" + figures + "\"" + named)
                        .status())
                .isEqualTo(422);
    }

    @Test
    void tooManyThatWaitAreNotAllShownFigures() {
        device().figures();
        Screen last = null;
        for (int i = 0; i < 4; i++) {
            last = device();
            last.page("/");
        }
        assertThat(last.page("/").text())
                .contains("Too many devices are waiting")
                .doesNotContain("class=\"code\"");
    }

    @Test
    void aRemovedDeviceIsAStrangerAtOnceAndAfterARestart() {
        Screen tablet = paired("Tablet");
        assertThat(tablet.get("/api/cases").status()).isEqualTo(200);
        JsonNode device = main.get("/api/devices").json().path("devices").get(0);
        assertThat(device.path("name").asString()).isEqualTo("Tablet");
        long id = device.path("id").asLong();
        assertThat(main.send("PUT", "/api/devices/" + id, "{\"name\":\"Bar\"}").text())
                .contains("\"Bar\"");
        assertThat(main.send("DELETE", "/api/devices/" + id, "").status()).isEqualTo(200);
        assertThat(tablet.get("/api/cases").status()).isEqualTo(FORBIDDEN);
        assertThat(tablet.page("/").text()).contains("This device is new here");
        assertThat(main.send("DELETE", "/api/devices/" + id, "").field("remedy"))
                .isEqualTo("There is no such device any more.");
    }

    /** Nothing listens to the network before it is let in, nor after it is shut out again; paired devices find it after a restart. */
    @Test
    void theDoorIsShutUntilItIsOpened() {
        assertThat(main.get("/api/devices").json().path("network").asBoolean()).isFalse();
        assertThat(main.get("/api/devices").json().path("addresses")).isEmpty();
        Screen tablet = paired("Tablet");
        assertThat(main.send("PUT", "/api/devices/network", "{\"on\":false}")
                        .json()
                        .path("network")
                        .asBoolean())
                .isFalse();
        assertThatThrownBy(() -> tablet.get("/api/cases")).hasRootCauseInstanceOf(IOException.class);
        main.send("PUT", "/api/devices/network", "{\"on\":true}");
        program.close();
        program = new Started(data, true, List.of("--mischung.house-port=0"));
        main = Screen.main(program);
        JsonNode devices = main.get("/api/devices").json();
        assertThat(devices.path("network").asBoolean()).isTrue();
        assertThat(devices.path("devices").get(0).path("name").asString()).isEqualTo("Tablet");
    }

    /** Whether it runs is told to whoever looks after the computer, and nothing else; no stranger learns it. */
    @Test
    void healthIsToldToThisMachineWithoutAWord() {
        assertThat(main.get("/actuator/health").text()).isEqualTo("{\"status\":\"UP\"}");
        for (String other : List.of("env", "beans", "metrics", "heapdump", "health/db")) {
            assertThat(main.get("/actuator/" + other).status()).as(other).isEqualTo(404);
        }
        assertThat(device().get("/actuator/health").status()).isEqualTo(FORBIDDEN);
    }

    @Test
    void theKeysLieThereForTheirOwnerAlone() throws IOException {
        device();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data.resolve("house.p12"))))
                .isEqualTo("rw-------");
    }

    @Test
    void onePersonSitsByNameAndPinAndWrongOnesLock() throws InterruptedException {
        Map<Role, Long> people = people();
        assertThat(main.get("/api/cases").field("title")).isEqualTo("Nobody has said who works here");
        JsonNode here = main.get("/api/people/here").json();
        assertThat(here.path("role").asString()).isEqualTo("ANYBODY");
        assertThat(here.path("people")).hasSize(3);
        long asta = people.get(Role.ASSISTANT);
        for (int i = 0; i < 5; i++) {
            assertThat(main.sit(asta, "0000").field("remedy")).isEqualTo("That is not the PIN.");
        }
        assertThat(main.sit(asta, PINS.get(Role.ASSISTANT)).field("remedy")).startsWith("Too many were wrong");
        // Nobody else is locked out by that.
        assertThat(main.sit(people.get(Role.COLOURIST), PINS.get(Role.COLOURIST))
                        .field("name"))
                .isEqualTo("Kolja");
        Thread.sleep(1500);
        assertThat(main.sit(asta, PINS.get(Role.ASSISTANT)).field("role")).isEqualTo("ASSISTANT");
        assertThat(main.send("PUT", "/api/house", "{}").field("remedy")).isEqualTo("Only an owner may do this.");
        assertThat(main.send("PUT", "/api/cases/1", "{}").field("remedy")).isEqualTo("Only a colourist may do this.");
        assertThat(main.send("DELETE", "/api/people/here", "").field("role")).isEqualTo("ANYBODY");
        assertThat(main.get("/api/cases").status()).isEqualTo(UNAUTHORIZED);
    }

    /** Whoever tries all at once gets no more tries than whoever tries one after the other. */
    @Test
    void manyPinsAtOnceAreCountedOneByOne() throws Exception {
        long asta = people().get(Role.ASSISTANT);
        ExecutorService many = Executors.newFixedThreadPool(20);
        List<Future<String>> answers = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            String pin = String.format("%04d", i);
            answers.add(many.submit(() -> Screen.main(program).sit(asta, pin).field("remedy")));
        }
        int tried = 0;
        for (Future<String> answer : answers) {
            tried += answer.get().equals("That is not the PIN.") ? 1 : 0;
        }
        many.shutdown();
        // Each lock of a minute lasts a second here; a few may fall after one.
        assertThat(tried).isLessThan(10);
    }

    /** A sitting counts at the screen where it was begun, and not when its cookie is carried elsewhere. */
    @Test
    void aSittingIsNotCarriedToAnotherDevice() {
        Screen tablet = paired("Tablet");
        Map<Role, Long> people = people();
        main.sit(people.get(Role.OWNER), PINS.get(Role.OWNER));
        String carried = main.cookie("sits");
        assertThat(carried).isNotEmpty();
        assertThat(tablet.send("GET", "/api/cases", "", "Cookie", "sits=" + carried)
                        .status())
                .isEqualTo(UNAUTHORIZED);
    }

    @Test
    void oneOwnerStaysAndNamesAreTold() {
        Map<Role, Long> people = people();
        main.sit(people.get(Role.OWNER), PINS.get(Role.OWNER));
        long ona = people.get(Role.OWNER);
        assertThat(main.send("DELETE", "/api/people/" + ona, "").field("remedy"))
                .startsWith("One owner has to stay");
        assertThat(main.send("PUT", "/api/people/" + ona, person("Ona", Role.ASSISTANT))
                        .field("remedy"))
                .startsWith("One owner has to stay");
        assertThat(main.send("POST", "/api/people", person("ona", Role.ASSISTANT))
                        .field("remedy"))
                .startsWith("Somebody here has that name");
        for (String pin : List.of("123", "123456789", "12a4", "")) {
            assertThat(main.send(
                                    "POST",
                                    "/api/people",
                                    "{\"name\":\"Nele\",\"role\":\"ASSISTANT\",\"language\":\"DE\",\"pin\":\"" + pin
                                            + "\"}")
                            .field("remedy"))
                    .isEqualTo("A PIN has four to eight figures.");
        }
        assertThat(main.send("DELETE", "/api/people/" + people.get(Role.ASSISTANT), "")
                        .json()
                        .path("people"))
                .hasSize(2);
        // Switched off, everybody may all again, and nobody is asked.
        main.send("PUT", "/api/people/asked-for", "{\"on\":false}");
        main.send("DELETE", "/api/people/here", "");
        assertThat(main.get("/api/people/here").field("role")).isEqualTo("OWNER");
        assertThat(main.get("/api/people").status()).isEqualTo(200);
    }

    @Test
    void anOwnerWhoForgotThePinStartsWithoutNames() {
        people();
        program.close();
        program = new Started(data, true, List.of("--mischung.without-names=true"));
        main = Screen.main(program);
        assertThat(main.get("/api/people").json().path("people")).hasSize(3);
    }

    /** Whoever sits down is spoken to in their own language, and the next one in theirs. */
    @Test
    void everybodyIsSpokenToInTheirOwnLanguage() {
        Map<Role, Long> people = people();
        main.sit(people.get(Role.OWNER), PINS.get(Role.OWNER));
        String german = person("Asta", Role.ASSISTANT).replace("AS_THE_SALON", "DE");
        main.send("PUT", "/api/people/" + people.get(Role.ASSISTANT), german);
        assertThat(main.sit(people.get(Role.ASSISTANT), PINS.get(Role.ASSISTANT))
                        .field("language"))
                .isEqualTo("DE");
        assertThat(main.send("PUT", "/api/house", "{}").field("remedy"))
                .isEqualTo("Das darf nur die Inhaberin oder der Inhaber.");
        main.sit(people.get(Role.COLOURIST), PINS.get(Role.COLOURIST));
        assertThat(main.send("PUT", "/api/house", "{}").field("remedy")).isEqualTo("Only an owner may do this.");
    }

    @Test
    void theFirstPersonIsAnOwner() {
        assertThat(main.send("POST", "/api/people", person("Asta", Role.ASSISTANT))
                        .field("remedy"))
                .startsWith("The first person is an owner");
        assertThat(main.send("PUT", "/api/people/asked-for", "{\"on\":true}").status())
                .isEqualTo(422);
    }

    /** Whatever name a screen sends along: who sits there did it. */
    @Test
    void pressesAndWeighingsCarryWhoSitsThere() {
        program.close();
        start(true);
        Screen tablet = paired("Tablet");
        Map<Role, Long> people = people();
        main.sit(people.get(Role.OWNER), PINS.get(Role.OWNER));
        tablet.sit(people.get(Role.COLOURIST), PINS.get(Role.COLOURIST));
        JsonNode begun = tablet.send("POST", "/api/cases/1/job/begin", "{\"hand\":\"Somebody\"}")
                .json();
        assertThat(begun.path("entries").path(0).path("hand").asString()).isEqualTo("Kolja");
        JsonNode said = main.send("POST", "/api/cases/1/job/said", "{\"hand\":\"\",\"words\":\"Warm at the nape\"}")
                .json();
        assertThat(said.path("entries").path(0).path("hand").asString()).isEqualTo("Ona");
    }

    @Test
    void theTrailTellsWhoDidWhatWhereAndStays() throws SQLException {
        program.close();
        start(true);
        Screen tablet = paired("Tablet");
        Map<Role, Long> people = people();
        main.sit(people.get(Role.OWNER), PINS.get(Role.OWNER));
        tablet.sit(people.get(Role.COLOURIST), PINS.get(Role.COLOURIST));
        for (int i = 0; i < 3; i++) {
            tablet.get("/api/cases/1");
        }
        tablet.get("/api/cases/1/after/card.pdf");
        JsonNode client = main.get("/api/clients/2").json();
        main.send("DELETE", "/api/clients/2", "");
        main.send("PUT", "/api/cases/1", "{}");

        JsonNode lines = main.get("/api/trail?words=kolja").json().path("lines");
        assertThat(lines)
                .extracting(one -> one.path("kind").asString() + " "
                        + one.path("operation").asString() + " "
                        + one.path("device").asString() + " "
                        + one.path("visitId").asLong())
                .containsExactly(
                        "EXPORTED GET /api/cases/{id}/after/card.pdf Tablet 1",
                        "SAW GET /api/cases/{id} Tablet 1",
                        "CHANGED POST /api/people/here Tablet 0");
        JsonNode erased = main.get("/api/trail?kind=ERASED").json().path("lines");
        assertThat(erased).hasSize(1);
        assertThat(erased.get(0).path("person").asString()).isEqualTo("Ona");
        assertThat(erased.get(0).path("clientId").asLong()).isEqualTo(2);
        String name = client.path("name").asString();
        assertThat(name).isNotEmpty();
        String table = main.get("/api/trail.csv").text();
        assertThat(table.lines().findFirst()).contains("at,person,device,kind,operation,client,visit");
        assertThat(table).contains("Kolja,Tablet,SAW,GET /api/cases/{id}").doesNotContain(name);
        // What was refused changed nothing, and is no change.
        assertThat(table).doesNotContain("PUT /api/cases/{id}");

        try (Connection sql = DriverManager.getConnection("jdbc:sqlite:" + database());
                Statement statement = sql.createStatement()) {
            assertThatThrownBy(() -> statement.executeUpdate("delete from trail"))
                    .hasMessageContaining("only added to");
            assertThatThrownBy(() -> statement.executeUpdate("update trail set person_id = 1"))
                    .hasMessageContaining("only added to");
        }
    }

    private Path database() {
        try (Stream<Path> files = Files.list(data)) {
            return files.filter(one -> one.toString().endsWith(".db"))
                    .findFirst()
                    .orElseThrow();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** No PIN and no token lies in the data folder in clear, nor is it told again by any answer. */
    @Test
    void noSecretIsKeptOrTold() throws IOException {
        Screen tablet = paired("Tablet");
        Map<Role, Long> people = people();
        tablet.sit(people.get(Role.OWNER), PINS.get(Role.OWNER));
        String sits = tablet.cookie("sits");
        String token = tablet.cookie("__Host-device");
        assertThat(sits).hasSizeGreaterThan(40);
        assertThat(token).hasSizeGreaterThan(40);
        Set<String> secrets = Set.of(PINS.get(Role.OWNER), sits, token);
        try (Stream<Path> files = Files.walk(data)) {
            for (Path file : files.filter(Files::isRegularFile).collect(Collectors.toSet())) {
                String content = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
                assertThat(secrets).as("%s", file).noneMatch(content::contains);
            }
        }
        main.sit(people.get(Role.OWNER), PINS.get(Role.OWNER));
        for (String path : List.of("/api/people", "/api/devices", "/api/people/here", "/api/trail", "/api/trail.csv")) {
            assertThat(main.get(path).text()).as(path).doesNotContain(secrets);
        }
    }
}
