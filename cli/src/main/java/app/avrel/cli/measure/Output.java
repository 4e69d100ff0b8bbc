package app.avrel.cli.measure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** An object of the output; what does not exist is null. */
final class Output {

    private final ObjectNode node = JsonNodeFactory.instance.objectNode();

    ObjectNode node() {
        return node;
    }

    Output put(String key, double value) {
        if (Double.isFinite(value)) {
            node.put(key, rounded(value));
        } else {
            node.putNull(key);
        }
        return this;
    }

    /** To a millionth, and never minus nothing. */
    private static double rounded(double value) {
        return Math.round(value * 1e6) / 1e6 + 0.0;
    }

    Output put(String key, OptionalDouble value) {
        return put(key, value.orElse(Double.NaN));
    }

    Output put(String key, String value) {
        node.put(key, value);
        return this;
    }

    Output put(String key, boolean value) {
        node.put(key, value);
        return this;
    }

    Output put(String key, ObjectNode value) {
        node.set(key, value);
        return this;
    }

    Output put(String key, List<Double> values) {
        ArrayNode array = node.putArray(key);
        values.forEach(value -> array.add(rounded(value)));
        return this;
    }

    Output nothing(String key) {
        node.putNull(key);
        return this;
    }

    /** A length in centimetres. */
    Output cm(String key, double metres) {
        return put(key, metres * 100);
    }

    Output cm(String key, OptionalDouble metres) {
        return put(key, metres.orElse(Double.NaN) * 100);
    }

    Output either(String key, Optional<List<Double>> values) {
        values.ifPresentOrElse(some -> put(key, some), () -> nothing(key));
        return this;
    }
}
