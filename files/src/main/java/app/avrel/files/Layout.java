package app.avrel.files;

import java.util.Iterator;
import java.util.Map;
import tools.jackson.core.io.JsonStringEncoder;
import tools.jackson.databind.JsonNode;

/** Lays JSON out so that people can read and compare it: what fits on a line stands on one. */
final class Layout {

    private static final int LINE = 110;

    private final StringBuilder text = new StringBuilder();

    private Layout() {}

    static String of(JsonNode node) {
        Layout layout = new Layout();
        layout.write(node, 0, LINE);
        return layout.text.append('\n').toString();
    }

    /**
     * Writes a node.
     *
     * @param used letters of the line that are taken already
     */
    private void write(JsonNode node, int depth, int used) {
        int start = text.length();
        if (inline(node, node.isEmpty() ? Integer.MAX_VALUE : start + LINE - used)) {
            return;
        }
        text.setLength(start);
        text.append(node.isObject() ? '{' : '[');
        String separator = "\n";
        Iterator<Map.Entry<String, JsonNode>> fields = node.properties().iterator();
        for (JsonNode inner : node) {
            text.append(separator).append("  ".repeat(depth + 1));
            int before = text.length();
            if (node.isObject()) {
                name(fields.next().getKey());
            }
            write(inner, depth + 1, 2 * (depth + 1) + text.length() - before);
            separator = ",\n";
        }
        text.append('\n').append("  ".repeat(depth)).append(node.isObject() ? '}' : ']');
    }

    /** Writes a node on one line; gives up, leaving the text longer than it was, where it would pass {@code end}. */
    private boolean inline(JsonNode node, int end) {
        if (node.isString()) {
            quoted(node.asString());
            return text.length() <= end;
        }
        if (!node.isContainer()) {
            text.append(node.isNumber() ? node.asString() : node.toString());
            return text.length() <= end;
        }
        text.append(node.isObject() ? '{' : '[');
        String separator = "";
        Iterator<Map.Entry<String, JsonNode>> fields = node.properties().iterator();
        for (JsonNode inner : node) {
            text.append(separator);
            if (node.isObject()) {
                name(fields.next().getKey());
            }
            if (!inline(inner, end)) {
                return false;
            }
            separator = ", ";
        }
        text.append(node.isObject() ? '}' : ']');
        return text.length() <= end;
    }

    private void name(String name) {
        quoted(name);
        text.append(": ");
    }

    private void quoted(String words) {
        text.append('"');
        JsonStringEncoder.getInstance().quoteAsString(words, text);
        text.append('"');
    }
}
