package app.avrel.files;

import app.avrel.label.Labels;
import app.avrel.project.Project;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.UnexpectedEndOfInputException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A project as text, in the format that {@code docs/avrel-project.schema.json} describes. */
public final class ProjectText {

    /** The value of the field {@code format}. */
    public static final String FORMAT = "avrel-project";

    /** The newest version this program knows whole, and the one it writes. */
    public static final int VERSION = Migrations.NEWEST;

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private ProjectText() {}

    /** {@return the text of a project} */
    public static String of(Project project) {
        return of(project, ForeignFields.NONE);
    }

    /** {@return the text of a project, with what a newer program had written} */
    public static String of(Project project, ForeignFields foreign) {
        ObjectNode top = JsonNodeFactory.instance
                .objectNode()
                .put("format", FORMAT)
                .put("version", Math.max(VERSION, foreign.version()));
        top.setAll((ObjectNode) Writing.node(project, Shapes.of(Project.class)));
        foreign.into(top);
        return Layout.of(top);
    }

    /** {@return a value of the record as it is written in a file} */
    public static <T> JsonNode node(T value, Class<T> type) {
        return Writing.node(value, Shapes.of(type));
    }

    /** {@return a node on one line} */
    public static String compact(JsonNode node) {
        return MAPPER.writeValueAsString(node);
    }

    /**
     * {@return the project that a text holds}
     *
     * @param name what the text is called in messages, such as its file name
     */
    public static Opened read(String text, String name) {
        try {
            JsonNode top = MAPPER.readTree(text.startsWith("\uFEFF") ? text.substring(1) : text);
            Optional<String> foreign = foreign(top, name);
            if (foreign.isPresent()) {
                return new Opened.Refused(foreign.get());
            }
            return project((ObjectNode) top);
        } catch (UnexpectedEndOfInputException e) {
            return damaged(name, "keep.breaks_off", e);
        } catch (JacksonException e) {
            return damaged(name, "keep.damaged", e);
        } catch (Reading.Misfit e) {
            return new Opened.Refused(Labels.say("keep.misfit", name, String.valueOf(e.getMessage())));
        }
    }

    /**
     * {@return the project that a text in UTF-8 holds}
     *
     * @param name what the text is called in messages, such as its file name
     * @throws CharacterCodingException if it is not in UTF-8
     */
    public static Opened read(byte[] text, String name) throws CharacterCodingException {
        Optional<Project> whole = Piecewise.read(text, MAPPER);
        return whole.isPresent()
                ? new Opened.Read(whole.get(), ForeignFields.NONE)
                : read(
                        StandardCharsets.UTF_8
                                .newDecoder()
                                .decode(ByteBuffer.wrap(text))
                                .toString(),
                        name);
    }

    private static Opened project(ObjectNode top) throws Reading.Misfit {
        int version = top.remove("version").intValue();
        top.remove("format");
        Shape shape = Shapes.of(Project.class);
        ForeignFields foreign = version > VERSION ? ForeignFields.takenFrom(version, top, shape) : ForeignFields.NONE;
        Migrations.bringUp(top, version);
        Project project = (Project) Reading.value(top, shape);
        return new Opened.Read(version == 1 ? project.acceptedAnew() : project, foreign);
    }

    private static Optional<String> foreign(JsonNode top, String name) {
        JsonNode format = top.get("format");
        JsonNode version = top.get("version");
        if (format == null || !format.isString() || !format.stringValue().equals(FORMAT)) {
            return Optional.of(Labels.say("keep.no_project", name, FORMAT));
        }
        if (version == null || !version.isIntegralNumber() || version.intValue() < 1) {
            return Optional.of(Labels.say("keep.no_version", name));
        }
        return Optional.empty();
    }

    private static Opened damaged(String name, String how, JacksonException e) {
        TokenStreamLocation at = e.getLocation();
        String place = at == null ? "" : Labels.say("keep.at_line", at.getLineNr(), at.getColumnNr());
        return new Opened.Refused(Labels.say(how, name, place, reason(e)));
    }

    /** What the reader of JSON says, without its remarks in brackets about where it read from. */
    private static String reason(JacksonException e) {
        return e.getOriginalMessage()
                .lines()
                .findFirst()
                .orElseGet(() -> Labels.say("keep.no_json"))
                .replaceAll("\\s*\\(start marker at .*$", "");
    }
}
