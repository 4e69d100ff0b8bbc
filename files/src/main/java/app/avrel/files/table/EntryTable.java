package app.avrel.files.table;

import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.Moment;
import app.avrel.form.Numbering;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.form.WayIn;
import app.avrel.label.Labels;
import app.avrel.motion.HallPose;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.NameSearch;
import app.avrel.posture.Posture;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * A form with one line an entry.
 *
 * <p>The way into each time is written in one cell: {@code direct}, {@code shared} with the link's name, or {@code own} with
 * its counts, a line each; a line {@code next time} parts the times.
 */
public final class EntryTable {

    private static final List<String> COLUMNS = List.of(
            "part",
            "number",
            "posture",
            "side",
            "played",
            "times",
            "group",
            "said number",
            "said facing",
            "version",
            "way in");
    private static final List<String> NEEDED = List.of("posture");
    private static final String NEXT = "next time";

    private final Project project;
    private final Form form;
    private final Lines lines;

    private EntryTable(Project project, Form form) {
        this.project = project;
        this.form = form;
        this.lines = new Lines(project, project.posing(form));
    }

    /** {@return the table of a form} */
    public static String of(Project project, Form form) {
        return new EntryTable(project, form).write();
    }

    /** {@return the form that a table makes of a form of the project; what the table does not change stays as it is} */
    public static Brought<Form> read(Project project, FormId id, String text) {
        Form form = project.form(id).orElseThrow();
        try {
            return new Brought.Taken<>(new EntryTable(project, form).read(text));
        } catch (Unfit unfit) {
            return new Brought.Refused<>(String.valueOf(unfit.getMessage()));
        }
    }

    private String write() {
        Track track = track(form);
        List<Numbering.Numbers> numbers = project.numbering(form).of(form);
        List<List<String>> rows = new ArrayList<>();
        int at = 0;
        for (Part part : form.parts()) {
            for (Entry entry : part.entries()) {
                rows.add(row(part, entry, numbers.get(at).toString(), ways(entry, at, track)));
                at++;
            }
        }
        return Csv.write(COLUMNS, rows);
    }

    private Track track(Form of) {
        return Unroll.form(of, project.shelf(), project.posing(form));
    }

    private List<String> row(Part part, Entry entry, String number, String ways) {
        Optional<Posture> posture = project.posture(entry.posture());
        return List.of(
                part.name(),
                number,
                posture.map(Posture::name).orElse(entry.posture().key()),
                posture.flatMap(of -> entry.played().of(of).side())
                        .map(side -> side.word())
                        .orElse(""),
                entry.played() == Played.AS_RECORDED ? "as recorded" : "other side",
                Integer.toString(entry.times()),
                entry.group(),
                entry.number().map(String::valueOf).orElse(""),
                entry.facing().map(facing -> Numbers.plain(facing.degrees())).orElse(""),
                entry.gentler().orElse(""),
                ways);
    }

    private String ways(Entry entry, int at, Track track) {
        List<String> said = new ArrayList<>();
        for (int repeat = 0; repeat < entry.times(); repeat++) {
            int time = repeat;
            Heading front = track.occurrences().stream()
                    .filter(done -> done.entry() == at && done.repeat() == time)
                    .findFirst()
                    .map(done -> done.front(Moment.Section.LINK))
                    .orElse(Heading.FRONT);
            said.add(way(entry.ways().get(repeat), front));
        }
        return String.join("\n" + NEXT + "\n", said);
    }

    private String way(WayIn way, Heading front) {
        return switch (way) {
            case WayIn.Own(Link link) when link.equals(Link.NONE) -> "direct";
            case WayIn.Own(Link link) -> {
                StringBuilder text = new StringBuilder("own " + link.name());
                link.counts().forEach(count -> text.append("\n").append(lines.of(count, front)));
                yield text.toString().strip();
            }
            case WayIn.Shared(LinkId id, Played played) ->
                "shared "
                        + Optional.ofNullable(project.links().get(id))
                                .map(Link::name)
                                .orElse(id.key()) + (played == Played.OTHER_SIDE ? ", other side" : "");
        };
    }

    private Form read(String text) throws Unfit {
        List<CSVRecord> rows = Csv.read(text, NEEDED);
        List<Entry> old = new ArrayList<>(form.entries());
        List<String> known = known();
        Form made = form.withParts(List.of());
        List<String> parts = new ArrayList<>();
        for (CSVRecord row : rows) {
            String part = Csv.cell(row, "part");
            if (parts.isEmpty() || !parts.getLast().equals(part)) {
                made = parts.isEmpty() ? made.withParts(List.of(part(part))) : made.withParts(added(made, part(part)));
                parts.add(part);
            }
            made = made.append(made.parts().size() - 1, entry(row, made, old, known));
        }
        return made;
    }

    private Part part(String name) {
        return form.parts().stream()
                .filter(part -> part.name().equals(name))
                .findFirst()
                .map(part -> part.withEntries(List.of()))
                .orElse(new Part(name, List.of()));
    }

    private static List<Part> added(Form made, Part part) {
        List<Part> parts = new ArrayList<>(made.parts());
        parts.add(part);
        return parts;
    }

    /** How the ways in are written now, entry by entry. */
    private List<String> known() {
        Track track = track(form);
        List<String> ways = new ArrayList<>();
        for (int at = 0; at < form.entries().size(); at++) {
            ways.add(ways(form.entries().get(at), at, track));
        }
        return ways;
    }

    private Entry entry(CSVRecord row, Form made, List<Entry> old, List<String> known) throws Unfit {
        long line = row.getRecordNumber() + 1;
        Posture posture = posture(Csv.cell(row, "posture"), line);
        Played played = played(row, posture);
        int times = number(row, "times", line).orElse(1);
        String ways = Csv.cell(row, "way in");
        int same = same(old, known, posture, played, ways);
        Entry entry = same >= 0
                ? old.get(same)
                : Entry.of(fresh(made, old), posture.id(), played).withWays(ways(ways, made, line));
        if (same >= 0) {
            old.remove(same);
            known.remove(same);
        }
        return entry.times(Math.clamp(times, 1, 99))
                .withGroup(Csv.cell(row, "group"))
                .withNumber(number(row, "said number", line))
                .withFacing(facing(row, line))
                .withGentler(Optional.of(Csv.cell(row, "version")).filter(name -> !name.isEmpty()));
    }

    private static EntryId fresh(Form made, List<Entry> old) {
        int next = made.entries().size() + 1;
        while (true) {
            EntryId id = new EntryId("e" + next);
            if (made.indexOf(id).isEmpty()
                    && old.stream().noneMatch(entry -> entry.id().equals(id))) {
                return id;
            }
            next++;
        }
    }

    private static int same(List<Entry> old, List<String> known, Posture posture, Played played, String ways) {
        for (int i = 0; i < old.size(); i++) {
            Entry entry = old.get(i);
            if (entry.posture().equals(posture.id())
                    && entry.played() == played
                    && known.get(i).equals(ways)) {
                return i;
            }
        }
        return -1;
    }

    private Posture posture(String name, long line) throws Unfit {
        String wanted = NameSearch.plain(name);
        return project.postures().stream()
                .filter(posture -> posture.id().key().equals(name)
                        || posture.names().stream()
                                .anyMatch(one -> NameSearch.plain(one.written()).equals(wanted)))
                .findFirst()
                .orElseThrow(() -> Unfit.in(line, Labels.say("keep.no_posture", name)));
    }

    private static Played played(CSVRecord row, Posture posture) {
        String said = Csv.cell(row, "played");
        String side = Csv.cell(row, "side");
        boolean other = said.isEmpty()
                ? !side.isEmpty()
                        && posture.side()
                                .filter(own -> !own.word().equals(side))
                                .isPresent()
                : said.equalsIgnoreCase("other side");
        return other ? Played.OTHER_SIDE : Played.AS_RECORDED;
    }

    private static Optional<Integer> number(CSVRecord row, String column, long line) throws Unfit {
        String text = Csv.cell(row, column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!text.matches("\\d{1,3}")) {
            throw Unfit.in(line, Labels.say("keep.whole_number", column, text));
        }
        return Optional.of(Integer.valueOf(text));
    }

    private static Optional<Heading> facing(CSVRecord row, long line) throws Unfit {
        String text = Csv.cell(row, "said facing");
        try {
            return text.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Heading.wrapping(Double.parseDouble(text.replace(',', '.'))));
        } catch (IllegalArgumentException notDegrees) {
            throw Unfit.in(line, Labels.say("keep.degrees_said", text));
        }
    }

    private List<WayIn> ways(String cell, Form made, long line) throws Unfit {
        List<WayIn> ways = new ArrayList<>();
        HallPose pose = made.entries().isEmpty() ? start() : track(made).end().beginning();
        for (String way : cell.split("(?m)^" + NEXT + "\\s*$", -1)) {
            ways.add(way(way.strip(), pose, line));
        }
        return ways;
    }

    private WayIn way(String text, HallPose pose, long line) throws Unfit {
        List<String> rows =
                text.lines().map(String::strip).filter(row -> !row.isEmpty()).toList();
        if (rows.isEmpty() || rows.getFirst().equals("direct")) {
            return WayIn.DIRECT;
        }
        String head = rows.getFirst();
        if (head.startsWith("shared ")) {
            return shared(head.substring("shared ".length()), line);
        }
        boolean named = head.equals("own") || head.startsWith("own ");
        return new WayIn.Own(new Link(
                named ? head.substring("own".length()).strip() : "",
                counts(rows.subList(named ? 1 : 0, rows.size()), pose, line)));
    }

    private HallPose start() {
        return new HallPose(
                Starting.of(StartPose.SHOULDER_WIDE, project.setting().chosenBody()), Placement.HERE);
    }

    private List<Count> counts(List<String> rows, HallPose from, long line) throws Unfit {
        List<Count> counts = new ArrayList<>();
        for (String row : rows) {
            Pose now = lines.after(from.own(), counts);
            counts.add(lines.read(row, now, from.front(), Count.blank(), line));
        }
        return counts;
    }

    private WayIn shared(String name, long line) throws Unfit {
        boolean other = name.endsWith(", other side");
        String plain = other ? name.substring(0, name.length() - ", other side".length()) : name;
        for (Map.Entry<LinkId, Link> link : project.links().entrySet()) {
            if (link.getValue().name().equals(plain) || link.getKey().key().equals(plain)) {
                return new WayIn.Shared(link.getKey(), other ? Played.OTHER_SIDE : Played.AS_RECORDED);
            }
        }
        throw Unfit.in(line, Labels.say("keep.no_way_in", plain));
    }
}
