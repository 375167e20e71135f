package mischung.server.api;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import mischung.consultation.Scalp;
import mischung.job.AcceptedPlan;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.job.Job;
import mischung.job.LookBack;
import mischung.job.LookFinding;
import mischung.job.Replan;
import mischung.job.Stops;
import mischung.plan.Plan;
import mischung.plan.PlanningContext;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.sequence.Sequence;
import mischung.sequence.Task;
import mischung.server.SteadyClock;
import mischung.server.store.JobStore;
import mischung.server.store.Once;
import mischung.server.words.ProblemMessage;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Evidence;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Jobs between the store, which keeps lines, and the screens, which ask what there is to do now. */
@Component
class Jobs {
    private static final int LONGEST_HAND = 40;
    private static final int REMEMBERED = 60;

    /** A moment further ahead was noted by a clock that stood wrong altogether. */
    private static final Duration FURTHEST_AHEAD = Duration.ofHours(24);

    private final JobStore store;
    private final Cases cases;
    private final Routes routes;
    private final HouseSettings house;
    private final Learning learning;
    private final JobFormat format;
    private final Once once;
    private final CaseCautions cautions;
    private final SteadyClock clock;
    private final JobLive live;

    Jobs(
            JobStore store,
            Cases cases,
            Routes routes,
            HouseSettings house,
            Learning learning,
            JobFormat format,
            Once once,
            CaseCautions cautions,
            SteadyClock clock,
            JobLive live) {
        this.store = store;
        this.cases = cases;
        this.routes = routes;
        this.house = house;
        this.learning = learning;
        this.format = format;
        this.once = once;
        this.cautions = cautions;
        this.clock = clock;
        this.live = live;
    }

    /** After a restart it goes on from the last moment that was told, wherever the computer's clock stands by now. */
    @PostConstruct
    void goOnFromTheLastMoment() {
        store.latest()
                .filter(noted -> noted.isBefore(clock.instant().plus(FURTHEST_AHEAD)))
                .ifPresent(clock::notBefore);
    }

    /** By how many minutes the computer's clock was set back; 0 where it was not. */
    long setBackMinutes() {
        return clock.setBack().toMinutes();
    }

    Instant now() {
        return clock.instant();
    }

    List<Entry> entries(long visit) {
        return store.lines(visit).stream().map(format::entry).toList();
    }

    Job job(long visit) {
        return Job.of(entries(visit), now());
    }

    /** @throws RefusedInput unless it is at most 40 characters on one line */
    static String hand(String hand) {
        if (hand.length() > LONGEST_HAND || hand.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput(
                    "hand",
                    hand,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 0)
                            .count("most", LONGEST_HAND)
                            .said());
        }
        return hand.strip();
    }

    /**
     * One entry more.
     *
     * @throws RefusedInput if it makes no sense now, or may not be by what was seen at the chair
     * @throws Refusal if it was pressed on an older picture
     */
    @Transactional
    public void tell(long visit, String hand, Event event, Sent sent) {
        if (once.done(sent.key()).isPresent()) {
            return;
        }
        List<Entry> entries = entries(visit);
        long last = entries.isEmpty() ? 0 : entries.get(entries.size() - 1).number();
        if (sent.last().isPresent() && sent.last().getAsLong() != last) {
            throw new Refusal(
                    HttpStatus.PRECONDITION_FAILED,
                    ProblemMessage.HAPPENED_MEANWHILE,
                    Sent.LAST,
                    sent.last().getAsLong(),
                    ProblemMessage.PRESS_AGAIN);
        }
        Instant told = told(entries, sent);
        Job job = Job.of(entries, told);
        job.check(event);
        refuseStopped(visit, entries, job, event);
        long number =
                store.append(visit, told, hand(sent.by(hand)), event.getClass().getSimpleName(), format.written(event));
        once.keep(sent.key(), number);
        live.changed(visit);
    }

    /** When it was told; what others told before it was taken came first all the same. */
    private Instant told(List<Entry> entries, Sent sent) {
        Instant told = now().minus(sent.ago());
        Instant last =
                entries.isEmpty() ? told : entries.get(entries.size() - 1).at();
        return told.isBefore(last) ? last : told;
    }

    /** What is blocked is not begun by any press, from any screen, at any moment. */
    private void refuseStopped(long visit, List<Entry> entries, Job job, Event event) {
        Optional<Task> begins = Stops.begins(job, event).filter(task -> task.kind() == Task.Kind.APPLY);
        if (begins.isEmpty()) {
            return;
        }
        Cases.Stored of = cases.get(visit);
        Plan plan = worked(of, entries).plan();
        Stops.of(job).check(plan, job, event);
        cautions.refuseBlockedStep(of.checked(), plan, begins.get().step());
    }

    /**
     * A job with the plan it is worked by.
     *
     * @param useFactor by which the need of its bowls was multiplied
     * @param atFirst what was known of the client when it began
     * @param known with every look since
     * @param open what has come up and what would change, until somebody has said yes or no to it
     */
    record Worked(
            List<Entry> entries,
            Job job,
            Plan plan,
            double useFactor,
            Calibration atFirst,
            Calibration known,
            Optional<Proposal> open) {}

    /**
     * What would change.
     *
     * @param entry number of what came up
     * @param look that it follows from; empty where something else came up
     * @param thorough finds out whether other bowls or rounds would be better; done once it was
     */
    record Proposal(long entry, Optional<LookFinding> look, Replan replan, Supplier<Replan> thorough, boolean done) {
        static Proposal of(Entry entry, Replan replan) {
            return new Proposal(entry.number(), Optional.empty(), replan, () -> replan, true);
        }

        Proposal thoughtThrough() {
            return done ? this : new Proposal(entry, look, thorough.get(), thorough, true);
        }
    }

    /** How far entries have been taken in. */
    private record Sofar(
            long version,
            int entries,
            Plan plan,
            AcceptedPlan basis,
            double useFactor,
            Calibration atFirst,
            Calibration known,
            Optional<Proposal> open) {
        Sofar looked(LookFinding look, Proposal proposal) {
            return new Sofar(version, entries, plan, basis, useFactor, atFirst, look.known(), Optional.of(proposal));
        }

        /** Whether this is what waits for a yes or no. */
        boolean asks(long entry) {
            return open.filter(one -> one.entry() == entry).isPresent();
        }

        Sofar with(Optional<Proposal> other) {
            return new Sofar(version, entries, plan, basis, useFactor, atFirst, known, other);
        }

        Sofar knowing(Calibration by) {
            return new Sofar(version, entries, plan, basis, useFactor, atFirst, by, Optional.empty());
        }

        /** Worked by another plan from now on. */
        Sofar by(Plan other, AcceptedPlan kept) {
            return new Sofar(version, entries, other, kept, useFactor, atFirst, known, Optional.empty());
        }

        Sofar to(long caseVersion, int count) {
            return new Sofar(caseVersion, count, plan, basis, useFactor, atFirst, known, open);
        }
    }

    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "re-plan");
        thread.setDaemon(true);
        return thread;
    });

    private final Map<Long, Sofar> remembered = new LinkedHashMap<>();
    private final Locks replaying = new Locks();

    /** What has come up last; nothing is computed where nothing has. */
    Optional<Proposal> open(Cases.Stored of, List<Entry> entries) {
        return entries.stream().anyMatch(entry -> bearsOnThePlan(entry.event()))
                ? worked(of, entries).open()
                : Optional.empty();
    }

    private static boolean bearsOnThePlan(Event event) {
        return event.asks() || event instanceof Event.Replanned;
    }

    Worked worked(Cases.Stored of) {
        return worked(of, entries(of.id()));
    }

    /** Of one job one after another: two requests after a restart play it through once. */
    Worked worked(Cases.Stored of, List<Entry> entries) {
        synchronized (replaying.of(of.id())) {
            return playedThrough(of, entries);
        }
    }

    private Worked playedThrough(Cases.Stored of, List<Entry> entries) {
        Sofar sofar;
        synchronized (remembered) {
            sofar = remembered.get(of.id());
        }
        boolean fits = sofar != null
                && sofar.version == of.version()
                && sofar.entries <= entries.size()
                && entries.subList(sofar.entries, entries.size()).stream()
                        .noneMatch(entry -> entry.event() instanceof Event.TakenBack);
        List<Entry> counting = Job.of(entries, now()).counting();
        if (sofar == null || !fits) {
            sofar = asBegun(of, counting).orElseGet(() -> asDecided(of));
        }
        for (int i = sofar.entries; i < entries.size(); i++) {
            Entry entry = entries.get(i);
            if (bearsOnThePlan(entry.event()) && counting.contains(entry)) {
                List<Entry> before = entries.subList(0, i);
                boolean asks = entry.event().asks();
                sofar = asks && settled(entries.subList(i + 1, entries.size()), counting)
                        ? learned(sofar, entry, before)
                        : taken(of, sofar, entry, before);
            }
        }
        sofar = sofar.to(of.version(), entries.size());
        // Until it begins the plan may change with everything it follows from; from then on it is kept.
        if (!entries.isEmpty()) {
            remember(of.id(), sofar);
        }
        return new Worked(
                entries, Job.of(entries, now()), sofar.plan, sofar.useFactor, sofar.atFirst, sofar.known, sofar.open);
    }

    /** By the plan it was begun by; empty where it has not begun, or on a head that has other bands since. */
    private Optional<Sofar> asBegun(Cases.Stored of, List<Entry> counting) {
        return counting.stream()
                .map(Entry::event)
                .filter(Event.Begun.class::isInstance)
                .flatMap(begun -> ((Event.Begun) begun).basis().stream())
                .findFirst()
                .flatMap(basis -> {
                    Calibration known = basis.calibration();
                    double useFactor =
                            basis.useFactor().orElseGet(() -> routes.learned(of).factor());
                    return basis.plan(routes.desk(of, known, useFactor))
                            .map(plan ->
                                    new Sofar(of.version(), 0, plan, basis, useFactor, known, known, Optional.empty()));
                });
    }

    private Sofar asDecided(Cases.Stored of) {
        Calibration known = cases.calibration(of);
        PlanningContext desk = routes.desk(of, known);
        Plan plan = routes.chosen(of).plan();
        return new Sofar(
                of.version(), 0, plan, AcceptedPlan.of(plan, desk), desk.useFactor(), known, known, Optional.empty());
    }

    private void remember(long visit, Sofar sofar) {
        synchronized (remembered) {
            Sofar there = remembered.remove(visit);
            // Thought through meanwhile, on another thread: that is not forgotten again.
            boolean thought = there != null
                    && there.open
                            .filter(one -> one.done() && sofar.asks(one.entry()))
                            .isPresent();
            remembered.put(visit, thought ? sofar.with(there.open) : sofar);
            if (remembered.size() > REMEMBERED) {
                remembered.remove(remembered.keySet().iterator().next());
            }
        }
    }

    /**
     * Whether what would follow from an entry need not be found out any more: something else came up since, or it was answered
     * and the answer holds the plan.
     */
    private static boolean settled(List<Entry> later, List<Entry> counting) {
        return later.stream()
                .filter(entry -> bearsOnThePlan(entry.event()) && counting.contains(entry))
                .findFirst()
                .map(entry -> !(entry.event() instanceof Event.Replanned answer)
                        || !answer.accepted()
                        || answer.basis().isPresent())
                .orElse(false);
    }

    /** What it taught of the hair stays, and an answer is an answer. */
    private Sofar learned(Sofar sofar, Entry entry, List<Entry> before) {
        if (entry.event() instanceof Event.Seen seen) {
            Job then = Job.of(before, entry.at());
            return LookFinding.of(sofar.plan, then.batches(), then, seen, sofar.known, entry.at())
                    .map(look -> sofar.knowing(look.known()))
                    .orElse(sofar.with(Optional.empty()));
        }
        return sofar.with(Optional.empty());
    }

    private Sofar taken(Cases.Stored of, Sofar sofar, Entry entry, List<Entry> before) {
        Job then = Job.of(before, entry.at());
        Replan.Place place = new Replan.Place(
                sofar.plan,
                sofar.basis,
                known -> routes.desk(of, known, sofar.useFactor),
                sofar.known,
                house.durations(),
                then);
        Event event = entry.event();
        if (event instanceof Event.Seen seen) {
            Optional<LookFinding> look =
                    LookFinding.of(sofar.plan, then.batches(), then, seen, sofar.known, entry.at());
            return look.map(found -> sofar.looked(found, proposal(entry, found, place)))
                    .orElse(sofar.with(Optional.empty()));
        } else if (event instanceof Event.HandsNow hands) {
            return sofar.with(Optional.of(Proposal.of(entry, place.afterHands(hands.hands()))));
        } else if (event instanceof Event.GoesBy by) {
            return sofar.with(Optional.of(Proposal.of(entry, place.goesBy(by.minute()))));
        } else if (event instanceof Event.RunsShort bowl) {
            return sofar.with(Optional.of(Proposal.of(entry, place.runsShort(bowl))));
        } else if (event instanceof Event.RunsLate) {
            return sofar.with(Optional.of(Proposal.of(entry, place.late())));
        } else if (event instanceof Event.ScalpSeen seen) {
            return seen.scalp() == Scalp.IRRITATED || seen.scalp() == Scalp.BROKEN
                    ? sofar.with(Optional.of(Proposal.of(entry, place.offTheScalp(seen.scalp()))))
                    : sofar;
        } else if (event instanceof Event.Replanned answer && answer.accepted()) {
            return accepted(of, sofar, answer);
        }
        return sofar.with(Optional.empty());
    }

    /** As it was said yes to; in jobs from before it was kept, as it is planned again from what came up. */
    private Sofar accepted(Cases.Stored of, Sofar sofar, Event.Replanned answer) {
        Optional<Sofar> kept = answer.basis()
                .flatMap(basis -> basis.plan(routes.desk(of, basis.calibration(), sofar.useFactor))
                        .map(plan -> sofar.by(plan, basis)));
        return kept.or(() -> sofar.open
                        .map(open -> answer.thorough() ? open.thoughtThrough() : open)
                        .map(open ->
                                sofar.by(open.replan().plan(), open.replan().basis())))
                .orElse(sofar);
    }

    /** A strand that failed is thought through before anything is said; all else stands at once and is thought on beside. */
    private static Proposal proposal(Entry entry, LookFinding look, Replan.Place place) {
        Supplier<Replan> thorough = () -> place.thorough(look);
        return look.stop()
                ? new Proposal(entry.number(), Optional.of(look), thoroughOrAtOnce(look, place), thorough, true)
                : new Proposal(entry.number(), Optional.of(look), place.afterLook(look), thorough, look.flagged());
    }

    /** Where the shelf has nothing to decide the rest with any more it is as it was, and what failed stays shut all the same. */
    private static Replan thoroughOrAtOnce(LookFinding look, Replan.Place place) {
        try {
            return place.thorough(look);
        } catch (RefusedInput nothingToMixFrom) {
            return place.afterLook(look);
        }
    }

    /** Beside everything else: screens are told when it is known whether other bowls would be better. */
    void thinkOn(Cases.Stored of) {
        Optional<Proposal> open = worked(of).open();
        if (open.isEmpty() || open.get().done()) {
            return;
        }
        beside.execute(() -> {
            Proposal thought = open.get().thoughtThrough();
            synchronized (remembered) {
                Sofar now = remembered.get(of.id());
                if (now != null && now.asks(thought.entry())) {
                    remembered.put(of.id(), now.with(Optional.of(thought)));
                }
            }
            live.changedNow(of.id());
        });
    }

    @PreDestroy
    void end() {
        beside.shutdownNow();
    }

    /** What this visit has taught by now is kept, so that the next one begins with it. */
    void learn(Cases.Stored of) {
        Worked worked = worked(of);
        Calibration after = LookBack.learned(worked.plan, worked.job, worked.known);
        if (after.observations() != worked.atFirst.observations()) {
            learning.taught(of.id(), after.since(worked.atFirst));
        } else {
            learning.taught(of.id(), Evidence.NONE);
        }
    }

    /** The order a job is worked by, in the form of a plan's. */
    static Sequence sequence(Job job) {
        return new Sequence(job.tasks(), job.hands(), job.batches(), List.of(), 0, false, List.of(), List.of());
    }
}
