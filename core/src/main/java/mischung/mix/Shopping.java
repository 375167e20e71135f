package mischung.mix;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.said.Figure;
import mischung.shelf.Item;
import mischung.shelf.Shelf;

/**
 * What to buy of one product.
 *
 * @param neededGrams by the plans of the coming days
 * @param thereGrams on the shelf now
 * @param packs to buy, so that the plans can be worked and the low mark is not passed
 * @param price of them
 * @param known whether the shelf has it; what it has not must be found first
 */
public record Shopping(
        String code, Figure name, double neededGrams, double thereGrams, int packs, double price, boolean known) {
    /** What is short for all these cards, and what is low anyway; the most urgent first. */
    public static List<Shopping> of(List<Card> cards, Shelf shelf) {
        Map<String, Double> needed = new LinkedHashMap<>();
        Map<String, Figure> strange = new HashMap<>();
        for (Card card : cards) {
            for (Line line : card.lines()) {
                if (!line.dilutes()) {
                    String key = line.code().isEmpty() ? "? " + line.name().text() : line.code();
                    needed.merge(key, line.grams(), Double::sum);
                    if (line.code().isEmpty()) {
                        strange.put(key, line.name());
                    }
                }
            }
        }
        List<Shopping> all = new ArrayList<>();
        for (Item item : shelf.items()) {
            double need = needed.getOrDefault(item.product().code(), 0.0);
            double after = item.grams() - need;
            if (item.stock().counted() && (after < 0 || item.low())) {
                double wanted = Math.max(0, item.stock().lowGrams()) - after;
                int packs = (int) Math.max(1, Math.ceil(wanted / item.product().packGrams() - 1e-9));
                all.add(new Shopping(
                        item.product().code(),
                        new Figure.Typed(item.product().name()),
                        need,
                        item.grams(),
                        packs,
                        packs * item.product().packPrice(),
                        true));
            }
        }
        strange.forEach((key, name) -> all.add(
                new Shopping("", name, Optional.ofNullable(needed.get(key)).orElse(0.0), 0, 0, 0, false)));
        all.sort(Comparator.comparingDouble((Shopping s) -> s.thereGrams() - s.neededGrams())
                .thenComparing(one -> one.name().text()));
        return all;
    }
}
