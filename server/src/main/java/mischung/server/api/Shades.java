package mischung.server.api;

import java.util.Optional;
import mischung.product.Shade;
import mischung.said.RefusedInput;
import mischung.server.words.ProblemMessage;

/** Finds the shade a case names by its code. */
@FunctionalInterface
interface Shades {
    /** @return empty where a mix fixed by hand is to be forgotten, because the shelf has one of its shades no more */
    Optional<Shade> named(String code);

    /** For what is typed now: what is not on the shelf is refused. */
    default Shades orRefused() {
        return code -> Optional.of(
                named(code).orElseThrow(() -> new RefusedInput("shade", code, ProblemMessage.ON_THE_SHELF)));
    }
}
