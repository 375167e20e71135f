package mischung.route;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mischung.said.Said;

/**
 * All that was weighed, side by side.
 *
 * @param routes offered, the most sensible first; the colourist's own last
 * @param refused thought through and not offered, each with its reason
 * @param verdict what can be promised, one sentence after another
 * @param reaches whether an offered route comes to the wish within one visit
 * @param visitsNeeded in which it is reached; empty if no number tried reaches it
 * @param contradictions wishes that cannot all be had
 */
public record Decision(
        List<Route> routes,
        List<Refused> refused,
        List<Said> verdict,
        boolean reaches,
        Optional<Integer> visitsNeeded,
        List<Said> contradictions) {
    public Decision {
        routes = List.copyOf(routes);
        refused = List.copyOf(refused);
        verdict = List.copyOf(verdict);
        contradictions = List.copyOf(contradictions);
    }

    /** With the word that the time was over before so many other ways were weighed. */
    Decision cutShort(int leftOut) {
        return new Decision(
                routes,
                refused,
                Stream.concat(
                                verdict.stream(),
                                Stream.of(RouteMessage.CUT_SHORT
                                        .say()
                                        .count("ways", leftOut)
                                        .said()))
                        .toList(),
                reaches,
                visitsNeeded,
                contradictions);
    }

    public Optional<Route> route(String key) {
        return routes.stream().filter(route -> route.key().equals(key)).findFirst();
    }
}
