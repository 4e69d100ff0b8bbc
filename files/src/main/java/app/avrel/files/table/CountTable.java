package app.avrel.files.table;

import app.avrel.body.Side;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.form.CountDirections;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Moment;
import app.avrel.form.Numbering;
import app.avrel.form.Occurrence;
import app.avrel.form.Played;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.label.Labels;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * A form with one line a count: what one would type for it, and where it leaves one.
 *
 * <p>Taken back, lines that were changed change the posture they stand in, where it is done as recorded; ways in and other
 * sides are changed in their own places. Directions and weights are computed and not taken back.
 */
public final class CountTable {

    private static final List<String> COLUMNS = List.of(
            "entry",
            "time",
            "number",
            "posture",
            "side",
            "section",
            "count",
            "line",
            "beats",
            "breath",
            "facing",
            "hips",
            "left toes",
            "right toes",
            "weight left");
    private static final List<String> NEEDED = List.of("entry", "time", "section", "line");

    private final Project project;
    private final Form form;
    private final Track track;
    private final Lines lines;

    private CountTable(Project project, Form form) {
        this.project = project;
        this.form = form;
        this.track = Unroll.form(once(form), project.shelf(), project.posing(form));
        this.lines = new Lines(project, project.posing(form));
    }

    /** {@return the table of a form} */
    public static String of(Project project, Form form) {
        return new CountTable(project, form).write();
    }

    /** {@return the project with the lines of a table taken into its postures} */
    public static Brought<Project> read(Project project, FormId id, String text) {
        try {
            return new Brought.Taken<>(new CountTable(project, project.form(id).orElseThrow()).read(text));
        } catch (Unfit unfit) {
            return new Brought.Refused<>(String.valueOf(unfit.getMessage()));
        }
    }

    /** Every cycle stands in the table once: its counts are those that are recorded. */
    private static Form once(Form form) {
        return form.withParts(form.parts().stream()
                .map(part -> part.withEntries(part.entries().stream()
                        .map(entry -> entry.withCycles(Optional.empty()))
                        .toList()))
                .toList());
    }

    private String write() {
        List<Numbering.Numbers> numbers = project.numbering(form).of(form);
        List<List<String>> rows = new ArrayList<>();
        for (Occurrence done : track.occurrences()) {
            String number = numbers.get(done.entry()).first() == 0
                    ? ""
                    : Integer.toString(numbers.get(done.entry()).of(done.repeat()));
            List<Moment> ends = done.ends();
            List<CountDirections> bearings = CountDirections.of(track, done);
            for (int i = 0; i < ends.size(); i++) {
                rows.add(row(done, number, ends.get(i), bearings.get(i)));
            }
        }
        return Csv.write(COLUMNS, rows);
    }

    private List<String> row(Occurrence done, String number, Moment end, CountDirections after) {
        return List.of(
                Integer.toString(done.entry() + 1),
                Integer.toString(done.repeat() + 1),
                number,
                done.posture().name(),
                done.posture().side().map(side -> side.word()).orElse(""),
                section(end),
                Integer.toString(end.place().count() + 1),
                lines.of(end.count(), front(done, end)),
                Numbers.plain(end.count().beats()),
                end.count().breath().name().toLowerCase(Locale.ROOT),
                degrees(after.facing()),
                degrees(after.hips()),
                degrees(after.left().value()),
                degrees(after.right().value()),
                Numbers.plain(end.after().weight().middle(Side.LEFT)));
    }

    private static String section(Moment moment) {
        return moment.place().section() == Moment.Section.LINK ? "way in" : "posture";
    }

    private static Heading front(Occurrence done, Moment moment) {
        return done.front(moment.place().section());
    }

    private static String degrees(Heading heading) {
        return Numbers.plain(Math.round(heading.degrees()) % 360);
    }

    private Project read(String text) throws Unfit {
        Map<String, List<CSVRecord>> byDoing = new LinkedHashMap<>();
        for (CSVRecord row : Csv.read(text, NEEDED)) {
            String key = Csv.cell(row, "entry") + "/" + Csv.cell(row, "time") + "/" + Csv.cell(row, "section");
            byDoing.computeIfAbsent(key, _ -> new ArrayList<>()).add(row);
        }
        Map<PostureId, List<Count>> changed = new LinkedHashMap<>();
        for (Occurrence done : track.occurrences()) {
            String key = (done.entry() + 1) + "/" + (done.repeat() + 1) + "/";
            unchanged(
                    done,
                    byDoing.getOrDefault(key + "way in", List.of()),
                    done.link().counts());
            posture(done, byDoing.getOrDefault(key + "posture", List.of()), changed);
        }
        Project result = project;
        for (Map.Entry<PostureId, List<Count>> one : changed.entrySet()) {
            result = result.changePosture(one.getKey(), posture -> posture.withCounts(one.getValue()));
        }
        return result;
    }

    private void posture(Occurrence done, List<CSVRecord> rows, Map<PostureId, List<Count>> changed) throws Unfit {
        Entry entry = form.entries().get(done.entry());
        boolean recorded =
                entry.played() == Played.AS_RECORDED && entry.gentler().isEmpty();
        if (!recorded) {
            unchanged(done, rows, done.posture().counts());
            return;
        }
        List<Count> counts = counts(done, rows);
        List<Count> before = changed.get(done.posture().id());
        boolean other = !rows.isEmpty() && !counts.equals(done.posture().counts());
        if (other && before != null && !before.equals(counts)) {
            throw Unfit.in(
                    rows.getFirst().getRecordNumber() + 1,
                    Labels.say("keep.two_ways", done.posture().name()));
        }
        if (other) {
            changed.put(done.posture().id(), counts);
        }
    }

    /** A line that is as it was keeps its count whole, with its own words and notes. */
    private List<Count> counts(Occurrence done, List<CSVRecord> rows) throws Unfit {
        List<Count> old = done.posture().counts();
        Heading front = done.front(Moment.Section.POSTURE);
        List<Count> counts = new ArrayList<>();
        for (CSVRecord row : rows) {
            String line = Csv.cell(row, "line");
            int at = counts.size();
            Count was = at < old.size() ? old.get(at) : Count.blank();
            if (at < old.size() && lines.of(was, front).strip().equals(line)) {
                counts.add(was);
            } else {
                Pose pose = lines.after(done.done().begins(), counts);
                counts.add(lines.read(line, pose, front, was, row.getRecordNumber() + 1));
            }
        }
        return counts;
    }

    private void unchanged(Occurrence done, List<CSVRecord> rows, List<Count> counts) throws Unfit {
        Posture posture = done.posture();
        for (int i = 0; i < rows.size(); i++) {
            CSVRecord row = rows.get(i);
            boolean link = Csv.cell(row, "section").equals("way in");
            Heading front = done.front(link ? Moment.Section.LINK : Moment.Section.POSTURE);
            boolean same =
                    i < counts.size() && lines.of(counts.get(i), front).strip().equals(Csv.cell(row, "line"));
            if (!same) {
                throw Unfit.in(
                        row.getRecordNumber() + 1,
                        Labels.say(link ? "keep.way_in_elsewhere" : "keep.other_version", posture.name()));
            }
        }
    }
}
