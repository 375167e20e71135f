package mischung.server.api;

import java.util.stream.IntStream;

/** One thing of a number at a time: as many locks as are ever held at once, however many numbers there are. */
final class Locks {
    private static final int COUNT = 64;

    private final Object[] locks =
            IntStream.range(0, COUNT).mapToObj(i -> new Object()).toArray();

    /** Of two numbers it may be the same one, which costs a wait and nothing else. */
    Object of(long number) {
        return locks[Math.floorMod(number, COUNT)];
    }
}
