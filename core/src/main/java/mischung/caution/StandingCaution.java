package mischung.caution;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A caution and who took it on, if anybody did.
 *
 * @param takenOn empty while nobody did, or where local rules do not allow it
 */
public record StandingCaution(Caution caution, Optional<CautionOverride> takenOn) {
    /** Whether work must not begin. */
    public boolean blocks() {
        return caution.strength() == Caution.Strength.BLOCK && takenOn.isEmpty();
    }

    /**
     * The cautions as they stand, strongest first.
     *
     * @param allowed whether local rules let a caution be taken on at all
     */
    public static List<StandingCaution> of(List<Caution> cautions, List<CautionOverride> taken, boolean allowed) {
        return cautions.stream()
                .map(caution -> new StandingCaution(
                        caution,
                        taken.stream()
                                .filter(one -> allowed && one.answers(caution))
                                .reduce((earlier, later) -> later)))
                .sorted(Comparator.comparing((StandingCaution s) -> s.caution().strength())
                        .reversed())
                .toList();
    }
}
