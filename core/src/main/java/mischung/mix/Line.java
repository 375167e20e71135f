package mischung.mix;

import mischung.RefusedInput;
import mischung.shelf.Item;

/**
 * What is weighed into a bowl in one go.
 *
 * @param code of the product on the shelf; empty for water, and for what the shelf has not
 * @param name as it is read out
 * @param grams 0.1 and more; halves, which a scale for bowls shows
 */
public record Line(String code, String name, double grams, Role role) {
    /** What it does in the bowl. */
    public enum Role {
        /** Colour, lightener, remover: what the bowl is for. */
        BODY,
        DEVELOPER,
        /** Water or treatment cream that weakens a developer. */
        WATER,
        /** Anything else, which spreads peroxide and dye over more. */
        ADDITIVE
    }

    public Line {
        RefusedInput.within("grams", grams, 0.1, 20_000, "g");
        if (name.isBlank() || name.length() > 120) {
            throw new RefusedInput("name", name, "Give 1 to 120 characters.");
        }
    }

    /** So much of a product. */
    public static Line of(Item item, double grams) {
        Role role = switch (item.product().kind()) {
            case SHADE, LIGHTENER, REMOVER -> Role.BODY;
            case DEVELOPER -> Role.DEVELOPER;
            case ADDITIVE, EQUALISER, TREATMENT, SHAMPOO, OTHER -> Role.ADDITIVE;
        };
        return new Line(item.product().code(), item.product().name(), grams, role);
    }

    public boolean dilutes() {
        return role == Role.WATER;
    }
}
