package mischung.sequence;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Why a piece does not begin earlier than it does. */
final class Why {
    private Why() {}

    /** @return empty if it begins where it was moved to, or is not there any more */
    static Optional<String> notEarlier(Stage.Done done, String key, int minute) {
        List<Piece> pieces = done.bench().pieces;
        return IntStream.range(0, pieces.size())
                .filter(i -> pieces.get(i).key().equals(key) && done.order().start(i) > minute)
                .mapToObj(i -> notEarlier(done, i))
                .findFirst();
    }

    private static String notEarlier(Stage.Done done, int i) {
        List<Piece> pieces = done.bench().pieces;
        Solver.Order order = done.order();
        for (Piece.Lag lag : pieces.get(i).lags()) {
            if (order.start(lag.of()) + (lag.fromEnd() ? pieces.get(lag.of()).minutes() : 0) + lag.least()
                    == order.start(i)) {
                String other = done.bench().shown.get(lag.of()).title();
                if (lag.least() > 0) {
                    return "Not before: “" + other + "” has to come " + lag.least() + " min before it.";
                }
                return lag.fromEnd()
                        ? "Not before: “" + other + "” has to be done."
                        : "Not before “" + other + "”: sections go in order.";
            }
        }
        for (int j = 0; j < pieces.size(); j++) {
            if (j != i && done.bench().end(order, j) == order.start(i)) {
                String other = done.bench().shown.get(j).title();
                if (order.person(j) == order.person(i)) {
                    return "Not before: person " + order.person(i) + " does “" + other + "” until then.";
                }
                if (pieces.get(j).use() == Piece.Use.WHOLE_HEAD || pieces.get(i).use() == Piece.Use.WHOLE_HEAD) {
                    return "Not before: the head is not free until “" + other + "” is done.";
                }
            }
        }
        return "Not before: everybody is busy with what cannot wait.";
    }
}
