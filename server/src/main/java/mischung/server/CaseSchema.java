package mischung.server;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The schema of an exported case, out of the API's own description: since version 3.1 what OpenAPI says of data is JSON Schema
 * 2020-12, so that only the places of the definitions differ.
 */
public final class CaseSchema {
    private static final String FROM = "#/components/schemas/";
    private static final String TO = "#/$defs/";

    private CaseSchema() {}

    /**
     * @param description the API's, in JSON
     * @return the schema, indented, with what the case refers to and nothing else
     */
    public static String of(String description) {
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        JsonNode all = json.readTree(description).path("components").path("schemas");
        Map<String, JsonNode> wanted = new TreeMap<>();
        Deque<String> open = new ArrayDeque<>();
        open.add("ExportedCase");
        while (!open.isEmpty()) {
            String name = open.remove();
            if (wanted.put(name, all.path(name)) == null) {
                all.path(name).findValuesAsString("$ref").forEach(ref -> open.add(ref.substring(FROM.length())));
            }
        }
        ObjectNode schema = json.createObjectNode()
                .put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("$id", "urn:mischung:case")
                .put("title", "A case exported by Mischung")
                .put("$ref", TO + "ExportedCase");
        ObjectNode definitions = schema.putObject("$defs");
        wanted.forEach(definitions::set);
        return json.writeValueAsString(schema).replace("\"" + FROM, "\"" + TO).replace("\r\n", "\n") + "\n";
    }
}
