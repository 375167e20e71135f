package mischung.server.api;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mischung.caution.CautionMessage;
import mischung.consultation.PatchTest;
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
    private static final List<Sentence> SENTENCES = sentences();

    /** A message as it was said once, with the names of its figures in their order. */
    private record Sentence(String message, Pattern said, List<String> figures) {
        static Sentence of(String message, String text) {
            StringBuilder pattern = new StringBuilder();
            List<String> figures = new ArrayList<>();
            Matcher place = PLACE.matcher(text);
            int at = 0;
            while (place.find()) {
                pattern.append(Pattern.quote(text.substring(at, place.start()))).append("(.+?)");
                figures.add(place.group(1));
                at = place.end();
            }
            pattern.append(Pattern.quote(text.substring(at)));
            return new Sentence(message, Pattern.compile(pattern.toString(), Pattern.DOTALL), figures);
        }
    }

    private FormerCautions() {}

    private static List<Sentence> sentences() {
        ResourceBundle former = ResourceBundle.getBundle("mischung.words.cautions-form-9");
        return former.keySet().stream()
                .map(message -> Sentence.of(message, former.getString(message)))
                .toList();
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
        for (Sentence one : SENTENCES) {
            Matcher found = one.said.matcher(sentence);
            if (found.matches()) {
                Map<String, String> figures = new HashMap<>();
                for (int i = 0; i < one.figures.size(); i++) {
                    figures.put(one.figures.get(i), found.group(i + 1));
                }
                // How long a test lies was not in the sentence, but in what cleared it.
                if (one.message.equals(CautionMessage.PATCH_NOT_READ.key())) {
                    figures.put("hours", new Figure.Count(PatchTest.hours()).text());
                }
                put(said, one.message, figures);
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
