package mischung.said;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What stands in a message in the place of a name: each kind is written by the reader's language. */
public sealed interface Figure {
    /** The same in every language: what is kept of it, and what two are compared by. */
    String text();

    /** A number; its unit and how many digits are written are the message's. */
    record Count(double value) implements Figure {
        @Override
        public String text() {
            return plain(value);
        }
    }

    /** A level of the scale, written in the halves it is read in: "6½". */
    record Level(double value) implements Figure {
        @Override
        public String text() {
            return plain(value);
        }
    }

    /** From one level to another, written as one where they read the same: "9½–10½". */
    record Levels(double from, double to) implements Figure {
        @Override
        public String text() {
            return plain(from) + "–" + plain(to);
        }
    }

    /** Of a whole: 0.37 is written "37 %". */
    record Share(double value) implements Figure {
        @Override
        public String text() {
            return plain(value);
        }
    }

    /** How long something takes: "3 h 20". */
    record Time(int minutes) implements Figure {
        @Override
        public String text() {
            return Integer.toString(minutes);
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

    /** A message within a message. */
    record Part(Said said) implements Figure {
        @Override
        public String text() {
            return said.text();
        }
    }

    /** Several, joined as the reader's language does it. */
    record All(Joint joint, List<Figure> figures) implements Figure {
        public All {
            figures = List.copyOf(figures);
        }

        @Override
        public String text() {
            return figures.stream().map(Figure::text).collect(Collectors.joining(", "));
        }
    }

    /** How several are joined. */
    enum Joint {
        /** "a, b and c". */
        AND,
        /** "a, b, c". */
        COMMA,
        /** "a + b + c". */
        PLUS,
        /** "a · b · c". */
        DOT,
        /** One sentence after another. */
        SENTENCES
    }

    /**
     * Which of its wordings a message takes; not written itself.
     *
     * @param text as the message's cases are called, such as {@code lighter}
     */
    record Case(String text) implements Figure {}

    private static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }
}
