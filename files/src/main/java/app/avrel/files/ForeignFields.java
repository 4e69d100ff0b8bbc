package app.avrel.files;

import app.avrel.label.Labels;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a newer program has written and this one does not know: taken out before reading, put back before saving.
 *
 * <p>Each field is known by its way from the top; an element of a list by its id where it has one, else by its number. A
 * field whose place is gone when the project is saved goes with it.
 *
 * @param version of the file they stood in, which is written again as long as they are; 0 where there are none
 * @param fields by their way, segments parted by {@code /}
 */
public record ForeignFields(int version, Map<String, JsonNode> fields) {

    /** Nothing foreign. */
    public static final ForeignFields NONE = new ForeignFields(0, Map.of());

    public ForeignFields {
        fields = Map.copyOf(fields);
    }

    /** {@return what people are told of them; empty where there are none} */
    public Optional<String> notice() {
        return fields.isEmpty()
                ? Optional.empty()
                : Optional.of(Labels.say("keep.newer", fields.size(), String.join(", ", names())));
    }

    private List<String> names() {
        return fields.keySet().stream()
                .map(way -> way.substring(way.lastIndexOf('/') + 1))
                .distinct()
                .sorted()
                .limit(3)
                .toList();
    }

    /** Takes out of a node all that its shape does not have. {@return what was taken out} */
    static ForeignFields takenFrom(int version, ObjectNode top, Shape shape) {
        Map<String, JsonNode> taken = new LinkedHashMap<>();
        take(top, shape, "", taken);
        return new ForeignFields(taken.isEmpty() ? 0 : version, taken);
    }

    private static void take(JsonNode node, Shape shape, String way, Map<String, JsonNode> taken) {
        switch (shape) {
            case Shape.Fields fields when node instanceof ObjectNode object -> take(object, fields, way, taken);
            case Shape.Kinds kinds
            when node instanceof ObjectNode object -> {
                Shape.Fields kind = kinds.kinds().get(object.path("kind").asString(""));
                if (kind != null) {
                    take(object, kind, way, taken);
                }
            }
            case Shape.Row(Shape each)
            when node.isArray() -> {
                for (int at = 0; at < node.size(); at++) {
                    take(node.get(at), each, way + "/" + segment(node.get(at), at), taken);
                }
            }
            case Shape.Keyed keyed
            when node instanceof ObjectNode object ->
                object.properties()
                        .forEach(entry -> take(entry.getValue(), keyed.each(), way + "/" + entry.getKey(), taken));
            case Shape.Maybe(Shape inner) -> take(node, inner, way, taken);
            case Shape.Plain _, Shape.Word _, Shape.Fields _, Shape.Kinds _, Shape.Row _, Shape.Keyed _ -> {}
        }
    }

    private static void take(ObjectNode object, Shape.Fields fields, String way, Map<String, JsonNode> taken) {
        List<String> unknown = new ArrayList<>(object.propertyNames());
        unknown.remove("kind");
        for (Shape.Field field : fields.fields()) {
            unknown.remove(field.name());
            JsonNode inner = object.get(field.name());
            if (inner != null) {
                take(inner, field.shape(), way + "/" + field.name(), taken);
            }
        }
        unknown.forEach(name -> taken.put(way + "/" + name, object.remove(name)));
    }

    private static String segment(JsonNode element, int at) {
        JsonNode id = element.get("id");
        return id != null && id.isString() ? "#" + id.stringValue() : Integer.toString(at);
    }

    /** Puts the fields back where their places still are. */
    void into(ObjectNode top) {
        fields.forEach((way, value) -> {
            int last = way.lastIndexOf('/');
            Optional<JsonNode> place = place(top, way.substring(0, last));
            place.filter(ObjectNode.class::isInstance)
                    .map(ObjectNode.class::cast)
                    .filter(object -> !object.has(way.substring(last + 1)))
                    .ifPresent(object -> object.set(way.substring(last + 1), value));
        });
    }

    private static Optional<JsonNode> place(JsonNode top, String way) {
        @Nullable JsonNode place = top;
        for (String segment : way.isEmpty() ? new String[0] : way.substring(1).split("/")) {
            place = place == null ? null : step(place, segment);
        }
        return Optional.ofNullable(place);
    }

    private static @Nullable JsonNode step(JsonNode place, String segment) {
        if (!place.isArray()) {
            return place.get(segment);
        }
        for (int at = 0; at < place.size(); at++) {
            if (segment(place.get(at), at).equals(segment)) {
                return place.get(at);
            }
        }
        return null;
    }
}
