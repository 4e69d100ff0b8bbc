package app.avrel.files;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * Makes values straight from a text as it goes by, without a tree of it. What is not just as it is written by this program
 * is a misfit without a place: {@link Reading} reads it from the tree and can say what and where.
 */
final class Straight {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final JsonParser parser;

    Straight(JsonParser parser) {
        this.parser = parser;
    }

    /** {@return the value that begins at the token where the parser stands; it is left at the value's last token} */
    Object value(Shape shape) throws Reading.Misfit {
        return switch (shape) {
            case Shape.Plain(Scalar<?> scalar) -> plain(scalar);
            case Shape.Word(var type) -> found(Shapes.constants(type).get(text()));
            case Shape.Fields fields -> fields(fields);
            case Shape.Kinds kinds -> kind(kinds);
            case Shape.Row(Shape each) -> row(each);
            case Shape.Keyed keyed -> keyed(keyed);
            case Shape.Maybe(Shape inner) -> Optional.of(value(inner));
        };
    }

    private static Reading.Misfit misfit() {
        return new Reading.Misfit(Reading.Place.TOP, "");
    }

    private static <T> T found(@Nullable T value) throws Reading.Misfit {
        if (value == null) {
            throw misfit();
        }
        return value;
    }

    private void at(JsonToken token) throws Reading.Misfit {
        if (parser.currentToken() != token) {
            throw misfit();
        }
    }

    private String text() throws Reading.Misfit {
        at(JsonToken.VALUE_STRING);
        return parser.getString();
    }

    private Object plain(Scalar<?> scalar) throws Reading.Misfit {
        try {
            return found(scalar.read().apply(node()).orElse(null));
        } catch (IllegalArgumentException outOfRange) {
            throw misfit();
        }
    }

    private JsonNode node() {
        return switch (parser.currentToken()) {
            case VALUE_STRING -> NODES.stringNode(parser.getString());
            case VALUE_NUMBER_INT -> whole();
            case VALUE_NUMBER_FLOAT -> NODES.numberNode(parser.getDoubleValue());
            default -> parser.readValueAsTree();
        };
    }

    private JsonNode whole() {
        return parser.getNumberType() == JsonParser.NumberType.INT
                ? NODES.numberNode(parser.getIntValue())
                : parser.readValueAsTree();
    }

    private Object kind(Shape.Kinds kinds) throws Reading.Misfit {
        at(JsonToken.START_OBJECT);
        if (!"kind".equals(parser.nextName())) {
            throw misfit();
        }
        parser.nextToken();
        return rest(found(kinds.kinds().get(text())));
    }

    private Object fields(Shape.Fields fields) throws Reading.Misfit {
        at(JsonToken.START_OBJECT);
        return rest(fields);
    }

    private Object rest(Shape.Fields fields) throws Reading.Misfit {
        Object[] values = new Object[fields.fields().size()];
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            int at = found(fields.places().get(name));
            parser.nextToken();
            if (values[at] != null) {
                throw misfit();
            }
            values[at] = value(fields.fields().get(at).shape());
        }
        at(JsonToken.END_OBJECT);
        return Reading.filled(fields, values);
    }

    private List<Object> row(Shape each) throws Reading.Misfit {
        at(JsonToken.START_ARRAY);
        List<Object> values = new ArrayList<>();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            values.add(value(each));
        }
        return values;
    }

    private Map<Object, Object> keyed(Shape.Keyed keyed) throws Reading.Misfit {
        at(JsonToken.START_OBJECT);
        Map<Object, Object> values = new LinkedHashMap<>();
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            Object key = Reading.value(NODES.stringNode(name), keyed.key());
            parser.nextToken();
            if (values.put(key, value(keyed.each())) != null) {
                throw misfit();
            }
        }
        return values;
    }
}
