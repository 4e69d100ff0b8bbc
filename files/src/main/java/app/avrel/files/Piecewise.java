package app.avrel.files;

import app.avrel.form.Form;
import app.avrel.form.Part;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.Future;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a project of the newest version piece by piece: what stands in a row is made beside this thread while the next
 * is read, and its tree is let go. The tree of a school of two thousand postures is never held whole in memory.
 *
 * <p>Whatever is not as it should be is left to a reading of the whole, which can say what and where.
 */
final class Piecewise {

    /** Elements of a row that are made at once. */
    private static final int LOT = 32;

    /** Lots that may wait to be made. */
    private static final int WAITING = 4;

    /** What may be as long as a shelf: rows in it are read like the shelf. */
    private static final Set<Class<?>> LONG = Set.of(Form.class, Part.class);

    private static final Shape.Fields PROJECT = (Shape.Fields) Shapes.of(Project.class);

    private final ObjectReader pieces;
    private final JsonParser parser;

    private Piecewise(JsonMapper mapper, JsonParser parser) {
        this.pieces = mapper.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
        this.parser = parser;
    }

    /** {@return the project in a text in UTF-8, if it is whole and of the newest version} */
    static Optional<Project> read(byte[] text, JsonMapper mapper) {
        try (JsonParser parser = mapper.createParser(text)) {
            return new Piecewise(mapper, parser).project();
        } catch (JacksonException | Reading.Misfit misfit) {
            return Optional.empty();
        }
    }

    private Optional<Project> project() throws Reading.Misfit {
        if (parser.nextToken() != JsonToken.START_OBJECT || !begins()) {
            return Optional.empty();
        }
        Optional<Object> project = fields(PROJECT);
        return parser.nextToken() == null ? project.map(Project.class::cast) : Optional.empty();
    }

    /** {@return whether it begins by saying that it is a project of the newest version} */
    private boolean begins() {
        return "format".equals(parser.nextName())
                && ProjectText.FORMAT.equals(parser.nextStringValue())
                && "version".equals(parser.nextName())
                && parser.nextIntValue(0) == ProjectText.VERSION;
    }

    /** {@return what the fields up to the end of this object make; empty where one of them is not known} */
    private Optional<Object> fields(Shape.Fields shape) throws Reading.Misfit {
        Map<String, Object> values = new HashMap<>();
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            Optional<Shape.Field> field = field(shape, name);
            parser.nextToken();
            Optional<Object> value =
                    field.isEmpty() ? Optional.empty() : value(field.get().shape());
            if (value.isEmpty()) {
                return Optional.empty();
            }
            values.put(name, value.get());
        }
        return parser.currentToken() == JsonToken.END_OBJECT ? Optional.of(built(shape, values)) : Optional.empty();
    }

    private static Optional<Shape.Field> field(Shape.Fields shape, String name) {
        return shape.fields().stream()
                .filter(field -> field.name().equals(name))
                .findFirst();
    }

    private Optional<Object> value(Shape shape) throws Reading.Misfit {
        if (!(shape instanceof Shape.Row(Shape each)) || parser.currentToken() != JsonToken.START_ARRAY) {
            return Optional.of(Reading.value(node(), shape));
        }
        return each instanceof Shape.Fields fields && LONG.contains(fields.type())
                ? longOnes(fields)
                : Optional.of(row(each));
    }

    private Optional<Object> longOnes(Shape.Fields each) throws Reading.Misfit {
        List<Object> all = new ArrayList<>();
        while (parser.nextToken() == JsonToken.START_OBJECT) {
            Optional<Object> one = fields(each);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            all.add(one.get());
        }
        return parser.currentToken() == JsonToken.END_ARRAY ? Optional.of(all) : Optional.empty();
    }

    private JsonNode node() {
        return pieces.readTree(parser);
    }

    private List<Object> row(Shape each) throws Reading.Misfit {
        List<Future<List<Object>>> lots = new ArrayList<>();
        List<JsonNode> lot = new ArrayList<>(LOT);
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            lot.add(node());
            if (lot.size() == LOT) {
                lots.add(made(lot, each, lots));
                lot = new ArrayList<>(LOT);
            }
        }
        List<Object> last = all(lot, each);
        List<Object> all = new ArrayList<>();
        for (Future<List<Object>> made : lots) {
            all.addAll(answer(made));
        }
        all.addAll(last);
        return all;
    }

    /** Makes a lot beside this thread, or here where enough is waiting there: text that waits is text that is held. */
    private static Future<List<Object>> made(List<JsonNode> lot, Shape each, List<Future<List<Object>>> before)
            throws Reading.Misfit {
        int waiting = 0;
        for (int at = before.size() - 1; at >= 0 && !before.get(at).isDone(); at--) {
            waiting++;
        }
        if (waiting >= WAITING) {
            return CompletableFuture.completedFuture(all(lot, each));
        }
        Callable<List<Object>> making = () -> all(lot, each);
        return ForkJoinPool.commonPool().submit(making);
    }

    private static List<Object> all(List<JsonNode> nodes, Shape each) throws Reading.Misfit {
        List<Object> values = new ArrayList<>(nodes.size());
        for (JsonNode node : nodes) {
            values.add(Reading.value(node, each));
        }
        return values;
    }

    private static List<Object> answer(Future<List<Object>> made) throws Reading.Misfit {
        try {
            return made.get();
        } catch (ExecutionException e) {
            throw misfit(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while reading", e);
        }
    }

    private static Reading.Misfit misfit(@Nullable Throwable cause) {
        for (Throwable at = cause; at != null; at = at.getCause()) {
            if (at instanceof Reading.Misfit misfit) {
                return misfit;
            }
        }
        throw new IllegalStateException("cannot read", cause);
    }

    private static Object built(Shape.Fields shape, Map<String, Object> values) throws Reading.Misfit {
        List<Object> all = new ArrayList<>(shape.fields().size());
        for (Shape.Field field : shape.fields()) {
            Object value = values.get(field.name());
            all.add(value == null ? Reading.missing(field, Reading.Place.TOP) : value);
        }
        return Reading.built(shape, all, Reading.Place.TOP);
    }
}
