package mischung.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.formula.FormulaTask;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.school.School;

/** What each school puts into a filler. */
final class FillerShares {
    private static final Set<Tone> WARM = Set.of(Tone.GOLD, Tone.COPPER, Tone.RED);
    private static final Set<Tone> NOT_WARM =
            EnumSet.complementOf(EnumSet.of(Tone.NATURAL, Tone.GOLD, Tone.COPPER, Tone.RED));

    /** R15: warmth mixed into the target itself. */
    static final FormulaTask.ToneShare WARMTH_IN_TARGET = share(WARM, 0.2, 0.6);

    private static final double MOSTLY = 0.75;
    private static final double ABOUT = 0.13;

    private FillerShares() {}

    static List<FormulaTask.ToneShare> of(School school, ToneMix wished) {
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
                wished.equals(ToneMix.of(Tone.NATURAL))
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

    /**
     * R12: the filler's tone follows the target's. Gold-copper and copper-gold are filled with the same; of any other two tones
     * each has its part of the filler.
     */
    private static List<FormulaTask.ToneShare> oneLighter(ToneMix wished) {
        Map<Tone, Double> parts = new EnumMap<>(Tone.class);
        if (goldAndCopper(wished)) {
            parts.put(wished.main(), wished.share(wished.main()));
            wished.second().ifPresent(other -> parts.put(other.tone(), other.share()));
        } else {
            addFiller(parts, wished.main(), wished.share(wished.main()));
            wished.second().ifPresent(other -> addFiller(parts, other.tone(), other.share()));
        }
        boolean plain = parts.size() == 1;
        List<FormulaTask.ToneShare> shares = new ArrayList<>();
        parts.forEach((tone, part) -> shares.add(
                plain
                        ? share(Set.of(tone), MOSTLY, 1)
                        : share(Set.of(tone), part - slack(wished), part + slack(wished))));
        Set<Tone> others = EnumSet.allOf(Tone.class);
        others.removeAll(parts.keySet());
        if (plain) {
            // A splash of another warm tone may bend it.
            others.removeAll(WARM);
            others.remove(Tone.NATURAL);
        }
        shares.add(share(others, 0, 0));
        return shares;
    }

    /** Three to one is weighed out as it is said; shares of two tones only about. */
    private static double slack(ToneMix wished) {
        return wished.second().isPresent() ? ABOUT : 0;
    }

    private static boolean goldAndCopper(ToneMix wished) {
        return wished.second().isPresent() && !wished.any(tone -> tone != Tone.GOLD && tone != Tone.COPPER);
    }

    private static void addFiller(Map<Tone, Double> parts, Tone wished, double share) {
        if (wished == Tone.MAHOGANY) {
            parts.merge(Tone.NATURAL, 0.75 * share, Double::sum);
            parts.merge(Tone.RED, 0.25 * share, Double::sum);
        } else {
            parts.merge(inGold(wished) ? Tone.GOLD : Tone.NATURAL, share, Double::sum);
        }
    }

    /** R12: the tone one lighter fills in for such a wish; what its filler is judged by. */
    static ToneMix oneLighterTone(ToneMix wished) {
        if (goldAndCopper(wished)) {
            return wished;
        }
        Tone main = fillerTone(wished.main());
        return wished.second()
                .map(other -> new SecondTone(fillerTone(other.tone()), other.share()))
                .filter(other -> other.tone() != main)
                .map(other -> new ToneMix(main, Optional.of(other)))
                .orElseGet(() -> ToneMix.of(main));
    }

    private static Tone fillerTone(Tone wished) {
        return inGold(wished) ? Tone.GOLD : wished == Tone.MAHOGANY ? Tone.BROWN : Tone.NATURAL;
    }

    /** R12: whether one lighter fills for such a tone in gold. */
    private static boolean inGold(Tone wished) {
        return switch (wished) {
            case NATURAL, GOLD, BROWN, SAND, MOCHA -> true;
            default -> false;
        };
    }

    private static FormulaTask.ToneShare share(Set<Tone> tones, double least, double most) {
        return new FormulaTask.ToneShare(tones, least, most);
    }
}
