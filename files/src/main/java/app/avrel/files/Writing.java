package app.avrel.files;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Makes nodes from values. */
final class Writing {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Writing() {}

    static JsonNode node(Object value, Shape shape) {
        return switch (shape) {
            case Shape.Plain(Scalar<?> scalar) -> plain(value, scalar);
            case Shape.Word _ -> NODES.stringNode(Shapes.word((Enum<?>) value));
            case Shape.Fields fields -> fields(value, fields, NODES.objectNode());
            case Shape.Kinds kinds -> kind(value, kinds);
            case Shape.Row(Shape each) -> row((List<?>) value, each);
            case Shape.Keyed keyed -> keyed((Map<?, ?>) value, keyed);
            case Shape.Maybe(Shape inner) -> node(((Optional<?>) value).orElseThrow(), inner);
        };
    }

    @SuppressWarnings("unchecked")
    private static <T> JsonNode plain(Object value, Scalar<T> scalar) {
        return scalar.write().apply((T) value);
    }

    private static JsonNode kind(Object value, Shape.Kinds kinds) {
        String kind = Shapes.word(value.getClass().getSimpleName());
        return fields(
                value,
                Objects.requireNonNull(kinds.kinds().get(kind), kind),
                NODES.objectNode().put("kind", kind));
    }

    private static ObjectNode fields(Object value, Shape.Fields fields, ObjectNode into) {
        for (Shape.Field field : fields.fields()) {
            Object inner = read(field, value);
            if (!leftOut(inner, field.shape())) {
                into.set(field.name(), node(inner, field.shape()));
            }
        }
        return into;
    }

    private static Object read(Shape.Field field, Object value) {
        try {
            return field.component().getAccessor().invoke(value);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("cannot read " + field.component(), e);
        }
    }

    private static boolean leftOut(Object value, Shape shape) {
        return switch (shape) {
            case Shape.Row _ -> ((List<?>) value).isEmpty();
            case Shape.Keyed _ -> ((Map<?, ?>) value).isEmpty();
            case Shape.Maybe _ -> ((Optional<?>) value).isEmpty();
            case Shape.Plain _ -> value.equals("");
            case Shape.Word _, Shape.Fields _, Shape.Kinds _ -> false;
        };
    }

    private static ArrayNode row(List<?> values, Shape each) {
        ArrayNode nodes = NODES.arrayNode();
        values.forEach(value -> nodes.add(node(value, each)));
        return nodes;
    }

    private static ObjectNode keyed(Map<?, ?> values, Shape.Keyed keyed) {
        ObjectNode nodes = NODES.objectNode();
        values.forEach((key, value) -> nodes.set(node(key, keyed.key()).stringValue(), node(value, keyed.each())));
        return nodes;
    }
}
