package mischung.validation;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * One thing the model is held against: a figure computed by the model's own code, and between which bounds it must lie. The
 * same list is run by the tests and shown in the application.
 *
 * @param rule of the trade ({@code R2}) or the part of the model it stands for ({@code light})
 * @param says what is expected
 * @param basis what the expectation rests on
 * @param from least that passes; minus infinity if there is none
 * @param to most that passes; infinity if there is none
 */
public record Check(
        String rule, Said says, Basis basis, String source, Unit unit, double from, double to, double computed) {
    /** How well an expectation is founded. */
    public enum Basis {
        PUBLISHED,
        /** Common practice, no source. */
        COMMON_PRACTICE,
        DEFINITION,
        OWN_CLAIM
    }

    public boolean passes() {
        return computed >= from && computed <= to;
    }

    /** "2 to 3 times", "at least 0.5 levels". */
    public Said expected() {
        if (from == to) {
            return ExpectedMessage.JUST
                    .say()
                    .typed("value", figure(from))
                    .with("unit", counted())
                    .said();
        }
        if (Double.isInfinite(from)) {
            return ExpectedMessage.AT_MOST
                    .say()
                    .typed("to", figure(to))
                    .with("unit", counted())
                    .said();
        }
        if (Double.isInfinite(to)) {
            return ExpectedMessage.AT_LEAST
                    .say()
                    .typed("from", figure(from))
                    .with("unit", counted())
                    .said();
        }
        return ExpectedMessage.BETWEEN
                .say()
                .typed("from", figure(from))
                .typed("to", figure(to))
                .with("unit", counted())
                .said();
    }

    public Said found() {
        return ExpectedMessage.JUST
                .say()
                .typed("value", figure(computed))
                .with("unit", counted())
                .said();
    }

    private Figure counted() {
        return unit == Unit.NONE ? new Figure.Typed("") : Figure.Named.of(unit);
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
    static Check between(String rule, Said says, double from, double to, Unit unit, double computed) {
        return new Check(rule, says, Basis.COMMON_PRACTICE, "", unit, from, to, computed);
    }

    static Check atLeast(String rule, Said says, double from, Unit unit, double computed) {
        return between(rule, says, from, Double.POSITIVE_INFINITY, unit, computed);
    }

    static Check atMost(String rule, Said says, double to, Unit unit, double computed) {
        return between(rule, says, Double.NEGATIVE_INFINITY, to, unit, computed);
    }

    /** Something that must be exactly nothing. */
    static Check none(String rule, Said says, Unit unit, double computed) {
        return between(rule, says, 0, 0, unit, computed);
    }

    Check published(String where) {
        return new Check(rule, says, Basis.PUBLISHED, where, unit, from, to, computed);
    }

    Check on(Basis other) {
        return new Check(rule, says, other, source, unit, from, to, computed);
    }
}
