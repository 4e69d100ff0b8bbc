package app.avrel.files;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How a type of the record is written. */
sealed interface Shape {

    /** One plain value: a number, a text, or a short form of its own. */
    record Plain(Scalar<?> scalar) implements Shape {}

    /** One of a few words. */
    record Word(Class<? extends Enum<?>> type) implements Shape {}

    /**
     * Named fields.
     *
     * @param places at which place of the fields each name stands
     */
    record Fields(Class<?> type, Constructor<?> constructor, List<Field> fields, Map<String, Integer> places)
            implements Shape {

        static Fields of(Class<?> type, Constructor<?> constructor, List<Field> fields) {
            Map<String, Integer> places = new HashMap<>();
            fields.forEach(field -> places.put(field.name(), places.size()));
            return new Fields(type, constructor, fields, Map.copyOf(places));
        }
    }

    /** Named fields of one of several kinds, told apart by a field of that name. */
    record Kinds(Class<?> type, Map<String, Fields> kinds) implements Shape {}

    /** Several in a row; left out where there are none. */
    record Row(Shape each) implements Shape {}

    /** Several by key, left out where there are none. */
    record Keyed(Shape key, Shape each) implements Shape {}

    /** Left out where it is not said. */
    record Maybe(Shape inner) implements Shape {}

    /** A field of a record. */
    record Field(String name, RecordComponent component, Shape shape) {

        /** {@return whether the field may be left out} */
        boolean optional() {
            return switch (shape) {
                case Row _, Keyed _, Maybe _ -> true;
                case Plain plain -> plain.scalar().type() == String.class;
                case Word _, Fields _, Kinds _ -> false;
            };
        }
    }
}
