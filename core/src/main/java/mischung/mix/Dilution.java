package mischung.mix;

import java.util.Optional;
import mischung.product.Developer;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.shelf.Shelf;

/**
 * What an additive does to a bowl: the peroxide is spread over more, and so is the dye.
 *
 * @param grams of the additive
 * @param volume the whole acts like
 * @param ratio of everything that is no colour to one of colour
 * @param deposit share of the deposit that is left, by the square root of the dilution as the model has it
 */
public record Dilution(double grams, double volume, double ratio, double deposit) {
    /**
     * @param colourGrams colour or powder in the bowl
     * @param developer what is in it
     * @param additiveGrams 0–2000
     */
    public static Dilution of(double colourGrams, Developer.Portion developer, double additiveGrams) {
        RefusedInput.within("colourGrams", colourGrams, 0.1, 20_000, Unit.G);
        RefusedInput.within("grams", additiveGrams, 0, 2000, Unit.G);
        double fluid = developer.grams() + additiveGrams;
        return new Dilution(
                additiveGrams,
                fluid == 0 ? 0 : developer.developer().volume() * developer.grams() / fluid,
                fluid / colourGrams,
                Math.sqrt((1 + developer.grams() / colourGrams) / (1 + fluid / colourGrams)));
    }

    /** Of what was added to a bowl; empty where nothing was, or nothing in it is diluted. */
    public static Optional<Dilution> in(Card card, Shelf shelf) {
        double colour = card.grams(Line.Role.BODY);
        double developer = card.developerGrams();
        double added = card.grams(Line.Role.ADDITIVE);
        if (colour <= 0 || developer <= 0 || added <= 0) {
            return Optional.empty();
        }
        double oxygen = card.lines().stream()
                .filter(line -> line.role() == Line.Role.DEVELOPER)
                .mapToDouble(line -> line.grams()
                        * shelf.item(line.code())
                                .map(item -> item.product().volume())
                                .orElse(card.volume()))
                .sum();
        return Optional.of(of(
                colour,
                new Developer.Portion(new Developer(Math.min(Developer.STRONGEST, oxygen / developer)), developer),
                added));
    }

    /** Grams of an additive that is measured as a share of the whole bowl before it. */
    public static double ofPercent(double bowlGrams, double percent) {
        return bowlGrams * RefusedInput.within("percent", percent, 0, 100, Unit.PERCENT) / 100;
    }
}
