package app.avrel.desktop.lessons;

import app.avrel.cue.Cue;
import app.avrel.cue.CueScript;
import app.avrel.desktop.findings.WrongAndRight;
import app.avrel.desktop.parts.BackgroundTask;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.SegmentPlan;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.Mistake;
import app.avrel.project.CareBook;
import app.avrel.project.Project;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The card for a segment: its fields, what to watch for, and what is said in it. */
final class SegmentCard extends VBox {

    private final Session session;
    private final LessonActions actions;
    private final Label title = Texts.wrapped("", "card-title");
    private final VBox lesson = new VBox();
    private final SegmentFields fields;
    private final VBox watch = new VBox();
    private final BackgroundTask behind = new BackgroundTask();
    private final CareBook book = new CareBook();
    private final VBox due = new VBox();
    private final VBox beside = new VBox();
    private final VBox said = new VBox();
    private int time;

    SegmentCard(Session session, LessonActions actions) {
        this.session = session;
        this.actions = actions;
        due.getStyleClass().add("watch-box");
        fields = new SegmentFields(actions);
        getStyleClass().add("segment-card");
        said.getStyleClass().add("cues");
        watch.getStyleClass().add("watch-box");
        lesson.getStyleClass().add("watch-box");
        getChildren().addAll(title, lesson, watch, due, beside, fields, said);
    }

    void show(Desk desk, LessonPlan plan, int at) {
        SegmentPlan segment = plan.segments().get(at);
        Lesson of = plan.lesson();
        Texts.set(title, segment.title());
        box(lesson, Words.of("lessons.before_lesson"), at == 0 ? WatchNotes.ofLesson(session, of) : List.of());
        watch(desk.project(), of, segment);
        due(of, segment);
        beside(segment);
        fields.show(desk.project(), session.lessons().form(of), segment.segment());
        time = Math.min(time, Math.max(0, segment.passes().size() - 1));
        said(plan, at);
    }

    /** What went wrong before is shown at once; for whom to take care once that is worked out behind. */
    private void watch(Project project, Lesson of, SegmentPlan segment) {
        List<String> seen = WatchNotes.seen(session, of, segment);
        box(watch, Words.of("lessons.watch"), seen);
        behind.ask(() -> WatchNotes.cares(project, book, segment), cares -> {
            List<String> all = new ArrayList<>(seen);
            all.addAll(cares);
            box(watch, Words.of("lessons.watch"), all);
        });
    }

    /** What it is time to review, beside a review. */
    private void due(Lesson of, SegmentPlan segment) {
        due.getChildren().clear();
        List<String> names = segment.segment().kind() == SegmentKind.REVIEW ? WatchNotes.due(session, of) : List.of();
        if (!names.isEmpty()) {
            due.getChildren()
                    .addAll(
                            Texts.of(Words.of("lessons.due_there_time"), "section"),
                            Texts.wrapped(Words.listed(names), "watch-line"),
                            Buttons.words(
                                    Words.of("lessons.review_these"),
                                    Words.of("lessons.add_short_review"),
                                    actions::review));
        }
        due.setVisible(!names.isEmpty());
        due.setManaged(!names.isEmpty());
    }

    /** Mistakes that moves show, to be laid beside what is right. */
    private void beside(SegmentPlan segment) {
        beside.getChildren().clear();
        segment.stretch().stream()
                .map(Occurrence::posture)
                .distinct()
                .forEach(posture -> posture.sheet().mistakes().stream()
                        .filter(mistake -> posture.wrongly(mistake).isPresent())
                        .forEach(mistake -> beside.getChildren()
                                .add(Buttons.wrapped(
                                        Words.of("lessons.compare_right_one", mistake.looksLike()),
                                        Words.of("common.both_poses_their"),
                                        () -> lay(posture, mistake)))));
    }

    private void lay(Posture posture, Mistake mistake) {
        if (getScene() != null && getScene().getRoot() instanceof StackPane over) {
            new WrongAndRight(posture, mistake, session.project().setting()).show(over);
        }
    }

    private static void box(VBox box, String head, List<String> lines) {
        box.getChildren().clear();
        if (!lines.isEmpty()) {
            box.getChildren().add(Texts.of(head, "section"));
            lines.forEach(line -> box.getChildren().add(Texts.wrapped(line, "watch-line")));
        }
        box.setVisible(!lines.isEmpty());
        box.setManaged(!lines.isEmpty());
    }

    private void said(LessonPlan plan, int at) {
        SegmentPlan segment = plan.segments().get(at);
        said.getChildren().clear();
        if (!segment.opening().isEmpty()) {
            said.getChildren()
                    .addAll(
                            Texts.of(Words.of("lessons.said_first", LessonWords.clock(segment.speaking())), "section"),
                            Texts.wrapped(segment.opening(), "cue-opening"));
        }
        CueScript script = plan.script(at, time);
        if (script.cues().isEmpty()) {
            return;
        }
        said.getChildren().add(Texts.of(time(segment) + " · " + LessonWords.clock(script.seconds()), "section"));
        if (segment.passes().size() > 1) {
            said.getChildren()
                    .add(Buttons.words(
                            time == 0 ? Words.of("lessons.show_later_time") : Words.of("lessons.show_first_time"),
                            Words.of("lessons.said_first_time_2"),
                            () -> {
                                time = time == 0 ? 1 : 0;
                                said(plan, at);
                            }));
        }
        script.cues().forEach(cue -> said.getChildren().add(cue(segment, cue)));
    }

    private String time(SegmentPlan segment) {
        if (segment.passes().size() <= 1) {
            return Words.of("lessons.said_along");
        }
        return time == 0 ? Words.of("lessons.said_first_time") : Words.of("lessons.said_later");
    }

    private static Label cue(SegmentPlan plan, Cue cue) {
        boolean link = cue.place().section() == Moment.Section.LINK;
        String count = link ? "·" : Integer.toString(cue.place().count() + 1);
        boolean first = !link && cue.place().count() == 0 && plan.stretch().size() > 1;
        String head = first ? name(plan, cue) + "\n" : "";
        return Texts.wrapped(head + count + "  " + cue.words(), "cue-line");
    }

    private static String name(SegmentPlan plan, Cue cue) {
        return plan.stretch().stream()
                .filter(done -> done.index() == cue.occurrence())
                .map(done -> Words.name(done.posture()))
                .findFirst()
                .orElse("");
    }
}
