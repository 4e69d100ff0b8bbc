package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.project.EarlierCounts;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.words.Wording;
import app.avrel.words.lexicon.TaughtWord;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What becomes of a typed line: read at each keystroke and shown as if it were recorded; recorded by Enter.
 *
 * <p>A line fills the chosen count where nothing moves in it yet, and otherwise makes a new one after it. While a count
 * is edited in words, the line stands for that count.
 */
public final class TypedLineModel {

    private final Session session;
    private Optional<Choice> base = Optional.empty();
    private boolean editing;
    private Language language = Words.language();

    private final Runnable recorded;
    private @Nullable Known known;
    private @Nullable Line line;

    /**
     * A line for a session.
     *
     * @param recorded is run when the line was recorded because something else that it shows is edited
     */
    public TypedLineModel(Session session, Runnable recorded) {
        this.session = session;
        this.recorded = recorded;
    }

    public Language language() {
        return language;
    }

    public void language(Language chosen) {
        language = chosen;
    }

    public boolean editing() {
        return editing;
    }

    /** {@return what the line says; the room shows it as if it were recorded} */
    public Optional<LineReading> type(String text) {
        Optional<Posture> posture = posture();
        if (posture.isEmpty() || text.isBlank()) {
            if (!editing) {
                drop();
            }
            return Optional.empty();
        }
        Choice from = base.orElseGet(session::choice);
        base = Optional.of(from);
        LineReading reading = read(text, posture.get(), from.count());
        int at = place(posture.get(), from.count());
        session.preview(record(posture.get().id(), from.count(), reading), from.withCount(at), () -> settle(text));
        return Optional.of(reading);
    }

    private boolean settle(String text) {
        boolean taken = take(text, LineReading::understood);
        if (taken) {
            recorded.run();
        } else {
            drop();
        }
        return taken;
    }

    /** Records the line; words that no move holds stay as a note. {@return whether it was recorded} */
    public boolean take(String text) {
        return take(text, LineReading::recordable);
    }

    private boolean take(String text, Predicate<LineReading> may) {
        Optional<Posture> posture = posture();
        if (posture.isEmpty() || text.isBlank()) {
            return false;
        }
        Choice from = base.orElseGet(session::choice);
        LineReading reading = read(text, posture.get(), from.count());
        if (!may.test(reading)) {
            return false;
        }
        Edit edit = record(posture.get().id(), from.count(), reading);
        int at = place(posture.get(), from.count());
        base = Optional.empty();
        editing = false;
        session.apply(edit, from.withCount(at));
        return true;
    }

    /** Gives up what is typed; the room shows again what is recorded. */
    public void drop() {
        editing = false;
        base.ifPresent(session::endPreview);
        base = Optional.empty();
    }

    /** {@return the chosen count in words, to be edited; empty where none is chosen} */
    public Optional<String> edit() {
        drop();
        return posture()
                .filter(posture -> session.choice().count() >= 0
                        && session.choice().count() < posture.counts().size())
                .map(posture -> {
                    editing = true;
                    base = Optional.of(session.choice());
                    return Saying.exact(language, saying())
                            .line(posture.counts().get(session.choice().count()));
                });
    }

    public List<String> goingOn(String start) {
        return line().goingOn(start);
    }

    /** Teaches the project what a word of the school's own means; every later line knows it. */
    public void teach(String phrase, String means) {
        TaughtWord word = new TaughtWord(language, phrase, means);
        Edit edit = Edit.of(
                Words.of("postures.teach_word"),
                project -> project.withSetting(project.setting().teaching(word)));
        drop();
        session.apply(edit, session.choice());
    }

    private Optional<Posture> posture() {
        return base.orElseGet(session::choice).posture().flatMap(session.project()::posture);
    }

    private LineReading read(String text, Posture posture, int chosen) {
        EarlierCounts earlier =
                EarlierCounts.before(posture, place(posture, chosen), setting().posing());
        return line().following(earlier.counts()).read(text, earlier.standing());
    }

    /** The school's words are looked through when first something is typed and when they change, not at every key. */
    private Line line() {
        Known now =
                new Known(language, saying(), setting().chosenBody(), setting().taught());
        Line last = line;
        if (last != null && now.equals(known)) {
            return last;
        }
        Line anew = now.line();
        known = now;
        line = anew;
        return anew;
    }

    /** What a line is read with. */
    private record Known(Language language, Wording saying, Body body, List<TaughtWord> taught) {

        Line line() {
            return new Line(language, saying, body).knowing(taught);
        }
    }

    /** {@return what says a count in the line's language so that it reads back} */
    Saying exact() {
        return Saying.exact(language, saying());
    }

    private Setting setting() {
        return session.project().setting();
    }

    private Wording saying() {
        return new Wording(session.project().directions(), staging(), setting().rules());
    }

    private Heading staging() {
        return session.desk().get().staging();
    }

    /** Where the line's count will stand. */
    private int place(Posture posture, int chosen) {
        return replaces(posture, chosen, editing) ? chosen : chosen + 1;
    }

    private static boolean replaces(Posture posture, int chosen, boolean edited) {
        return chosen >= 0
                && chosen < posture.counts().size()
                && (edited || posture.counts().get(chosen).moves().findAny().isEmpty());
    }

    private Edit record(PostureId id, int chosen, LineReading reading) {
        boolean edited = editing;
        return Edit.of(
                edited ? Words.of("postures.edit_count_words_2") : Words.of("postures.type_count"),
                project -> recorded(project, id, chosen, edited, reading));
    }

    private static Project recorded(Project project, PostureId id, int chosen, boolean edited, LineReading reading) {
        return project.changePosture(id, posture -> {
            int after = Math.min(chosen, posture.counts().size() - 1);
            List<Count> counts = replaces(posture, chosen, edited)
                    ? Counts.change(posture.counts(), chosen, reading::over)
                    : Counts.insert(posture.counts(), after + 1, reading.count());
            return posture.withCounts(counts);
        });
    }
}
