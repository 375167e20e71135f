package mischung.shelf;

import java.util.Optional;
import mischung.product.Developer;
import mischung.product.Lightener;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A product as it is bought.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>code</td><td>the house's or the maker's own, once in the house</td><td>1–40 characters</td></tr>
 * <tr><td>range</td><td>whose it is; shades of two ranges are never mixed into one bowl</td><td>1–40 characters</td></tr>
 * <tr><td>name</td><td>as it is spoken of</td><td>1–80 characters</td></tr>
 * <tr><td>shade</td><td>of a SHADE alone</td><td></td></tr>
 * <tr><td>tone</td><td>of a SHADE as the house wrote it: see {@link ShelfFile}</td><td>up to 80 characters</td></tr>
 * <tr><td>volume</td><td>of a DEVELOPER, 0 otherwise</td><td>0–40 vol</td></tr>
 * <tr><td>habit</td><td>how a SHADE is made to be mixed and left</td><td></td></tr>
 * <tr><td>lightener</td><td>what a LIGHTENER does of its own</td><td></td></tr>
 * <tr><td>additive</td><td>what an ADDITIVE does in lightener</td><td></td></tr>
 * <tr><td>packGrams</td><td>in one full pack</td><td>1–20 000 g</td></tr>
 * <tr><td>packPrice</td><td>in the house's money</td><td>0–100 000</td></tr>
 * </table>
 */
public record Product(
        String code,
        String range,
        Kind kind,
        String name,
        Optional<Shade> shade,
        String tone,
        double volume,
        ProductRange.Habit habit,
        Optional<Lightener> lightener,
        Optional<Lightener.Additive> additive,
        double packGrams,
        double packPrice) {
    private static final int LONGEST_CODE = 40;
    private static final int LONGEST_NAME = 80;

    public Product {
        code = line("code", code, LONGEST_CODE);
        range = line("range", range, LONGEST_CODE);
        name = line("name", name, LONGEST_NAME);
        if ((kind == Kind.SHADE) != shade.isPresent()) {
            throw new RefusedInput("kind", kind.name(), RefusalMessage.SHADE_HAS_COLOUR);
        }
        if ((kind == Kind.LIGHTENER) != lightener.isPresent() || (kind == Kind.ADDITIVE) != additive.isPresent()) {
            throw new RefusedInput("kind", kind.name(), RefusalMessage.LIGHTENER_HAS_FIGURES);
        }
        Developer.requireForHair(volume);
        RefusedInput.within("ratio", habit.ratio(), 0, 6, Unit.TO_ONE);
        RefusedInput.within("minutes", habit.minutes(), 1, 120, Unit.MIN);
        RefusedInput.within("pack_g", packGrams, 1, 20_000, Unit.G);
        RefusedInput.within("pack_price", packPrice, 0, 100_000, Unit.NONE);
    }

    /** What is neither lightener nor additive. */
    public Product(
            String code,
            String range,
            Kind kind,
            String name,
            Optional<Shade> shade,
            String tone,
            double volume,
            ProductRange.Habit habit,
            double packGrams,
            double packPrice) {
        this(
                code,
                range,
                kind,
                name,
                shade,
                tone,
                volume,
                habit,
                Optional.empty(),
                Optional.empty(),
                packGrams,
                packPrice);
    }

    private static String line(String field, String text, int longest) {
        String kept = text.strip();
        if (kept.isEmpty() || kept.length() > longest || kept.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput(
                    field,
                    text,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 1)
                            .count("most", longest)
                            .said());
        }
        return kept;
    }
}
