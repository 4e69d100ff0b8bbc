package app.avrel.posture.count;

import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A short sum of a part of the record: the same in every run of the program and in every order in which its fields are
 * declared, another wherever a value is another.
 *
 * <p>It is made of the kinds, the names of the fields in the order of the alphabet, and their values; what is empty is
 * left out, so that a field that is new and empty changes nothing.
 */
public final class RecordDigest {

    private static final int BYTES = 12;

    private final StringBuilder canonical = new StringBuilder();

    private RecordDigest() {}

    /** {@return the sum of a part} */
    public static String of(Object part) {
        RecordDigest digest = new RecordDigest();
        digest.add(part);
        try {
            byte[] sum = MessageDigest.getInstance("SHA-256")
                    .digest(digest.canonical.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(sum, 0, BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private void add(Object value) {
        switch (value) {
            case Record fields -> fields(fields);
            case List<?> list -> {
                canonical.append('[');
                list.forEach(this::add);
                canonical.append(']');
            }
            case Map<?, ?> map -> {
                TreeMap<String, Object> sorted = new TreeMap<>();
                map.forEach((key, one) -> sorted.put(key.toString(), one));
                sorted.forEach(this::named);
            }
            case Optional<?> optional -> optional.ifPresent(this::add);
            case Enum<?> word -> canonical.append(word.name()).append(';');
            case Double number -> canonical.append(number + 0.0).append(';');
            default -> canonical.append('"').append(value).append("\";");
        }
    }

    private void named(String name, Object value) {
        if (!empty(value)) {
            canonical.append(name).append('=');
            add(value);
        }
    }

    private static boolean empty(Object value) {
        return value instanceof Optional<?> optional && optional.isEmpty()
                || value instanceof List<?> list && list.isEmpty()
                || value instanceof Map<?, ?> map && map.isEmpty()
                || value.equals("");
    }

    private void fields(Record fields) {
        canonical.append(fields.getClass().getSimpleName()).append('(');
        Arrays.stream(fields.getClass().getRecordComponents())
                .sorted(Comparator.comparing(RecordComponent::getName))
                .forEach(component -> named(component.getName(), read(component, fields)));
        canonical.append(')');
    }

    private static Object read(RecordComponent component, Record of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("cannot read " + component, e);
        }
    }
}
