package app.avrel.cli.measure;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Measures one object, or each of an array of them. */
public final class Measuring {

    private Measuring() {}

    /**
     * {@return the results, an object for an object and an array for an array}
     *
     * @throws BadInput saying what, where and what to do
     */
    public static JsonNode of(String text) {
        JsonNode node = parsed(text);
        if (!node.isArray()) {
            return one(node, "input");
        }
        ArrayNode results = JsonNodeFactory.instance.arrayNode();
        for (int i = 0; i < node.size(); i++) {
            results.add(one(node.get(i), "input[" + i + "]"));
        }
        return results;
    }

    private static JsonNode parsed(String text) {
        try {
            return JsonMapper.shared().readTree(text);
        } catch (JacksonException broken) {
            throw new BadInput(
                    "The input is not JSON: " + broken.getOriginalMessage() + ". Give one object, or an array"
                            + " of objects, such as {\"left\": {\"heel\": [-0.2, 0]}, \"right\": {\"heel\": [0.2, 0]}}.");
        }
    }

    private static JsonNode one(JsonNode node, String place) {
        if (!node.isObject()) {
            throw new BadInput(place + ": must be an object with the fields of a pose, or of a function.");
        }
        JsonNode inputs = node.has("inputs") ? node.get("inputs") : node;
        return CaseMeasures.of(new Inputs(inputs, place));
    }
}
