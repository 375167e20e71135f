package mischung.plan;

import java.util.List;
import mischung.said.RefusedInput;

/**
 * What is done from one rinse to the next: the layings that are on the hair together.
 *
 * @param action what the round is for
 * @param layings 1–600, in the order they go on
 */
public record Round(Action action, List<Laying> layings) {
    private static final int MOST = 600;

    public Round {
        layings = List.copyOf(layings);
        if (layings.isEmpty() || layings.size() > MOST) {
            throw new RefusedInput("layings", layings.size(), RefusedInput.fromTo(1, MOST));
        }
    }

    static Round of(Laying only) {
        return new Round(only.action(), List.of(only));
    }
}
