package app.avrel.files;

import app.avrel.body.Length;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.form.EntryId;
import app.avrel.form.FormId;
import app.avrel.form.LinkId;
import app.avrel.lesson.LessonId;
import app.avrel.lesson.course.CourseId;
import app.avrel.posture.PostureId;
import app.avrel.posture.hand.Reach;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A type written as one plain value.
 *
 * @param meaning what is written, in words for people: it ends "must be"
 * @param read the value; empty where the node is of another kind. Ranges are checked by the type itself
 * @param schema keywords of its JSON Schema
 */
record Scalar<T>(
        Class<T> type,
        String meaning,
        Function<JsonNode, Optional<T>> read,
        Function<T, JsonNode> write,
        Function<JsonNodeFactory, ObjectNode> schema) {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** Every plain type of the record. */
    static final List<Scalar<?>> ALL = List.of(
            text(String.class, "a text", Optional::of, value -> value),
            whole(int.class, value -> value, value -> value),
            whole(Integer.class, value -> value, value -> value),
            number(double.class, "a number", value -> value, value -> value),
            number(Double.class, "a number", value -> value, value -> value),
            number(Heading.class, "degrees from 0 to below 360", Heading::new, Heading::degrees),
            number(Bearing.class, "degrees from 0 to below 360", Bearing::new, Bearing::degrees),
            number(Turn.class, "degrees, to the right positive", Turn::new, Turn::degrees),
            whole(Reach.class, Reach::new, Reach::percent),
            text(Length.class, "a length such as \"2 foot-lengths\"", Length::parse, Length::toString),
            id(PostureId.class, PostureId::new, PostureId::key),
            id(FormId.class, FormId::new, FormId::key),
            id(EntryId.class, EntryId::new, EntryId::key),
            id(LinkId.class, LinkId::new, LinkId::key),
            id(LessonId.class, LessonId::new, LessonId::key),
            id(CourseId.class, CourseId::new, CourseId::key),
            flag(),
            text(LocalDate.class, "a day such as \"2026-01-08\"", Scalar::day, LocalDate::toString),
            text(LocalTime.class, "a time such as \"18:30\"", Scalar::time, LocalTime::toString),
            share());

    private static Scalar<Boolean> flag() {
        return new Scalar<>(
                boolean.class,
                "true or false",
                node -> node.isBoolean() ? Optional.of(node.booleanValue()) : Optional.empty(),
                NODES::booleanNode,
                nodes -> nodes.objectNode().put("type", "boolean"));
    }

    private static Optional<LocalDate> day(String written) {
        try {
            return Optional.of(LocalDate.parse(written));
        } catch (DateTimeParseException unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<LocalTime> time(String written) {
        try {
            return Optional.of(LocalTime.parse(written));
        } catch (DateTimeParseException unreadable) {
            return Optional.empty();
        }
    }

    private static <T> Scalar<T> text(
            Class<T> type, String meaning, Function<String, Optional<T>> parse, Function<T, String> say) {
        return new Scalar<>(
                type,
                meaning,
                node -> node.isString() ? parse.apply(node.stringValue()) : Optional.empty(),
                value -> NODES.stringNode(say.apply(value)),
                nodes -> nodes.objectNode().put("type", "string"));
    }

    private static <T> Scalar<T> id(Class<T> type, Function<String, T> of, Function<T, String> key) {
        return text(type, "a name that is not blank", written -> Optional.of(of.apply(written)), key);
    }

    private static <T> Scalar<T> number(
            Class<T> type, String meaning, Function<Double, T> of, Function<T, Double> amount) {
        return new Scalar<>(
                type,
                meaning,
                node -> node.isNumber() ? Optional.of(of.apply(node.doubleValue())) : Optional.empty(),
                value -> plain(amount.apply(value)),
                nodes -> nodes.objectNode().put("type", "number"));
    }

    private static JsonNode plain(double amount) {
        boolean whole = amount == Math.rint(amount) && Math.abs(amount) < 1e15;
        return whole ? NODES.numberNode((long) amount) : NODES.numberNode(amount);
    }

    private static <T> Scalar<T> whole(Class<T> type, Function<Integer, T> of, Function<T, Integer> amount) {
        return new Scalar<>(
                type,
                "a whole number",
                node -> node.isIntegralNumber() && node.canConvertToInt()
                        ? Optional.of(of.apply(node.intValue()))
                        : Optional.empty(),
                value -> NODES.numberNode(amount.apply(value)),
                nodes -> nodes.objectNode().put("type", "integer"));
    }

    private static Scalar<WeightShare> share() {
        return new Scalar<>(
                WeightShare.class,
                "the left foot's whole percent, or [least, most]",
                Scalar::readShare,
                value -> value.exact()
                        ? NODES.numberNode(value.leastLeft())
                        : NODES.arrayNode().add(value.leastLeft()).add(value.mostLeft()),
                Scalar::shareSchema);
    }

    private static Optional<WeightShare> readShare(JsonNode node) {
        if (node.isIntegralNumber()) {
            return Optional.of(WeightShare.left(node.intValue()));
        }
        boolean pair = node.isArray()
                && node.size() == 2
                && node.get(0).isIntegralNumber()
                && node.get(1).isIntegralNumber();
        return pair
                ? Optional.of(
                        new WeightShare(node.get(0).intValue(), node.get(1).intValue()))
                : Optional.empty();
    }

    private static ObjectNode shareSchema(JsonNodeFactory nodes) {
        ObjectNode percent =
                nodes.objectNode().put("type", "integer").put("minimum", 0).put("maximum", 100);
        ObjectNode pair =
                nodes.objectNode().put("type", "array").put("minItems", 2).put("maxItems", 2);
        pair.set("items", percent.deepCopy());
        ObjectNode either = nodes.objectNode();
        either.putArray("anyOf").add(percent).add(pair);
        return either;
    }
}
