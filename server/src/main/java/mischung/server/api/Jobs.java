package mischung.server.api;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import mischung.RefusedInput;
import mischung.consult.Scalp;
import mischung.doubt.Calibration;
import mischung.doubt.Evidence;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.job.Job;
import mischung.job.LookBack;
import mischung.job.Recheck;
import mischung.job.Replan;
import mischung.plan.Plan;
import mischung.sequence.Sequence;
import mischung.server.store.JobStore;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Jobs between the store, which keeps lines, and the screens, which ask what there is to do now. */
@Component
class Jobs {
    private static final int LONGEST_HAND = 40;
    private static final int REMEMBERED = 60;

    /** The kinds of events by the names they are kept under; a name once used is never given another meaning. */
    private static final Map<String, Class<? extends Event>> KINDS = Arrays.stream(new Class<?>[] {
                Event.Begun.class,
                Event.Started.class,
                Event.Finished.class,
                Event.Skipped.class,
                Event.LaidFresh.class,
                Event.RinsedNow.class,
                Event.Paused.class,
                Event.Resumed.class,
                Event.Seen.class,
                Event.Replanned.class,
                Event.HandsNow.class,
                Event.GoesBy.class,
                Event.RunsShort.class,
                Event.RunsLate.class,
                Event.ScalpSeen.class,
                Event.Found.class,
                Event.Judged.class,
                Event.Said.class,
                Event.TakenBack.class,
                Event.Ended.class
            })
            .collect(Collectors.toMap(Class::getSimpleName, kind -> kind.asSubclass(Event.class)));

    private final JobStore store;
    private final Cases cases;
    private final Routes routes;
    private final HouseSettings house;
    private final Learning learning;
    private final JsonMapper json;
    private final Clock clock;
    private final JobLive live;

    Jobs(
            JobStore store,
            Cases cases,
            Routes routes,
            HouseSettings house,
            Learning learning,
            JsonMapper json,
            Clock clock,
            JobLive live) {
        this.store = store;
        this.cases = cases;
        this.routes = routes;
        this.house = house;
        this.learning = learning;
        // What a value says of itself, such as a shade that it is clear, is not kept: it follows from what is.
        this.json = json.rebuild()
                .changeDefaultVisibility(all -> all.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .build();
        this.clock = clock;
        this.live = live;
    }

    Instant now() {
        return clock.instant();
    }

    List<Entry> entries(long visit) {
        return store.lines(visit).stream().map(this::entry).toList();
    }

    private Entry entry(JobStore.Line line) {
        Class<? extends Event> kind = KINDS.get(line.kind());
        if (kind == null) {
            throw new IllegalStateException("An entry of a newer program: " + line.kind());
        }
        return new Entry(line.number(), line.at(), line.hand(), json.readValue(line.body(), kind));
    }

    Job job(long visit) {
        return Job.of(entries(visit), now());
    }

    /** @throws RefusedInput unless it is at most 40 characters on one line */
    static String hand(String hand) {
        if (hand.length() > LONGEST_HAND || hand.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput("hand", hand, "Name the hand in at most " + LONGEST_HAND + " characters.");
        }
        return hand.strip();
    }

    /**
     * One entry more.
     *
     * @throws RefusedInput if it makes no sense now
     */
    @Transactional
    public void tell(long visit, String hand, Event event) {
        job(visit).check(event);
        store.append(visit, now(), hand(hand), event.getClass().getSimpleName(), json.writeValueAsString(event));
        live.changed(visit);
    }

    /**
     * A job with the plan it is worked by.
     *
     * @param atFirst what was known of the client when it began
     * @param known with every look since
     * @param open what has come up and what would change, until somebody has said yes or no to it
     */
    record Worked(
            List<Entry> entries, Job job, Plan plan, Calibration atFirst, Calibration known, Optional<Proposal> open) {}

    /**
     * What would change.
     *
     * @param entry number of what came up
     * @param look that it follows from; empty where something else came up
     * @param thorough finds out whether other bowls or rounds would be better; done once it was
     */
    record Proposal(long entry, Optional<Recheck> look, Replan replan, Supplier<Replan> thorough, boolean done) {
        static Proposal of(Entry entry, Replan replan) {
            return new Proposal(entry.number(), Optional.empty(), replan, () -> replan, true);
        }

        Proposal thoughtThrough() {
            return done ? this : new Proposal(entry, look, thorough.get(), thorough, true);
        }
    }

    /** How far entries have been taken in. */
    private record Sofar(
            long version, int entries, Plan plan, Calibration atFirst, Calibration known, Optional<Proposal> open) {
        Sofar looked(Recheck look, Proposal proposal) {
            return new Sofar(version, entries, plan, atFirst, look.known(), Optional.of(proposal));
        }

        /** Whether this is what waits for a yes or no. */
        boolean asks(long entry) {
            return open.filter(one -> one.entry() == entry).isPresent();
        }

        Sofar with(Optional<Proposal> other) {
            return new Sofar(version, entries, plan, atFirst, known, other);
        }
    }

    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "re-plan");
        thread.setDaemon(true);
        return thread;
    });

    private final Map<Long, Sofar> remembered = new LinkedHashMap<>();

    /** What has come up last; nothing is computed where nothing has. */
    Optional<Proposal> open(Cases.Stored of, List<Entry> entries) {
        return entries.stream().anyMatch(entry -> bearsOnThePlan(entry.event()))
                ? worked(of, entries).open()
                : Optional.empty();
    }

    private static boolean bearsOnThePlan(Event event) {
        return event instanceof Event.Seen
                || event instanceof Event.HandsNow
                || event instanceof Event.GoesBy
                || event instanceof Event.RunsShort
                || event instanceof Event.RunsLate
                || event instanceof Event.ScalpSeen
                || event instanceof Event.Replanned;
    }

    Worked worked(Cases.Stored of) {
        return worked(of, entries(of.id()));
    }

    private Worked worked(Cases.Stored of, List<Entry> entries) {
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
                sofar = taken(of, sofar, entry, entries.subList(0, i));
            }
        }
        sofar = new Sofar(of.version(), entries.size(), sofar.plan, sofar.atFirst, sofar.known, sofar.open);
        // Until it begins the plan may change with everything it follows from; from then on it is kept.
        if (!entries.isEmpty()) {
            remember(of.id(), sofar);
        }
        return new Worked(entries, Job.of(entries, now()), sofar.plan, sofar.atFirst, sofar.known, sofar.open);
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
                    return basis.plan(routes.desk(of, known))
                            .map(plan -> new Sofar(of.version(), 0, plan, known, known, Optional.empty()));
                });
    }

    private Sofar asDecided(Cases.Stored of) {
        Calibration known = cases.calibration(of);
        return new Sofar(of.version(), 0, routes.chosen(of).plan(), known, known, Optional.empty());
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

    private Sofar taken(Cases.Stored of, Sofar sofar, Entry entry, List<Entry> before) {
        Job then = Job.of(before, entry.at());
        Replan.Place place =
                new Replan.Place(sofar.plan, known -> routes.desk(of, known), sofar.known, house.durations(), then);
        Event event = entry.event();
        if (event instanceof Event.Seen seen) {
            Optional<Recheck> look = Recheck.of(sofar.plan, then.batches(), then, seen, sofar.known, entry.at());
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
        } else if (event instanceof Event.Replanned answer && answer.accepted() && sofar.open.isPresent()) {
            return new Sofar(
                    sofar.version,
                    sofar.entries,
                    (answer.thorough() ? sofar.open.get().thoughtThrough() : sofar.open.get())
                            .replan()
                            .plan(),
                    sofar.atFirst,
                    sofar.known,
                    Optional.empty());
        }
        return sofar.with(Optional.empty());
    }

    /** A strand that failed is thought through before anything is said; all else stands at once and is thought on beside. */
    private static Proposal proposal(Entry entry, Recheck look, Replan.Place place) {
        Supplier<Replan> thorough = () -> place.thorough(look);
        return look.stop()
                ? new Proposal(entry.number(), Optional.of(look), thorough.get(), thorough, true)
                : new Proposal(entry.number(), Optional.of(look), place.afterLook(look), thorough, look.flagged());
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
