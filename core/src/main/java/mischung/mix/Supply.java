package mischung.mix;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.said.Figure;
import mischung.shelf.Item;
import mischung.shelf.Shelf;
import mischung.shelf.Stock;

/**
 * What one card takes of one product.
 *
 * @param opens full packs that have to be opened for it
 * @param missing grams the shelf has not
 * @param onShelf false where the shelf has no such product at all
 */
public record Supply(String code, Figure name, double grams, int opens, double missing, boolean onShelf) {
    /**
     * The cards' needs one after another, so that each is told what the ones before it leave.
     *
     * @param poured what of each card is in its bowl already, by line; fewer or none where nothing was weighed
     */
    public static List<List<Supply>> of(List<Card> cards, Shelf shelf, Map<String, List<Double>> poured) {
        Map<String, Stock> now = new HashMap<>();
        List<List<Supply>> all = new ArrayList<>();
        for (Card card : cards) {
            List<Double> in = poured.getOrDefault(card.key(), List.of());
            List<Supply> each = new ArrayList<>();
            for (int i = 0; i < card.lines().size(); i++) {
                Line line = card.lines().get(i);
                double grams = Math.max(0, line.grams() - (i < in.size() ? in.get(i) : 0));
                each.add(take(line, grams, shelf.item(line.code()), now));
            }
            all.add(each);
        }
        return all;
    }

    private static Supply take(Line line, double grams, Optional<Item> item, Map<String, Stock> now) {
        if (item.isEmpty()) {
            return new Supply(line.code(), line.name(), grams, 0, line.dilutes() ? 0 : grams, line.dilutes());
        }
        double pack = item.get().product().packGrams();
        Stock before = now.getOrDefault(line.code(), item.get().stock());
        Stock.Taken taken = before.take(grams, pack);
        now.put(line.code(), taken.after());
        return new Supply(line.code(), line.name(), grams, taken.newlyOpened(), taken.missing(), true);
    }
}
