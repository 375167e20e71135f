package mischung.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;

/** A decision nobody waits for is given up, and stays given up: half of one must not be taken for a whole. */
class GoingTest {
    private final AtomicBoolean firstGone = new AtomicBoolean();
    private final List<BooleanSupplier> waiters = new CopyOnWriteArrayList<>(List.of(firstGone::get));
    private final Routes.Going going = new Routes.Going("picture", new AtomicBoolean(), waiters);

    @Test
    void whoComesBeforeTheLastHasGoneKeepsItGoing() {
        assertThat(going.idle()).isFalse();
        waiters.add(() -> false);
        firstGone.set(true);
        assertThat(going.idle()).isFalse();
    }

    @Test
    void whoComesAfterwardsIsNotGivenHalfOfIt() {
        firstGone.set(true);
        assertThat(going.idle()).isTrue();
        waiters.add(() -> false);
        assertThat(going.idle()).isTrue();
    }
}
