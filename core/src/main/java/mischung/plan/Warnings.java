package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.Function;
import mischung.Words;
import mischung.hair.BandRef;
import mischung.hair.LevelScale;
import mischung.hair.Pigment;
import mischung.plan.Warning.Fault;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/** Looks at one laying, before and after, for what practice gets wrong most. The same for the planner's and for the own route. */
final class Warnings {
    private static final double LIGHT = 8;

    private static final double DARK = 4;
    private static final double FAR_UP = 3;

    private static final double NEEDLESS = 1;
    private static final double APART = 2;
    private static final double BLUE_SEEN = 0.02;
    private static final double BLUE_LEFT = 0.6;

    private final WorkedHead head;
    private final Laying laying;
    private final Function<BandRef, HairState> before;
    private final Function<BandRef, HairState> after;
    private final List<Warning> found = new ArrayList<>();

    private Warnings(
            WorkedHead head, Laying laying, Function<BandRef, HairState> before, Function<BandRef, HairState> after) {
        this.head = head;
        this.laying = laying;
        this.before = before;
        this.after = after;
    }

    static List<Warning> of(
            WorkedHead head, Laying laying, Function<BandRef, HairState> before, Function<BandRef, HairState> after) {
        Warnings warnings = new Warnings(head, laying, before, after);
        if (laying instanceof Laying.Deposit deposit) {
            new DepositWarnings(head, deposit, before, after, warnings).look();
        } else if (laying instanceof Laying.Lift) {
            warnings.lift();
        }
        warnings.blue();
        return warnings.found;
    }

    private void lift() {
        List<BandRef> needless = laying.bands().stream()
                .filter(at -> {
                    WorkedBand band = head.at(at);
                    return band.keeps()
                            || before.apply(at).level()
                                    > band.aim().orElseThrow().leastCanvas() + NEEDLESS;
                })
                .toList();
        add(
                needless,
                Fault.NEEDLESS_LIFT,
                at -> head.at(at).keeps()
                        ? "is to stay as it is (" + head.at(at).why() + ")."
                        : "is at " + LevelScale.words(before.apply(at).level()) + " and only "
                                + head.at(at).aim().orElseThrow().words() + " is wished: it needs no lifting (R44).");
        where(
                (was, is) -> was.level() <= DARK && is.level() - was.level() >= FAR_UP,
                Fault.THROUGH_ORANGE,
                (at, is) -> "goes from " + LevelScale.words(before.apply(at).level())
                        + " through red and orange to " + is.look().words()
                        + ": that is what the stretch is (R37). Tell the client before the first foil (R22).");
        double darkest = laying.bands().stream()
                .mapToDouble(at -> before.apply(at).level())
                .min()
                .orElse(0);
        List<BandRef> light = laying.bands().stream()
                .filter(at -> before.apply(at).lifted()
                        && before.apply(at).level() >= LIGHT
                        && before.apply(at).level() - darkest >= APART)
                .toList();
        add(
                light,
                Fault.OVERLAP,
                at -> "is lightened to " + LevelScale.words(before.apply(at).level())
                        + " already and shares the bowl with hair at " + LevelScale.words(darkest)
                        + ": it loses strength for nothing and bands (R34, R45). Shield it.");
    }

    private void blue() {
        if (!laying.action().lifts() && laying.action() != Action.REMOVE) {
            return;
        }
        where(
                (was, is) -> blue(was) > BLUE_SEEN && blue(is) > BLUE_LEFT * blue(was),
                Fault.BLUE_STAYS,
                (at, is) -> "keeps " + Words.percent(blue(is) / blue(before.apply(at)))
                        + " of its direct blue: some blue never leaves (R58). Cover it, or use it.");
    }

    private static double blue(HairState hair) {
        return hair.canvas().coloured().amount(Pigment.DIRECT_BLUE);
    }

    /** What is said of one of the bands it holds for. */
    interface Saying {
        String of(BandRef at, HairState is);
    }

    void where(BiPredicate<HairState, HairState> holds, Fault fault, Saying words) {
        List<BandRef> some = laying.bands().stream()
                .filter(at -> holds.test(before.apply(at), after.apply(at)))
                .toList();
        add(some, fault, at -> words.of(at, after.apply(at)));
    }

    void add(List<BandRef> some, Fault fault, Function<BandRef, String> words) {
        if (!some.isEmpty()) {
            BandRef first = some.get(0);
            String more =
                    some.size() == 1 ? "" : " So do " + (some.size() - 1) + (some.size() == 2 ? " other." : " others.");
            found.add(new Warning(fault, Words.capital(head.name(first)) + " " + words.apply(first) + more, some));
        }
    }
}
