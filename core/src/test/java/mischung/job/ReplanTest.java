package mischung.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mischung.consultation.Scalp;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.hair.Measured;
import mischung.hair.Porosity;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ToneScale;
import mischung.plan.Action;
import mischung.plan.HeadUnderway;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.said.RefusedInput;
import mischung.school.Method;
import mischung.sequence.Batch;
import mischung.sequence.Durations;
import mischung.sequence.OrderTerms;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.sequence.TaskMessage;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Factor;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** The rest of a job, planned anew from where it stands. */
class ReplanTest {
    private static final Instant NINE = Instant.parse("2026-11-23T09:00:00Z");
    private static final int HANDS = 2;

    private final Plan plan = Planner.plan(desk(Calibration.none()), Strategy.of("usual", Method.USUAL));
    private final Sequence order = Sequencer.of(plan, OrderTerms.usual(Durations.USUAL, HANDS));
    private final List<Task> tasks =
            order.tasks().stream().filter(task -> task.visit() == 1).toList();
    private final List<Entry> entries = new ArrayList<>();
    private Instant now = NINE;

    private static PlanningContext desk(Calibration known) {
        return new PlanningContext(
                Heads.zones(
                        3,
                        List.of(
                                new Band(0, 3, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0),
                                new Band(3, 25, BandKind.COLOURED, 5, Tone.COPPER, Porosity.NORMAL, 0))),
                new Wish(8.5, Tone.GOLD),
                ProductRange.demo(),
                known,
                3);
    }

    private void tell(int minute, Event event) {
        now = NINE.plus(Duration.ofMinutes(minute));
        job().check(event);
        entries.add(new Entry(entries.size() + 1L, now, "Ada", event));
    }

    private Job job() {
        return Job.of(entries, now);
    }

    private void begin() {
        tell(0, new Event.Begun(tasks, order.batches(), BandForecast.of(plan, 3)));
    }

    /** As planned until the first lightener clock runs, and so many minutes more. @return the clock */
    private Clock lightening(int minutes) {
        begin();
        Task clock = tasks.stream()
                .filter(task -> task.kind() == Task.Kind.WORK
                        && task.window().isPresent()
                        && plan.steps().get(task.step()).kind() == Action.LIGHTEN)
                .findFirst()
                .orElseThrow();
        for (Task task : tasks) {
            if (task.person() > 0 && task.endMinute() <= clock.startMinute()) {
                tell(task.endMinute(), new Event.Finished(task.key()));
            }
        }
        now = NINE.plus(Duration.ofMinutes(clock.startMinute() + minutes));
        return job().clocks().stream()
                .filter(running -> running.task().key().equals(clock.key()))
                .findFirst()
                .orElseThrow();
    }

    private LookFinding look(Clock clock, double level, Optional<Elasticity> felt) {
        return LookFinding.of(
                        plan,
                        order.batches(),
                        job(),
                        Event.Seen.byEye(clock.task().key(), clock.zone(), level, felt),
                        Calibration.none(),
                        now)
                .orElseThrow();
    }

    private Replan.Place place() {
        return new Replan.Place(
                plan,
                AcceptedPlan.of(plan, desk(Calibration.none())),
                ReplanTest::desk,
                Calibration.none(),
                Durations.USUAL,
                job());
    }

    private static int end(List<Task> all) {
        return RunningOrder.end(all);
    }

    /** Nobody does two things at once, nothing not begun lies in the past, nothing that was laid moved. */
    private void holdsTogether(List<Task> all, int hands) {
        int minute = job().minute();
        List<Task> open = all.stream()
                .filter(task -> task.person() > 0 && job().state(task.key()) == Job.State.WAITING)
                .toList();
        assertThat(open).allMatch(task -> task.startMinute() >= minute && task.person() <= hands);
        for (Task a : open) {
            for (Task b : open) {
                assertThat(a.equals(b)
                                || a.person() != b.person()
                                || a.endMinute() <= b.startMinute()
                                || b.endMinute() <= a.startMinute())
                        .as("%s and %s", a, b)
                        .isTrue();
            }
        }
        for (Clock clock : job().clocks()) {
            assertThat(all)
                    .anySatisfy(task ->
                            assertThat(task.key()).isEqualTo(clock.task().key()));
        }
    }

    @Test
    void asPredictedNothingElseIsWorked() {
        Clock clock = lightening(15);
        double predicted = look(clock, 6, Optional.empty()).predicted();
        LookFinding same = look(clock, LevelScale.inHalves(predicted), Optional.empty());
        Replan replan = place().afterLook(same);
        assertThat(replan.plan().rounds().stream().map(round -> round.action()))
                .isEqualTo(plan.rounds().stream().map(round -> round.action()).toList());
    }

    /** R38: what the first section shows goes into all that comes. */
    @Test
    void muchSlowerHairIsPlannedAnewToTheEnd() {
        Clock clock = lightening(25);
        double predicted = look(clock, 6, Optional.empty()).predicted();
        LookFinding slow = look(clock, LevelScale.inHalves(predicted - 1), Optional.empty());
        assertThat(slow.flagged()).isFalse();
        assertThat(slow.underway().seen()).isNotEmpty();
        Replan replan = place().thorough(slow);
        assertThat(replan.why()).isNotEmpty();
        holdsTogether(replan.tasks(), HANDS);
        // The band that was seen ends darker or takes longer; the prediction says so.
        BandRef seen = slow.underway().seen().keySet().iterator().next();
        assertThat(replan.plan().steps().get(clock.task().step()).round().layings())
                .anySatisfy(laying -> assertThat(laying.minutes())
                        .isGreaterThan(plan.steps().get(clock.task().step()).round().layings().stream()
                                .filter(was -> was.bands().contains(seen))
                                .findFirst()
                                .orElseThrow()
                                .minutes()));
        assertThat(end(replan.tasks())).isGreaterThan(end(tasks));
    }

    /** At once stand the minutes; whatever else would be better comes after. */
    @Test
    void theMinutesAreThereBeforeTheBowls() {
        Clock clock = lightening(25);
        LookFinding slow =
                look(clock, LevelScale.inHalves(look(clock, 6, Optional.empty()).predicted() - 1), Optional.empty());
        Replan atOnce = place().afterLook(slow);
        assertThat(atOnce.why()).containsAll(slow.why());
        holdsTogether(atOnce.tasks(), HANDS);
        Replan then = place().thorough(slow);
        assertThat(then.ends().distance(then.ends()::endOfToday))
                .isLessThanOrEqualTo(atOnce.ends().distance(atOnce.ends()::endOfToday) + 1e-9);
    }

    /** Hands that are ahead of the plan: what they laid stays on the clock when the rest is accepted. */
    @Test
    void whatWasLaidAheadOfThePlanStaysOnItsClock() {
        begin();
        for (Task task : tasks) {
            boolean lifts = plan.steps().get(Math.max(0, task.step())).kind() == Action.LIGHTEN;
            if (task.person() > 0) {
                tell(1, new Event.Finished(task.key()));
                if (lifts && !job().clocks().isEmpty()) {
                    break;
                }
            }
        }
        List<Clock> before = job().clocks();
        assertThat(before).isNotEmpty();
        now = NINE.plus(Duration.ofMinutes(3));
        Replan late = place().late();
        tell(3, Event.Replanned.yes(late, entries.size(), false, List.of()));
        assertThat(job().clocks().stream().map(clock -> clock.task().key()))
                .containsExactlyElementsOf(
                        before.stream().map(clock -> clock.task().key()).toList());
        assertThat(job().clocks().get(0).since()).isEqualTo(before.get(0).since());
    }

    @Test
    void theSameLookGivesTheSamePlan() {
        Clock clock = lightening(25);
        LookFinding slow = look(clock, 6, Optional.empty());
        assertThat(place().thorough(slow).why())
                .isEqualTo(place().thorough(slow).why());
        assertThat(place().thorough(slow).tasks())
                .isEqualTo(place().thorough(slow).tasks());
    }

    /** R39. */
    @Test
    void aFailedStrandIsRinsedTreatedAndLeftAlone() {
        Clock clock = lightening(20);
        double predicted = look(clock, 6, Optional.empty()).predicted();
        LookFinding broken = look(clock, LevelScale.inHalves(predicted), Optional.of(Elasticity.BREAKS));
        assertThat(broken.stop()).isTrue();
        Replan replan = place().thorough(broken);
        assertThat(replan.words()).matches(Heard.a(JobMessage.DOES_NOT_RETURN));
        assertThat(replan.why().get(0)).matches(Heard.a(JobMessage.RINSE_AT_ONCE));
        List<PlanStep> after = replan.plan()
                .steps()
                .subList(
                        broken.underway().rounds().size(), replan.plan().steps().size());
        assertThat(after.get(0).kind()).isEqualTo(Action.TREATMENT);
        assertThat(after.get(0).bands()).containsAll(broken.underway().weak());
        assertThat(after.stream().skip(1))
                .as("nothing more goes on it")
                .noneMatch(
                        step -> step.bands().stream().anyMatch(broken.underway().weak()::contains));
        assertThat(after)
                .as("the rest of the head is finished")
                .anyMatch(step -> !step.bowls().isEmpty());
        holdsTogether(replan.tasks(), HANDS);
    }

    /** Dark as it was when the product went on, lighter with every minute, and by now what a look is held against. */
    @Test
    void hairUnderAClockIsKnownFromMinuteToMinute() {
        Clock clock = lightening(25);
        Developing hair = Developing.of(plan, order.batches(), job(), Calibration.none(), now).stream()
                .filter(one -> one.clock().equals(clock))
                .findFirst()
                .orElseThrow();
        List<Developing.At> course = hair.course();
        assertThat(course.get(0).minutes()).isZero();
        assertThat(course.get(course.size() - 1).minutes()).isEqualTo(clock.latestMinutes());
        for (int i = 1; i < course.size(); i++) {
            assertThat(course.get(i).minutes()).isGreaterThan(course.get(i - 1).minutes());
            assertThat(course.get(i).hair().level())
                    .isGreaterThanOrEqualTo(course.get(i - 1).hair().level() - 0.05);
        }
        assertThat(course.get(course.size() - 1).hair().level())
                .isGreaterThan(course.get(0).hair().level() + 1);
        Canvas byNow = course.stream()
                .filter(one -> one.minutes() == 25)
                .findFirst()
                .orElseThrow()
                .hair();
        assertThat(byNow.level()).isCloseTo(look(clock, 6, Optional.empty()).predicted(), within(0.3));
    }

    /** More than a level was seen: the rest is planned for hair of that colour. */
    @Test
    void aWarmerStrandIsPlannedForAsWarmer() {
        Clock clock = lightening(25);
        double predicted = LevelScale.inHalves(look(clock, 6, Optional.empty()).predicted());
        Event.Seen copper = new Event.Seen(
                clock.task().key(),
                clock.zone(),
                predicted,
                Optional.of(ToneMix.of(Tone.COPPER)),
                Optional.empty(),
                Optional.empty());
        Event.Seen ash = new Event.Seen(
                clock.task().key(),
                clock.zone(),
                predicted,
                Optional.of(ToneMix.of(Tone.ASH)),
                Optional.empty(),
                Optional.empty());
        LookFinding warm = LookFinding.of(plan, order.batches(), job(), copper, Calibration.none(), now)
                .orElseThrow();
        LookFinding cool = LookFinding.of(plan, order.batches(), job(), ash, Calibration.none(), now)
                .orElseThrow();
        assertThat(warm.colour().orElseThrow().warmth())
                .isGreaterThan(cool.colour().orElseThrow().warmth());
        LookFinding between = LookFinding.of(
                        plan,
                        order.batches(),
                        job(),
                        new Event.Seen(
                                clock.task().key(),
                                clock.zone(),
                                predicted,
                                Optional.of(new ToneMix(Tone.COPPER, Optional.of(new SecondTone(Tone.ASH, 0.15)))),
                                Optional.empty(),
                                Optional.empty()),
                        Calibration.none(),
                        now)
                .orElseThrow();
        assertThat(between.colour().orElseThrow().warmth())
                .isStrictlyBetween(
                        cool.colour().orElseThrow().warmth(),
                        warm.colour().orElseThrow().warmth());
        assertThat(place().afterLook(warm).words())
                .matches(Heard.a(JobMessage.COLOUR_SEEN))
                .satisfies(said -> assertThat(Heard.figure(said, "tone")).contains("copper"));
        BandRef seen = cool.underway().seen().keySet().iterator().next();
        int step = cool.underway().rounds().size();
        assertThat(hueBefore(place().afterLook(warm).plan(), step, seen))
                .isNotEqualTo(hueBefore(place().afterLook(cool).plan(), step, seen));
    }

    private static double hueBefore(Plan of, int step, BandRef at) {
        return of.steps().get(step).outcome(at).look().lab().hueDegrees();
    }

    /** A reader's level is taken as it is, not in halves, and is trusted more than the eye. */
    @Test
    void aReaderTeachesMoreThanTheEye() {
        Clock clock = lightening(25);
        double level = LevelScale.inHalves(look(clock, 6, Optional.empty()).predicted() - 0.6);
        Event.Seen measured = new Event.Seen(
                clock.task().key(),
                clock.zone(),
                level,
                Optional.empty(),
                Optional.of(new Measured(Measured.By.READER, ToneScale.colourOf(level, Tone.GOLD), 1)),
                Optional.empty());
        LookFinding byReader = LookFinding.of(plan, order.batches(), job(), measured, Calibration.none(), now)
                .orElseThrow();
        LookFinding byEye = look(clock, level, Optional.empty());
        assertThat(byReader.known().spread(Factor.LIFT))
                .isLessThan(byEye.known().spread(Factor.LIFT));
    }

    /** Broken or irritated scalp: no lightener, no colour on it (the caution of every maker's sheet). */
    @Test
    void nothingMoreGoesOnAnIrritatedScalp() {
        begin();
        Replan off = place().offTheScalp(Scalp.IRRITATED);
        assertThat(off.words().figures()).containsEntry("scalp", Figure.Named.of(Scalp.IRRITATED));
        assertThat(off.why()).anyMatch(Heard.a(JobMessage.NOTHING_ON_SCALP_TODAY));
        assertThat(off.plan().steps())
                .allMatch(step -> step.bands().stream()
                        .noneMatch(at -> off.plan().head().at(at).touchesScalp()));
        assertThat(off.plan().steps())
                .as("the lengths are finished")
                .anyMatch(step -> !step.bowls().isEmpty());
        holdsTogether(off.tasks(), HANDS);
    }

    private List<Task> layings() {
        return job().tasks().stream()
                .filter(task -> task.kind() == Task.Kind.APPLY && job().state(task.key()) == Job.State.WAITING)
                .toList();
    }

    private boolean mayBegin(Plan of, Event event) {
        try {
            Stops.of(job()).check(of, job(), event);
            return true;
        } catch (RefusedInput refused) {
            return false;
        }
    }

    /** Whatever is pressed, and whether or not what is proposed was answered. */
    @Test
    void onABrokenScalpNothingCanBeBegunAnyMore() {
        begin();
        assertThat(layings()).isNotEmpty().allMatch(task -> mayBegin(plan, new Event.Started(task.key())));
        tell(1, new Event.ScalpSeen(Scalp.BROKEN));
        assertThat(layings())
                .noneMatch(task -> mayBegin(plan, new Event.Started(task.key())))
                .noneMatch(task -> mayBegin(plan, new Event.Finished(task.key())));
        Replan off = place().offTheScalp(Scalp.BROKEN);
        assertThat(off.plan().steps()).as("nothing but rinsing").isEmpty();
        tell(2, Event.Replanned.no(entries.size()));
        assertThat(layings()).isNotEmpty().noneMatch(task -> mayBegin(plan, new Event.Started(task.key())));
        tell(3, new Event.ScalpSeen(Scalp.WHOLE));
        assertThat(layings()).allMatch(task -> mayBegin(plan, new Event.Started(task.key())));
    }

    @Test
    void onAnIrritatedScalpOnlyWhatStaysOffItCanBeBegun() {
        begin();
        tell(1, new Event.ScalpSeen(Scalp.IRRITATED));
        assertThat(layings())
                .anySatisfy(
                        task -> assertThat(Stops.touchesTheScalp(plan, task)).isTrue());
        assertThat(layings())
                .allSatisfy(task -> assertThat(mayBegin(plan, new Event.Started(task.key())))
                        .isEqualTo(!Stops.touchesTheScalp(plan, task)));
        Replan off = place().offTheScalp(Scalp.IRRITATED);
        tell(2, Event.Replanned.yes(off, entries.size(), true, List.of()));
        assertThat(layings()).isNotEmpty().allMatch(task -> mayBegin(off.plan(), new Event.Started(task.key())));
    }

    /** The proposal a failed strand asks for is not answered by saying yes to another that came up since. */
    @Test
    void onAFailedSectionNothingIsBegunUntilTheRestWasPlannedWithoutIt() {
        Clock clock = lightening(20);
        LookFinding broken = look(clock, 6, Optional.of(Elasticity.BREAKS));
        tell(job().minute(), Event.Seen.byEye(clock.task().key(), clock.zone(), 6, Optional.of(Elasticity.BREAKS)));
        long failed = entries.size();
        Predicate<Task> there = task -> task.zones().contains(clock.zone());
        assertThat(mayBegin(plan, new Event.LaidFresh(clock.task().key()))).isFalse();
        assertThat(layings())
                .filteredOn(there)
                .isNotEmpty()
                .noneMatch(task -> mayBegin(plan, new Event.Started(task.key())));
        tell(job().minute(), new Event.RunsLate());
        Replan late = place().late();
        tell(job().minute(), Event.Replanned.yes(late, entries.size(), true, List.of()));
        assertThat(layings())
                .filteredOn(there)
                .isNotEmpty()
                .noneMatch(task -> mayBegin(plan, new Event.Started(task.key())));
        Replan without = place().thorough(broken);
        tell(job().minute(), Event.Replanned.yes(without, failed, true, List.of()));
        assertThat(layings()).allMatch(task -> mayBegin(without.plan(), new Event.Started(task.key())));
    }

    /** To the gram: with every shade gone since, and with the house having learned to mix half as much again. */
    @Test
    void anAcceptedReplanComesBackAsItWas() {
        Clock clock = lightening(20);
        LookFinding broken = look(clock, 6, Optional.of(Elasticity.BREAKS));
        Replan replan = place().thorough(broken);
        Set<String> all =
                ProductRange.demo().shades().stream().map(shade -> shade.code()).collect(Collectors.toSet());
        AcceptedPlan kept = replan.basis();
        Plan again = kept.plan(new PlanningContext(
                        desk(Calibration.none()).head().read(),
                        new Wish(8.5, Tone.GOLD),
                        ProductRange.demo().without(all),
                        kept.calibration(),
                        3,
                        kept.useFactor().orElseThrow()))
                .orElseThrow();
        assertThat(again.steps()).hasSameSizeAs(replan.plan().steps());
        assertThat(Replan.mixed(again)).isEqualTo(Replan.mixed(replan.plan()));
        for (int i = 0; i < again.steps().size(); i++) {
            PlanStep was = replan.plan().steps().get(i);
            PlanStep is = again.steps().get(i);
            assertThat(is.bowls().stream().map(bowl -> bowl.grams()).toList())
                    .isEqualTo(was.bowls().stream().map(bowl -> bowl.grams()).toList());
            assertThat(is.lifts().stream().map(bowl -> bowl.totalGrams()).toList())
                    .isEqualTo(
                            was.lifts().stream().map(bowl -> bowl.totalGrams()).toList());
        }
        for (BandRef at : again.head().bands()) {
            assertThat(again.end(at).look().level())
                    .isCloseTo(replan.plan().end(at).look().level(), within(0.05));
        }
    }

    @Test
    void onePersonLessTakesLongerAndNobodyDoesTwoThingsAtOnce() {
        begin();
        Replan alone = place().afterHands(1);
        holdsTogether(alone.tasks(), 1);
        assertThat(end(alone.tasks())).isGreaterThan(end(tasks));
        assertThat(alone.why())
                .anyMatch(why -> why.message() == JobMessage.CAN_GO_OTHERWISE
                        && Heard.figure(why, "later").equals("yes"));
    }

    @Test
    void whoLeavesInTheMiddleLeavesTheClocksAsTheyRun() {
        Clock clock = lightening(5);
        Replan alone = place().afterHands(1);
        holdsTogether(alone.tasks(), 1);
        assertThat(alone.tasks())
                .filteredOn(task -> task.key().equals(clock.task().key()))
                .singleElement()
                .extracting(Task::startMinute)
                .isEqualTo(clock.task().startMinute());
    }

    @Test
    void whatRunsLateIsPutOnTheClockFromNow() {
        begin();
        now = NINE.plus(Duration.ofMinutes(20));
        Replan late = place().late();
        holdsTogether(late.tasks(), HANDS);
        assertThat(late.words())
                .isEqualTo(JobMessage.BEHIND.say().count("minutes", 20).said());
        assertThat(end(late.tasks()) - end(tasks)).isBetween(0, 20);
    }

    @Test
    void theClientsHourLeavesOutWhatCostsLeastColour() {
        begin();
        int whole = end(tasks);
        Replan enough = place().goesBy(whole + 10);
        assertThat(enough.why()).singleElement().matches(Heard.a(JobMessage.ALL_CAN_BE_DONE));
        Replan less = place().goesBy(whole - 15);
        holdsTogether(less.tasks(), HANDS);
        assertThat(end(less.tasks())).isLessThanOrEqualTo(whole - 15);
        assertThat(less.why()).anyMatch(Heard.a(JobMessage.LEFT_OUT_TODAY));
    }

    /** What is on the hair has to come off, whatever the hour. */
    private static Set<Integer> steps(List<Task> all) {
        return all.stream().map(Task::step).collect(Collectors.toSet());
    }

    /** What was left out for the client's hour is not counted on by the next look, and not put forward again. */
    @Test
    void whatWasLeftOutStaysLeftOutAfterALook() {
        Clock clock = lightening(20);
        int hour = end(tasks) - 15;
        int minute = job().minute();
        tell(minute, new Event.GoesBy(hour));
        Replan less = place().goesBy(hour);
        assertThat(less.why()).anyMatch(Heard.a(JobMessage.LEFT_OUT_TODAY));
        tell(minute, Event.Replanned.yes(less, entries.size(), true, List.of()));

        LookFinding asSaid =
                look(clock, LevelScale.inHalves(look(clock, 6, Optional.empty()).predicted()), Optional.empty());
        Replan rest = place().afterLook(asSaid);

        assertThat(rest.ends().steps().size()).isLessThan(rest.plan().steps().size());
        assertThat(rest.ends().distance(rest.ends()::endOfToday))
                .isCloseTo(less.ends().distance(less.ends()::endOfToday), within(1.5));
        assertThat(end(place().thorough(asSaid).tasks())).isLessThanOrEqualTo(hour);
        Set<Integer> steps = steps(less.tasks());
        assertThat(steps(tasks)).isNotEqualTo(steps);
        assertThat(steps(place().afterHands(1).tasks())).isEqualTo(steps);
        assertThat(place().offTheScalp(Scalp.IRRITATED).plan().steps())
                .hasSizeLessThanOrEqualTo(less.ends().steps().size());
    }

    @Test
    void anHourThatCannotBeKeptIsSaid() {
        lightening(10);
        int minute = job().minute();
        Replan never = place().goesBy(minute + 3);
        assertThat(never.why().get(0)).matches(Heard.a(JobMessage.CANNOT_BE_DONE));
        assertThat(end(never.tasks())).isGreaterThan(minute + 3);
        holdsTogether(never.tasks(), HANDS);
    }

    @Test
    void aShortBowlGetsABatchOfItsOwn() {
        Clock clock = lightening(0);
        Batch first = order.batches().stream()
                .filter(batch -> clock.task().bowls().contains(batch.bowl()))
                .findFirst()
                .orElseThrow();
        Replan more = place().runsShort(new Event.RunsShort(first.bowl(), 40));
        holdsTogether(more.tasks(), HANDS);
        Batch added = more.batches().get(more.batches().size() - 1);
        int whole = plan.steps().get(first.step()).lifts().stream()
                .filter(bowl -> bowl.name().equals(first.bowl()))
                .findFirst()
                .orElseThrow()
                .totalGrams();
        assertThat(added.share() * whole).isCloseTo(40, within(1e-9));
        assertThat(added.number()).isGreaterThan(first.number());
        assertThat(more.tasks())
                .anyMatch(task -> task.kind() == Task.Kind.MIX
                        && task.title()
                                .equals(TaskMessage.MIX_MORE
                                        .say()
                                        .typed("bowl", first.bowl())
                                        .said()));
    }

    /** The middle of a plan, played through as it was decided, is the plan. */
    @Test
    void resumedWithoutAnythingSeenTheRestIsAsItWas() {
        for (int done = 0; done <= plan.steps().size(); done++) {
            HeadUnderway underway = new HeadUnderway(plan.rounds().subList(0, done), Map.of(), Set.of());
            Plan same = Planner.followed(
                    desk(Calibration.none()),
                    plan.strategy(),
                    underway,
                    plan.rounds().subList(done, plan.steps().size()));
            for (BandRef at : plan.head().bands()) {
                assertThat(same.end(at).look().lab())
                        .isEqualTo(plan.end(at).look().lab());
            }
        }
    }

    /** What a job was begun by is kept: the same rounds, bowls and predictions, though every shade of them has run out since. */
    @Test
    void thePlanItBeganByComesBackThoughTheShelfIsEmpty() {
        Calibration known = look(lightening(20), 6, Optional.empty()).known();
        Plan tested = Planner.plan(desk(known), Strategy.of("usual", Method.USUAL));
        AcceptedPlan basis = AcceptedPlan.of(tested, desk(known));
        Set<String> poured = tested.steps().stream()
                .flatMap(step -> step.bowls().stream())
                .flatMap(bowl -> bowl.formula().mix().parts().stream())
                .map(part -> part.shade().code())
                .collect(Collectors.toSet());
        assertThat(poured).isNotEmpty();
        assertThat(basis.calibration().factors().lift())
                .isCloseTo(known.factors().lift(), within(1e-9));
        assertThat(basis.calibration().spread(Factor.LIFT)).isCloseTo(known.spread(Factor.LIFT), within(1e-9));

        Plan again = basis.plan(new PlanningContext(
                        desk(known).head().read(),
                        new Wish(8.5, Tone.GOLD),
                        ProductRange.demo().without(poured),
                        basis.calibration(),
                        3))
                .orElseThrow();

        assertThat(Replan.mixed(again)).isEqualTo(Replan.mixed(tested));
        for (BandRef at : tested.head().bands()) {
            assertThat(again.end(at).look().level())
                    .isCloseTo(tested.end(at).look().level(), within(1e-6));
        }
        assertThat(again.steps()).hasSameSizeAs(tested.steps());
    }

    @Test
    void onAHeadThatIsCutAnewThePlanDoesNotComeBack() {
        AcceptedPlan basis = AcceptedPlan.of(plan, desk(Calibration.none()));
        PlanningContext shorter = new PlanningContext(
                Heads.zones(3, List.of(new Band(0, 25, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0))),
                new Wish(8.5, Tone.GOLD),
                ProductRange.demo(),
                Calibration.none(),
                3);
        assertThat(basis.plan(shorter)).isEmpty();
    }
}
