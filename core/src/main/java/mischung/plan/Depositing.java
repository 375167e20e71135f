package mischung.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.formula.Formula;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.light.Ciede2000;
import mischung.process.Wetness;
import mischung.product.ShadeClass;
import mischung.school.Hold;
import mischung.school.Method;
import mischung.school.Rinse;
import mischung.wish.Aim;
import mischung.wish.Grey;
import mischung.wish.How;
import mischung.wish.Layer;
import mischung.wish.Weave;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/** Decides what goes on: equaliser, fillers, and the colour that stays, in as few bowls as do no harm. */
final class Depositing {
    private static final double SAME_CANVAS = 1;

    private static final double OPENING = 20;

    /** In CIEDE2000; less is not worth the lift. */
    private static final double CLEARLY_NEARER = 1.5;

    /** R51: a root tap takes two to five minutes. */
    private static final double TAP_MINUTES = 5;

    /** In CIEDE2000 and in levels: what has faded no further is freshened with a sheer layer. */
    private static final double A_SHEER_LAYER = 10;

    private static final double A_SHEER_DEPTH = 0.5;
    private static final double GLOSS_VOLUME = 6;

    /** In CIEDE2000: a gloss that stays no further behind a full deposit is taken. */
    private static final double AS_GOOD = 1;

    private static final double A_LITTLE_NEARER = 1;

    /** R59a: its main shade lies no further from the level asked for. */
    private static final double A_LEVEL = 1;

    /** R21. */
    static final double HALF_TIME = 0.5;

    /** R33: colour goes to the scalp. */
    private static final double MOST_FOR_COLOUR = 20;

    /** What is so light is toned, at the basin where it was lifted. */
    static final double LIGHT_AIM = 8.5;

    private static final double LITTLE = 1.5;

    /** R51, R52: what is laid on hair that was lifted and rinsed just now, towelled as it is. */
    private static final Set<Action> AT_THE_BASIN = EnumSet.of(Action.TONER, Action.GLOSS, Action.NEUTRALISE);

    private final PlanningContext desk;
    private final WorkedHead head;
    private final Method method;
    private final Playthrough work;
    private final TakingOut taking;
    private final Map<BandRef, Aim> aims;
    private final Filling filling;

    Depositing(PlanningContext desk, Method method, Playthrough work, TakingOut taking, Map<BandRef, Aim> aims) {
        this.desk = desk;
        this.head = desk.head();
        this.method = method;
        this.work = work;
        this.taking = taking;
        this.aims = aims;
        this.filling = new Filling(desk, method, work, this::aim);
    }

    /** What has to be filled, in as many fillers as its school takes. */
    void fill(List<BandRef> filled) {
        filling.fill(filled);
    }

    private Porosity porosity(BandRef at) {
        return work.hair(at).canvas().fibre().nearestPorosity();
    }

    private Aim aim(BandRef at) {
        Aim aim = aims.get(at);
        if (aim == null) {
            throw new IllegalStateException(at + " has no aim");
        }
        return aim;
    }

    /** As it grew: neither lifted before nor today. */
    private boolean natural(BandRef at) {
        return head.band(at).kind() == BandKind.NATURAL && !taking.lifted().contains(at);
    }

    /** R23 for very porous hair; R10 for porous hair that gets no filler to even it. */
    void equalise(Map<BandRef, Decision> decided) {
        List<BandRef> thirsty = thirsty(decided);
        if (!thirsty.isEmpty()) {
            work.perform(Round.of(Laying.usual(Action.EQUALISE, thirsty)));
        }
    }

    private List<BandRef> thirsty(Map<BandRef, Decision> decided) {
        return decided.entrySet().stream()
                .filter(e -> e.getValue().coloured() && !aim(e.getKey()).direct())
                .filter(e -> porosity(e.getKey()) == Porosity.VERY_HIGH
                        || (porosity(e.getKey()) == Porosity.HIGH
                                && e.getValue() == Decision.COLOUR
                                && !natural(e.getKey())))
                .map(Map.Entry::getKey)
                .toList();
    }

    /**
     * R47: of what is decided, what may lie between foils while they lift. Two fillers, a filler with its matte layer and what has
     * to be equalised first wait until the foils are out.
     */
    List<Laying.Deposit> betweenFoils(Map<BandRef, Decision> decided) {
        Map<BandRef, Decision> colours = new LinkedHashMap<>();
        List<BandRef> fillers = new ArrayList<>();
        Set<BandRef> thirsty = new HashSet<>(thirsty(decided));
        decided.forEach((at, decision) -> {
            if (thirsty.contains(at)) {
                return;
            }
            if (decision != Decision.FILL) {
                colours.put(at, decision);
            } else if (filling.inOne(at)) {
                fillers.add(at);
            }
        });
        List<Laying.Deposit> layings = new ArrayList<>(colours(colours));
        layings.addAll(filling.last(fillers));
        return layings.stream().map(laying -> laying.onHair(Wetness.DRY)).toList();
    }

    /** The colour that stays: roots first, porous lengths at half time, one rinse for all (R21). */
    void finish(Map<BandRef, Decision> decided) {
        List<Laying.Deposit> layings = colours(decided);
        if (layings.isEmpty()) {
            return;
        }
        List<Laying.Deposit> last = tonedLast(layings);
        if (!last.isEmpty()) {
            finish(layings.stream().filter(laying -> !last.contains(laying)).toList());
            finish(last.stream().map(laying -> laying.onHair(Wetness.DAMP)).toList());
        } else {
            finish(layings);
        }
    }

    /** Beside foils of lowlights or a melt: what is only toned or glossed, at the basin when they are out (R51). */
    private List<Laying.Deposit> tonedLast(List<Laying.Deposit> layings) {
        boolean foils =
                layings.stream().flatMap(laying -> laying.bands().stream()).anyMatch(this::inColourFoil);
        List<Laying.Deposit> toned = layings.stream()
                .filter(laying -> laying.action() == Action.TONER || laying.action() == Action.GLOSS)
                .filter(laying -> laying.bands().stream().noneMatch(at -> lowlight(at)))
                .toList();
        return foils && toned.size() < layings.size() ? toned : List.of();
    }

    private boolean inColourFoil(BandRef at) {
        Layer.Purpose purpose = head.at(at).purpose();
        return head.at(at).weave() == Weave.PIECES && (lowlight(at) || purpose == Layer.Purpose.MELT);
    }

    private boolean lowlight(BandRef at) {
        return taking.lowlight(at, aim(at));
    }

    private void finish(List<Laying.Deposit> layings) {
        Action action = layings.stream().map(Laying.Deposit::action).distinct().count() == 1
                ? layings.get(0).action()
                : layings.stream().anyMatch(l -> l.action() == Action.TARGET)
                        ? Action.TARGET
                        : layings.get(layings.size() - 1).action();
        work.perform(new Round(action, List.copyOf(layings)));
    }

    private List<Laying.Deposit> colours(Map<BandRef, Decision> decided) {
        List<BandRef> covered = new ArrayList<>();
        List<BandRef> roots = new ArrayList<>();
        List<BandRef> even = new ArrayList<>();
        List<BandRef> porous = new ArrayList<>();
        List<BandRef> direct = new ArrayList<>();
        List<BandRef> lifting = new ArrayList<>();
        Set<BandRef> filled = new HashSet<>();
        decided.forEach((at, decision) -> {
            if (!decision.coloured() || aim(at).onlyLifted()) {
                return;
            }
            if (decision == Decision.FILL) {
                filled.add(at);
            }
            (aim(at).direct()
                            ? direct
                            : taking.byColour(at, aim(at))
                                    ? lifting
                                    : decision == Decision.COVER_GREY
                                            ? covered
                                            : natural(at) && aim(at).level() < LIGHT_AIM
                                                    ? roots
                                                    : porosity(at).raised() ? porous : even)
                    .add(at);
        });
        List<Laying.Deposit> layings = new ArrayList<>();
        ShadeClass onRoots = desk.wish().grey() == Grey.BLENDED ? ShadeClass.DEMI : ShadeClass.PERMANENT;
        ShadeClass onLengths = method.hold() == Hold.PERMANENT ? ShadeClass.PERMANENT : ShadeClass.DEMI;
        add(layings, covered, BowlPlace.ROOTS, ShadeClass.COVERAGE, 20, 1, filled);
        taking.liftingColours(lifting, aims).forEach(layings::add);
        add(layings, roots, BowlPlace.ROOTS, onRoots, 10, 1, filled);
        add(layings, even, BowlPlace.LENGTHS, onLengths, 10, 1, filled);
        // R59c: as it is, without developer; it does not go on working, so all of it has its full time.
        add(layings, direct, BowlPlace.LENGTHS, ShadeClass.DIRECT, 0, 1, filled);
        // R21: what drinks fastest goes on at half time, if there is anything else to begin with.
        // In a foil all of its length is laid at once, and foils take their time: nothing beside them is timed to the
        // half.
        boolean foils = decided.keySet().stream().anyMatch(this::inColourFoil);
        double late = layings.isEmpty() || foils ? 1 : HALF_TIME;
        add(layings, porous, BowlPlace.POROUS, onLengths, 6, late, filled);
        if (layings.stream().anyMatch(laying -> laying.action() == Action.MELT)) {
            // R57: light first, dark second.
            layings.sort(
                    Comparator.comparingDouble((Laying.Deposit l) -> l.aim().level())
                            .reversed());
        }
        return layings;
    }

    private void add(
            List<Laying.Deposit> layings,
            List<BandRef> some,
            BowlPlace place,
            ShadeClass shadeClass,
            double volume,
            double shareOfFullTime,
            Set<BandRef> filled) {
        byBowl(some).forEach((due, bands) -> {
            Aim aim = due.aim;
            List<Laying.Deposit> separate = new ArrayList<>();
            for (List<BandRef> group : Grouping.byLeftover(bands, work).stream()
                    .flatMap(alike ->
                            Grouping.clusters(alike, at -> work.hair(at).level(), SAME_CANVAS).stream())
                    .toList()) {
                Action action = action(group, due, filled, shadeClass);
                ShadeClass of = action == Action.GLOSS ? ShadeClass.GLOSS : shadeClass;
                double strength = action == Action.GLOSS ? Math.min(GLOSS_VOLUME, volume) : volume;
                Laying.Deposit laying = desk.laying(
                        action,
                        group,
                        aim,
                        of,
                        of == ShadeClass.DIRECT ? 0 : desk.volumeFor(strength),
                        shareOfFullTime);
                if (action == Action.ROOT_TAP) {
                    laying = laying.withMinutes(TAP_MINUTES);
                }
                laying = asWished(freshened(laying, place), due);
                boolean tonedAfterLift =
                        AT_THE_BASIN.contains(laying.action()) && group.stream().allMatch(taking::liftedToday);
                boolean atTheBasin = due.how.basin() || tonedAfterLift;
                if (atTheBasin
                        || (method.rinse() == Rinse.TOWEL && group.stream().anyMatch(filled::contains))) {
                    laying = laying.onHair(Wetness.DAMP);
                }
                separate.add(laying);
            }
            Grouping.shared(separate, place, work.recipes(), desk, work::hair)
                    .forEach(laying -> layings.add(place == BowlPlace.ROOTS ? opening(laying) : laying));
        });
    }

    /**
     * R9: a gold, copper, red or mahogany of about the hair's own level leaves little more than a tint at 10 vol on hair as it
     * grew. Where 20 vol, which lifts a little and opens it, comes clearly nearer it is taken instead; never more, since it
     * touches the scalp. All else is deposit work (R20).
     */
    private Laying.Deposit opening(Laying.Deposit laying) {
        Aim aim = laying.aim();
        boolean bright = aim.tone().warm()
                && laying.bands().stream()
                        .allMatch(at -> Math.abs(aim.level() - work.hair(at).level()) <= LITTLE);
        if (!bright || laying.shadeClass() != ShadeClass.PERMANENT || laying.action() == Action.ROOT_TAP) {
            return laying;
        }
        Laying.Deposit stronger = laying.withVolume(desk.volumeFor(OPENING));
        return stronger.volume() > laying.volume()
                        && misfit(stronger, BowlPlace.ROOTS) + CLEARLY_NEARER < misfit(laying, BowlPlace.ROOTS)
                ? stronger
                : laying;
    }

    /**
     * R18, R71: what was coloured or toned before, is of the wish's depth and has only faded a little from it, needs a sheer layer
     * and no full deposit: nothing builds up. Only where a gloss of about that level brings it there, and as near as a demi would.
     */
    private Laying.Deposit freshened(Laying.Deposit laying, BowlPlace place) {
        Aim aim = laying.aim();
        boolean asked = laying.action() == Action.NEUTRALISE || laying.action() == Action.TONER;
        if (!asked || !laying.bands().stream().allMatch(at -> onlyFaded(at, aim))) {
            return laying;
        }
        Laying.Deposit gloss =
                desk.laying(Action.GLOSS, laying.bands(), aim, ShadeClass.GLOSS, desk.volumeFor(GLOSS_VOLUME), 1);
        Formula mixed = desk.best(work.recipes().task(gloss, place, work::hair));
        double now = laying.bands().stream()
                .mapToDouble(at -> Ciede2000.between(work.hair(at).lab(), aim.colour()))
                .min()
                .orElseThrow();
        boolean serves = Math.abs(mixed.mix().parts().get(0).shade().level() - aim.level()) <= A_LEVEL
                && mixed.misfit() <= now - A_LITTLE_NEARER
                && mixed.misfit() <= misfit(laying, place) + AS_GOOD;
        return serves ? gloss : laying;
    }

    private boolean onlyFaded(BandRef at, Aim aim) {
        HairState hair = work.hair(at);
        return Lifting.oxidative(hair) > Lifting.DYE_SEEN
                && !taking.touched(at)
                && !taking.lifted().contains(at)
                && Math.abs(hair.level() - aim.level()) <= A_SHEER_DEPTH
                && Ciede2000.between(hair.lab(), aim.colour()) <= A_SHEER_LAYER;
    }

    private double misfit(Laying.Deposit laying, BowlPlace place) {
        return desk.best(work.recipes().task(laying, place, work::hair)).misfit();
    }

    /** What a bowl is made for: hair that differs in any of it shares none. */
    private record Due(Aim aim, Layer.Purpose purpose, How how) {}

    private Map<Due, List<BandRef>> byBowl(List<BandRef> some) {
        Map<Due, List<BandRef>> groups = new LinkedHashMap<>();
        for (BandRef at : some) {
            WorkedBand band = head.at(at);
            Layer.Purpose purpose = switch (band.purpose()) {
                case ROOT_TAP, MELT, GLOSS -> band.purpose();
                case LOWLIGHT -> lowlight(at) ? band.purpose() : Layer.Purpose.COLOUR;
                case COLOUR, SHADOW_ROOT, HIGHLIGHT, STAYS -> Layer.Purpose.COLOUR;
            };
            groups.computeIfAbsent(new Due(aim(at), purpose, band.how()), due -> new ArrayList<>())
                    .add(at);
        }
        return groups;
    }

    /** R50: lowlights 1:1; and what the wish itself says of strength and time. */
    private Laying.Deposit asWished(Laying.Deposit laying, Due due) {
        Laying.Deposit own = laying;
        if (due.purpose == Layer.Purpose.LOWLIGHT && own.shadeClass() == ShadeClass.DEMI) {
            own = own.withRatio(1);
        }
        if (due.how.volume().isPresent() && own.shadeClass() != ShadeClass.DIRECT) {
            own = own.withVolume(
                    desk.volumeFor(Math.min(MOST_FOR_COLOUR, due.how.volume().getAsDouble())));
        }
        return due.how.minutes().isPresent() ? own.withMinutes(due.how.minutes().getAsDouble()) : own;
    }

    private Action action(List<BandRef> group, Due due, Set<BandRef> filled, ShadeClass shadeClass) {
        Aim aim = due.aim;
        if (due.purpose == Layer.Purpose.ROOT_TAP) {
            return Action.ROOT_TAP;
        }
        if (due.purpose == Layer.Purpose.MELT) {
            return Action.MELT;
        }
        if (due.purpose == Layer.Purpose.GLOSS && shadeClass == ShadeClass.DEMI) {
            return Action.GLOSS;
        }
        if (group.stream().anyMatch(filled::contains) || shadeClass != ShadeClass.DEMI) {
            return Action.TARGET;
        }
        if (aim.level() >= LIGHT_AIM) {
            return Action.TONER;
        }
        boolean near = group.stream().allMatch(at -> Math.abs(work.hair(at).level() - aim.level()) <= LITTLE);
        return near && !group.stream().allMatch(this::natural) ? Action.NEUTRALISE : Action.TARGET;
    }
}
