package mischung.mix;

import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.shelf.Item;

/**
 * What is weighed into a bowl in one go.
 *
 * @param code of the product on the shelf; empty for water, and for what the shelf has not
 * @param name of the product; what it is, where the shelf has none
 * @param grams 0.1 and more; halves, which a scale for bowls shows
 */
public record Line(String code, Figure name, double grams, Role role) {
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

    private static final int LONGEST = 120;

    public Line {
        RefusedInput.within("grams", grams, 0.1, 20_000, Unit.G);
        if (name.text().isBlank()
                || (name instanceof Figure.Typed && name.text().length() > LONGEST)) {
            throw new RefusedInput(
                    "name",
                    name.text(),
                    RefusalMessage.CHARACTERS
                            .say()
                            .count("least", 1)
                            .count("most", LONGEST)
                            .said());
        }
    }

    /** So much of a product. */
    public static Line of(Item item, double grams) {
        Role role = switch (item.product().kind()) {
            case SHADE, LIGHTENER, REMOVER -> Role.BODY;
            case DEVELOPER -> Role.DEVELOPER;
            case ADDITIVE, EQUALISER, TREATMENT, SHAMPOO, OTHER -> Role.ADDITIVE;
        };
        return new Line(item.product().code(), new Figure.Typed(item.product().name()), grams, role);
    }

    public boolean dilutes() {
        return role == Role.WATER;
    }
}
