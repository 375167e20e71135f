package mischung.said;

import java.util.Map;

/**
 * What was said, as it is kept: two that say the same are equal, in whatever language they were read.
 *
 * @param key of the message
 * @param figures by name, each as {@link Figure#text()} has it
 */
public record Quoted(String key, Map<String, String> figures) {
    private static final int LONGEST = 1000;
    private static final int MOST = 20;

    /** @throws RefusedInput if more is quoted than any message holds */
    public Quoted {
        figures = Map.copyOf(figures);
        if (key.length() > LONGEST || figures.size() > MOST) {
            throw new RefusedInput("said", key, RefusalMessage.QUOTE);
        }
        figures.forEach((name, text) -> {
            if (name.length() > LONGEST || text.length() > LONGEST) {
                throw new RefusedInput(
                        "said",
                        text,
                        RefusalMessage.CHARACTERS_AT_MOST
                                .say()
                                .count("most", 1000)
                                .said());
            }
        });
    }
}
