package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import mischung.Phrases;
import mischung.hair.LevelScale;
import mischung.mix.Card;
import mischung.mix.Dilution;
import mischung.mix.Experience;
import mischung.mix.Line;
import mischung.mix.Supply;
import mischung.product.Developer;
import mischung.product.Pouring;
import mischung.product.Units;
import mischung.said.Figure;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import mischung.shelf.Shelf;

/** What is weighed for a visit, in the order it is needed. */
public record MixView(
        List<CardView> cards,

        @Schema(description = "what the shelf has not enough of, before the first bowl")
        List<ShortView> shorts,

        @Schema(description = "what past bowls of this client and house have taught")
        String learned,

        @Schema(description = "index of the card that is next; none if all is done")
        List<Integer> next) {

    /** How far a bowl is. */
    public enum State {
        WAITING,
        BEGUN,
        DONE
    }

    /** One bowl, or one batch of it. */
    public record CardView(
            String key,
            String bowl,
            int number,
            int visit,
            String title,

            @Schema(description = "when it is mixed; empty: when it is wanted")
            String clock,

            String freshUntil,
            @Schema(description = "0: nobody in particular") int person,
            List<String> zones,
            String ratio,
            String developer,
            State state,
            List<LineView> lines,

            @Schema(description = "what it shall come to by now")
            double grams,

            String words,

            @Schema(description = "how much larger than planned it has become by over-pouring, 1 and more")
            double grown,

            @Schema(description = "said when the bowl is not as planned any more; empty otherwise")
            String notice,

            @Schema(description = "index of the line to weigh next; none if the bowl is full")
            List<Integer> next,

            @Schema(description = "what was left of it, if that was weighed")
            List<Double> leftGrams) {}

    /** What is weighed in one go. */
    public record LineView(
            String code,
            String name,
            double plannedGrams,

            @Schema(description = "what it shall come to by now")
            double targetGrams,

            double pouredGrams,
            double missingGrams,

            @Schema(description = "by which it may miss") double toleranceGrams,

            @Schema(description = "what is still to be weighed, in the house's units")
            String words,

            @Schema(description = "the same as volume, for what is poured from a bottle; empty otherwise")
            String fluidWords,

            boolean dilutes,

            @Schema(description = "full packs to open for it")
            int opens,

            @Schema(description = "what the shelf lacks for it")
            double shortGrams) {}

    /** What is short for all cards together. */
    public record ShortView(String name, double grams, boolean onShelf, String sentence) {}

    /** What the view is made of. */
    record Sources(
            List<Card> planned,
            Map<String, Bowls.Begun> begun,
            Shelf shelf,
            Experience learned,
            boolean ounces,
            LocalTime start) {}

    static MixView of(Sources of) {
        List<Card> cards = merged(of);
        List<List<Supply>> supplies = Supply.of(cards, of.shelf, poured(of));
        List<CardView> views = new ArrayList<>();
        for (int i = 0; i < cards.size(); i++) {
            views.add(card(
                    cards.get(i), Optional.ofNullable(of.begun.get(cards.get(i).key())), supplies.get(i), of));
        }
        OptionalInt next = IntStream.range(0, views.size())
                .filter(i -> views.get(i).state != State.DONE)
                .findFirst();
        return new MixView(
                views,
                shorts(cards, supplies, of),
                learned(of.learned),
                next.isPresent() ? List.of(next.getAsInt()) : List.of());
    }

    /** What was begun stays as it was begun, in the place it had; what the plan asks for no more comes last. */
    private static List<Card> merged(Sources of) {
        List<Card> all = new ArrayList<>();
        for (Card card : of.planned) {
            Bowls.Begun begun = of.begun.get(card.key());
            all.add(begun == null ? card : begun.card());
        }
        of.begun.values().stream()
                .map(Bowls.Begun::card)
                .filter(card -> all.stream().noneMatch(one -> one.key().equals(card.key())))
                .forEach(all::add);
        return all;
    }

    private static Map<String, List<Double>> poured(Sources of) {
        Map<String, List<Double>> poured = new HashMap<>();
        of.begun.forEach((key, begun) -> poured.put(
                key,
                begun.done() ? begun.card().lines().stream().map(Line::grams).toList() : begun.poured()));
        return poured;
    }

    private static CardView card(Card card, Optional<Bowls.Begun> begun, List<Supply> supplies, Sources of) {
        Pouring pouring = begun.map(Bowls.Begun::pouring)
                .orElseGet(
                        () -> Pouring.of(card.lines().stream().map(Line::grams).toList()));
        boolean done = begun.filter(Bowls.Begun::done).isPresent();
        List<LineView> lines = new ArrayList<>();
        double target = 0;
        for (int i = 0; i < card.lines().size(); i++) {
            Line line = card.lines().get(i);
            Supply supply = supplies.get(i);
            double missing = done ? 0 : pouring.missing(i);
            target += pouring.target(i);
            lines.add(new LineView(
                    line.code(),
                    Catalogue.spoken().say(line.name()),
                    line.grams(),
                    tenth(pouring.target(i)),
                    tenth(pouring.poured().get(i)),
                    tenth(missing),
                    tenth(Pouring.tolerance(pouring.target(i))),
                    weight(missing > 0 || begun.isEmpty() ? Math.max(missing, 0) : pouring.target(i), of.ounces),
                    fluid(line, of, missing > 0 ? missing : pouring.target(i)),
                    line.dilutes(),
                    supply.opens(),
                    tenth(supply.missing())));
        }
        OptionalInt next = done ? OptionalInt.empty() : pouring.next();
        return new CardView(
                card.key(),
                card.bowl(),
                card.number(),
                card.visit(),
                Phrases.capital(Catalogue.spoken().say(card.title())),
                card.person() == 0 && card.minute() == 0
                        ? ""
                        : TaskView.CLOCK.format(of.start.plusMinutes(card.minute())),
                card.freshUntil() == 0 ? "" : TaskView.CLOCK.format(of.start.plusMinutes(card.freshUntil())),
                card.person(),
                card.zones().stream().map(Catalogue.spoken()::word).toList(),
                Catalogue.spoken().say(card.ratio()),
                card.volume() == 0 ? "" : new Developer(card.volume()).words(),
                done ? State.DONE : begun.isPresent() ? State.BEGUN : State.WAITING,
                lines,
                tenth(target),
                weight(target, of.ounces),
                LookView.rounded(pouring.factor(), 1000),
                notice(card, pouring, of),
                next.isPresent() ? List.of(next.getAsInt()) : List.of(),
                begun.map(Bowls.Begun::leftGrams)
                        .filter(OptionalDouble::isPresent)
                        .map(left -> List.of(left.getAsDouble()))
                        .orElse(List.of()));
    }

    private static String notice(Card card, Pouring pouring, Sources of) {
        List<String> said = new ArrayList<>();
        if (pouring.factor() > 1) {
            said.add(Catalogue.spoken()
                    .sentence(PageMessage.OVER_POURED
                            .say()
                            .typed("becomes", weight(card.grams() * pouring.factor(), of.ounces))
                            .typed("instead", weight(card.grams(), of.ounces))
                            .said()));
        }
        Dilution.in(card, of.shelf).map(MixView::words).ifPresent(said::add);
        return String.join(" ", said);
    }

    private static String words(Dilution of) {
        return Catalogue.spoken()
                .sentence(PageMessage.DILUTED
                        .say()
                        .tenth("grams", of.grams())
                        .count("volume", of.volume())
                        .tenth("ratio", of.ratio())
                        .share("deposit", of.deposit())
                        .said());
    }

    private static List<ShortView> shorts(List<Card> cards, List<List<Supply>> supplies, Sources of) {
        record Which(Figure name, boolean onShelf) {}
        Map<Which, Double> missing = new LinkedHashMap<>();
        for (int i = 0; i < cards.size(); i++) {
            Bowls.Begun begun = of.begun.get(cards.get(i).key());
            if (begun != null && begun.done()) {
                continue;
            }
            for (Supply supply : supplies.get(i)) {
                if (supply.missing() > 0) {
                    missing.merge(new Which(supply.name(), supply.onShelf()), supply.missing(), Double::sum);
                }
            }
        }
        return missing.entrySet().stream()
                .map(entry -> new ShortView(
                        Catalogue.spoken().say(entry.getKey().name),
                        tenth(entry.getValue()),
                        entry.getKey().onShelf,
                        Catalogue.spoken()
                                .sentence((entry.getKey().onShelf ? PageMessage.MISSING : PageMessage.NOT_ON_SHELF)
                                        .say()
                                        .typed("weight", weight(entry.getValue(), of.ounces))
                                        .with("product", entry.getKey().name)
                                        .said())))
                .toList();
    }

    private static String learned(Experience learned) {
        return learned.seen() == 0
                ? ""
                : Catalogue.spoken()
                        .sentence(PageMessage.PAST_BOWLS
                                .say()
                                .share("share", learned.factor())
                                .count("bowls", learned.seen())
                                .said());
    }

    /** "16 g", or "0.56 oz" where the house weighs in ounces. */
    static String weight(double grams, boolean ounces) {
        return ounces
                ? String.format(Locale.ROOT, "%.2f oz", Units.ounces(grams))
                : (grams >= 100 ? Long.toString(Math.round(grams)) : LevelScale.figure(Math.rint(grams * 10) / 10))
                        + " g";
    }

    /** Developers weigh about what water does (from memory), so a gram is a millilitre. */
    private static String fluid(Line line, Sources of, double grams) {
        boolean poured = line.role() == Line.Role.DEVELOPER || line.dilutes();
        if (!poured) {
            return "";
        }
        return of.ounces
                ? String.format(Locale.ROOT, "%.2f fl oz", Units.fluidOunces(grams))
                : LevelScale.figure(Math.rint(grams * 10) / 10) + " ml";
    }

    private static double tenth(double grams) {
        return LookView.rounded(grams, 10);
    }
}
