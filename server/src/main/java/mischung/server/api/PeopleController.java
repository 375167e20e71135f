package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import mischung.server.access.People;
import mischung.server.access.Role;
import mischung.server.words.Language;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who works here, and who of them sits at the screen that asks. */
@RestController
@RequestMapping(path = "/api/people", produces = MediaType.APPLICATION_JSON_VALUE)
class PeopleController {
    private final People people;
    private final HouseSettings house;

    PeopleController(People people, HouseSettings house) {
        this.house = house;
        this.people = people;
    }

    /** A name to press. */
    record NameView(long id, String name) {}

    /** Who sits at a screen. */
    record HereView(
            @Schema(description = "whether people say who they are; otherwise everybody may all")
            boolean asked,

            @Schema(description = "whether this is the machine the program runs on")
            boolean main,

            @Schema(description = "what may be done here now; ANYBODY: somebody has to say who works here")
            Role role,

            @Schema(description = "who sits here; empty: nobody has said so")
            String name,

            @Schema(description = "what is spoken here now") Language language,

            @Schema(description = "who can sit here; none where nobody is asked")
            List<NameView> people) {}

    /** @param pin four to eight figures */
    record SitView(
            long person,
            @Schema(description = "four to eight figures") String pin) {}

    /** Somebody who works here. */
    record PersonView(long id, String name, Role role, Spoken language) {
        static PersonView of(People.Person one) {
            return new PersonView(one.id(), one.name(), one.role(), Spoken.of(one.language()));
        }
    }

    /** What is spoken to somebody. */
    enum Spoken {
        AS_THE_SALON,
        EN,
        DE;

        static Spoken of(Optional<Language> language) {
            return language.map(one -> Spoken.valueOf(one.name())).orElse(AS_THE_SALON);
        }

        Optional<Language> own() {
            return this == AS_THE_SALON ? Optional.empty() : Optional.of(Language.valueOf(name()));
        }
    }

    /** All of them. */
    record PeopleView(boolean asked, List<PersonView> people) {}

    /** Somebody as they are to be. */
    record PersonWanted(
            @Schema(description = "1–60 letters, nobody else's here")
            String name,

            @Schema(description = "not ANYBODY") Role role,

            @Schema(description = "four to eight figures; empty: it stays as it is")
            String pin,

            Spoken language) {}

    /** Whether people say who they are. */
    record Asked(boolean on) {}

    @GetMapping("/here")
    @Operation(operationId = "here", summary = "Who sits at this screen, and who could")
    HereView here(@Parameter(hidden = true) HttpServletRequest request) {
        return view((People.Person) request.getAttribute(Doorkeeper.PERSON), Doorkeeper.deviceOf(request));
    }

    private HereView view(People.@Nullable Person sits, long device) {
        if (!people.asked()) {
            return new HereView(false, device == 0, Role.OWNER, "", house.now().language(), List.of());
        }
        List<NameView> names = people.all().stream()
                .map(one -> new NameView(one.id(), one.name()))
                .toList();
        return sits == null
                ? new HereView(true, device == 0, Role.ANYBODY, "", house.now().language(), names)
                : new HereView(
                        true,
                        device == 0,
                        sits.role(),
                        sits.name(),
                        sits.language().orElseGet(() -> house.now().language()),
                        names);
    }

    @PostMapping("/here")
    @Operation(operationId = "sitDown", summary = "Say who works at this screen from now on")
    HereView sit(
            @Parameter(hidden = true) HttpServletRequest request,
            @Parameter(hidden = true) HttpServletResponse response,
            @RequestBody SitView sits) {
        long device = Doorkeeper.deviceOf(request);
        String token = people.sit(sits.person, sits.pin, device);
        people.leave(Admission.cookie(request, Doorkeeper.SITS));
        give(request, response, token);
        People.Person person = people.here(token, device).orElseThrow();
        speak(response, person.language());
        request.setAttribute(Doorkeeper.PERSON, person);
        return view(person, device);
    }

    @DeleteMapping("/here")
    @Operation(operationId = "standUp", summary = "Nobody works at this screen until somebody says so")
    HereView leave(
            @Parameter(hidden = true) HttpServletRequest request,
            @Parameter(hidden = true) HttpServletResponse response) {
        people.leave(Admission.cookie(request, Doorkeeper.SITS));
        give(request, response, "");
        return view(null, Doorkeeper.deviceOf(request));
    }

    @GetMapping
    @Operation(operationId = "people", summary = "Who works here")
    PeopleView all() {
        return new PeopleView(
                people.asked(), people.all().stream().map(PersonView::of).toList());
    }

    @PostMapping
    @Operation(operationId = "addPerson", summary = "Somebody who works here from now on")
    PeopleView add(@RequestBody PersonWanted wanted) {
        people.add(wanted.name, wanted.role, wanted.pin, wanted.language.own());
        return all();
    }

    @PutMapping("/asked-for")
    @Operation(operationId = "askForPeople", summary = "Whether people say who they are")
    PeopleView ask(@RequestBody Asked asked) {
        people.ask(asked.on);
        return all();
    }

    @PutMapping("/{id}")
    @Operation(operationId = "changePerson", summary = "Another name, role or PIN")
    PeopleView change(@PathVariable long id, @RequestBody PersonWanted wanted) {
        people.change(id, wanted.name, wanted.role, wanted.pin, wanted.language.own());
        return all();
    }

    @DeleteMapping("/{id}")
    @Operation(operationId = "personLeft", summary = "Works here no longer; the name stays with what was done")
    PeopleView left(@PathVariable long id) {
        people.left(id);
        return all();
    }

    /** To whoever sits here their own language, which the last one here may not have spoken. */
    private static void speak(HttpServletResponse response, Optional<Language> language) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(
                                LanguageController.COOKIE,
                                language.map(one -> one.locale().getLanguage()).orElse(""))
                        .path("/")
                        .sameSite("Strict")
                        .maxAge(language.isPresent() ? Duration.ofDays(400) : Duration.ZERO)
                        .build()
                        .toString());
    }

    private static void give(HttpServletRequest request, HttpServletResponse response, String token) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Doorkeeper.SITS, token)
                        .path("/api")
                        .secure(request.isSecure())
                        .httpOnly(true)
                        .sameSite("Strict")
                        .maxAge(token.isEmpty() ? Duration.ZERO : Duration.ofSeconds(-1))
                        .build()
                        .toString());
    }
}
