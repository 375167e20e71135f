package mischung.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mischung.formula.FormulaTask;
import mischung.hair.Tone;
import mischung.school.School;

/** What each school puts into a filler. */
final class FillerShares {
    private static final Set<Tone> WARM = Set.of(Tone.GOLD, Tone.COPPER, Tone.RED);
    private static final Set<Tone> NOT_WARM =
            EnumSet.complementOf(EnumSet.of(Tone.NATURAL, Tone.GOLD, Tone.COPPER, Tone.RED));

    /** R15: warmth mixed into the target itself. */
    static final FormulaTask.ToneShare WARMTH_IN_TARGET = share(WARM, 0.2, 0.6);

    private FillerShares() {}

    static List<FormulaTask.ToneShare> of(School school, Tone wished) {
        return switch (school) {
            // R11: copper-gold, a touch of red.
            case MIDPOINT ->
                List.of(
                        share(WARM, 0.6, 1),
                        share(Set.of(Tone.COPPER, Tone.RED), 0.1, 0.8),
                        share(Set.of(Tone.GOLD), 0.2, 1),
                        share(Set.of(Tone.RED), 0, 0.25),
                        share(NOT_WARM, 0, 0));
            // R13: for a neutral wish mostly gold, some copper, a splash of natural to anchor.
            case LADDER ->
                wished == Tone.NATURAL
                        ? List.of(
                                share(Set.of(Tone.GOLD), 0.5, 0.8),
                                share(Set.of(Tone.COPPER), 0.1, 0.4),
                                share(Set.of(Tone.NATURAL), 0.1, 0.25),
                                share(NOT_WARM, 0, 0),
                                share(Set.of(Tone.RED), 0, 0))
                        : List.of(
                                share(WARM, 0.6, 1),
                                share(Set.of(Tone.GOLD), 0.4, 1),
                                share(Set.of(Tone.RED), 0, 0.25),
                                share(NOT_WARM, 0, 0));
            case ONE_LIGHTER -> oneLighter(wished);
            // R14: orange and gold.
            case AT_TARGET ->
                List.of(
                        share(Set.of(Tone.COPPER), 0.3, 0.8),
                        share(Set.of(Tone.GOLD), 0.2, 0.7),
                        share(NOT_WARM, 0, 0));
            case IN_TARGET -> List.of(WARMTH_IN_TARGET);
        };
    }

    /** R12: the filler's tone follows the target's. */
    private static List<FormulaTask.ToneShare> oneLighter(Tone wished) {
        if (inGold(wished)) {
            return List.of(share(Set.of(Tone.GOLD), 0.75, 1), share(NOT_WARM, 0, 0));
        }
        return wished == Tone.MAHOGANY
                ? List.of(share(Set.of(Tone.NATURAL), 0.75, 0.75), share(Set.of(Tone.RED), 0.25, 0.25))
                : List.of(share(Set.of(Tone.NATURAL), 0.75, 1), share(NOT_WARM, 0, 0));
    }

    /** R12: whether one lighter fills for such a tone in gold. */
    static boolean inGold(Tone wished) {
        return switch (wished) {
            case NATURAL, GOLD, BROWN, SAND, MOCHA -> true;
            default -> false;
        };
    }

    private static FormulaTask.ToneShare share(Set<Tone> tones, double least, double most) {
        return new FormulaTask.ToneShare(tones, least, most);
    }
}
