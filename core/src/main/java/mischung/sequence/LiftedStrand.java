package mischung.sequence;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Hair of one zone, or of a part of it, under one bowl of lightener: when that was laid, pass by pass, and when it is rinsed. */
final class LiftedStrand {
    final LiftLay lay;
    final ProductUse.Unit unit;
    final int group;

    /** What it is laid from. */
    final LiftStage.Run run;

    final List<Integer> laid = new ArrayList<>();

    /** The rinse that ends it; none yet below 0. */
    int rinse = -1;

    private List<Integer> atRoot = List.of();

    /** Known once it is rinsed; nothing moves then. */
    private @Nullable List<Integer> untilRinse;

    LiftedStrand(LiftLay lay, ProductUse.Unit unit, int group, LiftStage.Run run) {
        this.lay = lay;
        this.unit = unit;
        this.group = group;
        this.run = run;
    }

    Ramping ramping() {
        return lay.ramping(unit.zone());
    }

    int last() {
        return laid.get(laid.size() - 1);
    }

    /** The root beside it is laid: what that waits for (R33) has to hold from then on. */
    void rooted(Hands hands, int piece) {
        if (atRoot.isEmpty()) {
            atRoot = minutesUntil(hands, piece);
        }
    }

    /** Minutes of every laying but the last. */
    List<Integer> before(Hands hands) {
        List<Integer> gaps = new ArrayList<>();
        for (int i = 1; i < laid.size(); i++) {
            gaps.add(Math.max(0, hands.start(laid.get(i)) - hands.end(laid.get(i - 1))));
        }
        return List.copyOf(gaps);
    }

    /** Minutes of every laying until its rinse. */
    List<Integer> minutes(Hands hands) {
        List<Integer> known = untilRinse;
        if (known == null) {
            known = minutesUntil(hands, rinse);
            untilRinse = known;
        }
        return known;
    }

    private List<Integer> minutesUntil(Hands hands, int piece) {
        List<Integer> all = new ArrayList<>(before(hands));
        all.add(Math.max(0, hands.start(piece) - hands.end(last())));
        return List.copyOf(all);
    }

    /**
     * Minute at which it has come to its goal with its bowl's own developer, or is spent.
     *
     * @param root how strong a root is thought to be, as a share of that
     */
    int ready(Hands hands, double root, int longest) {
        double volume = Math.rint((lay.root() ? root : 1) * ramping().ownVolume());
        return hands.end(last()) + ramping().toGoal(volume, before(hands), longest);
    }

    /** Whether it has come to its goal at the rinse, and was near when its root was laid. */
    boolean ready(Hands hands, double volume) {
        return ramping().ready(volume, minutes(hands))
                && (atRoot.isEmpty() || ramping().isNear(volume, atRoot));
    }
}
