package app.avrel.rules.check;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Unroll;
import app.avrel.form.WayIn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import app.avrel.label.Language;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.EndClaim;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Split;
import app.avrel.rules.Finding;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A sequence of typed lines, as an instructor would write it down, and what is found in it. */
public final class Sequence {

    private final String title;
    private final List<String> lines;
    private final List<String> found = new ArrayList<>();
    private final List<String> noted = new ArrayList<>();
    private final Map<HouseRule, Integer> rules = new LinkedHashMap<>();
    private final List<Recorded> recorded = new ArrayList<>();
    private final List<String> notRead = new ArrayList<>();
    private boolean form;
    private boolean ofItsBody;

    /** A posture while its lines are read, and how it stands in the form. */
    private static final class Recorded {
        private Optional<Side> side = Optional.empty();
        private EndClaim end = EndClaim.NONE;
        private String from = "";
        private boolean carried;
        private boolean link;
        private final List<String> counts = new ArrayList<>();
        private final List<String> way = new ArrayList<>();
        private Optional<Heading> facing = Optional.empty();
        private Optional<Integer> number = Optional.empty();
    }

    private Sequence(String title, List<String> lines) {
        this.title = title;
        this.lines = lines;
        recorded.add(new Recorded());
        lines.forEach(this::take);
    }

    /** {@return every sequence of a text} */
    public static List<Sequence> all(String text) {
        List<Sequence> all = new ArrayList<>();
        List<String> block = new ArrayList<>();
        for (String line : (text + "\n# end").lines().map(String::strip).toList()) {
            if (line.startsWith("# ") && !block.isEmpty()) {
                all.add(new Sequence(block.getFirst().substring(2), List.copyOf(block.subList(1, block.size()))));
                block.clear();
            }
            if (line.startsWith("# ") || !block.isEmpty() && !line.isEmpty()) {
                block.add(line);
            }
        }
        return all;
    }

    private void take(String line) {
        Recorded last = recorded.getLast();
        int colon = line.indexOf(": ");
        String head = colon > 0 ? line.substring(0, colon) : line;
        String rest = colon > 0 ? line.substring(colon + 2).strip() : "";
        switch (head) {
            case "found" -> found.add(rest);
            case "noted" -> noted.add(rest);
            case "body" -> ofItsBody = true;
            case "rule" -> rules.put(HouseRule.valueOf(rest.split("=")[0]), Integer.valueOf(rest.split("=")[1]));
            case "side" -> last.side = Optional.of(rest.equals("left") ? Side.LEFT : Side.RIGHT);
            case "end" -> last.end = claim(last.end, rest.split("=")[0], rest.split("=")[1]);
            case "from" -> last.from = rest;
            case "carried" -> last.carried = true;
            case "form" -> form = true;
            case "next" -> {
                form = true;
                recorded.add(new Recorded());
            }
            case "link:" -> last.link = true;
            case "counts:" -> last.link = false;
            case "facing" -> last.facing = Optional.of(Heading.wrapping(Double.parseDouble(rest)));
            case "number" -> last.number = Optional.of(Integer.valueOf(rest));
            default -> (last.link ? last.way : last.counts).add(line);
        }
    }

    private static EndClaim claim(EndClaim end, String what, String value) {
        return switch (what) {
            case "facing" -> end.withFacing(Optional.of(Bearing.wrapping(Double.parseDouble(value))));
            case "left" -> end.withWeight(Optional.of(Split.on(Side.LEFT, Integer.parseInt(value))));
            case "stance" -> end.withStance(Optional.of(Stance.valueOf(value)));
            default -> end.withCounts(Optional.of(Integer.valueOf(value)));
        };
    }

    public String title() {
        return title;
    }

    /** {@return what must be found, all of it, each as rule, severity and place} */
    List<String> mustBeFound() {
        return found;
    }

    /** {@return whether what is found is about the size of a body of 170 cm} */
    boolean ofItsBody() {
        return ofItsBody;
    }

    /** {@return notes that must be among what is found} */
    List<String> mustBeNoted() {
        return noted;
    }

    /** {@return the lines that were not understood, when they were last read} */
    public List<String> notRead() {
        return notRead;
    }

    /** {@return what is found for a body, as recorded or mirrored} */
    public List<Finding> found(double stature, boolean mirrored) {
        notRead.clear();
        Performer performer = Performing.of(
                Body.ofStature(stature), rules.isEmpty() ? HouseRules.LARGE_FRAME : HouseRules.LARGE_FRAME.with(rules));
        Wording wording = new Wording(Directions.CLOCK, Heading.FRONT, performer.rules());
        Line line = new Line(Language.ENGLISH, wording, performer.body());
        Map<PostureId, Posture> shelf = new LinkedHashMap<>();
        List<Entry> entries = new ArrayList<>();
        Pose ended = Starting.of(StartPose.SHOULDER_WIDE, performer.body());
        for (int at = 0; at < recorded.size(); at++) {
            Recorded one = recorded.get(at);
            Pose usual = Starting.of(StartPose.SHOULDER_WIDE, performer.body());
            Pose said = one.from.isEmpty()
                    ? usual
                    : after(usual, counts(List.of(one.from), usual, line, performer), performer);
            Pose before = ended;
            List<Count> way = counts(one.way, before, line, performer);
            Pose begins = one.carried && one.from.isEmpty() ? after(before, way, performer) : said;
            StartPose start = one.from.isEmpty() && !one.carried
                    ? StartPose.SHOULDER_WIDE
                    : Starting.startingFrom(begins, performer.body());
            Pose from = one.carried ? Starting.of(start, performer.body()) : said;
            List<Count> counts = counts(one.counts, from, line, performer);
            Posture posture = Posture.blank(new PostureId("p" + at), "P" + at)
                    .withSide(one.side)
                    .withStart(one.carried ? new Start.Carried(start) : new Start.Recorded(start))
                    .withCounts(counts)
                    .withEnd(one.end);
            ended = Unroll.posture(posture, performer).end().beginning().own();
            shelf.put(posture.id(), mirrored ? Mirror.of(posture) : posture);
            Entry entry = Entry.of(new EntryId("e" + at), posture.id(), Played.AS_RECORDED)
                    .withWays(List.of(new WayIn.Own(new Link("", mirrored ? Mirror.counts(way) : way))))
                    .withFacing(one.facing.map(facing -> mirrored ? facing.mirrored() : facing))
                    .withNumber(one.number);
            entries.add(entry);
        }
        return found(performer, shelf, entries);
    }

    private List<Finding> found(Performer performer, Map<PostureId, Posture> shelf, List<Entry> entries) {
        Checkup checkup = new Checkup(performer, Directions.CLOCK);
        List<Finding> all = new ArrayList<>();
        shelf.values().forEach(posture -> all.addAll(checkup.posture(Unroll.posture(posture, performer))));
        if (form) {
            Form whole =
                    new Form(new FormId("f"), "F", List.of(new Part("", entries)), Optional.empty(), Optional.empty());
            all.addAll(checkup.form(whole, Unroll.form(whole, new Shelf(shelf, Map.of()), performer), FormFindings.NONE)
                    .all());
        }
        return all.stream().distinct().toList();
    }

    private List<Count> counts(List<String> lines, Pose from, Line line, Performer performer) {
        List<Count> counts = new ArrayList<>();
        for (String one : lines) {
            LineReading reading = line.read(one, after(from, counts, performer));
            if (!reading.understood()) {
                notRead.add(one);
            }
            counts.add(reading.count());
        }
        return counts;
    }

    private static Pose after(Pose from, List<Count> counts, Performer performer) {
        return Unroll.counts(from, counts, performer);
    }

    @Override
    public String toString() {
        return title + lines;
    }
}
