package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.ribbon.RibbonCells;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonDraft;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.Segment;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Edit;
import app.avrel.project.Setting;
import app.avrel.words.Wording;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The lessons room. */
public final class LessonsRoom implements Room {

    private final Session session;
    private final RoomPane root;
    private final LessonList list;
    private final EntryField title = new EntryField("Title of the lesson", "Title", _ -> false);
    private final EntryField minutes = new EntryField("Minutes of the lesson", "50", _ -> false);
    private final Label total = Texts.wrapped("", "room-state");
    private final MinutesBar bar = new MinutesBar();
    private final SegmentList segments = new SegmentList();
    private final SegmentCard segmentCard;
    private final Ribbon ribbon = new Ribbon();
    private final VBox card = new VBox();
    private final VBox middle = new VBox();

    public LessonsRoom(Session session) {
        this.session = session;
        list = new LessonList(session);
        segmentCard = new SegmentCard(session);
        title.getStyleClass().add("title-field");
        minutes.getStyleClass().add("beats");
        HBox.setHgrow(title, Priority.ALWAYS);
        Label unit = Texts.of("minutes", "field-label");
        unit.setMinWidth(Label.USE_PREF_SIZE);
        HBox head = new HBox(title, minutes, unit);
        head.getStyleClass().add("lesson-head");
        head.setAlignment(Pos.CENTER_LEFT);
        VBox.setVgrow(segments, Priority.ALWAYS);
        middle.getChildren().addAll(head, total, bar, segments, foot());
        middle.getStyleClass().add("room-middle");
        card.getStyleClass().add("card");
        Scroller scroll = new Scroller(card);
        scroll.getStyleClass().add("card-scroll");
        root = new RoomPane("lessons-room", list, middle, scroll, ribbon);
    }

    private FlowPane foot() {
        MenuButton add = new MenuButton("Add a segment");
        add.getStyleClass().addAll("flat", "word-button");
        add.getItems()
                .addAll(
                        item("So far", () -> add(stretch(Segment.Purpose.RECAP, CueLevel.PROMPT))),
                        item("New posture", () -> add(stretch(Segment.Purpose.NEW_POSTURE, CueLevel.GUIDE))),
                        item("Run-through", () -> add(stretch(Segment.Purpose.RUN_THROUGH, CueLevel.PROMPT))),
                        item("Warm-up", () -> add(LessonDraft.warmUp())),
                        item("Questions", () -> add(LessonDraft.questions())),
                        item("Something else", () -> add(new Segment.Free("Something else", 8, "", 1, 4, 0))));
        FlowPane foot = new FlowPane(
                add,
                Buttons.icon(Feather.ARROW_UP, "Move the segment up (Alt+Up)", () -> move(-1)),
                Buttons.icon(Feather.ARROW_DOWN, "Move the segment down (Alt+Down)", () -> move(1)),
                Buttons.icon(Feather.TRASH_2, "Take the segment out (Ctrl+Delete)", this::delete));
        foot.getStyleClass().add("list-foot");
        return foot;
    }

    private static MenuItem item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private Segment stretch(Segment.Purpose purpose, CueLevel level) {
        Form form = lessonForm(session.desk().get());
        if (form.entries().isEmpty()) {
            return new Segment.Free(purpose.label(), 8, "", 1, 4, 0);
        }
        return new Segment.OfForm(
                purpose,
                form.entries().getFirst().id(),
                form.entries().getLast().id(),
                level,
                1,
                4,
                15);
    }

    private static Form lessonForm(Session.Desk desk) {
        return desk.lesson()
                .flatMap(lesson -> desk.project().form(lesson.form()))
                .orElse(desk.form());
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void show(Session.Desk desk) {
        list.show(desk);
        middle.setVisible(desk.lesson().isPresent());
        if (desk.lesson().isEmpty()) {
            card.getChildren().clear();
            ribbon.show(List.of(), -1, "No lesson yet: press Ctrl+Shift+N for a draft of the next one.", _ -> {});
            return;
        }
        Lesson lesson = desk.lesson().get();
        Form form = lessonForm(desk);
        Track track = desk.survey().track(form.id()).orElseThrow();
        Setting setting = desk.project().setting();
        LessonPlan plan =
                LessonPlan.of(lesson, form, track, new Wording(setting.directions(), Heading.FRONT, setting.rules()));
        head(lesson, plan);
        int chosen = desk.choice().segment();
        bar.show(plan, chosen, this::choose);
        segments.show(plan, chosen, this::choose);
        if (chosen < 0) {
            card.getChildren().clear();
            ribbon.show(List.of(), -1, "No segment yet.", _ -> {});
            return;
        }
        segmentCard.show(desk, plan.segments().get(chosen));
        if (!card.getChildren().contains(segmentCard)) {
            card.getChildren().setAll(segmentCard);
        }
        ribbon.show(
                RibbonCells.ofForm(desk, plan.segments().get(chosen).stretch()),
                -1,
                "This segment has no postures.",
                _ -> {});
    }

    private void head(Lesson lesson, LessonPlan plan) {
        title.show(lesson.title(), text -> !text.isBlank() && change("title", whole -> whole.withTitle(text.strip())));
        minutes.show(
                Integer.toString(lesson.minutes()),
                text -> text.strip().matches("[1-9]\\d{0,2}")
                        && Integer.parseInt(text.strip()) <= 600
                        && change("minutes", whole -> whole.withMinutes(Integer.parseInt(text.strip()))));
        double left = plan.minutesLeft();
        String spare = left < 0
                ? Numbers.plain(Math.round(-left * 10) / 10.0) + " min too long: shorten a segment or repeat less"
                : Numbers.plain(Math.round(left * 10) / 10.0) + " min to spare";
        total.setText("takes " + Numbers.plain(Math.round(plan.seconds() / 6) / 10.0) + " of " + lesson.minutes()
                + " min · " + spare);
        total.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("over"), left < 0);
    }

    private boolean change(String field, UnaryOperator<Lesson> edit) {
        int lesson = session.choice().lesson();
        session.apply(Edit.running(
                "Change a lesson", "lesson/" + lesson + "/" + field, project -> project.changeLesson(lesson, edit)));
        return true;
    }

    private void choose(int segment) {
        session.choose(session.choice().withSegment(segment));
    }

    private void add(Segment segment) {
        Choice choice = session.choice();
        int at = choice.segment() + 1;
        session.apply(
                Edit.of(
                        "Add a segment",
                        project -> project.changeLesson(choice.lesson(), lesson -> lesson.insert(at, segment))),
                choice.withSegment(at));
    }

    private void move(int by) {
        Choice choice = session.choice();
        int to = choice.segment() + by;
        session.desk()
                .get()
                .lesson()
                .filter(lesson -> choice.segment() >= 0
                        && to >= 0
                        && to < lesson.segments().size())
                .ifPresent(_ -> session.apply(
                        Edit.of(
                                "Move a segment",
                                project -> project.changeLesson(
                                        choice.lesson(), lesson -> lesson.move(choice.segment(), to))),
                        choice.withSegment(to)));
    }

    private void delete() {
        Choice choice = session.choice();
        if (choice.lesson() >= 0 && choice.segment() >= 0) {
            session.apply(Edit.of(
                    "Take a segment out",
                    project -> project.changeLesson(choice.lesson(), lesson -> lesson.delete(choice.segment()))));
        }
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.of("New lesson", KeyCode.N, "Ctrl+Shift", list::create),
                Command.of("Move the segment up", KeyCode.UP, "Alt", () -> move(-1)),
                Command.of("Move the segment down", KeyCode.DOWN, "Alt", () -> move(1)),
                Command.of("Take the segment out", KeyCode.DELETE, "Ctrl", this::delete),
                Command.of(
                        "To the lesson before",
                        KeyCode.PAGE_UP,
                        "",
                        () -> session.choose(
                                session.choice().withLesson(session.choice().lesson() - 1))),
                Command.of(
                        "To the lesson after",
                        KeyCode.PAGE_DOWN,
                        "",
                        () -> session.choose(
                                session.choice().withLesson(session.choice().lesson() + 1))));
    }
}
