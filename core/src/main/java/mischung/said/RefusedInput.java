package mischung.said;

import java.util.Objects;

/**
 * The one error the core throws for input it cannot take: it names the field, quotes the value and says what to do.
 *
 * <p>Example: {@code zones[0].bands[1].level: 14 is not possible. Give a value from 1 to 12.}
 */
public final class RefusedInput extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;
    private static final int LONGEST = 80;

    private final String field;
    private final String value;
    private final transient Said remedy;

    /** @param value as it was given; empty where nothing was */
    public RefusedInput(String field, Object value, Said remedy) {
        // For logs and tests; what people read is made of the remedy.
        super(field + ": " + shortened(value) + " is not possible: " + remedy.text());
        this.field = field;
        this.value = shortened(value);
        this.remedy = remedy;
    }

    public RefusedInput(String field, Object value, Message remedy) {
        this(field, value, remedy.alone());
    }

    /** Path of the field, such as {@code zones[0].bands[1].level}. */
    public String field() {
        return field;
    }

    /** The refused value as text, at most 80 characters of it. */
    public String value() {
        return value;
    }

    /** What to do instead. */
    public Said remedy() {
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
    public static double within(String field, double value, double min, double max, Unit unit) {
        if (!(value >= min && value <= max)) {
            throw new RefusedInput(
                    field,
                    plain(value),
                    unit == Unit.NONE
                            ? fromTo(min, max)
                            : RefusalMessage.FROM_TO_OF
                                    .say()
                                    .count("least", min)
                                    .count("most", max)
                                    .thing("unit", unit)
                                    .said());
        }
        return value;
    }

    /** So many, or so much, may be given. */
    public static Said fromTo(double least, double most) {
        return RefusalMessage.FROM_TO
                .say()
                .count("least", least)
                .count("most", most)
                .said();
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }

    private static String shortened(Object value) {
        String text = Objects.toString(value);
        return text.length() > LONGEST ? text.substring(0, LONGEST - 1) + "…" : text;
    }
}
