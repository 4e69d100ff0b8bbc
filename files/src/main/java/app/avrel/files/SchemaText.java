package app.avrel.files;

import app.avrel.project.Project;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The JSON Schema of the project format, made from the same shapes that read and write it. */
public final class SchemaText {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final Map<String, ObjectNode> definitions = new TreeMap<>();

    private SchemaText() {}

    /** {@return the text of the schema} */
    public static String of() {
        return Layout.of(new SchemaText().top());
    }

    private ObjectNode top() {
        ObjectNode schema = NODES.objectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Avrel project");
        schema.put("type", "object");
        ObjectNode properties = schema.putObject("properties");
        properties.putObject("format").put("const", ProjectText.FORMAT);
        properties.putObject("version").put("const", ProjectText.VERSION);
        ArrayNode required = schema.putArray("required").add("format").add("version");
        fields((Shape.Fields) Shapes.of(Project.class), properties, required);
        schema.put("additionalProperties", false);
        ObjectNode all = schema.putObject("$defs");
        definitions.forEach(all::set);
        return schema;
    }

    private void fields(Shape.Fields fields, ObjectNode properties, ArrayNode required) {
        for (Shape.Field field : fields.fields()) {
            properties.set(field.name(), of(field.shape()));
            if (!field.optional()) {
                required.add(field.name());
            }
        }
    }

    private ObjectNode of(Shape shape) {
        return switch (shape) {
            case Shape.Plain(Scalar<?> scalar) -> scalar.schema().apply(NODES).put("description", scalar.meaning());
            case Shape.Word(var type) -> reference(type, words(type));
            case Shape.Fields fields -> reference(fields.type(), object(fields, ""));
            case Shape.Kinds kinds -> reference(kinds.type(), kinds(kinds));
            case Shape.Row(Shape each) -> {
                ObjectNode row = NODES.objectNode().put("type", "array");
                row.set("items", of(each));
                yield row;
            }
            case Shape.Keyed keyed -> keyed(keyed);
            case Shape.Maybe(Shape inner) -> of(inner);
        };
    }

    private static ObjectNode words(Class<? extends Enum<?>> type) {
        ObjectNode words = NODES.objectNode();
        ArrayNode all = words.putArray("enum");
        Arrays.stream(type.getEnumConstants()).map(Shapes::word).forEach(all::add);
        return words;
    }

    private ObjectNode object(Shape.Fields fields, String kind) {
        ObjectNode object = NODES.objectNode().put("type", "object");
        ObjectNode properties = object.putObject("properties");
        ArrayNode required = NODES.arrayNode();
        if (!kind.isEmpty()) {
            properties.putObject("kind").put("const", kind);
            required.add("kind");
        }
        fields(fields, properties, required);
        object.set("required", required);
        return object.put("additionalProperties", false);
    }

    private ObjectNode kinds(Shape.Kinds kinds) {
        ObjectNode any = NODES.objectNode();
        ArrayNode all = any.putArray("oneOf");
        kinds.kinds().forEach((kind, fields) -> all.add(object(fields, kind)));
        return any;
    }

    private ObjectNode keyed(Shape.Keyed keyed) {
        ObjectNode map = NODES.objectNode().put("type", "object");
        if (keyed.key() instanceof Shape.Word(var type)) {
            map.set("propertyNames", words(type));
        }
        map.set("additionalProperties", of(keyed.each()));
        return map;
    }

    private ObjectNode reference(Class<?> type, ObjectNode definition) {
        String name =
                type.getName().substring(type.getPackageName().length() + 1).replace('$', '.');
        definitions.put(name, definition);
        return NODES.objectNode().put("$ref", "#/$defs/" + name);
    }
}
