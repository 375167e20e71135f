package mischung.wish;

import java.util.stream.Stream;
import mischung.said.Said;

/** How near a colour comes to the one wished, as a colourist would say it. Common practice, no source. */
public enum Match {
    ON(2),
    CLOSE(4),
    NEAR(6),
    OFF(Double.POSITIVE_INFINITY);

    /** CIEDE2000. */
    private final double most;

    Match(double most) {
        this.most = most;
    }

    /** @param difference CIEDE2000 */
    public static Match of(double difference) {
        return Stream.of(values())
                .filter(match -> difference <= match.most)
                .findFirst()
                .orElse(OFF);
    }

    /** "close to the wish (3.1)". */
    public static Said said(double difference) {
        return WishMessage.MATCH
                .say()
                .in("match", of(difference))
                .count("difference", difference)
                .said();
    }
}
