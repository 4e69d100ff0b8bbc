package app.avrel.files;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Lays JSON out so that people can read and compare it: what fits on a line stands on one. */
final class Layout {

    private static final int LINE = 110;

    private Layout() {}

    static String of(JsonNode node) {
        StringBuilder text = new StringBuilder();
        write(node, 0, 0, text);
        return text.append('\n').toString();
    }

    private static void write(JsonNode node, int depth, int used, StringBuilder text) {
        String inline = inline(node);
        if (depth > 0 && 2 * depth + used + inline.length() <= LINE || node.isEmpty()) {
            text.append(inline);
            return;
        }
        List<String> names = new ArrayList<>();
        if (node.isObject()) {
            names.addAll(node.propertyNames());
        }
        text.append(node.isObject() ? '{' : '[');
        for (int i = 0; i < node.size(); i++) {
            text.append(i == 0 ? "\n" : ",\n").append("  ".repeat(depth + 1));
            String label = node.isObject() ? quoted(names.get(i)) + ": " : "";
            text.append(label);
            write(node.isObject() ? node.get(names.get(i)) : node.get(i), depth + 1, label.length(), text);
        }
        text.append('\n').append("  ".repeat(depth)).append(node.isObject() ? '}' : ']');
    }

    private static String inline(JsonNode node) {
        List<String> parts = new ArrayList<>();
        if (node.isObject()) {
            node.propertyNames().forEach(name -> parts.add(quoted(name) + ": " + inline(node.get(name))));
            return "{" + String.join(", ", parts) + "}";
        }
        if (node.isArray()) {
            node.forEach(each -> parts.add(inline(each)));
            return "[" + String.join(", ", parts) + "]";
        }
        return node.toString();
    }

    private static String quoted(String name) {
        return JsonNodeFactory.instance.stringNode(name).toString();
    }
}
