package mischung.said;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A message with its figures.
 *
 * @param figures by name, just those the message is said with
 */
public record Said(Message message, Map<String, Figure> figures) {
    /** @throws IllegalArgumentException if a figure is missing or not one of the message's */
    public Said {
        figures = Map.copyOf(figures);
        if (!figures.keySet().equals(message.figures())) {
            throw new IllegalArgumentException(
                    message.key() + " is said with " + message.figures() + " and not with " + figures.keySet());
        }
    }

    public static Said of(Message message) {
        return new Said(message, Map.of());
    }

    public static Said of(Message message, String name, Figure figure) {
        return new Said(message, Map.of(name, figure));
    }

    /** Several as one figure of another message. */
    public static Figure all(Figure.Joint joint, List<? extends Said> some) {
        return new Figure.All(joint, some.stream().<Figure>map(Figure.Part::new).toList());
    }

    /** The same on every machine and at every start: "refusal.GAP{from=6, to=8}". */
    public String text() {
        Map<String, String> texts = new TreeMap<>();
        figures.forEach((name, figure) -> texts.put(name, figure.text()));
        return message.key() + texts;
    }

    /** What is kept of it where somebody answered to just this. */
    public Quoted quoted() {
        Map<String, String> texts = new TreeMap<>();
        figures.forEach((name, figure) -> texts.put(name, figure.text()));
        return new Quoted(message.key(), texts);
    }
}
