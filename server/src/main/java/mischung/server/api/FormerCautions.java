package mischung.server.api;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mischung.consult.PatchTest;
import mischung.hair.Elasticity;
import mischung.said.Figure;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Up to form 9 what somebody had taken on was known by its English sentence. Each sentence there was is read back into the message it
 * came from; one that nobody ever said is kept as it stands, and answers to nothing.
 */
final class FormerCautions {
    /** For what is no message of the program. */
    static final String UNKNOWN = "former";

    private static final Pattern PLACE = Pattern.compile("\\{(\\w+)}");
    private static final Map<String, Pattern> SENTENCES = sentences();

    private FormerCautions() {}

    private static Map<String, Pattern> sentences() {
        ResourceBundle former = ResourceBundle.getBundle("mischung.words.cautions-form-9");
        Map<String, Pattern> all = new LinkedHashMap<>();
        for (String message : former.keySet()) {
            String sentence = former.getString(message);
            StringBuilder pattern = new StringBuilder();
            Matcher place = PLACE.matcher(sentence);
            int at = 0;
            while (place.find()) {
                pattern.append(Pattern.quote(sentence.substring(at, place.start())))
                        .append("(?<")
                        .append(place.group(1))
                        .append(">.+?)");
                at = place.end();
            }
            all.put(message, Pattern.compile(pattern + Pattern.quote(sentence.substring(at)), Pattern.DOTALL));
        }
        return all;
    }

    /** @param takenOn of a case's document */
    static void quoted(JsonNode takenOn) {
        for (JsonNode one : takenOn) {
            if (one instanceof ObjectNode taken && taken.has("sentence")) {
                quote(taken.putObject("said"), taken.path("sentence").asString(""));
                taken.remove("sentence");
            }
        }
    }

    private static void quote(ObjectNode said, String sentence) {
        for (Map.Entry<String, Pattern> one : SENTENCES.entrySet()) {
            Matcher found = one.getValue().matcher(sentence);
            if (found.matches()) {
                Map<String, String> figures = new HashMap<>();
                Matcher names =
                        Pattern.compile("\\(\\?<(\\w+)>").matcher(one.getValue().pattern());
                while (names.find()) {
                    figures.put(names.group(1), found.group(names.group(1)));
                }
                // How long a test lies was not in the sentence, but in what cleared it.
                if (one.getKey().equals("caution.PATCH_NOT_READ")) {
                    figures.put("hours", new Figure.Count(PatchTest.hours()).text());
                }
                put(said, one.getKey(), figures);
                return;
            }
        }
        put(said, UNKNOWN, Map.of("sentence", sentence));
    }

    private static void put(ObjectNode said, String message, Map<String, String> figures) {
        ArrayNode all = said.put("message", message).putArray("figures");
        figures.forEach((name, text) -> all.addObject().put("name", name).put("text", named(name, text)));
    }

    private static String named(String name, String text) {
        if (name.equals("stretch")) {
            for (Elasticity elasticity : Elasticity.values()) {
                if (elasticity.words().equals(text)) {
                    return Figure.Named.of(elasticity).text();
                }
            }
        }
        return text;
    }
}
