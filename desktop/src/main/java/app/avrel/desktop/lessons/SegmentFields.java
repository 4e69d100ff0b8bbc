package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Played;
import app.avrel.lesson.Doing;
import app.avrel.lesson.SeenFrom;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Showing;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.Version;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Project;
import app.avrel.words.say.Layer;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

/** The fields of a segment: what it is for, of what, how it is shown and said, how often. */
final class SegmentFields extends VBox {

    /** How much is said: the first time, and after that. */
    private enum Said {
        EXPLAINED_THEN_GUIDED(CueLevel.EXPLAIN, CueLevel.GUIDE),
        EXPLAINED_THEN_CALLED(CueLevel.EXPLAIN, CueLevel.PROMPT),
        GUIDED(CueLevel.GUIDE, CueLevel.GUIDE),
        GUIDED_THEN_CALLED(CueLevel.GUIDE, CueLevel.PROMPT),
        CALLED(CueLevel.PROMPT, CueLevel.PROMPT),
        BY_NUMBER(CueLevel.COUNT, CueLevel.COUNT);

        private final CueLevel first;
        private final CueLevel later;

        Said(CueLevel first, CueLevel later) {
            this.first = first;
            this.later = later;
        }

        static int of(Showing showing) {
            return IntStream.range(0, values().length)
                    .filter(i -> values()[i].first == showing.first() && values()[i].later == showing.later())
                    .findFirst()
                    .orElse(-1);
        }
    }

    private final LessonActions actions;
    private final FieldGrid grid = new FieldGrid();
    private final ChoiceField kind = grid.choice(Words.of("lessons.what_for"));
    private final EntryField title = grid.line(Words.of("lessons.title"), Words.of("lessons.its_own_title"));
    private final FieldGrid ofForm = new FieldGrid();
    private final ChoiceField first = ofForm.choice(Words.of("common.from"));
    private final ChoiceField last = ofForm.choice(Words.of("common.to"));
    private final EntryField counts = ofForm.line(Words.of("common.counts"), Words.of("lessons.all_or"));
    private final ChoiceField layer = ofForm.choice(Words.of("lessons.layer"));
    private final ChoiceField side = ofForm.choice(Words.of("common.side"));
    private final ChoiceField from = ofForm.choice(Words.of("lessons.seen_from"));
    private final ChoiceField said = ofForm.choice(Words.of("lessons.words"));
    private final ChoiceField doing = ofForm.choice(Words.of("common.done"));
    private final ChoiceField version = ofForm.choice(Words.of("common.version"));
    private final CheckBox mirrored = new CheckBox(Words.of("common.sides_as_mirror"));
    private final CheckBox lead = new CheckBox(Words.of("lessons.begins_last_count"));
    private final FieldGrid rhythm = new FieldGrid();
    private final EntryField times = rhythm.line(Words.of("common.times"), "6");
    private final EntryField tempo = rhythm.line(Words.of("common.seconds_per_beat"), "4");
    private final EntryField beats = rhythm.line(Words.of("common.beats"), "16");
    private final EntryField pause = rhythm.line(Words.of("lessons.pause_s"), "20");
    private final EntryField words = rhythm.line(Words.of("lessons.you_say_first"), Words.of("lessons.your_own_words"));

    SegmentFields(LessonActions actions) {
        this.actions = actions;
        getStyleClass().add("segment-card");
        ofForm.wide(lead);
        ofForm.wide(mirrored);
        getChildren().addAll(grid, ofForm, rhythm);
    }

    void show(Project project, Form form, Segment segment) {
        kind.show(
                words(SegmentKind.values(), one -> one.key()),
                segment.kind().ordinal(),
                at -> change("kind", one -> one.withKind(SegmentKind.values()[at])));
        title.show(segment.title(), text -> {
            change("title", one -> one.withTitle(text.strip()));
            return true;
        });
        ofForm.setVisible(segment.stretch().isPresent());
        ofForm.setManaged(segment.stretch().isPresent());
        segment.stretch().ifPresent(stretch -> stretch(project, form, stretch, segment.showing()));
        rhythm(segment);
    }

    private static <T extends Enum<T>> List<String> words(T[] values, Function<T, String> key) {
        return Stream.of(values).map(key).map(lessonWords()::say).toList();
    }

    private static String key(String stem, Enum<?> value) {
        return stem + "." + value.name().toLowerCase(Locale.ROOT);
    }

    private void stretch(Project project, Form form, Stretch stretch, Showing showing) {
        List<String> entries = IntStream.range(0, form.entries().size())
                .mapToObj(i -> (i + 1) + "  " + name(project, form.entries().get(i)))
                .toList();
        int start = form.indexOf(stretch.first()).orElse(-1);
        int end = form.indexOf(stretch.last()).orElse(-1);
        first.show(entries, start, at -> range(form, at, Math.max(at, end)));
        last.show(entries, end, at -> range(form, Math.min(at, Math.max(0, start)), at));
        counts.show(counts(stretch), this::counts);
        layer.show(
                words(Layer.values(), one -> key("layer", one)),
                showing.layer().ordinal(),
                at -> showing("layer", one -> one.withLayer(Layer.values()[at])));
        side.show(
                List.of(Words.of("lessons.as_form"), Words.of("lessons.other_side")),
                showing.side().ordinal(),
                at -> showing("side", one -> one.withSide(Played.values()[at])));
        from.show(
                words(SeenFrom.values(), one -> key("from", one)),
                showing.from().ordinal(),
                at -> showing("from", one -> one.withFrom(SeenFrom.values()[at])));
        said.show(
                said(),
                Said.of(showing),
                at -> showing(
                        "said", one -> one.withFirst(Said.values()[at].first).withLater(Said.values()[at].later)));
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
        lead.setSelected(stretch.fromLastCount());
        lead.setOnAction(_ -> stretch("lead", one -> one.withFromLastCount(lead.isSelected())));
        mirrored.setSelected(showing.mirrored());
        mirrored.setOnAction(_ -> showing(Words.of("common.mirrored"), one -> one.withMirrored(mirrored.isSelected())));
    }

    private static List<String> said() {
        List<String> all = new ArrayList<>();
        for (Said one : Said.values()) {
            String begins = lessonWords().say(key("level", one.first));
            String goesOn = lessonWords().say(key("level", one.later));
            all.add(begins.equals(goesOn) ? begins : Words.of("lessons.then", begins, goesOn));
        }
        return all;
    }

    private static String name(Project project, Entry entry) {
        return project.posture(entry.posture())
                .map(entry::done)
                .map(posture -> Words.name(posture)
                        + posture.side().map(side -> ", " + Words.of(side)).orElse(""))
                .orElse(Words.of("lessons.not_on_shelf"));
    }

    private static String counts(Stretch stretch) {
        return stretch.counts()
                .map(some -> Words.of("common.x_to_x", some.first() + 1, some.last() + 1))
                .orElse(Words.of("lessons.all"));
    }

    private boolean counts(String text) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        if (typed.isEmpty() || typed.equals("all")) {
            stretch("counts", one -> one.withCounts(Optional.empty()));
            return true;
        }
        String[] ends = typed.split("\\s*(to|-|–)\\s*");
        Optional<Integer> begins = Figures.whole(ends[0], 1, 999);
        Optional<Integer> stops = ends.length == 2 ? Figures.whole(ends[1], 1, 999) : begins;
        boolean fits = ends.length <= 2
                && begins.isPresent()
                && stops.filter(to -> to >= begins.get()).isPresent();
        if (fits) {
            Stretch.Counts some = new Stretch.Counts(begins.get() - 1, stops.get() - 1);
            stretch("counts", one -> one.withCounts(Optional.of(some)).withLast(one.first()));
        }
        return fits;
    }

    private void range(Form form, int start, int end) {
        Stretch changed = Stretch.of(
                form.entries().get(start).id(), form.entries().get(end).id());
        stretch("range", one -> changed.withFromLastCount(one.fromLastCount()));
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

    private void showing(String field, UnaryOperator<Showing> edit) {
        change(field, one -> one.withShowing(edit.apply(one.showing())));
    }

    private void stretch(String field, UnaryOperator<Stretch> edit) {
        change(field, one -> one.withStretch(one.stretch().map(edit)));
    }

    private static LessonWords lessonWords() {
        return new LessonWords(Words.language());
    }
}
