package app.avrel.project.notes;

import app.avrel.body.LengthUnit;
import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.motion.HallPose;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import app.avrel.words.lexicon.Lexicon;
import app.avrel.words.lexicon.PlainLetters;
import app.avrel.words.lexicon.Scanner;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.reading.Standings;
import app.avrel.words.reading.frame.Earlier;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Reads plain notes as postures and a form: a heading with the posture's names, then a line a count.
 *
 * <p>A heading begins with {@code #}, is set in bold, underlined or ends with a colon, or stands over lines of another manner and
 * tells of no move; names in several languages are parted by slashes. Lines that begin with
 * {@code start:}, {@code end:}, {@code way in:}, {@code note:} or {@code form:} say that of the posture or form; a note set in under a count is the count's. What is
 * not understood stays as a note on its count, so nothing is lost.
 */
public final class NotesIn {

    private static final Pattern KEYED = Pattern.compile("([^:：]{1,12})[:：]\\s*(.*)");
    /** Beat three, step three. */
    private static final Set<Term> NUMBERED = Set.of(Term.Manner.BEATS, Term.Act.STEP, Term.Act.MOVE);

    private static final Pattern HAN = Pattern.compile("\\p{IsHan}");

    /**
     * What came of it.
     *
     * @param project the project with the postures and the form of the notes
     * @param lines what became of each line that is not empty
     */
    public record Result(Project project, List<NotesLine> lines) {

        public Result {
            lines = List.copyOf(lines);
        }

        /** {@return how many lines there are with this outcome} */
        public long count(NotesLine.Outcome outcome) {
            return lines.stream().filter(line -> line.outcome() == outcome).count();
        }
    }

    private final Project into;
    private final Language usual;
    private final Wording saying;
    private final List<NotesLine> lines = new ArrayList<>();
    private Project project;
    private final List<Entry> entries = new ArrayList<>();
    private Optional<String> formName = Optional.empty();
    private Optional<Posture> posture = Optional.empty();
    private Link way = Link.NONE;
    private Pose pose;
    /** Whether the count before had a number or a point of its own. */
    private boolean listed;
    /** The counts of this posture so far. */
    private final List<Earlier> earlier = new ArrayList<>();
    /** How one stands on the way into this posture: at first as the posture before it ends. */
    private Pose onTheWay;
    /** The counts of this way in so far. */
    private final List<Earlier> wayEarlier = new ArrayList<>();

    private NotesIn(Project into, Language usual) {
        this.into = into;
        this.project = into;
        this.usual = usual;
        this.saying =
                new Wording(into.directions(), Heading.FRONT, into.setting().rules());
        this.pose = standing();
        this.onTheWay = pose;
    }

    /**
     * {@return a project with what the notes say added}
     *
     * @param into the project whose frame, body, rules and own words count
     * @param usual the language of lines that do not tell it by their letters
     */
    public static Result read(String notes, Project into, Language usual) {
        NotesIn reading = new NotesIn(into, usual);
        List<NotesRow> rows = NotesRow.of(notes);
        for (int i = 0; i < rows.size(); i++) {
            boolean title = i == 0 && rows.size() > 1 && reading.heads(rows.get(0)) && reading.heads(rows.get(1));
            reading.row(rows.get(i), title);
        }
        reading.endPosture();
        return new Result(reading.withForm(), reading.lines);
    }

    private Pose standing() {
        return Starting.of(StartPose.SHOULDER_WIDE, into.setting().chosenBody());
    }

    /** @param title whether it stands over the heading of the first posture: it names the form */
    private void row(NotesRow row, boolean title) {
        if (title) {
            keyed(row.number(), row.text(), Term.Key.FORM, row.bare());
        } else if (heads(row)) {
            beginPosture(row.number(), row.text(), row.bare());
        } else {
            line(row);
        }
    }

    private boolean heads(NotesRow row) {
        return switch (row.kind()) {
            case HEADING -> true;
            case PERHAPS_HEADING -> tellsNothing(row.bare());
            case LINE -> false;
        };
    }

    /** Whether nothing is done in a line, or nobody is told what with, and it is no line of its own kind: it names what comes. */
    private boolean tellsNothing(String text) {
        Matcher keyed = KEYED.matcher(text);
        LineReading reading = line(text).read(text, pose);
        boolean limb = Scanner.scan(text, language(text)).stream()
                .map(Token::term)
                .anyMatch(term -> term instanceof Term.Part part && !part.prop()
                        || term instanceof Term.Num
                        || term instanceof Term.Who who && who.side().isPresent());
        return !reading.understood()
                && (reading.moves().isEmpty() || !limb)
                && !(keyed.matches() && key(keyed.group(1)).isPresent());
    }

    private void line(NotesRow row) {
        Matcher keyed = KEYED.matcher(row.bare());
        Optional<Term.Key> key = keyed.matches() ? key(keyed.group(1)) : Optional.empty();
        boolean under = row.set() && !earlier.isEmpty();
        if (under && key.equals(Optional.of(Term.Key.NOTE))) {
            noteCount(row.number(), row.text(), keyed.group(2).strip());
        } else if (key.isPresent()) {
            keyed(row.number(), row.text(), key.get(), keyed.group(2).strip());
        } else if (under && !row.listed() && listed && tellsNothing(row.bare())) {
            noteCount(row.number(), row.text(), row.bare());
        } else {
            listed = row.listed();
            count(row.number(), row.text(), withoutItsNumber(row.bare()));
        }
    }

    /** Count three: what the third line of a posture begins with says nothing of what is done. */
    private String withoutItsNumber(String text) {
        List<Token> tokens = Scanner.scan(text, language(text));
        int number = earlier.size() + 1;
        int named = tokens.size() > 1 && counts(tokens.getFirst().term(), number)
                ? 1
                : tokens.size() > 2
                                && NUMBERED.contains(tokens.getFirst().term())
                                && tokens.get(1).term().equals(new Term.Num(number))
                        ? 2
                        : 0;
        boolean parted = named > 0
                && (tokens.get(named).is(Term.Mark.COMMA) || tokens.get(named).is(Term.Mark.STOP));
        return parted ? text.substring(tokens.get(named).to()).strip() : text;
    }

    private static boolean counts(Term term, int number) {
        return term.equals(new Term.NthCount(number)) || term.equals(new Term.OnBeat(number));
    }

    /** What a line begins with; the lexicon has these words with their colon, for they may mean something else. */
    private static Optional<Term.Key> key(String word) {
        String plain = PlainLetters.of(word.strip());
        return Stream.of(Language.values())
                .map(Lexicon::of)
                .flatMap(words -> words.find(plain + ":").stream())
                .map(entry -> entry.terms().getFirst())
                .filter(Term.Key.class::isInstance)
                .map(Term.Key.class::cast)
                .findFirst();
    }

    private Language language(String text) {
        return HAN.matcher(text).find() ? Language.CHINESE : usual == Language.CHINESE ? Language.ENGLISH : usual;
    }

    private void beginPosture(int number, String line, String names) {
        onTheWay = posture.isEmpty()
                ? standing()
                : new HallPose(pose, Placement.HERE).beginning().own();
        wayEarlier.clear();
        endPosture();
        List<PostureName> all = Stream.of(names.split("\\s*/\\s*"))
                .filter(name -> !name.isBlank())
                .map(name -> PostureName.of(language(name), name))
                .toList();
        posture =
                Optional.of(Posture.blank(project.freshPostureId(all.getFirst().written()), names)
                        .withNames(all));
        earlier.clear();
        pose = standing();
        note(number, line, NotesLine.Kind.POSTURE, NotesLine.Outcome.UNDERSTOOD, names);
    }

    private Posture current() {
        return posture.orElseGet(() -> Posture.blank(project.freshPostureId("posture"), "Posture"));
    }

    private void endPosture() {
        posture.ifPresent(done -> {
            List<Posture> postures =
                    Stream.concat(project.postures().stream(), Stream.of(done)).toList();
            project = project.withPostures(postures);
            entries.add(Entry.of(new EntryId("e" + (entries.size() + 1)), done.id(), Played.AS_RECORDED)
                    .withWays(List.of(new WayIn.Own(way))));
        });
        posture = Optional.empty();
        way = Link.NONE;
    }

    private void keyed(int number, String line, Term.Key key, String text) {
        switch (key) {
            case FORM -> {
                formName = Optional.of(text);
                note(number, line, NotesLine.Kind.FORM, NotesLine.Outcome.UNDERSTOOD, text);
            }
            case START -> start(number, line, text);
            case END -> keep(number, line, NotesLine.Kind.END, "end: " + text);
            case NOTE -> {
                keep(number, line, NotesLine.Kind.NOTE, text);
            }
            case WAY_IN -> way(number, line, text);
        }
    }

    private void keep(int number, String line, NotesLine.Kind kind, String text) {
        Posture now = current();
        posture = Optional.of(now.withNote(now.note().isBlank() ? text : now.note() + "\n" + text));
        note(number, line, kind, NotesLine.Outcome.UNDERSTOOD, text);
    }

    /** A note set in under a count is that count's. */
    private void noteCount(int number, String line, String text) {
        Posture now = current();
        Count last = now.counts().getLast();
        Count told = last.withNote(last.note().isBlank() ? text : last.note() + " · " + text);
        List<Count> counts = new ArrayList<>(now.counts());
        counts.set(counts.size() - 1, told);
        posture = Optional.of(now.withCounts(counts));
        note(number, line, NotesLine.Kind.NOTE, NotesLine.Outcome.UNDERSTOOD, text);
    }

    private void start(int number, String line, String text) {
        LineReading reading = line(text).read(text, standing());
        Optional<Pose> found = reading.understood()
                ? Optional.of(reading.after())
                : new Standings(saying, into.setting().chosenBody())
                        .find(text, standing())
                        .or(() -> shoulderWide(text) ? Optional.of(standing()) : Optional.empty());
        if (found.isEmpty()) {
            keep(number, line, NotesLine.Kind.START, "start: " + text);
            replaceLast(NotesLine.Outcome.NOTED);
            return;
        }
        pose = found.get();
        posture = Optional.of(current()
                .withStart(new Start.Recorded(
                        Starting.startingFrom(pose, into.setting().chosenBody()))));
        note(number, line, NotesLine.Kind.START, NotesLine.Outcome.UNDERSTOOD, text);
    }

    /** Feet parallel, shoulder width apart: so one stands anyway, and no foot is said to be ahead. */
    private boolean shoulderWide(String text) {
        List<Term> terms =
                Scanner.scan(text, language(text)).stream().map(Token::term).toList();
        return terms.stream()
                        .anyMatch(term ->
                                term instanceof Term.Unit(LengthUnit unit, var _) && unit == LengthUnit.SHOULDER_WIDTH)
                && terms.stream()
                        .noneMatch(term ->
                                term instanceof Term.Who who && who.side().isPresent());
    }

    private void way(int number, String line, String text) {
        LineReading reading = line(text).following(wayEarlier).read(text, onTheWay);
        Count count = counted(reading, text);
        wayEarlier.add(new Earlier(count, onTheWay));
        onTheWay = reading.after();
        way = way.withCounts(
                Stream.concat(way.counts().stream(), Stream.of(count)).toList());
        note(number, line, NotesLine.Kind.WAY_IN, outcome(reading), said(line, reading));
    }

    private void count(int number, String line, String text) {
        Posture now = current();
        LineReading reading = line(text).following(earlier).read(text, pose);
        Count count = counted(reading, text);
        earlier.add(new Earlier(count, pose));
        posture = Optional.of(now.withCounts(
                Stream.concat(now.counts().stream(), Stream.of(count)).toList()));
        pose = reading.after();
        note(number, line, NotesLine.Kind.COUNT, outcome(reading), said(line, reading));
    }

    private Line line(String text) {
        return new Line(language(text), saying, into.setting().chosenBody())
                .knowing(into.setting().taught());
    }

    /** The count of a line; what is not understood stays on it as a note, with the line as it was written. */
    private static Count counted(LineReading reading, String text) {
        Count count = reading.count();
        boolean told = reading.understood() || !count.note().isBlank();
        return told ? count : count.withNote(Labels.say("keep.to_be_looked_at", text));
    }

    private static NotesLine.Outcome outcome(LineReading reading) {
        if (reading.understood()) {
            return NotesLine.Outcome.UNDERSTOOD;
        }
        return reading.moves().isEmpty() ? NotesLine.Outcome.NOTED : NotesLine.Outcome.KEPT;
    }

    private String said(String line, LineReading reading) {
        String recorded = Saying.exact(language(line), saying).line(reading.count());
        String left = Stream.concat(
                        reading.questions().stream().map(question -> question.question()),
                        reading.words(LineReading.Role.UNKNOWN).stream().map(word -> "“" + word.text() + "”"))
                .collect(Collectors.joining(", "));
        return left.isEmpty() ? recorded : recorded.isEmpty() ? left : recorded + " · " + left;
    }

    private void note(int number, String text, NotesLine.Kind kind, NotesLine.Outcome outcome, String said) {
        lines.add(new NotesLine(number, text, kind, outcome, said));
    }

    private void replaceLast(NotesLine.Outcome outcome) {
        NotesLine last = lines.removeLast();
        lines.add(new NotesLine(last.number(), last.text(), last.kind(), outcome, last.said()));
    }

    /** The form that does the postures in the order of the notes; it takes the place of an empty one. */
    private Project withForm() {
        if (entries.isEmpty()) {
            return project;
        }
        String name = formName.orElse("Notes");
        Form form = new Form(
                new FormId(project.freshFormId(name).key()),
                name,
                List.of(new Part("", entries)),
                Optional.empty(),
                Optional.empty());
        List<Form> others = project.forms().stream()
                .filter(other -> !other.entries().isEmpty())
                .toList();
        return project.withForms(Stream.concat(others.stream(), Stream.of(form)).toList());
    }
}
