package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.words.Words;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Played;
import app.avrel.lesson.Doing;
import app.avrel.lesson.SeenFrom;
import app.avrel.lesson.Segment;
import app.avrel.lesson.Showing;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.Version;
import app.avrel.project.Project;
import app.avrel.words.say.Layer;
import app.avrel.words.say.LessonWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;

/** The fields of a segment that goes through a stretch of the form: which entries and counts, how shown, how said. */
final class StretchFields {

    private final BiConsumer<String, UnaryOperator<Segment>> change;
    private final FieldGrid grid = new FieldGrid();
    private final ChoiceField first = grid.choice(Words.of("common.from"));
    private final ChoiceField last = grid.choice(Words.of("common.to"));
    private final EntryField counts = grid.line(Words.of("common.counts"), Words.of("lessons.all_or"));
    private final ChoiceField layer = grid.choice(Words.of("lessons.layer"));
    private final ChoiceField side = grid.choice(Words.of("common.side"));
    private final ChoiceField from = grid.choice(Words.of("lessons.seen_from"));
    private final ChoiceField said = grid.choice(Words.of("lessons.words"));
    private final ChoiceField doing = grid.choice(Words.of("common.done"));
    private final ChoiceField version = grid.choice(Words.of("common.version"));
    private final CheckBox mirrored = new CheckBox(Words.of("common.sides_as_mirror"));
    private final CheckBox lead = new CheckBox(Words.of("lessons.begins_last_count"));

    /** @param change takes the name of what is changed, and the edit */
    StretchFields(BiConsumer<String, UnaryOperator<Segment>> change) {
        this.change = change;
        grid.wide(lead);
        grid.wide(mirrored);
    }

    FieldGrid grid() {
        return grid;
    }

    void show(Project project, Form form, Segment segment) {
        grid.setVisible(segment.stretch().isPresent());
        grid.setManaged(segment.stretch().isPresent());
        segment.stretch().ifPresent(stretch -> stretch(project, form, stretch, segment.showing()));
    }

    private static <T extends Enum<T>> List<String> words(String stem, T[] values) {
        LessonWords words = new LessonWords(Words.language());
        return Stream.of(values)
                .map(one -> words.say(stem + "." + one.name().toLowerCase(Locale.ROOT)))
                .toList();
    }

    private void stretch(Project project, Form form, Stretch stretch, Showing showing) {
        stretchOf(project, form, stretch);
        showing(showing);
    }

    /** Of which entries and counts. */
    private void stretchOf(Project project, Form form, Stretch stretch) {
        List<String> entries = IntStream.range(0, form.entries().size())
                .mapToObj(i -> (i + 1) + "  " + name(project, form.entries().get(i)))
                .toList();
        int start = form.indexOf(stretch.first()).orElse(-1);
        int end = form.indexOf(stretch.last()).orElse(-1);
        first.show(entries, start, at -> range(form, at, Math.max(at, end)));
        last.show(entries, end, at -> range(form, Math.min(at, Math.max(0, start)), at));
        counts.show(CountsText.of(stretch), this::counts);
        lead.setSelected(stretch.fromLastCount());
        lead.setOnAction(_ -> stretch("lead", one -> one.withFromLastCount(lead.isSelected())));
    }

    /** How it is shown, and with how many words. */
    private void showing(Showing showing) {
        layer.show(
                words("layer", Layer.values()),
                showing.layer().ordinal(),
                at -> showing("layer", one -> one.withLayer(Layer.values()[at])));
        side.show(
                List.of(Words.of("lessons.as_form"), Words.of("lessons.other_side")),
                showing.side().ordinal(),
                at -> showing("side", one -> one.withSide(Played.values()[at])));
        from.show(
                words("from", SeenFrom.values()),
                showing.from().ordinal(),
                at -> showing("from", one -> one.withFrom(SeenFrom.values()[at])));
        said.show(Said.words(), Said.of(showing), at -> showing("said", Said.values()[at]::in));
        doing.show(
                List.of(
                        Words.of("lessons.moved_spoken"),
                        Words.of("lessons.moved_without_words"),
                        Words.of("lessons.said_nobody_moves")),
                showing.doing().ordinal(),
                at -> showing("doing", one -> one.withDoing(Doing.values()[at])));
        version.show(
                List.of(Words.of("lessons.full"), Words.of("common.gentler"), Words.of("lessons.not_whole_yet")),
                showing.version().ordinal(),
                at -> showing("version", one -> one.withVersion(Version.values()[at])));
        mirrored.setSelected(showing.mirrored());
        mirrored.setOnAction(_ -> showing("mirrored", one -> one.withMirrored(mirrored.isSelected())));
    }

    private static String name(Project project, Entry entry) {
        return project.posture(entry.posture())
                .map(entry::done)
                .map(posture -> Words.sided(Words.name(posture), posture.side()))
                .orElse(Words.of("lessons.not_on_shelf"));
    }

    private boolean counts(String typed) {
        if (CountsText.all(typed)) {
            stretch("counts", one -> one.withCounts(Optional.empty()));
            return true;
        }
        Optional<Stretch.Counts> some = CountsText.parse(typed);
        if (some.isPresent()) {
            stretch("counts", one -> one.withCounts(some).withLast(one.first()));
        }
        return some.isPresent();
    }

    private void range(Form form, int start, int end) {
        Stretch changed = Stretch.of(
                form.entries().get(start).id(), form.entries().get(end).id());
        stretch("range", one -> changed.withFromLastCount(one.fromLastCount()));
    }

    private void showing(String field, UnaryOperator<Showing> edit) {
        change.accept(field, one -> one.withShowing(edit.apply(one.showing())));
    }

    private void stretch(String field, UnaryOperator<Stretch> edit) {
        change.accept(field, one -> one.withStretch(one.stretch().map(edit)));
    }
}
