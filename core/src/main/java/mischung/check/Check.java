package mischung.check;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;

/**
 * One thing the model is held against: a figure computed by the model's own code, and between which bounds it must lie. The
 * same list is run by the tests and shown in the application.
 *
 * @param rule of the trade ({@code R2}) or the part of the model it stands for ({@code light})
 * @param says what is expected, in a sentence
 * @param basis what the expectation rests on
 * @param from least that passes; minus infinity if there is none
 * @param to most that passes; infinity if there is none
 */
public record Check(
        String rule, String says, Basis basis, String source, String unit, double from, double to, double computed) {
    /** How well an expectation is founded. */
    public enum Basis {
        PUBLISHED("published"),
        COMMON_PRACTICE("common practice, no source"),
        DEFINITION("by definition"),
        OWN_CLAIM("claim of the program");

        private final String words;

        Basis(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public boolean passes() {
        return computed >= from && computed <= to;
    }

    /** "2–3 times", "at least 0.5 levels". */
    public String expected() {
        if (from == to) {
            return figure(from) + unitWords();
        }
        if (Double.isInfinite(from)) {
            return "at most " + figure(to) + unitWords();
        }
        if (Double.isInfinite(to)) {
            return "at least " + figure(from) + unitWords();
        }
        return figure(from) + " to " + figure(to) + unitWords();
    }

    public String found() {
        return figure(computed) + unitWords();
    }

    private String unitWords() {
        return unit.isEmpty() ? "" : " " + unit;
    }

    private static String figure(double value) {
        double size = Math.abs(value);
        if (value == Math.rint(value) && size < 1e6) {
            return Long.toString((long) value);
        }
        if (size >= 0.1) {
            return String.format(Locale.ROOT, size >= 100 ? "%.0f" : size >= 10 ? "%.1f" : "%.2f", value);
        }
        return new BigDecimal(value)
                .round(new MathContext(2))
                .stripTrailingZeros()
                .toPlainString();
    }

    /** A rule of the trade that must come out between two figures. */
    static Check between(String rule, String says, double from, double to, String unit, double computed) {
        return new Check(rule, says, Basis.COMMON_PRACTICE, "", unit, from, to, computed);
    }

    static Check atLeast(String rule, String says, double from, String unit, double computed) {
        return between(rule, says, from, Double.POSITIVE_INFINITY, unit, computed);
    }

    static Check atMost(String rule, String says, double to, String unit, double computed) {
        return between(rule, says, Double.NEGATIVE_INFINITY, to, unit, computed);
    }

    /** Something that must be exactly nothing. */
    static Check none(String rule, String says, String unit, double computed) {
        return between(rule, says, 0, 0, unit, computed);
    }

    Check published(String where) {
        return new Check(rule, says, Basis.PUBLISHED, where, unit, from, to, computed);
    }

    Check on(Basis other) {
        return new Check(rule, says, other, source, unit, from, to, computed);
    }
}
