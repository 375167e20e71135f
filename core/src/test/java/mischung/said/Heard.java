package mischung.said;

import java.util.function.Predicate;

/** What was said, looked into. */
public final class Heard {
    private Heard() {}

    public static Predicate<Said> a(Message message) {
        return said -> said.message() == message;
    }

    /** Whole, without words: "task.APPLY{what=task.BOWL_LIFTING{bowl=A, way=liftWay.ROOT}}". */
    public static String text(Said said) {
        return said.text();
    }

    /** A figure as it is kept. */
    public static String figure(Said said, String name) {
        Figure figure = said.figures().get(name);
        if (figure == null) {
            throw new IllegalArgumentException(said.message().key() + " has no " + name);
        }
        return figure.text();
    }

    public static double number(Said said, String name) {
        return Double.parseDouble(figure(said, name));
    }
}
