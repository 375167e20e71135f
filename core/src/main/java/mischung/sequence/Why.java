package mischung.sequence;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import mischung.said.Said;

/** Why a piece does not begin earlier than it does. */
final class Why {
    private Why() {}

    /** @return empty if it begins where it was moved to, or is not there any more */
    static Optional<Said> notEarlier(Stage.Done done, String key, int minute) {
        List<Activity> pieces = done.bench().pieces;
        return IntStream.range(0, pieces.size())
                .filter(i -> pieces.get(i).key().equals(key) && done.order().start(i) > minute)
                .mapToObj(i -> notEarlier(done, i))
                .findFirst();
    }

    private static Said notEarlier(Stage.Done done, int i) {
        List<Activity> pieces = done.bench().pieces;
        Solver.Order order = done.order();
        for (Activity.Lag lag : pieces.get(i).lags()) {
            if (order.start(lag.of()) + (lag.fromEnd() ? pieces.get(lag.of()).minutes() : 0) + lag.least()
                    == order.start(i)) {
                Said other = done.bench().shown.get(lag.of()).title();
                if (lag.least() > 0) {
                    return TaskMessage.MINUTES_BEFORE
                            .say()
                            .part("other", other)
                            .count("minutes", lag.least())
                            .said();
                }
                return (lag.fromEnd() ? TaskMessage.OTHER_FIRST : TaskMessage.SECTIONS_IN_ORDER)
                        .say()
                        .part("other", other)
                        .said();
            }
        }
        for (int j = 0; j < pieces.size(); j++) {
            if (j != i && done.bench().end(order, j) == order.start(i)) {
                Said other = done.bench().shown.get(j).title();
                if (order.person(j) == order.person(i)) {
                    return TaskMessage.PERSON_BUSY
                            .say()
                            .count("person", order.person(i))
                            .part("other", other)
                            .said();
                }
                if (pieces.get(j).use() == Activity.Use.WHOLE_HEAD
                        || pieces.get(i).use() == Activity.Use.WHOLE_HEAD) {
                    return TaskMessage.HEAD_BUSY.say().part("other", other).said();
                }
            }
        }
        return TaskMessage.ALL_BUSY.alone();
    }
}
