package app.avrel.desktop.lessons;

import app.avrel.cue.Cue;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentPlan;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Edit;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The card for a segment: its stretch, rhythm and level, and what is said in it. */
final class SegmentCard extends VBox {

    private final Session session;
    private final Label title = Texts.wrapped("", "card-title");
    private final VBox said = new VBox();
    private FieldGrid grid = new FieldGrid();

    SegmentCard(Session session) {
        this.session = session;
        getStyleClass().add("segment-card");
        said.getStyleClass().add("cues");
        getChildren().addAll(title, grid, said);
    }

    private Class<?> built = Void.class;
    private ChoiceField purpose;
    private ChoiceField first;
    private ChoiceField last;
    private ChoiceField level;
    private EntryField name;
    private EntryField beats;
    private EntryField words;
    private EntryField repetitions;
    private EntryField tempo;
    private EntryField pause;

    void show(Session.Desk desk, SegmentPlan plan) {
        Texts.set(title, plan.title());
        Segment segment = plan.segment();
        if (built != segment.getClass()) {
            built = segment.getClass();
            build(segment);
        }
        switch (segment) {
            case Segment.OfForm of -> showOfForm(desk.form(), desk, of);
            case Segment.Free free -> showFree(free);
        }
        rhythm(segment);
        cues(plan);
    }

    private void build(Segment segment) {
        grid = new FieldGrid();
        switch (segment) {
            case Segment.OfForm _ -> {
                purpose = grid.choice("What for");
                first = grid.choice("From");
                last = grid.choice("To");
                level = grid.choice("Said");
            }
            case Segment.Free _ -> {
                name = grid.line("What", "Warm-up");
                beats = grid.line("Beats", "16");
                words = grid.line("Words", "what you say at its start");
            }
        }
        repetitions = grid.line("Repetitions", "3");
        tempo = grid.line("Seconds a beat", "4");
        pause = grid.line("Pause, seconds", "20");
        getChildren().set(1, grid);
    }

    private void showOfForm(Form shown, Session.Desk desk, Segment.OfForm of) {
        Form form = desk.lesson()
                .flatMap(lesson -> desk.project().form(lesson.form()))
                .orElse(shown);
        purpose.show(
                Arrays.stream(Segment.Purpose.values())
                        .map(Segment.Purpose::label)
                        .toList(),
                of.purpose().ordinal(),
                at -> change("purpose", whole -> stretch(whole, Segment.Purpose.values()[at], 0, 0, null, form)));
        List<String> entries = IntStream.range(0, form.entries().size())
                .mapToObj(i -> (i + 1) + "  "
                        + desk.project()
                                .posture(form.entries().get(i).posture())
                                .map(posture -> form.entries().get(i).done(posture))
                                .map(posture -> posture.name()
                                        + posture.side()
                                                .map(s -> ", " + s.word())
                                                .orElse(""))
                                .orElse("not on the shelf"))
                .toList();
        int from = form.indexOf(of.first()).orElse(-1);
        int to = form.indexOf(of.last()).orElse(-1);
        first.show(
                entries,
                from,
                at -> change("first", whole -> stretch(whole, of.purpose(), at, Math.max(at, to), of.level(), form)));
        last.show(
                entries,
                to,
                at -> change(
                        "last",
                        whole -> stretch(whole, of.purpose(), Math.min(at, Math.max(0, from)), at, of.level(), form)));
        level.show(
                List.of("at length first", "in short only"),
                of.level().ordinal(),
                at -> change("level", whole -> stretch(whole, of.purpose(), from, to, CueLevel.values()[at], form)));
    }

    private static Segment stretch(
            Segment whole, Segment.Purpose purpose, int from, int to, CueLevel level, Form form) {
        Segment.OfForm of = (Segment.OfForm) whole;
        boolean keep = level == null || from < 0 || to < 0;
        return new Segment.OfForm(
                purpose,
                keep ? of.first() : form.entries().get(from).id(),
                keep ? of.last() : form.entries().get(to).id(),
                level == null ? of.level() : level,
                of.repetitions(),
                of.secondsPerBeat(),
                of.pauseSeconds());
    }

    private void showFree(Segment.Free free) {
        name.show(
                free.title(),
                text -> !text.isBlank()
                        && change(
                                "title",
                                _ -> new Segment.Free(
                                        text.strip(),
                                        free.beats(),
                                        free.words(),
                                        free.repetitions(),
                                        free.secondsPerBeat(),
                                        free.pauseSeconds())));
        beats.show(
                Numbers.plain(free.beats()),
                text -> number(
                        text,
                        0,
                        10000,
                        "beats",
                        value -> _ -> new Segment.Free(
                                free.title(),
                                value,
                                free.words(),
                                free.repetitions(),
                                free.secondsPerBeat(),
                                free.pauseSeconds())));
        words.show(
                free.words(),
                text -> change(
                        "words",
                        _ -> new Segment.Free(
                                free.title(),
                                free.beats(),
                                text,
                                free.repetitions(),
                                free.secondsPerBeat(),
                                free.pauseSeconds())));
    }

    private void rhythm(Segment segment) {
        int times = segment.repetitions();
        double beat = segment.secondsPerBeat();
        int rest = segment.pauseSeconds();
        repetitions.show(
                Integer.toString(times),
                text -> number(text, 1, 100, "times", value -> whole -> whole.timed((int) value, beat, rest)));
        tempo.show(
                Numbers.plain(beat),
                text -> number(text, 0.2, 30, "tempo", value -> whole -> whole.timed(times, value, rest)));
        pause.show(
                Integer.toString(rest),
                text -> number(text, 0, 3600, "pause", value -> whole -> whole.timed(times, beat, (int) value)));
    }

    private boolean number(
            String text, double least, double most, String field, DoubleFunction<UnaryOperator<Segment>> edit) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            return value >= least && value <= most && change(field, edit.apply(value));
        } catch (NumberFormatException e) {
            return false;
        }
    }

    private boolean change(String field, UnaryOperator<Segment> edit) {
        var choice = session.choice();
        session.apply(Edit.running(
                "Change a segment",
                "lesson/" + choice.lesson() + "/" + choice.segment() + "/" + field,
                project -> project.changeLesson(choice.lesson(), lesson -> lesson.change(choice.segment(), edit))));
        return true;
    }

    private void cues(SegmentPlan plan) {
        said.getChildren().clear();
        if (!plan.opening().isEmpty()) {
            said.getChildren().addAll(Texts.of("Said first", "section"), Texts.wrapped(plan.opening(), "cue-opening"));
        }
        if (!plan.script().cues().isEmpty()) {
            said.getChildren().add(Texts.of("Said along the movement", "section"));
            plan.script().cues().forEach(cue -> said.getChildren().add(cue(plan, cue)));
        }
    }

    private static Label cue(SegmentPlan plan, Cue cue) {
        String count = cue.place().section() == Moment.Section.LINK
                ? "·"
                : Integer.toString(cue.place().count() + 1);
        String head =
                cue.place().section() == Moment.Section.POSTURE && cue.place().count() == 0
                        ? name(plan, cue) + "\n"
                        : "";
        return Texts.wrapped(head + count + "  " + cue.words(), "cue-line");
    }

    private static String name(SegmentPlan plan, Cue cue) {
        return plan.stretch().stream()
                .filter(done -> done.index() == cue.occurrence())
                .map(done -> done.posture().name())
                .findFirst()
                .orElse("");
    }
}
