package mischung.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What there is of a product.
 *
 * @param counted whether the house counts it; what it does not count is never short
 * @param packs full ones
 * @param opened grams left in each opened pack, the emptiest first
 * @param lowGrams at or below which it is time to buy
 */
public record Stock(boolean counted, int packs, List<Double> opened, double lowGrams) {
    public static final Stock UNCOUNTED = new Stock(false, 0, List.of(), 0);

    /** Less than this sticks to the tube. */
    private static final double EMPTY = 0.5;

    private static final int MOST_PACKS = 10_000;
    private static final int MOST_OPENED = 50;
    private static final double MOST_GRAMS = 20_000;

    public Stock {
        RefusedInput.within("packs", packs, 0, MOST_PACKS, Unit.PACKS);
        RefusedInput.within("low_g", lowGrams, 0, MOST_GRAMS * MOST_PACKS, Unit.G);
        if (opened.size() > MOST_OPENED) {
            throw new RefusedInput(
                    "opened_g",
                    opened.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_OPENED).said());
        }
        opened.forEach(grams -> RefusedInput.within("opened_g", grams, 0, MOST_GRAMS, Unit.G));
        opened = opened.stream().filter(grams -> grams >= EMPTY).sorted().toList();
    }

    /**
     * What is left after something was taken.
     *
     * @param newlyOpened full packs that had to be opened for it
     * @param missing grams that were not there
     */
    public record Taken(Stock after, int newlyOpened, double missing) {}

    public double grams(double packGrams) {
        return packs * packGrams + opened.stream().mapToDouble(g -> g).sum();
    }

    public boolean low(double packGrams) {
        return counted && grams(packGrams) <= lowGrams;
    }

    public boolean out(double packGrams) {
        return counted && grams(packGrams) < EMPTY;
    }

    /** From opened packs first, the emptiest of them first, so that they are used up; then full ones are opened. */
    public Taken take(double grams, double packGrams) {
        if (!counted) {
            return new Taken(this, 0, 0);
        }
        double left = grams;
        List<Double> open = new ArrayList<>(opened);
        for (int i = 0; i < open.size() && left > 0; i++) {
            double some = Math.min(left, open.get(i));
            open.set(i, open.get(i) - some);
            left -= some;
        }
        int full = packs;
        int newly = 0;
        while (left > 1e-9 && full > 0) {
            full--;
            newly++;
            double some = Math.min(left, packGrams);
            open.add(packGrams - some);
            left -= some;
        }
        return new Taken(new Stock(true, full, open, lowGrams), newly, Math.max(0, left));
    }

    /** What was weighed by mistake goes back: into the fullest opened pack there is room in, or into one of its own. */
    public Stock putBack(double grams, double packGrams) {
        if (!counted || grams <= 0) {
            return this;
        }
        List<Double> open = new ArrayList<>(opened);
        open.sort(Comparator.reverseOrder());
        for (int i = 0; i < open.size(); i++) {
            if (open.get(i) + grams <= packGrams) {
                open.set(i, open.get(i) + grams);
                return new Stock(true, packs, open, lowGrams);
            }
        }
        open.add(grams);
        return new Stock(true, packs, open, lowGrams);
    }
}
