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
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Makes values from nodes; what does not fit is refused with its place. */
final class Reading {

    private Reading() {}

    /** Where in a text something stands; written out only where it must be told. */
    record Place(@Nullable Place within, String field, int row) {

        static final Place TOP = new Place(null, "", -1);

        Place field(String name) {
            return new Place(this, name, -1);
        }

        Place row(int at) {
            return new Place(this, "", at);
        }

        @Override
        public String toString() {
            return within == null ? Labels.say("keep.the_top") : written();
        }

        private String written() {
            if (within == null) {
                return "";
            }
            String before = within.written();
            return row >= 0 ? before + "[" + (row + 1) + "]" : before.isEmpty() ? field : before + "." + field;
        }
    }

    /** What does not fit, and where. */
    static final class Misfit extends Exception {
        private static final long serialVersionUID = 1;

        Misfit(Place place, String what) {
            super(Labels.say("keep.at", place, what));
        }
    }

    /** {@return the value of a whole text} */
    static Object value(JsonNode node, Shape shape) throws Misfit {
        return value(node, shape, Place.TOP);
    }

    private static Object value(JsonNode node, Shape shape, Place place) throws Misfit {
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

    private static Object plain(JsonNode node, Scalar<?> scalar, Place place) throws Misfit {
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

    private static Object word(JsonNode node, Class<? extends Enum<?>> type, Place place) throws Misfit {
        Enum<?> said = node.isString() ? Shapes.constants(type).get(node.stringValue()) : null;
        if (said != null) {
            return said;
        }
        String words = Arrays.stream(type.getEnumConstants()).map(Shapes::word).collect(Collectors.joining(", "));
        throw new Misfit(place, Labels.say("keep.must_be_one", words, shown(node)));
    }

    private static Object kind(JsonNode node, Shape.Kinds kinds, Place place) throws Misfit {
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

    private static void object(JsonNode node, Place place) throws Misfit {
        if (!node.isObject()) {
            throw new Misfit(place, Labels.say("keep.must_be", Labels.say("keep.object"), shown(node)));
        }
    }

    private static Object fields(JsonNode node, Shape.Fields fields, Place place, List<String> besides) throws Misfit {
        object(node, place);
        @Nullable Object[] values = new Object[fields.fields().size()];
        int known = besides.size();
        for (int at = 0; at < values.length; at++) {
            Shape.Field field = fields.fields().get(at);
            JsonNode value = node.get(field.name());
            known += value == null ? 0 : 1;
            values[at] = field(value, field, place);
        }
        if (known < node.size()) {
            throw new Misfit(place, Labels.say("keep.unknown_field", unread(node, fields, besides)));
        }
        return built(fields, values, place);
    }

    /** {@return the first field, by its letters, that nothing here has} */
    private static String unread(JsonNode node, Shape.Fields fields, List<String> besides) {
        TreeSet<String> unread = new TreeSet<>(node.propertyNames());
        besides.forEach(unread::remove);
        fields.fields().forEach(field -> unread.remove(field.name()));
        return unread.first();
    }

    private static Object field(@Nullable JsonNode node, Shape.Field field, Place place) throws Misfit {
        if (node != null) {
            return value(node, field.shape(), place.field(field.name()));
        }
        return missing(field, place);
    }

    /** {@return the value of its fields; those that are left out hold what that means} */
    static Object filled(Shape.Fields fields, @Nullable Object[] values) throws Misfit {
        for (int at = 0; at < values.length; at++) {
            if (values[at] == null) {
                values[at] = missing(fields.fields().get(at), Place.TOP);
            }
        }
        return built(fields, values, Place.TOP);
    }

    /** {@return what a field holds that is left out} */
    private static Object missing(Shape.Field field, Place place) throws Misfit {
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

    /** {@return the value of all its fields} */
    private static Object built(Shape.Fields fields, @Nullable Object[] values, Place place) throws Misfit {
        try {
            return fields.constructor().newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof IllegalArgumentException refused) {
                throw new Misfit(place, String.valueOf(refused.getMessage()));
            }
            throw new IllegalStateException("cannot make " + fields.type(), e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("cannot make " + fields.type(), e);
        }
    }

    private static List<Object> row(JsonNode node, Shape each, Place place) throws Misfit {
        if (!node.isArray()) {
            throw new Misfit(place, Labels.say("keep.must_be", Labels.say("keep.list"), shown(node)));
        }
        List<Object> values = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            values.add(value(node.get(i), each, place.row(i)));
        }
        return values;
    }

    private static Map<Object, Object> keyed(JsonNode node, Shape.Keyed keyed, Place place) throws Misfit {
        object(node, place);
        Map<Object, Object> values = new LinkedHashMap<>();
        for (String name : node.propertyNames()) {
            Place inner = place.field(name);
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
