package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.project.Project;
import app.avrel.words.say.LessonWords;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;

/** The fields of a segment: what it is for, of what, how it is shown and said, how often. */
final class SegmentFields extends VBox {

    private final LessonActions actions;
    private final FieldGrid grid = new FieldGrid();
    private final ChoiceField kind = grid.choice(Words.of("lessons.what_for"));
    private final EntryField title = grid.line(Words.of("lessons.title"), Words.of("lessons.its_own_title"));
    private final StretchFields ofForm;
    private final FieldGrid rhythm = new FieldGrid();
    private final EntryField times = rhythm.line(Words.of("common.times"), "6");
    private final EntryField tempo = rhythm.line(Words.of("common.seconds_per_beat"), "4");
    private final EntryField beats = rhythm.line(Words.of("common.beats"), "16");
    private final EntryField pause = rhythm.line(Words.of("lessons.pause_s"), "20");
    private final EntryField words = rhythm.line(Words.of("lessons.you_say_first"), Words.of("lessons.your_own_words"));

    SegmentFields(LessonActions actions) {
        this.actions = actions;
        ofForm = new StretchFields(this::change);
        getStyleClass().add("segment-card");
        getChildren().addAll(grid, ofForm.grid(), rhythm);
    }

    void show(Project project, Form form, Segment segment) {
        kind.show(
                Stream.of(SegmentKind.values())
                        .map(one -> lessonWords().say(one.key()))
                        .toList(),
                segment.kind().ordinal(),
                at -> change("kind", one -> one.withKind(SegmentKind.values()[at])));
        title.show(segment.title(), text -> {
            change("title", one -> one.withTitle(text.strip()));
            return true;
        });
        ofForm.show(project, form, segment);
        rhythm(segment);
    }

    private void rhythm(Segment segment) {
        times.show(
                Integer.toString(segment.repetitions()),
                text -> Figures.taken(text, 1, 100, value -> change("times", one -> one.times((int) value))));
        tempo.show(
                Numbers.plain(segment.secondsPerBeat()),
                text -> Figures.taken(text, 0.2, 30, value -> change("tempo", one -> one.withSecondsPerBeat(value))));
        beats.setDisable(segment.stretch().isPresent());
        beats.show(
                segment.stretch().isPresent() ? Words.of("common.as_recorded") : Numbers.plain(segment.beats()),
                text -> Figures.taken(text, 0, 10000, value -> change("beats", one -> one.withBeats(value))));
        pause.show(
                Integer.toString(segment.pauseSeconds()),
                text -> Figures.taken(
                        text, 0, 3600, value -> change("pause", one -> one.withPauseSeconds((int) value))));
        words.show(segment.words(), text -> {
            change("words", one -> one.withWords(text));
            return true;
        });
    }

    private void change(String field, UnaryOperator<Segment> edit) {
        actions.changeSegment(field, edit);
    }

    private static LessonWords lessonWords() {
        return new LessonWords(Words.language());
    }
}
