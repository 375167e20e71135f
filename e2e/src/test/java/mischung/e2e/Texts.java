package mischung.e2e;

import com.google.gson.Gson;
import com.google.gson.reflect.TypeToken;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;

/** What the pages say, looked up in the catalogue they say it from: a text that is reworded moves no test. */
final class Texts {
    private static final Path ENGLISH = Path.of("../web/src/words/en");
    private static final Map<String, Map<String, String>> ROOMS = new HashMap<>();

    private Texts() {}

    /**
     * @param key a room and a text of it, such as {@code day.newCase}; one that asks for no figures
     * @throws IllegalArgumentException if there is no such text, or it asks for figures
     */
    static String say(String key) {
        String[] parts = key.split("\\.", 2);
        String text = room(parts[0]).get(parts[1]);
        if (text == null || text.contains("{")) {
            throw new IllegalArgumentException(key + " says " + text);
        }
        return text;
    }

    /** The same of a text that asks for one figure, which stands in it as it is. */
    static String say(String key, String name, Object figure) {
        String[] parts = key.split("\\.", 2);
        String text = room(parts[0]).getOrDefault(parts[1], "");
        if (!text.contains("{" + name + "}")) {
            throw new IllegalArgumentException(key + " says " + text);
        }
        return text.replace("{" + name + "}", String.valueOf(figure));
    }

    private static synchronized Map<String, String> room(String name) {
        return ROOMS.computeIfAbsent(name, Texts::read);
    }

    private static Map<String, String> read(String name) {
        try {
            return new Gson()
                    .fromJson(
                            Files.readString(ENGLISH.resolve(name + ".json")), new TypeToken<Map<String, String>>() {});
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
