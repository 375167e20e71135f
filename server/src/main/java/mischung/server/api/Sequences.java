package mischung.server.api;

import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import mischung.plan.Plan;
import mischung.sequence.Durations;
import mischung.sequence.OrderTerms;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import org.springframework.stereotype.Component;

/**
 * Orders of work. One that keeps every window is there at once; a longer search for a shorter one runs beside it, in rounds
 * that each look further, and what it has found by then counts from then on.
 */
@Component
class Sequences {
    private static final int REMEMBERED = 40;

    /** Steps of the search in each round, for every way of parting the head. */
    private static final long[] ROUNDS = {3_000, 10_000, 30_000, 100_000, 300_000};

    private final HouseSettings house;
    private final Map<Asked, Sequence> known = new LinkedHashMap<>();
    private final Map<Asked, Search> searches = new LinkedHashMap<>();
    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "search for a shorter order");
        thread.setDaemon(true);
        return thread;
    });

    Sequences(HouseSettings house) {
        this.house = house;
    }

    /** Everything an order follows from. */
    private record Asked(Plan plan, Durations durations, int hands, Map<String, Integer> moved) {}

    /** A search and how far it is. */
    private static final class Search {
        private final AtomicBoolean cancelled = new AtomicBoolean();
        private final int atFirst;
        private volatile int round;
        private volatile boolean running = true;

        Search(int atFirst) {
            this.atFirst = atFirst;
        }
    }

    /**
     * How far a search is.
     *
     * @param rounds of {@code of}
     * @param minutesAtFirst the client's time before it began
     * @param minutes by now
     * @param bound no order takes less
     */
    record Progress(boolean running, int rounds, int of, int minutesAtFirst, int minutes, int bound) {}

    private Asked asked(Cases.Stored of, Plan plan) {
        return new Asked(
                plan,
                house.durations(),
                plan.wish().limits().hands(),
                of.checked().moved());
    }

    private static OrderTerms terms(Asked asked) {
        return OrderTerms.usual(asked.durations, asked.hands).moved(asked.moved);
    }

    /** The best order known so far. */
    Sequence of(Cases.Stored of, Plan plan) {
        return of(asked(of, plan), plan);
    }

    private Sequence of(Asked asked, Plan plan) {
        synchronized (known) {
            Sequence before = known.get(asked);
            if (before != null) {
                return before;
            }
        }
        Sequence first = Sequencer.of(plan, terms(asked));
        synchronized (known) {
            known.putIfAbsent(asked, first);
            if (known.size() > REMEMBERED) {
                known.remove(known.keySet().iterator().next());
            }
            return known.getOrDefault(asked, first);
        }
    }

    /** Begins to search, unless it does already. */
    Progress search(Cases.Stored of, Plan plan) {
        Asked asked = asked(of, plan);
        Sequence now = of(asked, plan);
        synchronized (searches) {
            Search there = searches.get(asked);
            if (there == null || !there.running) {
                Search search = new Search(now.totalMinutes());
                searches.put(asked, search);
                if (searches.size() > REMEMBERED) {
                    searches.remove(searches.keySet().iterator().next());
                }
                beside.execute(() -> run(search, asked, plan));
            }
        }
        return progress(of, plan);
    }

    private void run(Search search, Asked asked, Plan plan) {
        try {
            for (int round = 0; round < ROUNDS.length && !of(asked, plan).whole(); round++) {
                search.round = round;
                Sequence found = Sequencer.of(plan, terms(asked).searching(ROUNDS[round], search.cancelled::get));
                if (search.cancelled.get()) {
                    // What a cut search leaves may have no way of parting weighed to its end; only whole rounds count.
                    break;
                }
                synchronized (known) {
                    Sequence before = known.get(asked);
                    if (before == null || better(found, before)) {
                        known.put(asked, found);
                    }
                }
            }
        } finally {
            search.running = false;
        }
    }

    /** Fewer minutes, and nothing stays on longer or ends less evenly for it. */
    private static boolean better(Sequence found, Sequence before) {
        return found.totalMinutes() < before.totalMinutes()
                && found.overdue().size() <= before.overdue().size()
                && uneven(found) <= uneven(before) + 1e-9;
    }

    private static double uneven(Sequence sequence) {
        return sequence.ramps().stream().mapToDouble(Sequence.Ramp::with).max().orElse(0);
    }

    Progress progress(Cases.Stored of, Plan plan) {
        Asked asked = asked(of, plan);
        Sequence now = of(asked, plan);
        synchronized (searches) {
            Search search = searches.get(asked);
            return search == null
                    ? new Progress(false, 0, ROUNDS.length, now.totalMinutes(), now.totalMinutes(), now.bound())
                    : new Progress(
                            search.running,
                            search.running ? search.round : ROUNDS.length,
                            ROUNDS.length,
                            search.atFirst,
                            now.totalMinutes(),
                            now.bound());
        }
    }

    /** Stops searching; what was found stays. */
    Progress cancel(Cases.Stored of, Plan plan) {
        synchronized (searches) {
            Search search = searches.get(asked(of, plan));
            if (search != null) {
                search.cancelled.set(true);
                search.running = false;
            }
        }
        return progress(of, plan);
    }

    @PreDestroy
    void end() {
        synchronized (searches) {
            searches.values().forEach(search -> search.cancelled.set(true));
        }
        beside.shutdownNow();
    }
}
