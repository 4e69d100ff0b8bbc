package app.avrel.desktop.cues;

import app.avrel.body.Body;
import app.avrel.cue.Call;
import app.avrel.cue.Cue;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.cue.Speech;
import app.avrel.cue.Viewpoint;
import app.avrel.cue.hear.Hearing;
import app.avrel.cue.hear.ScriptLine;
import app.avrel.cue.hear.Slip;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.lesson.Lesson;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.SideWords;
import app.avrel.project.Lessons;
import app.avrel.words.Wording;
import app.avrel.words.say.Calling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * The script that is shown, worked out from the desk and a wish: no nodes.
 *
 * @param title of what it is a script
 * @param before what was said before, in earlier lessons
 * @param stretch the occurrences it covers
 * @param rows what is said, count by count, a heading before each posture's first
 * @param speech how long words take
 */
record CueSheet(
        String title,
        List<Occurrence> before,
        List<Occurrence> stretch,
        CueScript script,
        List<CueRow> rows,
        Wording wording,
        CueWish wish,
        Speech speech) {

    static CueSheet of(Desk desk, CueWish wish, Speech speech) {
        Optional<Lesson> lesson = wish.lesson() < 0
                ? Optional.empty()
                : desk.project().lessons().stream().skip(wish.lesson()).findFirst();
        Wording wording = desk.saying();
        List<Occurrence> before = new ArrayList<>();
        if (lesson.isPresent()) {
            desk.project().lessons().stream().limit(wish.lesson()).forEach(one -> before.addAll(stretches(desk, one)));
        }
        List<Occurrence> stretch = lesson.map(one -> stretches(desk, one))
                .orElseGet(() -> desk.formTrack().occurrences());
        CueScript script = Scripting.of(before, stretch, wish.order(), wording, speech);
        String title = lesson.map(Lesson::title).orElseGet(() -> desk.form().name());
        return new CueSheet(title, before, stretch, script, CueRow.of(script, stretch), wording, wish, speech);
    }

    private static List<Occurrence> stretches(Desk desk, Lesson lesson) {
        return new Lessons(desk.survey(), Words.language()).run(lesson);
    }

    /** {@return the script as one says it who takes so long} */
    CueScript timedBy(Speech speech) {
        return Scripting.of(before, stretch, wish.order(), wording, speech);
    }

    /** {@return which time the posture of a count is done, in words} */
    String time(Cue cue) {
        return new Calling(Words.language()).time(cue.time());
    }

    /** {@return the chosen row; empty where nothing is said} */
    Optional<CueRow> chosen() {
        return rows.isEmpty() ? Optional.empty() : Optional.of(rows.get(Math.clamp(wish.chosen(), 0, rows.size() - 1)));
    }

    /** {@return the rows of the posture that the chosen one belongs to} */
    List<CueRow> run() {
        if (rows.isEmpty()) {
            return List.of();
        }
        int at = chosen().orElseThrow().at();
        int from = at;
        while (from > 0 && rows.get(from).heading().isEmpty()) {
            from--;
        }
        int to = at + 1;
        while (to < rows.size() && rows.get(to).heading().isEmpty()) {
            to++;
        }
        return rows.subList(from, to);
    }

    Occurrence done(Cue cue) {
        return stretch.stream()
                .filter(done -> done.index() == cue.occurrence())
                .findFirst()
                .orElseThrow();
    }

    List<Moment> moments(Cue cue) {
        return done(cue).moments().stream()
                .filter(moment -> moment.place().sameCount(cue.place()))
                .toList();
    }

    /** {@return the words that would be said at another level, with the performer's own sides, as they are recorded} */
    String at(Cue cue, CueLevel level) {
        return Scripting.words(
                moments(cue), done(cue), wish.order().withView(Viewpoint.OWN).withLevel(level), wording);
    }

    /** {@return the longest level below this one whose words find room in the count} */
    Optional<String> fitting(Cue cue) {
        return Stream.of(CueLevel.values())
                .filter(level -> level.compareTo(cue.level()) > 0)
                .map(level -> at(cue, level))
                .filter(words -> !words.isEmpty() && speech.seconds(words) <= cue.length())
                .findFirst();
    }

    /** {@return what speaks against what is said of a count: its moves and its breath} */
    List<Slip> slips(Cue cue, Body body) {
        return Hearing.of(
                        cue.calls().stream()
                                .filter(call -> call.kind() == Call.Kind.MOVE || call.kind() == Call.Kind.BREATH)
                                .map(call -> new ScriptLine(ofPerformer(call.words()), OptionalDouble.empty()))
                                .toList(),
                        List.of(done(cue)),
                        wish.order().language(),
                        body,
                        wording,
                        wish.order().tempo())
                .slips()
                .stream()
                .filter(slip -> slip.place().sameCount(cue.place()))
                .toList();
    }

    /** Words for one who faces the performer, with the performer's sides again. */
    private String ofPerformer(String words) {
        return switch (wish.order().view()) {
            case OWN -> words;
            case MIRROR -> SideWords.swapped(words, wish.order().language());
        };
    }
}
