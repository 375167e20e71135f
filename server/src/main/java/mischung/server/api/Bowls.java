package mischung.server.api;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import mischung.mix.Card;
import mischung.mix.Line;
import mischung.product.Pouring;
import mischung.said.Figure;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.store.MixStore;
import mischung.server.store.Once;
import mischung.server.words.ProblemMessage;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Bowls as they are weighed: from the first weight on each keeps the card it was begun with. */
@Component
class Bowls {
    static final double MOST_AT_ONCE = 5000;

    private static final double LEAST = 0.1;

    private final MixStore store;
    private final Once once;
    private final JobFormat kept;

    Bowls(MixStore store, Once once, JobFormat kept) {
        this.once = once;
        this.store = store;
        this.kept = kept;
    }

    /** A bowl that was begun. */
    record Begun(long id, Card card, boolean done, OptionalDouble leftGrams, List<MixStore.Weighing> weighings) {
        List<Double> poured() {
            double[] sums = new double[card.lines().size()];
            weighings.stream()
                    .filter(weighing -> weighing.line() < sums.length)
                    .forEach(weighing -> sums[weighing.line()] += weighing.grams());
            List<Double> all = new ArrayList<>();
            for (double sum : sums) {
                all.add(Math.max(0, sum));
            }
            return all;
        }

        Pouring pouring() {
            return new Pouring(card.lines().stream().map(Line::grams).toList(), poured());
        }
    }

    /** In the order they were begun, by their keys. */
    Map<String, Begun> of(long visit) {
        Map<String, Begun> all = new LinkedHashMap<>();
        store.bowls(visit)
                .forEach(bowl -> all.put(
                        bowl.key(),
                        new Begun(bowl.id(), kept.card(bowl.card()), bowl.done(), bowl.leftGrams(), bowl.weighings())));
        return all;
    }

    /** Products that are in a bowl of this visit. */
    Set<String> codesIn(long visit) {
        Set<String> codes = new HashSet<>();
        of(visit).values().forEach(begun -> begun.card().lines().forEach(line -> codes.add(line.code())));
        return codes;
    }

    private long begin(long visit, Card card) {
        return store.begin(visit, card.key(), kept.written(card), card.needGrams());
    }

    /**
     * One weight more in a bowl; with the first the bowl is begun. A reading that was booked is not booked again.
     *
     * @param key of the reading; empty where it has none
     * @throws RefusedInput if there is no such line, or the weight is none
     */
    @Transactional
    public void weigh(long visit, Card planned, int line, double grams, String source, String hand, String key) {
        if (once.done(key).isPresent()) {
            return;
        }
        Card card = now(visit, planned);
        if (line < 0 || line >= card.lines().size()) {
            throw new RefusedInput(
                    "line", line, RefusedInput.fromTo(0, card.lines().size() - 1));
        }
        RefusedInput.within("grams", grams, LEAST, MOST_AT_ONCE, Unit.G);
        store.weigh(
                begin(visit, card),
                line,
                grams,
                grams,
                source,
                Jobs.hand(hand),
                card.lines().get(line).code());
        once.keep(key, 0);
    }

    /** As it stands by now, inside this transaction; as planned while nobody has begun it. */
    private Card now(long visit, Card planned) {
        Begun begun = of(visit).get(planned.key());
        return begun == null ? planned : begun.card;
    }

    /** The last weight that was not taken back yet is, by a line of its own. */
    @Transactional
    public void takeBack(long visit, String key, String hand, String press) {
        if (once.done(press).isPresent()) {
            return;
        }
        Begun begun = begun(visit, key);
        List<MixStore.Weighing> open = new ArrayList<>();
        for (MixStore.Weighing weighing : begun.weighings) {
            if (weighing.grams() > 0) {
                open.add(weighing);
            } else if (!open.isEmpty()) {
                open.remove(open.size() - 1);
            }
        }
        if (open.isEmpty()) {
            throw new RefusedInput("key", key, ProblemMessage.NOTHING_TO_TAKE_BACK);
        }
        MixStore.Weighing last = open.get(open.size() - 1);
        store.weigh(
                begun.id,
                last.line(),
                -last.grams(),
                -last.movedGrams(),
                last.source(),
                Jobs.hand(hand),
                begun.card.lines().get(last.line()).code());
        once.keep(press, 0);
    }

    Begun begun(long visit, String key) {
        Begun begun = of(visit).get(key);
        if (begun == null) {
            throw new RefusedInput("key", key, ProblemMessage.BOWL_NOT_BEGUN);
        }
        return begun;
    }

    /** Something more that the bowl shall hold. */
    @Transactional
    public void add(long visit, Card planned, Line line, String press) {
        if (once.done(press).isPresent()) {
            return;
        }
        Card card = now(visit, planned);
        List<Line> lines = new ArrayList<>(card.lines());
        lines.add(line);
        Card more = card.with(lines);
        store.change(begin(visit, card), kept.written(more));
        once.keep(press, 0);
    }

    /** A bowl that no plan asks for, under a number no other has: read and given in one transaction. */
    @Transactional
    public void extra(long visit, Figure title, List<Line> lines, double volume, String press) {
        if (once.done(press).isPresent()) {
            return;
        }
        int number = 1
                + of(visit).values().stream()
                        .map(begun -> begun.card.bowl())
                        .filter(bowl -> bowl.matches("X\\d{1,6}"))
                        .mapToInt(bowl -> Integer.parseInt(bowl.substring(1)))
                        .max()
                        .orElse(0);
        begin(
                visit,
                new Card(
                        "1/X" + number + "/1",
                        "X" + number,
                        1,
                        1,
                        0,
                        title,
                        0,
                        0,
                        0,
                        List.of(),
                        0,
                        Card.UNMIXED,
                        volume,
                        lines));
        once.keep(press, 0);
    }

    /** @param leftGrams what was left of it, if somebody weighed that */
    @Transactional
    public void finish(long visit, String key, boolean done, OptionalDouble leftGrams) {
        Begun begun = begun(visit, key);
        double in = begun.poured().stream().mapToDouble(g -> g).sum();
        if (leftGrams.isPresent()) {
            RefusedInput.within("leftGrams", leftGrams.getAsDouble(), 0, in, Unit.G_IN_THE_BOWL);
        }
        store.finish(begun.id, done, leftGrams);
    }
}
