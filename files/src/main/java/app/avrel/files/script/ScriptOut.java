package app.avrel.files.script;

import app.avrel.cue.Call;
import app.avrel.cue.Cue;
import app.avrel.cue.CueScript;
import app.avrel.files.table.Csv;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes a script. Times begin at 0 with the first word. */
public final class ScriptOut {

    private static final List<String> COLUMNS =
            List.of("posture", "section", "count", "at", "seconds", "kind", "words", "level", "why");

    private final CueScript script;
    private final Map<Integer, Occurrence> done = new HashMap<>();
    private final double ahead;

    private ScriptOut(CueScript script, List<Occurrence> track) {
        this.script = script;
        track.forEach(one -> done.put(one.index(), one));
        this.ahead = -script.calls().mapToDouble(Call::at).min().orElse(0);
    }

    /**
     * {@return a script as text}
     *
     * @param track the occurrences of which something is said; their own numbers tell which is which
     */
    public static String of(CueScript script, List<Occurrence> track, ScriptFormat format) {
        ScriptOut out = new ScriptOut(script, track);
        return switch (format) {
            case TEXT -> out.text();
            case MARKDOWN -> out.markdown();
            case CSV -> out.csv();
            case WEBVTT -> out.captions("WEBVTT\n\n", '.');
            case SRT -> out.captions("", ',');
            case JSON -> out.json().toPrettyString() + "\n";
        };
    }

    private String text() {
        return script.cues().stream()
                .filter(cue -> !cue.calls().isEmpty())
                .map(cue -> cue.calls().stream().map(Call::words).collect(Collectors.joining(" · ")) + "\n")
                .collect(Collectors.joining());
    }

    private String markdown() {
        StringBuilder out = new StringBuilder();
        int last = -1;
        for (Cue cue : script.cues()) {
            if (cue.occurrence() != last) {
                out.append(last < 0 ? "" : "\n").append("## ").append(name(cue)).append("\n\n");
                last = cue.occurrence();
            }
            String words = cue.calls().stream().map(Call::words).collect(Collectors.joining(" · "));
            out.append("- **")
                    .append(wayIn(cue) ? "→ " : "")
                    .append(cue.place().count() + 1)
                    .append("** ")
                    .append(Clock.minutes(cue.start() + ahead))
                    .append(words.isEmpty() ? "" : " " + words)
                    .append("\n");
        }
        return out.toString();
    }

    private String csv() {
        List<List<String>> rows = new ArrayList<>();
        for (Cue cue : script.cues()) {
            for (Call call : cue.calls()) {
                rows.add(List.of(
                        name(cue),
                        wayIn(cue) ? "way in" : "posture",
                        Integer.toString(cue.place().count() + 1),
                        seconds(call.at() + ahead),
                        seconds(call.seconds()),
                        call.kind().name().toLowerCase(Locale.ROOT),
                        call.words(),
                        cue.level().name().toLowerCase(Locale.ROOT),
                        cue.why().sentence()));
            }
        }
        return Csv.write(COLUMNS, rows);
    }

    private static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.2f", seconds);
    }

    private String captions(String head, char point) {
        StringBuilder out = new StringBuilder(head);
        int number = 1;
        for (Call call : script.calls().toList()) {
            out.append(number++)
                    .append("\n")
                    .append(Clock.say(call.at() + ahead, point))
                    .append(" --> ")
                    .append(Clock.say(call.end() + ahead, point))
                    .append("\n")
                    .append(call.words().replace("\n", " ").replace("-->", "→"))
                    .append("\n\n");
        }
        return out.toString();
    }

    /** {@return the script as a node: its cues with their calls, and how much of it is silent} */
    private ObjectNode json() {
        ObjectNode top = JsonNodeFactory.instance.objectNode();
        top.put("seconds", script.seconds());
        top.put("speaking", script.speaking());
        top.put("silence", script.silence());
        ArrayNode cues = top.putArray("cues");
        for (Cue cue : script.cues()) {
            ObjectNode node = cues.addObject();
            node.put("posture", of(cue).posture().id().key())
                    .put("name", name(cue))
                    .put("occurrence", cue.occurrence() + 1)
                    .put("section", wayIn(cue) ? "way in" : "posture")
                    .put("count", cue.place().count() + 1)
                    .put("start", cue.start() + ahead)
                    .put("length", cue.length())
                    .put("level", cue.level().name().toLowerCase(Locale.ROOT))
                    .put("why", cue.why().sentence());
            ArrayNode calls = node.putArray("calls");
            cue.calls()
                    .forEach(call -> calls.addObject()
                            .put("kind", call.kind().name().toLowerCase(Locale.ROOT))
                            .put("words", call.words())
                            .put("at", call.at() + ahead)
                            .put("seconds", call.seconds())
                            .put("late", call.late()));
        }
        return top;
    }

    private Occurrence of(Cue cue) {
        return Objects.requireNonNull(done.get(cue.occurrence()));
    }

    private String name(Cue cue) {
        return of(cue).posture().name()
                + of(cue).posture().side().map(side -> ", " + side.word()).orElse("");
    }

    private static boolean wayIn(Cue cue) {
        return cue.place().section() == Moment.Section.LINK;
    }
}
