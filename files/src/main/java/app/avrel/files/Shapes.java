package app.avrel.files;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds the shape of a type from the type itself. */
final class Shapes {

    private static final Map<Type, Shape> KNOWN = new HashMap<>();
    private static final Map<String, String> WORDS = new ConcurrentHashMap<>();
    private static final Map<Class<?>, Map<String, Enum<?>>> CONSTANTS = new ConcurrentHashMap<>();

    static {
        Scalar.ALL.forEach(scalar -> KNOWN.put(scalar.type(), new Shape.Plain(scalar)));
    }

    private Shapes() {}

    static synchronized Shape of(Type type) {
        Shape known = KNOWN.get(type);
        if (known == null) {
            known = find(type);
            KNOWN.put(type, known);
        }
        return known;
    }

    private static Shape find(Type type) {
        if (type instanceof ParameterizedType generic) {
            return ofGeneric(generic);
        }
        Class<?> plain = (Class<?>) type;
        if (plain.isEnum()) {
            return new Shape.Word(enumType(plain));
        }
        if (plain.isRecord()) {
            return fields(plain);
        }
        if (plain.isSealed()) {
            Map<String, Shape.Fields> kinds = new LinkedHashMap<>();
            records(plain).forEach(kind -> kinds.put(word(kind.getSimpleName()), fields(kind)));
            return new Shape.Kinds(plain, kinds);
        }
        throw new IllegalArgumentException("no way to write " + type + ": give it a Scalar");
    }

    @SuppressWarnings("unchecked")
    private static Class<? extends Enum<?>> enumType(Class<?> type) {
        return (Class<? extends Enum<?>>) type;
    }

    private static Shape ofGeneric(ParameterizedType type) {
        Type[] inner = type.getActualTypeArguments();
        if (type.getRawType() == Optional.class) {
            return new Shape.Maybe(of(inner[0]));
        }
        if (type.getRawType() == List.class) {
            return new Shape.Row(of(inner[0]));
        }
        if (type.getRawType() == Map.class) {
            return new Shape.Keyed(of(inner[0]), of(inner[1]));
        }
        throw new IllegalArgumentException("no way to write " + type);
    }

    private static Shape.Fields fields(Class<?> type) {
        RecordComponent[] components = type.getRecordComponents();
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        try {
            List<Shape.Field> fields =
                    Arrays.stream(components).map(Shapes::field).toList();
            return Shape.Fields.of(type, type.getConstructor(types), fields);
        } catch (NoSuchMethodException e) {
            throw new IllegalStateException("a record must be public to be written: " + type, e);
        }
    }

    private static Shape.Field field(RecordComponent component) {
        return new Shape.Field(component.getName(), component, of(component.getGenericType()));
    }

    private static Stream<Class<?>> records(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .flatMap(inner -> inner.isRecord() ? Stream.of(inner) : records(inner));
    }

    /** {@return a Java name as a word of the file: {@code SOLAR_PLEXUS} and {@code SolarPlexus} are solar-plexus} */
    static String word(String name) {
        return WORDS.computeIfAbsent(name, Shapes::parted);
    }

    private static String parted(String name) {
        String parted = name.contains("_") || name.equals(name.toUpperCase(Locale.ROOT))
                ? name.replace('_', '-')
                : name.replaceAll("(?<!^)(?=[A-Z])", "-");
        return parted.toLowerCase(Locale.ROOT);
    }

    /** {@return the values of an enum by their words} */
    static Map<String, Enum<?>> constants(Class<? extends Enum<?>> type) {
        return CONSTANTS.computeIfAbsent(
                type,
                of -> Arrays.stream(type.getEnumConstants()).collect(Collectors.toMap(Shapes::word, each -> each)));
    }

    static String word(Enum<?> constant) {
        return word(constant.name());
    }
}
