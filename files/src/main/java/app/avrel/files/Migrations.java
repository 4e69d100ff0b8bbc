package app.avrel.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What makes a file of an older version one of the newest: a step for every version there has been. */
final class Migrations {

    /** From version 1 to 2, and so on. */
    private static final List<Consumer<ObjectNode>> STEPS = List.of(Migrations::second, LessonsOfSegments::third);

    /** The newest version that this program writes. */
    static final int NEWEST = STEPS.size() + 1;

    private Migrations() {}

    /** Brings the fields of a project up to the newest version. */
    static void bringUp(ObjectNode project, int from) {
        for (int version = from; version < NEWEST; version++) {
            STEPS.get(version - 1).accept(project);
        }
    }

    private static final Map<String, String> STANCES = Map.of(
            "front-loaded", "bow",
            "light-front", "empty",
            "side-loaded", "side-bow",
            "wide-even", "horse");

    private static final Map<String, String> RULES = Map.of(
            "front-loaded-share", "bow-share",
            "light-foot-share", "empty-share",
            "front-length-least", "bow-length-least",
            "front-length-most", "bow-length-most",
            "front-width-least", "bow-width-least",
            "front-width-most", "bow-width-most");

    /** Stances are called by the field's names; eyes at a hand say whether they go past it. */
    private static void second(ObjectNode project) {
        fieldNamesOfStances(project);
        eyesAtHands(project);
    }

    private static void eyesAtHands(JsonNode node) {
        if (node instanceof ObjectNode object
                && object.path("kind").asString("").equals("at-hand")
                && !object.has("aim")) {
            object.put("aim", "at");
        }
        node.forEach(Migrations::eyesAtHands);
    }

    private static void fieldNamesOfStances(ObjectNode project) {
        rules(project.path("setting").path("rules"));
        project.path("forms").forEach(form -> rules(form.path("rules")));
        project.path("postures").forEach(posture -> {
            renamed(posture.path("ownRules"), RULES);
            reworded(posture.path("end"), "stance", STANCES);
        });
    }

    private static void rules(JsonNode rules) {
        renamed(rules.path("answers"), RULES);
        renamed(rules.path("stances"), STANCES);
        rules.path("stances").forEach(answers -> renamed(answers, RULES));
    }

    /** Fields under other names, in the order they stand in. */
    private static void renamed(JsonNode node, Map<String, String> names) {
        if (node instanceof ObjectNode object) {
            List<Map.Entry<String, JsonNode>> all = new ArrayList<>(object.properties());
            object.removeAll();
            all.forEach(field -> object.set(names.getOrDefault(field.getKey(), field.getKey()), field.getValue()));
        }
    }

    private static void reworded(JsonNode node, String field, Map<String, String> words) {
        if (node instanceof ObjectNode object && object.path(field).isString()) {
            String word = object.get(field).stringValue();
            object.put(field, words.getOrDefault(word, word));
        }
    }
}
