package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.Function;
import mischung.hair.BandRef;
import mischung.hair.Pigment;
import mischung.plan.Warning.Fault;
import mischung.said.Said;
import mischung.said.Saying;
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
                        ? WarningMessage.TO_STAY.say().with("why", head.at(at).why())
                        : WarningMessage.NEEDS_NO_LIFTING
                                .say()
                                .level("level", before.apply(at).level())
                                .part("wish", head.at(at).aim().orElseThrow().said()));
        where(
                (was, is) -> was.level() <= DARK && is.level() - was.level() >= FAR_UP,
                Fault.THROUGH_ORANGE,
                (at, is) -> WarningMessage.THROUGH_ORANGE
                        .say()
                        .level("level", before.apply(at).level())
                        .part("look", is.look().said()));
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
                at -> WarningMessage.OVERLAP
                        .say()
                        .level("level", before.apply(at).level())
                        .level("darkest", darkest));
    }

    private void blue() {
        if (!laying.action().lifts() && laying.action() != Action.REMOVE) {
            return;
        }
        where(
                (was, is) -> blue(was) > BLUE_SEEN && blue(is) > BLUE_LEFT * blue(was),
                Fault.BLUE_STAYS,
                (at, is) -> WarningMessage.BLUE_STAYS.say().share("left", blue(is) / blue(before.apply(at))));
    }

    private static double blue(HairState hair) {
        return hair.canvas().coloured().amount(Pigment.DIRECT_BLUE);
    }

    /** What is said of one of the bands it holds for. */
    interface Told {
        Saying of(BandRef at, HairState is);
    }

    void where(BiPredicate<HairState, HairState> holds, Fault fault, Told words) {
        List<BandRef> some = laying.bands().stream()
                .filter(at -> holds.test(before.apply(at), after.apply(at)))
                .toList();
        add(some, fault, at -> words.of(at, after.apply(at)));
    }

    void add(List<BandRef> some, Fault fault, Function<BandRef, Saying> words) {
        if (!some.isEmpty()) {
            BandRef first = some.get(0);
            Said said = words.apply(first)
                    .part("band", head.said(first))
                    .count("others", some.size() - 1)
                    .said();
            found.add(new Warning(fault, said, some));
        }
    }
}
