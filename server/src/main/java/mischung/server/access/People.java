package mischung.server.access;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import mischung.said.RefusedInput;
import mischung.server.Settings;
import mischung.server.store.AccessStore;
import mischung.server.words.Language;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.stereotype.Component;

/** Who works here, and who of them sits at which screen. A salon of one leaves it switched off: then everybody is the owner. */
@Component
public class People {
    private static final Pattern PIN = Pattern.compile("[0-9]{4,8}");
    private static final int LONGEST_NAME = 60;

    private final AccessStore store;
    private final Attempts attempts;
    // Slow on purpose (2^11 rounds): a PIN has few figures.
    private final BCryptPasswordEncoder digests = new BCryptPasswordEncoder(11);

    public People(AccessStore store, Clock clock, Settings settings) {
        this.store = store;
        this.attempts = new Attempts(clock);
        if (settings.withoutNames()) {
            store.people(false);
        }
    }

    /**
     * Somebody who works here.
     *
     * @param language what is spoken to them; empty: as to everybody here
     */
    public record Person(long id, String name, Role role, Optional<Language> language) {
        static Person of(AccessStore.Person kept) {
            return new Person(
                    kept.id(),
                    kept.name(),
                    Role.valueOf(kept.role()),
                    kept.language().isEmpty() ? Optional.empty() : Optional.of(Language.valueOf(kept.language())));
        }
    }

    /** Whether people say who they are. */
    public boolean asked() {
        return store.switches().people();
    }

    public List<Person> all() {
        return store.people().stream().map(Person::of).toList();
    }

    /**
     * The first is an owner, and from then on everybody says who they are.
     *
     * @throws RefusedInput unless the name is one nobody else here has and the PIN has four to eight figures
     */
    public synchronized long add(String name, Role role, String pin, Optional<Language> language) {
        String called = named(name, 0);
        if (store.people().isEmpty() && role != Role.OWNER) {
            throw new RefusedInput("role", role, ProblemMessage.FIRST_OWNER);
        }
        return store.add(called, working(role).name(), digested(pin), kept(language));
    }

    /**
     * @param pin empty: it stays
     * @throws RefusedInput if there is no such person, or no owner would be left
     */
    public synchronized void change(long id, String name, Role role, String pin, Optional<Language> language) {
        if (role != Role.OWNER) {
            anotherOwner(id);
        }
        known(id);
        store.change(id, named(name, id), working(role).name(), pin.isEmpty() ? null : digested(pin), kept(language));
    }

    /** @throws RefusedInput if there is no such person, or no owner would be left */
    public synchronized void left(long id) {
        anotherOwner(id);
        store.left(known(id).id());
    }

    /** @throws RefusedInput if nobody could let anybody in */
    public synchronized void ask(boolean on) {
        if (on && all().stream().noneMatch(one -> one.role == Role.OWNER)) {
            throw new RefusedInput("on", true, ProblemMessage.FIRST_OWNER);
        }
        store.people(on);
    }

    /**
     * Who says so sits at this screen from now on.
     *
     * @return what this screen shows from now on to be theirs
     * @throws RefusedInput if it is not their PIN, or too many were not
     */
    // One after the other: whoever tries many at once is counted all the same.
    public synchronized String sit(long id, String pin, long device) {
        String who = "person " + id;
        open(attempts, who, "pin");
        AccessStore.Person person = known(id);
        if (!PIN.matcher(pin).matches() || !digests.matches(pin, person.pin())) {
            attempts.wrong(who);
            throw new RefusedInput("pin", "", ProblemMessage.WRONG_PIN);
        }
        attempts.right(who);
        String token = Secrets.token();
        store.sit(Secrets.digest(token), id, device);
        return token;
    }

    public void leave(@Nullable String token) {
        if (token != null) {
            store.leave(Secrets.digest(token));
        }
    }

    /** Who sits at this screen. */
    public Optional<Person> here(@Nullable String token, long device) {
        return token == null
                ? Optional.empty()
                : store.sits(Secrets.digest(token), device).map(Person::of);
    }

    /** @throws RefusedInput while nothing is taken after too many wrong ones */
    static void open(Attempts attempts, String who, String field) {
        try {
            attempts.mayTry(who);
        } catch (Attempts.Locked locked) {
            throw new RefusedInput(
                    field,
                    "",
                    ProblemMessage.LOCKED_FOR
                            .say()
                            .count("seconds", Math.toIntExact(locked.seconds()))
                            .said());
        }
    }

    private AccessStore.Person known(long id) {
        return store.people().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> new RefusedInput("person", id, ProblemMessage.NOBODY_OF_THAT_NUMBER));
    }

    private void anotherOwner(long than) {
        if (asked() && all().stream().noneMatch(one -> one.role == Role.OWNER && one.id != than)) {
            throw new RefusedInput("role", "", ProblemMessage.LAST_OWNER);
        }
    }

    private String named(String name, long of) {
        String called = name.strip();
        if (called.isEmpty() || called.length() > LONGEST_NAME) {
            throw new RefusedInput("name", called, ProblemMessage.NAME_OF_A_PERSON);
        }
        if (all().stream().anyMatch(one -> one.id != of && one.name.equalsIgnoreCase(called))) {
            throw new RefusedInput("name", called, ProblemMessage.NAME_IS_TAKEN);
        }
        return called;
    }

    private static Role working(Role role) {
        if (role == Role.ANYBODY) {
            throw new RefusedInput("role", role, ProblemMessage.ROLE_OF_A_PERSON);
        }
        return role;
    }

    private static String kept(Optional<Language> language) {
        return language.map(Language::name).orElse("");
    }

    private String digested(String pin) {
        if (!PIN.matcher(pin).matches()) {
            throw new RefusedInput("pin", "", ProblemMessage.PIN_FIGURES);
        }
        return digests.encode(pin);
    }
}
