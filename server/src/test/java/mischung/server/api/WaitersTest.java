package mischung.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** Work nobody waits for is given up, and stays given up: half of it must not be taken for the whole. */
class WaitersTest {
    private final AtomicBoolean firstGone = new AtomicBoolean();
    private final Waiters waiters = new Waiters(firstGone::get);

    @Test
    void whoComesBeforeTheLastHasGoneKeepsItGoing() {
        assertThat(waiters.none()).isFalse();
        waiters.add(() -> false);
        firstGone.set(true);
        assertThat(waiters.none()).isFalse();
    }

    @Test
    void whoComesAfterwardsIsNotGivenHalfOfIt() {
        firstGone.set(true);
        assertThat(waiters.none()).isTrue();
        waiters.add(() -> false);
        assertThat(waiters.none()).isTrue();
    }

    @Test
    void whatIsNoLongerWantedIsGivenUpWhoeverWaits() {
        waiters.giveUp();
        assertThat(waiters.none()).isTrue();
    }
}
