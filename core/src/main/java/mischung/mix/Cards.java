package mischung.mix;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mischung.hair.BandRef;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.product.Blend;
import mischung.product.Developer;
import mischung.product.HairAmount;
import mischung.product.Lightener;
import mischung.product.Mix;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.RefusedInput;
import mischung.said.Saying;
import mischung.sequence.Batch;
import mischung.sequence.Sequence;
import mischung.sequence.Task;
import mischung.shelf.Item;
import mischung.shelf.Kind;
import mischung.shelf.Shelf;

/** Every bowl of a plan in the order it is needed, in grams a person can weigh, from what stands on the shelf. */
public final class Cards {
    /** A scale for bowls shows half grams. */
    private static final int PER_GRAM = 2;

    private static final double PLENTY = 50_000;

    private final Plan plan;
    private final Sequence sequence;
    private final Shelf shelf;
    private final double learned;

    Cards(Plan plan, Sequence sequence, Shelf shelf, double learned) {
        this.plan = plan;
        this.sequence = sequence;
        this.shelf = shelf;
        this.learned = learned;
    }

    /** @param learned by which the plan's need was multiplied */
    public static List<Card> of(Plan plan, Sequence sequence, Shelf shelf, double learned) {
        Cards cards = new Cards(plan, sequence, shelf, learned);
        List<Card> all = new ArrayList<>();
        sequence.batches().forEach(batch -> cards.card(batch).ifPresent(all::add));
        for (int step = 0; step < plan.steps().size(); step++) {
            List<Treatment> treatments = plan.steps().get(step).treatments();
            for (int i = 0; i < treatments.size(); i++) {
                cards.card(step, i, treatments.get(i)).ifPresent(all::add);
            }
        }
        all.sort(Comparator.comparingInt(Card::visit).thenComparingInt(Card::minute));
        return all;
    }

    private Optional<Card> card(Batch batch) {
        PlanStep step = plan.steps().get(batch.step());
        List<Batch> same = sequence.batches().stream()
                .filter(other -> other.bowl().equals(batch.bowl()))
                .toList();
        double[] shares = same.stream().mapToDouble(Batch::share).toArray();
        int at = same.indexOf(batch);
        Optional<Bowl> bowl =
                step.bowls().stream().filter(b -> b.name().equals(batch.bowl())).findFirst();
        if (bowl.isPresent()) {
            return Optional.of(colour(batch, step, bowl.get(), shares, at));
        }
        return step.lifts().stream()
                .filter(b -> b.name().equals(batch.bowl()))
                .findFirst()
                .map(lift -> lift(batch, lift, shares, at));
    }

    private Card colour(Batch batch, PlanStep step, Bowl bowl, double[] shares, int at) {
        List<Line> lines = new ArrayList<>();
        List<Mix.Part> parts = bowl.formula().mix().parts();
        double more = more(bowl.grams().totalGrams() * shares[at]);
        for (int i = 0; i < parts.size(); i++) {
            double grams = split(bowl.grams().shadeGrams().get(i), shares, at, more);
            Shade shade = parts.get(i).shade();
            add(lines, shelf.item(shade.code()), new Figure.Part(shade.said()), grams);
        }
        double volume = bowl.developer().volume();
        lines.addAll(developer(volume, split(bowl.grams().developerGrams(), shares, at, more)));
        return card(
                batch,
                MixMessage.BOWL_FOR
                        .say()
                        .part("step", step.said())
                        .part("aim", bowl.laying().aim().said()),
                bowl.grams().needGrams() / learned * shares[at],
                bowl.developerPerColour() > 0
                        ? MixMessage.RATIO.say().tenth("ratio", bowl.developerPerColour())
                        : MixMessage.AS_IT_IS.say(),
                bowl.developerPerColour() > 0 ? volume : 0,
                lines);
    }

    private Card lift(Batch batch, LiftBowl lift, double[] shares, int at) {
        List<Line> lines = new ArrayList<>();
        double more = more(lift.totalGrams() * shares[at]);
        double powder = split(lift.powderGrams(), shares, at, more);
        boolean cleanse = lift.laying().action() == Action.CLEANSE;
        if (cleanse) {
            // R31: lightest-series tint and lightener in equal weight.
            double half = Math.rint(powder / 2 * PER_GRAM) / PER_GRAM;
            add(lines, lightestTint(), MixMessage.LIGHTEST_TINT.figure(), half);
            powder -= half;
        }
        Lightener make = lift.laying().lightener().orElse(Lightener.PLAIN);
        Optional<Item> named = shelf.item(make.code());
        add(lines, named.isPresent() ? named : shelf.of(Kind.LIGHTENER), new Figure.Typed(make.name()), powder);
        make.additive()
                .ifPresent(additive -> add(
                        lines,
                        shelf.item(additive.code()),
                        new Figure.Typed(additive.name()),
                        Math.rint(split(lift.totalGrams(), shares, at, more) * additive.share() * PER_GRAM)
                                / PER_GRAM));
        double volume = Double.isNaN(batch.volume()) ? lift.laying().volume() : batch.volume();
        lines.addAll(developer(volume, split(lift.developerGrams(), shares, at, more)));
        double mixed = lift.totalGrams() - HairAmount.waste() * lift.laying().times();
        double need = Math.max(0, mixed) / (1 + HairAmount.reserve()) / learned;
        return card(
                batch,
                MixMessage.BOWL_OF
                        .say()
                        .with("what", cleanse ? Figure.Named.of(lift.laying().action()) : new Figure.Part(make.said()))
                        .thing("way", lift.laying().way()),
                need * shares[at],
                MixMessage.RATIO.say().tenth("ratio", lift.laying().ratio()),
                volume,
                lines);
    }

    /** Of the card a batch is weighed by. */
    public static String key(Batch batch) {
        return batch.visit() + "/" + batch.bowl() + "/" + batch.number();
    }

    private Card card(Batch batch, Saying title, double need, Saying ratio, double volume, List<Line> lines) {
        return new Card(
                key(batch),
                batch.bowl(),
                batch.number(),
                batch.visit(),
                batch.step(),
                new Figure.Part(title.said()),
                batch.mixMinute(),
                batch.person(),
                batch.freshUntil(),
                batch.zones(),
                need,
                new Figure.Part(ratio.said()),
                volume,
                lines);
    }

    private Optional<Item> lightestTint() {
        List<Item> all = shelf.items().stream()
                .filter(item -> item.product()
                        .shade()
                        .filter(shade -> shade.shadeClass() == ShadeClass.LIGHTEST)
                        .isPresent())
                .toList();
        return all.stream()
                .filter(item -> !item.out())
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    /** Equaliser, remover and bond, taken out of the jar when the step begins; what weighs nothing has no card. */
    private Optional<Card> card(int step, int number, Treatment treatment) {
        Optional<Kind> kind = switch (treatment.action()) {
            case EQUALISE -> Optional.of(Kind.EQUALISER);
            case REMOVE -> Optional.of(Kind.REMOVER);
            case TREATMENT -> Optional.of(Kind.TREATMENT);
            default -> Optional.empty();
        };
        Optional<Task> first = sequence.tasks().stream()
                .filter(task -> task.step() == step
                        && task.kind() == Task.Kind.APPLY
                        && task.bowls().isEmpty())
                .findFirst();
        if (kind.isEmpty() || treatment.grams() < 1 || first.isEmpty()) {
            return Optional.empty();
        }
        List<Line> lines = new ArrayList<>();
        product(lines, kind.get(), treatment.grams());
        int visit = plan.steps().get(step).visit();
        return Optional.of(new Card(
                visit + "/T" + (step + 1) + "/" + (number + 1),
                "",
                1,
                visit,
                step,
                Figure.Named.of(treatment.action()),
                first.get().startMinute(),
                first.get().person(),
                0,
                zones(treatment.bands()),
                0,
                Card.UNMIXED,
                0,
                lines));
    }

    private List<ZonePlace> zones(List<BandRef> bands) {
        return bands.stream().map(at -> plan.head().place(at)).distinct().toList();
    }

    private void product(List<Line> lines, Kind kind, double grams) {
        add(lines, shelf.of(kind), Figure.Named.of(kind), grams);
    }

    /** @param otherwise what it is called where the shelf has none */
    private static void add(List<Line> lines, Optional<Item> item, Figure otherwise, double grams) {
        if (grams >= 1.0 / PER_GRAM) {
            lines.add(item.map(found -> Line.of(found, grams))
                    .orElseGet(() -> new Line("", otherwise, grams, Line.Role.BODY)));
        }
    }

    /** @param more of all of it, so that a batch is enough to be weighed and mixed */
    private static double split(int grams, double[] shares, int at, double more) {
        return more > 1
                ? Math.rint(grams * shares[at] * more * PER_GRAM) / PER_GRAM
                : (double) Batch.split(grams * PER_GRAM, shares)[at] / PER_GRAM;
    }

    /** How many times as much is mixed as is needed, where that is too little to be weighed and mixed well. */
    private static double more(double grams) {
        return grams > 0 ? Math.max(1, HairAmount.leastBatchGrams() / grams) : 1;
    }

    /**
     * So much developer of this volume from what is there (R61), by alligation. If there is not enough, as if there were: what
     * is short is told by {@link Supply}.
     */
    List<Line> developer(double volume, double grams) {
        if (grams < 1.0 / PER_GRAM) {
            return List.of();
        }
        List<Item> sources = shelf.developers();
        Developer wanted = new Developer(volume);
        List<Developer.Portion> portions;
        try {
            portions = Blend.of(wanted, grams, there(sources, false)).portions();
        } catch (RefusedInput tooLittle) {
            try {
                portions = Blend.of(wanted, grams, there(sources, true)).portions();
            } catch (RefusedInput none) {
                return List.of(new Line(
                        "", MixMessage.DEVELOPER.say().count("volume", volume).figure(), grams, Line.Role.DEVELOPER));
            }
        }
        double[] shares = portions.stream()
                .mapToDouble(portion -> portion.grams() / grams)
                .toArray();
        int[] halves = Batch.split((int) Math.round(grams * PER_GRAM), shares);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < halves.length; i++) {
            double each = (double) halves[i] / PER_GRAM;
            double of = portions.get(i).developer().volume();
            if (of == 0) {
                if (each > 0) {
                    lines.add(new Line("", MixMessage.WATER_OR_CREAM.figure(), each, Line.Role.WATER));
                }
            } else {
                fromPacks(lines, sources, of, each);
            }
        }
        return lines;
    }

    /** Several products of the same volume are used up one after another. */
    private static void fromPacks(List<Line> lines, List<Item> sources, double volume, double grams) {
        List<Item> same = sources.stream()
                .filter(item -> item.product().volume() == volume)
                .toList();
        double left = grams;
        for (int i = 0; i < same.size() && left > 0; i++) {
            Item item = same.get(i);
            boolean last = i == same.size() - 1;
            double there = item.stock().counted() ? Math.floor(item.grams() * PER_GRAM) / PER_GRAM : left;
            double some = last ? left : Math.min(left, there);
            add(lines, Optional.of(item), Card.UNMIXED, some);
            left -= some;
        }
    }

    private static List<Developer.Portion> there(List<Item> sources, boolean plenty) {
        List<Developer.Portion> all = new ArrayList<>();
        for (Item item : sources) {
            double grams = plenty || !item.stock().counted() ? PLENTY : Math.min(PLENTY, item.grams());
            all.add(new Developer.Portion(new Developer(item.product().volume()), grams));
        }
        // Water or treatment cream is always there, and is thought of last.
        all.add(new Developer.Portion(new Developer(0), PLENTY));
        return all;
    }
}
