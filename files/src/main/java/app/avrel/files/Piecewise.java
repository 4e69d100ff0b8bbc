package app.avrel.files;

import app.avrel.form.Form;
import app.avrel.form.Part;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
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
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a project of the newest version piece by piece: what stands in a row is made beside this thread while the next
 * is passed over to where it ends. No tree of a school of two thousand postures is ever held in memory.
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

    private final byte[] text;
    private final ObjectReader reader;
    private final JsonParser parser;

    private Piecewise(byte[] text, ObjectReader reader, JsonParser parser) {
        this.text = text;
        this.reader = reader;
        this.parser = parser;
    }

    /** {@return the project in a text in UTF-8, if it is whole and of the newest version} */
    static Optional<Project> read(byte[] text, JsonMapper mapper) {
        ObjectReader reader = mapper.reader()
                .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .without(StreamReadFeature.STRICT_DUPLICATE_DETECTION);
        try (JsonParser parser = reader.createParser(text)) {
            return new Piecewise(text, reader, parser).project();
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

    /** {@return what the fields up to the end of this object make; empty where one of them is not known, or is there twice} */
    private Optional<Object> fields(Shape.Fields shape) throws Reading.Misfit {
        Object[] values = new Object[shape.fields().size()];
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            Integer at = shape.places().get(name);
            parser.nextToken();
            if (at == null || values[at] != null) {
                return Optional.empty();
            }
            Optional<Object> value = value(shape.fields().get(at).shape());
            if (value.isEmpty()) {
                return Optional.empty();
            }
            values[at] = value.get();
        }
        return parser.currentToken() == JsonToken.END_OBJECT
                ? Optional.of(Reading.filled(shape, values))
                : Optional.empty();
    }

    private Optional<Object> value(Shape shape) throws Reading.Misfit {
        if (!(shape instanceof Shape.Row(Shape each)) || parser.currentToken() != JsonToken.START_ARRAY) {
            return Optional.of(new Straight(parser).value(shape));
        }
        return each instanceof Shape.Fields fields && LONG.contains(fields.type())
                ? longOnes(fields)
                : Optional.of(row(shape));
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

    /** Passes over a row and makes it lot by lot. */
    private List<Object> row(Shape row) throws Reading.Misfit {
        List<Future<List<Object>>> lots = new ArrayList<>();
        long begins = -1;
        long ends = -1;
        int size = 0;
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            begins = size == 0 ? parser.currentTokenLocation().getByteOffset() : begins;
            parser.skipChildren();
            parser.finishToken();
            ends = parser.currentLocation().getByteOffset();
            if (++size == LOT) {
                lots.add(made(lot(begins, ends), row, lots));
                size = 0;
            }
        }
        List<Object> last = size == 0 ? List.of() : all(lot(begins, ends), row);
        List<Object> all = new ArrayList<>();
        for (Future<List<Object>> made : lots) {
            all.addAll(answer(made));
        }
        all.addAll(last);
        return all;
    }

    /** A part of a row as a row of its own. */
    private byte[] lot(long begins, long ends) throws Reading.Misfit {
        if (begins < 0 || ends < begins) {
            throw new Reading.Misfit(Reading.Place.TOP, "");
        }
        byte[] lot = new byte[Math.toIntExact(ends - begins) + 2];
        lot[0] = '[';
        System.arraycopy(text, Math.toIntExact(begins), lot, 1, lot.length - 2);
        lot[lot.length - 1] = ']';
        return lot;
    }

    /** Makes a lot beside this thread, or here where enough is waiting there: text that waits is text that is held. */
    private Future<List<Object>> made(byte[] lot, Shape row, List<Future<List<Object>>> before) throws Reading.Misfit {
        int waiting = 0;
        for (int at = before.size() - 1; at >= 0 && !before.get(at).isDone(); at--) {
            waiting++;
        }
        if (waiting >= WAITING) {
            return CompletableFuture.completedFuture(all(lot, row));
        }
        Callable<List<Object>> making = () -> all(lot, row);
        return ForkJoinPool.commonPool().submit(making);
    }

    @SuppressWarnings("unchecked")
    private List<Object> all(byte[] lot, Shape row) throws Reading.Misfit {
        try (JsonParser parts = reader.createParser(lot)) {
            parts.nextToken();
            return (List<Object>) new Straight(parts).value(row);
        }
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
}
