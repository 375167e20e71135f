package mischung.said;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Locale;

/** What stands in a message in the place of a name: each kind is written by the reader's language. */
public sealed interface Figure {
    /** The same in every language: what is kept of it, and what two are compared by. */
    String text();

    /** A number; its unit is the message's. */
    record Count(double value) implements Figure {
        @Override
        public String text() {
            return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
        }
    }

    record Day(LocalDate day) implements Figure {
        @Override
        public String text() {
            return day.toString();
        }
    }

    /** As somebody typed it; no language changes it. */
    record Typed(String text) implements Figure {}

    /**
     * Something that has a word of its own in every language.
     *
     * @param text its key, such as {@code elasticity.BREAKS}; of a list that stands within something, both names: {@code edgeAt.ENDS}
     */
    record Named(String text) implements Figure {
        public static Named of(Enum<?> one) {
            Class<?> list = one.getDeclaringClass();
            Class<?> within = list.getEnclosingClass();
            String kind = (within == null ? "" : within.getSimpleName()) + list.getSimpleName();
            return new Named(kind.substring(0, 1).toLowerCase(Locale.ROOT) + kind.substring(1) + "." + one.name());
        }
    }
}
