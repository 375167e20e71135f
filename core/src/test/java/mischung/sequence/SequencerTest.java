package mischung.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mischung.caution.Cautions;
import mischung.consultation.Consultation;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.mix.Cards;
import mischung.plan.Bowl;
import mischung.plan.BowlPlace;
import mischung.plan.Heads;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.school.Between;
import mischung.school.Method;
import mischung.school.School;
import mischung.school.Start;
import mischung.shelf.Shelf;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Limits;
import mischung.wish.Wish;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SequencerTest {
    private static final Plan THREE_BOWLS = Planner.plan(
            Heads.of(List.of(
                    new Band(0, 5, BandKind.NATURAL, 7, Tone.NATURAL, Porosity.NORMAL, 0),
                    new Band(5, 22, BandKind.LIGHTENED, 9.5, Tone.AS_LIFTED, Porosity.NORMAL, 0),
                    new Band(22, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.VERY_HIGH, 0))),
            new Wish(6, Tone.NATURAL),
            School.MIDPOINT,
            ProductRange.demo());

    private static OrderTerms usual(Plan plan) {
        return OrderTerms.usual(Durations.USUAL, plan.wish().limits().hands());
    }

    private static final List<Band> ONE_BAND =
            List.of(new Band(0, 6, BandKind.LIGHTENED, 9.5, Tone.AS_LIFTED, Porosity.NORMAL, 0));
    private static final List<Band> THREE_BANDS = List.of(
            new Band(0, 4, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0),
            new Band(4, 14, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0),
            new Band(14, 20, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.VERY_HIGH, 0));

    private static Plan plan(Head head, Wish wish, Method method) {
        return Planner.plan(
                new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3),
                Strategy.of("usual", method));
    }

    /** A head of natural 5 to be lifted all over. */
    private static Plan fullHead(int hands, Method method) {
        return plan(
                Heads.full(List.of(new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0))),
                new Wish(8.5, Tone.GOLD).with(Limits.NONE.withHands(hands)),
                method);
    }

    private static Stream<Task> tasks(Sequence sequence, Task.Kind kind) {
        return sequence.tasks().stream().filter(task -> task.kind() == kind);
    }

    /** R21 (common practice): roots first, lengths at about half time, all finish together. */
    /** Two centimetres at the root take a minute or less a zone: zones go one after another, each once, and no minute is made up. */
    @Test
    void smallZonesAreLaidInOneGo() {
        Plan plan = plan(
                Heads.full(List.of(new Band(0, 2, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0))),
                new Wish(5, Tone.NATURAL),
                Method.USUAL);
        Bowl bowl = plan.steps().get(plan.steps().size() - 1).bowls().get(0);
        List<Task> laid = Sequencer.of(plan).tasks().stream()
                .filter(task -> task.kind() == Task.Kind.APPLY && task.bowls().contains(bowl.name()))
                .toList();
        assertThat(laid).hasSizeLessThan(plan.head().zones().size());
        assertThat(laid.stream().flatMap(task -> task.zones().stream()))
                .containsExactlyInAnyOrderElementsOf(Heads.EIGHT);
        double takes = ProductUse.zones(
                        plan.head(),
                        bowl.bands(),
                        Durations.USUAL,
                        Optional.empty(),
                        Sequencer.order(plan.head(), Start.BACK))
                .values()
                .stream()
                .mapToDouble(minutes -> minutes)
                .sum();
        assertThat((double) laid.stream().mapToInt(Task::minutes).sum()).isCloseTo(takes, within(1.0));
        assertThat(laid).allSatisfy(task -> assertThat(task.minutes()).isLessThanOrEqualTo(2));
        assertThat(Sequencer.of(plan).tasks().stream().map(Task::key)).doesNotHaveDuplicates();
    }

    /** A shampoo undoes sections: where a plan begins with one, the head is sectioned when it is towelled. */
    @Test
    void theHeadIsSectionedAfterItIsShampooed() {
        Plan plan = plan(
                Heads.full(List.of(new Band(0, 30, BandKind.COLOURED, 3, Tone.NATURAL, Porosity.NORMAL, 0)
                        .with(BandDetail.NONE.withPast(6, 1, 12)))),
                new Wish(6, Tone.NATURAL),
                Method.USUAL);
        List<Task> tasks = Sequencer.of(plan).tasks();
        assertThat(tasks.get(0).title()).matches(Heard.a(TaskMessage.CLARIFY));
        assertThat(tasks.stream().map(Task::title).filter(Heard.a(TaskMessage.SECTION)))
                .hasSize(1);
        int sectioned = tasks.stream().map(Task::title).toList().indexOf(TaskMessage.SECTION.alone());
        assertThat(tasks.subList(0, sectioned)).noneMatch(task -> task.kind() == Task.Kind.APPLY);
        assertThat(tasks.get(sectioned - 1).kind()).isEqualTo(Task.Kind.DRY);
    }

    @Test
    void rootsFirstLengthsAtHalfTimeAndAllFinishTogether() {
        List<Task> target = tasks(Sequencer.of(THREE_BOWLS), Task.Kind.WORK)
                .filter(task -> task.step() == THREE_BOWLS.steps().size() - 1)
                .toList();
        assertThat(target)
                .allMatch(task -> task.title().message() == TaskMessage.WORKS)
                .extracting(task -> place(task))
                .containsExactly(
                        Figure.Named.of(BowlPlace.ROOTS),
                        Figure.Named.of(BowlPlace.LENGTHS),
                        Figure.Named.of(BowlPlace.POROUS));
        Task root = target.get(0);
        double porous = target.get(2).startMinute() - root.startMinute();
        assertThat(porous / root.minutes()).isBetween(0.3, 0.8);
        assertThat(target).extracting(Task::endMinute).containsOnly(root.endMinute());
        assertThat(target)
                .allSatisfy(task -> assertThat(
                                task.endMinute() - task.window().orElseThrow().earliest())
                        .as("waits little past its time")
                        .isLessThanOrEqualTo(8));
    }

    @Provide
    Arbitrary<Head> heads() {
        return Heads.random();
    }

    /** 200 jobs: no window is broken, no hand, head or basin is used twice, nothing is laid past its life. */
    @Property
    void everyJobGetsAnOrderThatHandsCanKeep(
            @ForAll("heads") Head head,
            @ForAll School school,
            @ForAll Between between,
            @ForAll Start start,
            @ForAll @IntRange(min = 1, max = 3) int hands,
            @ForAll @IntRange(min = 4, max = 21) int wishHalves,
            @ForAll boolean pieces) {
        Wish even = new Wish(wishHalves / 2.0, Tone.NATURAL);
        Aim lighter = new Aim(Math.min(10, wishHalves / 2.0 + 2), Tone.BEIGE);
        Wish wish = (pieces ? even.with(Design.woven(Design.Kind.HIGHLIGHTS, lighter, 0.5, 4, false)) : even)
                .with(Limits.NONE.withHands(hands));
        Plan plan = plan(head, wish, Method.USUAL.with(school).with(between).with(start));
        Sequence sequence = Sequencer.of(plan, usual(plan));
        assertThat(sequence.totalMinutes()).isGreaterThanOrEqualTo(sequence.bound());
        handsAndHead(sequence, hands);
        windows(plan, sequence);
        rinses(sequence);
        batches(plan, sequence);
        ramps(sequence);
        Sequence quick = Sequencer.of(plan);
        handsAndHead(quick, hands);
        windows(plan, quick);
    }

    private static void handsAndHead(Sequence sequence, int hands) {
        for (int visit = 1; visit <= 6; visit++) {
            int v = visit;
            List<Task> byHand = sequence.tasks().stream()
                    .filter(task -> task.visit() == v && task.person() > 0)
                    .toList();
            for (int minute = 0; minute < sequence.minutes(visit); minute++) {
                Set<Integer> busy = new java.util.HashSet<>();
                int onHead = 0;
                int alone = 0;
                for (Task task : byHand) {
                    if (task.startMinute() <= minute && minute < task.endMinute()) {
                        assertThat(busy.add(task.person()))
                                .as("person %d twice at %d", task.person(), minute)
                                .isTrue();
                        assertThat(task.person()).isLessThanOrEqualTo(hands);
                        boolean wholeHead = task.kind() == Task.Kind.RINSE
                                || task.kind() == Task.Kind.DRY
                                || task.kind() == Task.Kind.PREPARE;
                        alone += wholeHead ? 1 : 0;
                        onHead += task.kind() == Task.Kind.APPLY ? 1 : 0;
                    }
                }
                assertThat(alone).as("basin at %d", minute).isLessThanOrEqualTo(1);
                assertThat(alone == 1 && onHead > 0)
                        .as("laid on at the basin at %d", minute)
                        .isFalse();
            }
        }
    }

    private static void windows(Plan plan, Sequence sequence) {
        assertThat(tasks(sequence, Task.Kind.WORK)
                        .filter(clock -> clock.window().isPresent()))
                .allSatisfy(clock -> assertThat(clock.endMinute())
                        .as("%s %s", clock.title(), clock.zones())
                        .isBetween(
                                clock.window().orElseThrow().earliest(),
                                clock.window().orElseThrow().latest()));
        for (PlanStep step : plan.steps()) {
            for (Bowl bowl : step.bowls()) {
                assertThat(tasks(sequence, Task.Kind.WORK).filter(t -> t.bowls().contains(bowl.name())))
                        .isNotEmpty()
                        .allSatisfy(clock ->
                                assertThat(clock.minutes()).isGreaterThanOrEqualTo((int) Math.round(bowl.minutes())));
            }
        }
    }

    /** No rinse where nothing comes off. */
    private static void rinses(Sequence sequence) {
        assertThat(tasks(sequence, Task.Kind.RINSE).filter(task -> task.title().message() != TaskMessage.CLARIFY))
                .allMatch(rinse -> tasks(sequence, Task.Kind.WORK)
                        .anyMatch(clock -> clock.visit() == rinse.visit() && clock.endMinute() == rinse.startMinute()));
    }

    private static void batches(Plan plan, Sequence sequence) {
        assertThat(Cards.of(plan, sequence, Shelf.demo(), 1))
                .filteredOn(card -> !card.bowl().isEmpty())
                .allSatisfy(card -> assertThat(card.grams()).as("%s", card).isGreaterThanOrEqualTo(11));
        Map<String, Double> shares = new HashMap<>();
        for (Batch batch : sequence.batches()) {
            assertThat(batch.laidBy()).as("%s", batch).isLessThanOrEqualTo(batch.freshUntil());
            shares.merge(batch.bowl(), batch.share(), Double::sum);
        }
        plan.steps().forEach(step -> {
            step.bowls()
                    .forEach(bowl ->
                            assertThat(shares.getOrDefault(bowl.name(), 0.0)).isCloseTo(1, within(1e-9)));
            step.lifts()
                    .forEach(bowl ->
                            assertThat(shares.getOrDefault(bowl.name(), 0.0)).isCloseTo(1, within(1e-9)));
        });
    }

    /** R42, R49: sections are rinsed no further apart than strong hair may be past its goal. */
    private static void ramps(Sequence sequence) {
        assertThat(sequence.overdue().isEmpty() ? sequence.ramps() : List.<Sequence.Ramp>of())
                .filteredOn(Sequence.Ramp::splits)
                .allSatisfy(ramp -> assertThat(ramp.with()).as("%s", ramp).isLessThanOrEqualTo(1.4));
    }

    /** Over 60 heads that are lifted: all ramps together leave at most half of the spread one developer would. */
    @Test
    void rampsLeaveHalfOfTheSpread() {
        double without = 0;
        double with = 0;
        for (double natural = 3; natural <= 7; natural++) {
            for (int zones = 3; zones <= 8; zones++) {
                for (int hands = 1; hands <= 2; hands++) {
                    Plan plan = plan(
                            Heads.zones(
                                    zones,
                                    List.of(new Band(
                                            0, 28, BandKind.NATURAL, natural, Tone.NATURAL, Porosity.NORMAL, 0))),
                            new Wish(9, Tone.GOLD).with(Limits.NONE.withHands(hands)),
                            Method.USUAL);
                    for (Sequence.Ramp ramp : Sequencer.of(plan).ramps()) {
                        without += ramp.splits() ? ramp.without() : 0;
                        with += ramp.splits() ? ramp.with() : 0;
                    }
                }
            }
        }
        assertThat(without).isGreaterThan(30);
        assertThat(with).isLessThanOrEqualTo(without / 2);
    }

    @Test
    void theRampStrengthensAndEndsTogether() {
        Plan plan = fullHead(1, Method.USUAL);
        Sequence sequence = Sequencer.of(plan, usual(plan));
        assertThat(sequence.ramps())
                .isNotEmpty()
                .anySatisfy(ramp -> assertThat(ramp.without()).isGreaterThan(0.5));
        ramps(sequence);
        Map<String, Double> last = new HashMap<>();
        for (Batch batch : sequence.batches()) {
            if (Double.isFinite(batch.volume())) {
                assertThat(batch.volume()).isBetween(5.0, 40.0);
                last.put(batch.bowl(), batch.volume());
            }
        }
        assertThat(last).isNotEmpty();
        assertThat(sequence.batches().stream()
                        .filter(b -> Double.isFinite(b.volume()))
                        .map(Batch::volume)
                        .distinct())
                .as("more than one developer")
                .hasSizeGreaterThan(1);
    }

    /** R43: a full head of fine foils takes 90-120 minutes alone, about half with two. */
    @Test
    void twoPeopleHalveAFullHeadOfFoils() {
        int alone = laying(Sequencer.of(fullHead(1, Method.USUAL)), LiftWay.OFF_SCALP);
        int two = laying(Sequencer.of(fullHead(2, Method.USUAL)), LiftWay.OFF_SCALP);
        assertThat(handsOn(Sequencer.of(fullHead(1, Method.USUAL)), LiftWay.OFF_SCALP))
                .isBetween(90, 120);
        assertThat((double) two / alone).isBetween(0.4, 0.7);
    }

    /** Of the bowl whose clock it is. */
    private static Figure place(Task clock) {
        return clock.title().figures().get("what") instanceof Figure.Part what
                ? what.said().figures().get("place")
                : new Figure.Typed("");
    }

    private static boolean foils(Task task, LiftWay way) {
        return task.kind() == Task.Kind.APPLY
                && Heard.text(task.title()).contains(Figure.Named.of(way).text());
    }

    private static int handsOn(Sequence sequence, LiftWay way) {
        return sequence.tasks().stream()
                .filter(task -> foils(task, way))
                .mapToInt(Task::minutes)
                .sum();
    }

    private static int laying(Sequence sequence, LiftWay way) {
        List<Task> foils =
                sequence.tasks().stream().filter(task -> foils(task, way)).toList();
        return foils.stream().mapToInt(Task::endMinute).max().orElseThrow()
                - foils.stream().mapToInt(Task::startMinute).min().orElseThrow();
    }

    /** R33: nothing goes on a root before the lengths of its zone are within two levels of their goal, by the model. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void rootsWaitForTheLengths(int hands) {
        Plan plan = fullHead(hands, Method.USUAL);
        Sequence sequence = Sequencer.of(plan, usual(plan));
        List<Task> roots =
                sequence.tasks().stream().filter(t -> foils(t, LiftWay.ROOT)).toList();
        assertThat(roots).isNotEmpty();
        for (Task root : roots) {
            for (Task mids : sequence.tasks()) {
                if (foils(mids, LiftWay.OFF_SCALP)
                        && mids.title().message() == TaskMessage.APPLY
                        && mids.zones().equals(root.zones())
                        && root.title().message() == TaskMessage.APPLY) {
                    LiftBowl bowl = bowl(plan, mids.bowls().get(0));
                    Ramping model = new Ramping(
                            bowl.laying(),
                            plan.head().at(new BandRef(0, 1)).place(),
                            plan.now().get(0).get(1).hair().canvas());
                    double volume = sequence.batches().stream()
                            .filter(b -> b.bowl().equals(bowl.name())
                                    && b.laidBy() >= mids.endMinute()
                                    && b.mixMinute() <= mids.startMinute())
                            .mapToDouble(Batch::volume)
                            .findFirst()
                            .orElseThrow();
                    assertThat(model.level(volume, minutesUntil(root, mids, sequence)))
                            .as("%s beside %s", mids, root)
                            .isGreaterThanOrEqualTo(model.goal() - 2 - 1e-6);
                }
            }
        }
    }

    /** Of every laying of a section so far. */
    private static List<Integer> minutesUntil(Task root, Task first, Sequence sequence) {
        List<Task> layings = sequence.tasks().stream()
                .filter(task -> foils(task, LiftWay.OFF_SCALP)
                        && task.beside(first)
                        && task.id().name().equals(first.id().name())
                        && task.endMinute() <= root.startMinute())
                .toList();
        List<Integer> minutes = new ArrayList<>();
        for (int i = 0; i < layings.size(); i++) {
            int until = i + 1 < layings.size() ? layings.get(i + 1).startMinute() : root.startMinute();
            minutes.add(until - layings.get(i).endMinute());
        }
        return minutes;
    }

    private static LiftBowl bowl(Plan plan, String name) {
        return plan.steps().stream()
                .flatMap(step -> step.lifts().stream())
                .filter(lift -> lift.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /**
     * Against a search 300 times as long on the same jobs, which for most of them weighs every order and so is exact: within
     * 2 % of it on the whole, and none beyond 32 %.
     */
    @Test
    void theUsualOrderIsNearTheBest() {
        int exact = 0;
        int all = 0;
        double longer = 0;
        for (int zones = 1; zones <= 4; zones++) {
            for (int hands = 1; hands <= 2; hands++) {
                for (double wished : new double[] {6, 7, 9.5}) {
                    for (List<Band> bands : List.of(ONE_BAND, THREE_BANDS)) {
                        Wish wish = new Wish(wished, Tone.NATURAL).with(Limits.NONE.withHands(hands));
                        Plan plan = plan(Heads.zones(zones, bands), wish, Method.USUAL);
                        OrderTerms quickly =
                                usual(plan).with(new Durations(Map.of("foils of a full head", 30.0), Map.of()));
                        Sequence usual = Sequencer.of(plan, quickly);
                        Sequence best = Sequencer.of(plan, quickly.searching(300_000, () -> false));
                        assertThat(usual.totalMinutes())
                                .as("%d zones, %d hands, to %.1f, %d bands", zones, hands, wished, bands.size())
                                .isLessThanOrEqualTo((int) Math.floor(best.totalMinutes() * 1.32 + 1e-9));
                        longer += (double) usual.totalMinutes() / best.totalMinutes() - 1;
                        exact += best.whole() ? 1 : 0;
                        all++;
                    }
                }
            }
        }
        assertThat(longer / all).as("on the whole").isLessThanOrEqualTo(0.02);
        assertThat(exact).as("weighed every order").isGreaterThan(all / 2);
    }

    /** R38: where bowls of lightener began, in turn, every twenty minutes or so until it is rinsed; some ten to twenty looks. */
    @Test
    void lightenerIsLookedAtEveryTwentyMinutes() {
        Plan plan = fullHead(1, Method.USUAL);
        Sequence sequence = Sequencer.of(plan, usual(plan));
        for (Batch batch : sequence.batches()) {
            if (Double.isFinite(batch.volume())) {
                assertThat(tasks(sequence, Task.Kind.CHECK)
                                .filter(check -> check.bowls().contains(batch.bowl()))
                                .filter(check -> check.startMinute() > batch.mixMinute()))
                        .as("%s", batch)
                        .isNotEmpty();
            }
        }
        assertThat(tasks(sequence, Task.Kind.CHECK)).hasSizeBetween(8, 22);
        for (Task clock :
                tasks(sequence, Task.Kind.WORK).filter(SequencerTest::lifts).toList()) {
            int seen = clock.startMinute();
            for (Task look : tasks(sequence, Task.Kind.CHECK).toList()) {
                if (look.startMinute() >= seen && look.startMinute() <= clock.endMinute()) {
                    assertThat(look.startMinute() - seen).as("%s", clock).isLessThanOrEqualTo(35);
                    seen = look.startMinute();
                }
            }
            assertThat(clock.endMinute() - seen).isLessThanOrEqualTo(35);
        }
    }

    private static boolean lifts(Task clock) {
        return clock.title().message() == TaskMessage.LIFTS;
    }

    /** R36: spent product is wiped off and laid fresh; or rinsed and dried between, by the school. */
    @Test
    void freshLayingsFollowTheSchool() {
        Head dark = Heads.zones(2, List.of(new Band(0, 25, BandKind.NATURAL, 2, Tone.NATURAL, Porosity.NORMAL, 0)));
        Wish light = new Wish(10, Tone.GOLD);
        Plan on = plan(dark, light, Method.USUAL);
        assertThat(on.steps().stream()
                        .flatMap(s -> s.lifts().stream())
                        .mapToInt(l -> l.laying().times())
                        .max())
                .hasValue(2);
        assertThat(Sequencer.of(on).tasks()).anyMatch(task -> task.title().message() == TaskMessage.APPLY_FRESH);
        Plan washed = plan(dark, light, Method.USUAL.with(Between.WASH));
        assertThat(Sequencer.of(washed).tasks()).noneMatch(task -> task.title().message() == TaskMessage.APPLY_FRESH);
        assertThat(driedBetween(Sequencer.of(washed))).isTrue();
        assertThat(driedBetween(Sequencer.of(on))).isFalse();
    }

    /** Whether hair is dried before lightener is laid off the scalp for the last time. */
    private static boolean driedBetween(Sequence sequence) {
        int last = sequence.tasks().stream()
                .filter(task -> foils(task, LiftWay.OFF_SCALP))
                .mapToInt(Task::startMinute)
                .max()
                .orElseThrow();
        return tasks(sequence, Task.Kind.DRY).anyMatch(dry -> dry.startMinute() < last);
    }

    @Test
    void frontFirstTurnsTheOrderRound() {
        Head head = Heads.zones(4, List.of(new Band(0, 20, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0)));
        Wish wish = new Wish(5, Tone.NATURAL);
        List<Task> back = tasks(Sequencer.of(plan(head, wish, Method.USUAL)), Task.Kind.APPLY)
                .toList();
        List<Task> front = tasks(Sequencer.of(plan(head, wish, Method.USUAL.with(Start.FRONT))), Task.Kind.APPLY)
                .toList();
        assertThat(front.get(0).zones()).isEqualTo(back.get(back.size() - 1).zones());
    }

    /** What is dragged goes there and what must move moves; what cannot says why. */
    @Test
    void aMovedTaskTakesTheOthersAlong() {
        Sequence before = Sequencer.of(THREE_BOWLS, usual(THREE_BOWLS));
        Task mix = tasks(before, Task.Kind.MIX).findFirst().orElseThrow();
        Map<String, Integer> later = Map.of(mix.key(), mix.startMinute() + 17);
        Sequence after = Sequencer.of(THREE_BOWLS, usual(THREE_BOWLS).moved(later));
        assertThat(after.unmoved()).isEmpty();
        assertThat(named(after, mix.key()).startMinute()).isEqualTo(mix.startMinute() + 17);
        assertThat(after.totalMinutes()).isGreaterThan(before.totalMinutes() + 10);
        windows(THREE_BOWLS, after);

        Task rinse = tasks(before, Task.Kind.RINSE).findFirst().orElseThrow();
        Sequence tooLate =
                Sequencer.of(THREE_BOWLS, usual(THREE_BOWLS).moved(Map.of(rinse.key(), rinse.startMinute() + 200)));
        assertThat(tooLate.unmoved())
                .singleElement()
                .satisfies(no -> assertThat(no.why()).matches(Heard.a(TaskMessage.PAST_LATEST)));
        assertThat(named(tooLate, rinse.key()).startMinute()).isEqualTo(rinse.startMinute());

        Sequence tooEarly = Sequencer.of(THREE_BOWLS, usual(THREE_BOWLS).moved(Map.of(rinse.key(), 1)));
        assertThat(tooEarly.unmoved())
                .singleElement()
                .satisfies(no -> assertThat(no.why().message())
                        .isIn(
                                TaskMessage.MINUTES_BEFORE,
                                TaskMessage.OTHER_FIRST,
                                TaskMessage.SECTIONS_IN_ORDER,
                                TaskMessage.PERSON_BUSY,
                                TaskMessage.HEAD_BUSY,
                                TaskMessage.ALL_BUSY));
    }

    private static Task named(Sequence sequence, String key) {
        return sequence.tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void keysNameOneTaskEach() {
        Plan plan = fullHead(2, Method.USUAL);
        Sequence sequence = Sequencer.of(plan, usual(plan));
        assertThat(sequence.tasks()).extracting(Task::key).doesNotHaveDuplicates();
    }

    @Test
    void aLongDayHasBreaksForEverybody() {
        Plan plan = fullHead(2, Method.USUAL);
        Sequence sequence = Sequencer.of(plan, usual(plan).with(new Durations(Map.of("break after", 120.0), Map.of())));
        assertThat(tasks(sequence, Task.Kind.BREAK)).extracting(Task::person).contains(1, 2);
        assertThat(sequence.handsMinutes())
                .isEqualTo(sequence.tasks().stream()
                        .filter(t -> t.person() > 0 && t.kind() != Task.Kind.BREAK)
                        .mapToInt(Task::minutes)
                        .sum());
    }

    /** What the house sets and what its log has taught changes the minutes. */
    @Test
    void houseFiguresAndTheLogChangeTheMinutes() {
        Plan plan = fullHead(1, Method.USUAL);
        int usual = handsOn(Sequencer.of(plan, usual(plan)), LiftWay.OFF_SCALP);
        Durations slow = new Durations(Map.of("seconds a foil", 90.0), Map.of());
        assertThat((double) handsOn(Sequencer.of(plan, usual(plan).with(slow)), LiftWay.OFF_SCALP) / usual)
                .isCloseTo(1.5, within(0.1));
        Durations logged = new Durations(Map.of(), Map.of(Task.Kind.APPLY, 1.2));
        assertThat((double) handsOn(Sequencer.of(plan, usual(plan).with(logged)), LiftWay.OFF_SCALP) / usual)
                .isCloseTo(1.2, within(0.1));
    }

    @Test
    void batchesOfABowlMakeTheWhole() {
        double[] shares = {0.31, 0.31, 0.38};
        for (int grams = 1; grams <= 200; grams++) {
            int sum = 0;
            for (int part : Batch.split(grams, shares)) {
                sum += part;
            }
            assertThat(sum).isEqualTo(grams);
        }
        assertThat(Batch.split(100, shares)).containsExactly(31, 31, 38);
    }

    @Test
    void nothingToDoTakesNoTime() {
        Plan nothing = Planner.plan(
                Heads.grownOut(6, 6, Porosity.NORMAL),
                new Wish(8, Tone.NATURAL).with(Limits.NONE.withoutLightener()),
                School.LADDER,
                ProductRange.demo());
        assertThat(Sequencer.of(nothing).totalMinutes()).isZero();
        assertThat(new ArrayList<>(
                        Cautions.forClient(Consultation.unasked(), Set.of(), Instant.EPOCH.atZone(ZoneOffset.UTC))
                                .before(nothing)))
                .isEmpty();
    }
}
