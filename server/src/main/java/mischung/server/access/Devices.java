package mischung.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mischung.said.RefusedInput;
import mischung.server.store.AccessStore;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Devices beside the main machine. One that is new shows six figures, which somebody types on the main machine; then it holds a
 * token, and is a device of the house until it is removed.
 */
@Component
public class Devices {
    private static final int MOST_WAITING = 20;
    private static final int MOST_OF_ONE = 4;
    private static final Duration WAITS = Duration.ofMinutes(10);
    private static final Duration SEEN_EVERY = Duration.ofMinutes(1);
    private static final int LONGEST_NAME = 60;
    private static final String PAIRING = "pairing";

    private final AccessStore store;
    private final Clock clock;
    private final Attempts attempts;

    /** By the digest of what the device shows to be the one that waits. */
    private final Map<String, Asking> asking = new LinkedHashMap<>();

    private final Map<Long, Instant> seen = new LinkedHashMap<>();

    /**
     * A device that wants to be let in.
     *
     * @param code the six figures it shows
     * @param address from where it asks
     * @param token its own from now on; null: nobody has typed the figures yet
     */
    private record Asking(
            String code,
            String address,
            Instant since,
            @Nullable String token) {}

    public Devices(AccessStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
        this.attempts = new Attempts(clock);
    }

    /** @param token what the device shows; null: nothing */
    public Optional<AccessStore.Device> of(@Nullable String token) {
        if (token == null) {
            return Optional.empty();
        }
        Optional<AccessStore.Device> device = store.device(Secrets.digest(token));
        device.ifPresent(one -> seen(one.id()));
        return device;
    }

    private void seen(long device) {
        Instant now = clock.instant();
        boolean due;
        synchronized (seen) {
            Instant last = seen.get(device);
            due = last == null || !now.isBefore(last.plus(SEEN_EVERY));
            if (due) {
                seen.put(device, now);
            }
        }
        if (due) {
            store.seen(device);
        }
    }

    /**
     * A device that is not known asks to be let in.
     *
     * @return what it shows from now on to be the one that waits; nothing if too many wait
     */
    public synchronized Optional<String> ask(String address) {
        forgetLate();
        long ofOne = asking.values().stream()
                .filter(one -> one.address.equals(address))
                .count();
        if (asking.size() >= MOST_WAITING || ofOne >= MOST_OF_ONE) {
            return Optional.empty();
        }
        String waits = Secrets.token();
        String code = Secrets.code();
        while (byCode(code).isPresent()) {
            code = Secrets.code();
        }
        asking.put(Secrets.digest(waits), new Asking(code, address, clock.instant(), null));
        return Optional.of(waits);
    }

    /** The six figures a device shows that waits. */
    public synchronized Optional<String> code(@Nullable String waits) {
        forgetLate();
        return waits == null
                ? Optional.empty()
                : Optional.ofNullable(asking.get(Secrets.digest(waits))).map(Asking::code);
    }

    /** The token of a device that was let in; given out once. */
    public synchronized Optional<String> token(@Nullable String waits) {
        if (waits == null) {
            return Optional.empty();
        }
        String digest = Secrets.digest(waits);
        Asking one = asking.get(digest);
        if (one == null || one.token == null) {
            return Optional.empty();
        }
        asking.remove(digest);
        return Optional.of(one.token);
    }

    /** How many devices show figures now. */
    public synchronized int waiting() {
        forgetLate();
        return (int) asking.values().stream().filter(one -> one.token == null).count();
    }

    /**
     * Lets the device in that shows these figures.
     *
     * @throws RefusedInput if none does, or too many were wrong
     */
    public synchronized long pair(String code, String name) {
        forgetLate();
        People.open(attempts, PAIRING, "code");
        String called = named(name);
        Map.Entry<String, Asking> found = byCode(code.replace(" ", "")).orElse(null);
        if (found == null) {
            attempts.wrong(PAIRING);
            throw new RefusedInput("code", code, ProblemMessage.NO_DEVICE_SHOWS);
        }
        attempts.right(PAIRING);
        String token = Secrets.token();
        long id = store.pair(called, Secrets.digest(token));
        Asking asked = found.getValue();
        found.setValue(new Asking(asked.code, asked.address, clock.instant(), token));
        return id;
    }

    /** @throws RefusedInput if there is no such device */
    public void rename(long device, String name) {
        if (!store.rename(device, named(name))) {
            throw new RefusedInput("id", device, ProblemMessage.NO_SUCH_DEVICE);
        }
    }

    /** @throws RefusedInput if there is no such device */
    public void remove(long device) {
        if (!store.remove(device)) {
            throw new RefusedInput("id", device, ProblemMessage.NO_SUCH_DEVICE);
        }
    }

    private static String named(String name) {
        String called = name.strip();
        if (called.isEmpty() || called.length() > LONGEST_NAME) {
            throw new RefusedInput("name", called, ProblemMessage.NAME_OF_A_DEVICE);
        }
        return called;
    }

    private Optional<Map.Entry<String, Asking>> byCode(String code) {
        return asking.entrySet().stream()
                .filter(one ->
                        one.getValue().token == null && one.getValue().code.equals(code))
                .findFirst();
    }

    private void forgetLate() {
        Instant before = clock.instant().minus(WAITS);
        asking.values().removeIf(one -> one.since.isBefore(before));
    }
}
