package mischung.mix;

import java.util.List;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.shelf.Item;

/** R54 (common practice): one part of shade, three of developer, and shampoo half the developer's weight; at the basin. */
public final class ColourShampoo {
    private static final double DEVELOPER = 3;
    private static final double SHAMPOO = DEVELOPER / 2;

    private ColourShampoo() {}

    /** @param shadeGrams 1–200 */
    public static List<Line> of(Item shade, double shadeGrams, Item developer, Item shampoo) {
        RefusedInput.within("grams", shadeGrams, 1, 200, Unit.G);
        if (shade.product().shade().isEmpty()) {
            throw new RefusedInput("shade", shade.product().code(), RefusalMessage.A_SHADE);
        }
        return List.of(
                Line.of(shade, shadeGrams),
                Line.of(developer, DEVELOPER * shadeGrams),
                Line.of(shampoo, SHAMPOO * shadeGrams));
    }
}
