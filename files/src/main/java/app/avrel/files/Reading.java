package app.avrel.files;

import app.avrel.label.Labels;
import java.lang.reflect.InvocationTargetException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Makes values from nodes; what does not fit is refused with its place. */
final class Reading {

    private Reading() {}

    /** What does not fit, and where. */
    static final class Misfit extends Exception {
        private static final long serialVersionUID = 1;

        Misfit(String place, String what) {
            super(Labels.say("keep.at", place.isEmpty() ? Labels.say("keep.the_top") : place, what));
        }
    }

    static Object value(JsonNode node, Shape shape, String place) throws Misfit {
        return switch (shape) {
            case Shape.Plain(Scalar<?> scalar) -> plain(node, scalar, place);
            case Shape.Word(var type) -> word(node, type, place);
            case Shape.Fields fields -> fields(node, fields, place, List.of());
            case Shape.Kinds kinds -> kind(node, kinds, place);
            case Shape.Row(Shape each) -> row(node, each, place);
            case Shape.Keyed keyed -> keyed(node, keyed, place);
            case Shape.Maybe(Shape inner) -> Optional.of(value(node, inner, place));
        };
    }

    private static Object plain(JsonNode node, Scalar<?> scalar, String place) throws Misfit {
        try {
            Optional<?> value = scalar.read().apply(node);
            if (value.isPresent()) {
                return value.get();
            }
        } catch (IllegalArgumentException outOfRange) {
            throw new Misfit(place, String.valueOf(outOfRange.getMessage()));
        }
        throw new Misfit(place, Labels.say("keep.must_be", meaning(scalar), shown(node)));
    }

    /** What a plain value must be, in the language that is spoken. */
    private static String meaning(Scalar<?> scalar) {
        String key = "keep.scalar."
                + scalar.meaning()
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("[^a-z0-9]+", "_")
                        .replaceAll("^_|_$", "");
        return Labels.has(key) ? Labels.say(key) : scalar.meaning();
    }

    private static Object word(JsonNode node, Class<? extends Enum<?>> type, String place) throws Misfit {
        for (Enum<?> constant : type.getEnumConstants()) {
            if (node.isString() && Shapes.word(constant).equals(node.stringValue())) {
                return constant;
            }
        }
        String words = Arrays.stream(type.getEnumConstants()).map(Shapes::word).collect(Collectors.joining(", "));
        throw new Misfit(place, Labels.say("keep.must_be_one", words, shown(node)));
    }

    private static Object kind(JsonNode node, Shape.Kinds kinds, String place) throws Misfit {
        object(node, place);
        JsonNode kind = node.get("kind");
        Shape.Fields fields =
                kind == null || !kind.isString() ? null : kinds.kinds().get(kind.stringValue());
        if (fields == null) {
            throw new Misfit(
                    place,
                    Labels.say(
                            "keep.kind_must_be",
                            String.join(", ", kinds.kinds().keySet()),
                            kind == null ? Labels.say("keep.missing") : shown(kind)));
        }
        return fields(node, fields, place, List.of("kind"));
    }

    private static void object(JsonNode node, String place) throws Misfit {
        if (!node.isObject()) {
            throw new Misfit(place, Labels.say("keep.must_be", Labels.say("keep.object"), shown(node)));
        }
    }

    private static Object fields(JsonNode node, Shape.Fields fields, String place, List<String> besides) throws Misfit {
        object(node, place);
        List<Object> values = new ArrayList<>();
        TreeSet<String> unread = new TreeSet<>(node.propertyNames());
        besides.forEach(unread::remove);
        for (Shape.Field field : fields.fields()) {
            unread.remove(field.name());
            values.add(field(node.get(field.name()), field, place));
        }
        if (!unread.isEmpty()) {
            throw new Misfit(place, Labels.say("keep.unknown_field", unread.first()));
        }
        return built(fields, values, place);
    }

    private static Object field(JsonNode node, Shape.Field field, String place) throws Misfit {
        if (node != null) {
            return value(node, field.shape(), place.isEmpty() ? field.name() : place + "." + field.name());
        }
        if (!field.optional()) {
            throw new Misfit(place, Labels.say("keep.missing_field", field.name()));
        }
        return switch (field.shape()) {
            case Shape.Row _ -> List.of();
            case Shape.Keyed _ -> Map.of();
            case Shape.Maybe _ -> Optional.empty();
            case Shape.Plain _, Shape.Word _, Shape.Fields _, Shape.Kinds _ -> "";
        };
    }

    private static Object built(Shape.Fields fields, List<Object> values, String place) throws Misfit {
        try {
            return fields.constructor().newInstance(values.toArray());
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof IllegalArgumentException refused) {
                throw new Misfit(place, String.valueOf(refused.getMessage()));
            }
            throw new IllegalStateException("cannot make " + fields.type(), e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("cannot make " + fields.type(), e);
        }
    }

    private static List<Object> row(JsonNode node, Shape each, String place) throws Misfit {
        if (!node.isArray()) {
            throw new Misfit(place, Labels.say("keep.must_be", Labels.say("keep.list"), shown(node)));
        }
        List<Object> values = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            values.add(value(node.get(i), each, place + "[" + (i + 1) + "]"));
        }
        return values;
    }

    private static Map<Object, Object> keyed(JsonNode node, Shape.Keyed keyed, String place) throws Misfit {
        object(node, place);
        Map<Object, Object> values = new LinkedHashMap<>();
        for (String name : node.propertyNames()) {
            String inner = place + "." + name;
            Object key = value(JsonNodeFactory.instance.stringNode(name), keyed.key(), inner);
            values.put(key, value(node.get(name), keyed.each(), inner));
        }
        return values;
    }

    private static String shown(JsonNode node) {
        String text = node.toString();
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
