package mischung.said;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A message that is being given its figures. */
public final class Saying {
    private final Message message;
    private final Map<String, Figure> figures = new TreeMap<>();

    Saying(Message message) {
        this.message = message;
    }

    public Saying with(String name, Figure figure) {
        figures.put(name, figure);
        return this;
    }

    public Saying count(String name, double value) {
        return with(name, new Figure.Count(value));
    }

    public Saying level(String name, double value) {
        return with(name, new Figure.Level(value));
    }

    /** @param value 0–1 */
    public Saying share(String name, double value) {
        return with(name, new Figure.Share(value));
    }

    public Saying time(String name, int minutes) {
        return with(name, new Figure.Time(minutes));
    }

    public Saying thing(String name, Enum<?> one) {
        return with(name, Figure.Named.of(one));
    }

    public Saying typed(String name, String text) {
        return with(name, new Figure.Typed(text));
    }

    public Saying part(String name, Said said) {
        return with(name, new Figure.Part(said));
    }

    /** As levels are read: "6½"; of two that read the same, one. */
    public Saying levels(String name, double from, double to) {
        return with(name, new Figure.Levels(from, to));
    }

    /** A number as colourists say it, to a tenth. */
    public Saying tenth(String name, double value) {
        return count(name, Math.rint(value * 10) / 10);
    }

    /** Which of the message's wordings is meant. */
    public Saying in(String name, String wording) {
        return with(name, new Figure.Case(wording));
    }

    public Saying in(String name, Enum<?> wording) {
        return in(name, wording.name());
    }

    public Saying in(String name, boolean wording) {
        return in(name, wording ? "yes" : "no");
    }

    public Saying all(String name, Figure.Joint joint, List<? extends Said> some) {
        return with(name, Said.all(joint, some));
    }

    /** @throws IllegalArgumentException if a figure is missing or not one of the message's */
    public Said said() {
        return new Said(message, figures);
    }

    /** Said within another. */
    public Figure figure() {
        return new Figure.Part(said());
    }
}
