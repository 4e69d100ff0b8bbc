package app.avrel.files;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Version 3: lessons have ids, segments say what they are for and how they are shown, a caution may have a side.
 *
 * <p>A stretch that was guided was explained first and then called; one that was prompted was called.
 */
final class LessonsOfSegments {

    private static final Map<String, String> KINDS =
            Map.of("recap", "review", "new-posture", "new", "run-through", "run-through");

    private LessonsOfSegments() {}

    static void third(ObjectNode project) {
        int number = 1;
        for (JsonNode lesson : project.path("lessons")) {
            if (lesson instanceof ObjectNode object) {
                lesson(object, number++);
            }
        }
        project.path("learners").forEach(LessonsOfSegments::cautions);
    }

    private static void cautions(JsonNode learner) {
        if (learner.path("cautions") instanceof ArrayNode words) {
            for (int i = 0; i < words.size(); i++) {
                if (words.get(i).isString()) {
                    ObjectNode care =
                            words.objectNode().put("what", words.get(i).stringValue());
                    words.set(i, care);
                }
            }
        }
    }

    private static void lesson(ObjectNode lesson, int number) {
        lesson.put("id", "lesson-" + number);
        lesson.put("pinned", false);
        ArrayNode brings = lesson.arrayNode();
        for (JsonNode segment : lesson.path("segments")) {
            if (segment instanceof ObjectNode object) {
                if (object.path("purpose").asString("").equals("new-posture")
                        && object.path("first").isString()) {
                    brings.add(object.get("first").stringValue());
                }
                segment(object);
            }
        }
        if (!brings.isEmpty()) {
            lesson.set("brings", brings);
        }
    }

    private static void segment(ObjectNode segment) {
        boolean ofForm = segment.path("kind").asString("").equals("of-form");
        boolean guided = segment.path("level").asString("").equals("guide");
        segment.put("kind", ofForm ? KINDS.getOrDefault(segment.path("purpose").asString(""), "other") : "other");
        if (ofForm) {
            ObjectNode stretch = segment.putObject("stretch");
            moved(segment, stretch, "first");
            moved(segment, stretch, "last");
            stretch.put("fromLastCount", false);
            segment.put("beats", 0);
        }
        segment.remove("purpose");
        segment.remove("level");
        ObjectNode showing = segment.putObject("showing");
        showing.put("layer", "everything")
                .put("side", "as-recorded")
                .put("from", "behind")
                .put("mirrored", false);
        showing.put("first", guided ? "explain" : "prompt").put("later", "prompt");
        showing.put("doing", "spoken").put("version", "full");
    }

    private static void moved(ObjectNode from, ObjectNode to, String field) {
        JsonNode value = from.get(field);
        if (value != null) {
            to.set(field, value);
            from.remove(field);
        }
    }
}
