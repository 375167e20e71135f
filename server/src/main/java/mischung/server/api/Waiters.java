package mischung.server.api;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;

/** Who waits for one piece of work. Any of them may come and go while it is done. */
final class Waiters {
    private final AtomicBoolean givenUp = new AtomicBoolean();
    private final List<BooleanSupplier> gone;

    /** @param first whether who asked for it has gone */
    Waiters(BooleanSupplier first) {
        gone = new CopyOnWriteArrayList<>(List.of(first));
    }

    /** One more waits. */
    void add(BooleanSupplier another) {
        gone.add(another);
    }

    /** It is no longer wanted, whoever waits. */
    void giveUp() {
        givenUp.set(true);
    }

    /**
     * Whether nobody waits any more. Once that was so it stays so: some of the work has been left out by then, and who comes to
     * wait afterwards must not be given what is missing it.
     */
    boolean none() {
        if (gone.stream().allMatch(BooleanSupplier::getAsBoolean)) {
            givenUp.set(true);
        }
        return givenUp.get();
    }
}
