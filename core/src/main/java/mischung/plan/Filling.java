package mischung.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import mischung.formula.FormulaTask;
import mischung.hair.BandRef;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.process.Wetness;
import mischung.product.ShadeClass;
import mischung.school.FillerOn;
import mischung.school.Method;
import mischung.school.School;
import mischung.wish.Aim;

/** Puts the warm layer back before a darker target, in as many fillers and as the school has it (R10–R14). */
final class Filling {
    private static final double SAME_FILLER = 0.5;
    private static final double ONE_LIGHTER_MINUTES = 12;

    private final PlanningContext desk;
    private final Method method;
    private final Playthrough work;
    private final Function<BandRef, Aim> aim;

    /** @param aim what each band shall come to in the end */
    Filling(PlanningContext desk, Method method, Playthrough work, Function<BandRef, Aim> aim) {
        this.desk = desk;
        this.method = method;
        this.work = work;
        this.aim = aim;
    }

    /** Whether one filler is all it takes, with nothing between that and the target. */
    boolean inOne(BandRef at) {
        return method.filler() != School.AT_TARGET && rungs(at).size() == 1;
    }

    /** The filler that comes right before the target. */
    List<Laying.Deposit> last(List<BandRef> filled) {
        return fillers(filled, rungs(filled), 1);
    }

    private Map<BandRef, List<Double>> rungs(List<BandRef> some) {
        Map<BandRef, List<Double>> rungs = new LinkedHashMap<>();
        some.forEach(at -> rungs.put(at, rungs(at)));
        return rungs;
    }

    private List<Double> rungs(BandRef at) {
        return FillerLevels.between(work.level(at), aim.apply(at).level(), method.filler());
    }

    void fill(List<BandRef> filled) {
        Map<BandRef, List<Double>> rungs = rungs(filled);
        int rounds = rungs.values().stream().mapToInt(List::size).max().orElse(0);
        for (int round = 0; round < rounds; round++) {
            int left = rounds - round;
            // Aligned at the last filler: a band with a shorter way joins later.
            List<BandRef> due = filled.stream()
                    .filter(at -> rungs.getOrDefault(at, List.of()).size() >= left)
                    .toList();
            work.perform(new Round(Action.FILL, List.copyOf(fillers(due, rungs, left))));
        }
        if (method.filler() == School.AT_TARGET && !filled.isEmpty()) {
            // R14: the matte layer that cools copper to brown.
            List<Laying> matte = new ArrayList<>();
            byAim(filled)
                    .forEach((wished, bands) -> matte.add(desk.laying(
                            Action.NEUTRALISE,
                            bands,
                            wished,
                            ShadeClass.DEMI,
                            desk.volumeFor(10),
                            Depositing.HALF_TIME)));
            work.perform(new Round(Action.NEUTRALISE, matte));
        }
    }

    /** @param left fillers that are still to come, this one among them */
    private List<Laying.Deposit> fillers(List<BandRef> due, Map<BandRef, List<Double>> rungs, int left) {
        List<Laying.Deposit> layings = new ArrayList<>();
        // R21: what drinks fastest goes on last and at half time, so that all of it is rinsed together.
        boolean mixed = due.stream().anyMatch(work::porous) && !due.stream().allMatch(work::porous);
        for (boolean porous : new boolean[] {false, true}) {
            List<BandRef> some =
                    due.stream().filter(at -> work.porous(at) == porous).toList();
            // R12: by each part's own tone; parts whose school fills them alike share a bowl.
            Map<List<FormulaTask.ToneShare>, List<BandRef>> alike = new LinkedHashMap<>();
            some.forEach(at -> alike.computeIfAbsent(
                            FillerShares.of(method.filler(), aim.apply(at).tones()), shares -> new ArrayList<>())
                    .add(at));
            for (List<BandRef> parts : alike.values().stream()
                    .flatMap(bands -> Grouping.byLeftover(bands, work).stream())
                    .toList()) {
                for (List<BandRef> group : Grouping.clusters(parts, at -> rung(rungs, at, left), SAME_FILLER)) {
                    // The lightest of the group's levels: so no band of it drops further than its school allows.
                    double level = group.stream()
                            .mapToDouble(at -> rung(rungs, at, left))
                            .max()
                            .orElseThrow();
                    layings.add(filler(group, level, porous, porous && mixed ? Depositing.HALF_TIME : 1));
                }
            }
        }
        return layings;
    }

    /** @param ofItsTime share of the minutes its school gives it */
    private Laying.Deposit filler(List<BandRef> group, double level, boolean porous, double ofItsTime) {
        double share = ofItsTime
                * (method.filler() == School.ONE_LIGHTER ? ONE_LIGHTER_MINUTES / ShadeClass.DEMI.fullMinutes() : 1);
        Laying.Deposit filler = desk.laying(
                Action.FILL,
                group,
                new Aim(
                        LevelScale.inHalves(level),
                        fillerTone(aim.apply(group.get(0)).tones())),
                ShadeClass.DEMI,
                desk.volumeFor(porous ? 6 : 10),
                share);
        return method.fillerOn() == FillerOn.DAMP ? filler.onHair(Wetness.DAMP) : filler;
    }

    /** R12: one lighter fills in the target's own direction; the other schools in the warmth of hair lifted so far. */
    private ToneMix fillerTone(ToneMix wished) {
        if (method.filler() != School.ONE_LIGHTER) {
            return ToneMix.of(Tone.AS_LIFTED);
        }
        return FillerShares.oneLighterTone(wished);
    }

    private static double rung(Map<BandRef, List<Double>> rungs, BandRef at, int left) {
        List<Double> of = rungs.getOrDefault(at, List.of());
        return of.get(of.size() - left);
    }

    private Map<Aim, List<BandRef>> byAim(List<BandRef> some) {
        Map<Aim, List<BandRef>> groups = new LinkedHashMap<>();
        some.forEach(at ->
                groups.computeIfAbsent(aim.apply(at), a -> new ArrayList<>()).add(at));
        return groups;
    }
}
