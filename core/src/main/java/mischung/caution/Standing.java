package mischung.caution;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A caution and who took it on, if anybody did.
 *
 * @param takenOn empty while nobody did, or where local rules do not allow it
 */
public record Standing(Caution caution, Optional<TakenOn> takenOn) {
    /** Whether work must not begin. */
    public boolean blocks() {
        return caution.strength() == Caution.Strength.BLOCK && takenOn.isEmpty();
    }

    /**
     * The cautions as they stand, strongest first.
     *
     * @param allowed whether local rules let a caution be taken on at all
     */
    public static List<Standing> of(List<Caution> cautions, List<TakenOn> taken, boolean allowed) {
        return cautions.stream()
                .map(caution -> new Standing(
                        caution,
                        taken.stream()
                                .filter(one -> allowed && one.answers(caution))
                                .reduce((earlier, later) -> later)))
                .sorted(Comparator.comparing((Standing s) -> s.caution().strength())
                        .reversed())
                .toList();
    }
}
