package mischung;

import java.util.Objects;

/**
 * The one error the core throws for input it cannot take: it names the field, quotes the value and says what to do.
 *
 * <p>Example: {@code zones[0].bands[1].level: 14 is not possible. Give a level from 1 to 12 in halves.}
 */
public final class RefusedInput extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final String field;
    private final String value;
    private final String remedy;

    public RefusedInput(String field, Object value, String remedy) {
        super(field + ": " + shortened(value) + " is not possible. " + remedy);
        this.field = field;
        this.value = shortened(value);
        this.remedy = remedy;
    }

    /** Path of the field, such as {@code zones[0].bands[1].level}. */
    public String field() {
        return field;
    }

    /** The refused value as text, at most 80 characters of it. */
    public String value() {
        return value;
    }

    /** What to do instead, in one sentence. */
    public String remedy() {
        return remedy;
    }

    /** The same refusal, seen from one room further out: {@code at("bands[1]")} turns "level" into "bands[1].level". */
    public RefusedInput at(String outer) {
        // A place in a list follows its list without a dot: "ownRoute[0]".
        String between = field.isEmpty() || field.startsWith("[") ? "" : ".";
        return new RefusedInput(outer + between + field, value, remedy);
    }

    /**
     * A finite number within bounds.
     *
     * @throws RefusedInput if {@code value} is NaN, infinite or outside {@code [min, max]}
     */
    public static double within(String field, double value, double min, double max, String unit) {
        if (!(value >= min && value <= max)) {
            throw new RefusedInput(
                    field, plain(value), "Give a value from " + plain(min) + " to " + plain(max) + unit(unit) + ".");
        }
        return value;
    }

    private static String unit(String unit) {
        return unit.isEmpty() ? "" : " " + unit;
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }

    private static String shortened(Object value) {
        String text = Objects.toString(value);
        return text.length() > 80 ? text.substring(0, 79) + "…" : text;
    }
}
