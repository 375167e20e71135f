package mischung.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mischung.server.access.Operation;
import mischung.server.access.Operations;
import mischung.server.access.People;
import mischung.server.access.Role;
import mischung.server.access.TrailKeeper;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Asks before every operation whether who sits there may do it, and keeps in the trail what was done. */
@Configuration
class Doorkeeper implements WebMvcConfigurer, HandlerInterceptor {
    /** Who sits at the screen a request came from; absent: nobody has said so, or nobody is asked. */
    static final String PERSON = "mischung.person";

    /** What the screen shows that somebody sits at; a name of its own at each door, as cookies know no ports. */
    static final String SITS = "sits";

    private static final String OPERATION = "mischung.operation";
    private static final String CLIENT = "mischung.client";

    /** What is looked at again within this time is one look. */
    private static final Duration ONE_LOOK = Duration.ofMinutes(10);

    private static final int LOOKS = 2000;

    private final Operations operations;
    private final People people;
    private final TrailKeeper trail;
    private final Clock clock;
    private final Map<TrailKeeper.Entry, Instant> looks = new LinkedHashMap<>();

    Doorkeeper(Operations operations, People people, TrailKeeper trail, Clock clock) {
        this.operations = operations;
        this.people = people;
        this.trail = trail;
        this.clock = clock;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        if (pattern == null || !pattern.toString().startsWith("/api/")) {
            return true;
        }
        Operation asked = operations
                .of(request.getMethod(), pattern.toString())
                .orElseThrow(() -> notAllowed(ProblemMessage.ONLY_MAIN_MACHINE));
        long device = deviceOf(request);
        if (asked.from() == Operation.From.MAIN && device != 0) {
            throw notAllowed(ProblemMessage.ONLY_MAIN_MACHINE);
        }
        Optional<People.Person> sits = people.here(Admission.cookie(request, SITS), device);
        sits.ifPresent(one -> request.setAttribute(PERSON, one));
        if (asked.least() != Role.ANYBODY && people.asked()) {
            if (sits.isEmpty()) {
                throw new Refusal(
                        HttpStatus.UNAUTHORIZED, ProblemMessage.NOBODY_SITS, "", "", ProblemMessage.SAY_WHO_WORKS);
            }
            if (sits.get().role().compareTo(asked.least()) < 0) {
                throw new Refusal(
                        HttpStatus.FORBIDDEN,
                        ProblemMessage.NOT_ALLOWED,
                        "",
                        "",
                        ProblemMessage.NOT_YOURS.say().in("role", asked.least()).said());
            }
        }
        request.setAttribute(OPERATION, asked);
        if (asked.trail() == Operation.Trail.ERASED) {
            Long visit = visit(request, asked);
            request.setAttribute(CLIENT, visit == null ? null : trail.clientOf(visit));
        }
        return true;
    }

    private static Refusal notAllowed(ProblemMessage remedy) {
        return new Refusal(HttpStatus.FORBIDDEN, ProblemMessage.NOT_ALLOWED, "", "", remedy);
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception wrong) {
        Operation done = (Operation) request.getAttribute(OPERATION);
        if (done == null
                || done.trail() == Operation.Trail.NOTHING
                || wrong != null
                || response.getStatus() >= HttpStatus.BAD_REQUEST.value()) {
            return;
        }
        People.Person person = (People.Person) request.getAttribute(PERSON);
        TrailKeeper.Entry look = new TrailKeeper.Entry(
                person == null ? null : person.id(),
                deviceOf(request),
                done,
                client(request, done),
                visit(request, done));
        if (done.trail() != Operation.Trail.SAW || isNew(look)) {
            trail.add(look);
        }
    }

    private boolean isNew(TrailKeeper.Entry look) {
        Instant now = clock.instant();
        synchronized (looks) {
            Instant last = looks.get(look);
            if (last != null && now.isBefore(last.plus(ONE_LOOK))) {
                return false;
            }
            looks.put(look, now);
            if (looks.size() > LOOKS) {
                looks.remove(looks.keySet().iterator().next());
            }
            return true;
        }
    }

    static long deviceOf(HttpServletRequest request) {
        return request.getAttribute(Admission.DEVICE) instanceof Long device ? device : 0;
    }

    private static @Nullable Long visit(HttpServletRequest request, Operation of) {
        return of.pattern().startsWith("/api/cases/{id}") ? number(request) : null;
    }

    private static @Nullable Long client(HttpServletRequest request, Operation of) {
        return of.pattern().startsWith("/api/clients/{id}") ? number(request) : (Long) request.getAttribute(CLIENT);
    }

    private static @Nullable Long number(HttpServletRequest request) {
        Object parts = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        Object id = parts instanceof Map<?, ?> map ? map.get("id") : null;
        return id == null ? null : Long.valueOf(id.toString());
    }
}
