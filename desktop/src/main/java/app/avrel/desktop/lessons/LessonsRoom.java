package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.ribbon.RibbonCells;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentKind;
import app.avrel.words.say.LessonWords;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The lessons room: the course, the chosen lesson along its minutes, the card for a segment. */
public final class LessonsRoom implements Room {

    private final Session session;
    private final StackPane over;
    private final LessonActions actions;
    private final Runnable teach;
    private final RoomPane root;
    private final CourseList list;
    private final LessonHead head;
    private final MinutesBar bar = new MinutesBar();
    private final SegmentList segments = new SegmentList();
    private final SegmentCard segmentCard;
    private final Ribbon ribbon = new Ribbon();
    private final VBox card = new VBox();
    private final VBox middle = new VBox();

    /**
     * The room.
     *
     * @param over what sheets are laid over
     * @param teach starts teaching the lesson on the desk
     * @param print writes the sheet of the lesson on the desk
     */
    public LessonsRoom(Session session, StackPane over, Runnable teach, Runnable print) {
        this.session = session;
        this.over = over;
        this.teach = teach;
        actions = new LessonActions(session);
        list = new CourseList(session, course -> CourseSheet.open(session, actions, over, course));
        list.foot(actions, this::replan);
        head = new LessonHead(actions);
        segmentCard = new SegmentCard(session, actions);
        VBox.setVgrow(segments, Priority.ALWAYS);
        middle.getChildren().addAll(head, bar, segments, foot(print));
        middle.getStyleClass().add("room-middle");
        card.getStyleClass().add("card");
        Scroller scroll = new Scroller(card);
        scroll.getStyleClass().add("card-scroll");
        root = new RoomPane("lessons-room", list, middle, scroll, ribbon);
    }

    private FlowPane foot(Runnable print) {
        MenuButton add = new MenuButton(Words.of("lessons.add_segment"));
        add.getStyleClass().addAll("flat", "word-button");
        LessonWords words = new LessonWords(Words.language());
        for (SegmentKind kind : SegmentKind.values()) {
            add.getItems().add(item(words.say(kind.key()), () -> actions.add(kind)));
        }
        MenuButton more = new MenuButton(Words.of("lessons.more"));
        more.getStyleClass().addAll("flat", "word-button");
        more.getItems()
                .addAll(
                        item(Words.of("lessons.keep_lesson_as"), () -> KeepRecipeSheet.open(actions, over)),
                        item(Words.of("lessons.pin_or_unpin"), actions::pin),
                        item(
                                Words.of("lessons.new_course"),
                                () -> CourseSheet.open(session, actions, over, Optional.empty())));
        FlowPane foot = new FlowPane(
                Buttons.words(Words.of("lessons.make"), Words.of("lessons.choose_new"), this::make),
                add,
                Buttons.icon(Feather.ARROW_UP, Words.of("lessons.move_segment_up_alt"), () -> actions.move(-1)),
                Buttons.icon(Feather.ARROW_DOWN, Words.of("lessons.move_segment_down_alt"), () -> actions.move(1)),
                Buttons.icon(Feather.SCISSORS, Words.of("lessons.split_segment_2"), actions::split),
                Buttons.icon(Feather.TRASH_2, Words.of("lessons.delete_segment_ctrl"), actions::deleteSegment),
                more,
                Buttons.words(Words.of("lessons.teach"), Words.of("lessons.tick_along_while"), teach),
                Buttons.words(Words.of("lessons.sheet"), Words.of("lessons.lessons_sheet_as"), print));
        foot.getStyleClass().add("list-foot");
        return foot;
    }

    private static MenuItem item(String words, Runnable action) {
        MenuItem item = Texts.item(words);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private void make() {
        MakeSheet.open(session, actions, over);
    }

    private void replan() {
        ReplanSheet.open(session, actions, over);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void show(Desk desk) {
        list.show(desk);
        middle.setVisible(desk.lesson().isPresent());
        if (desk.lesson().isEmpty()) {
            card.getChildren().clear();
            ribbon.show(List.of(), -1, Words.of("lessons.no_lesson_yet_press"), _ -> {});
            return;
        }
        LessonPlan plan = session.lessons().plan(desk.lesson().get());
        int chosen = desk.choice().segment();
        head.show(plan, session.project().standsIn(plan.lesson().form()));
        bar.show(plan, chosen, taker());
        segments.show(plan, chosen, this::choose);
        if (chosen < 0) {
            card.getChildren().clear();
            ribbon.show(List.of(), -1, Words.of("lessons.no_segment_yet"), _ -> {});
            return;
        }
        segmentCard.show(desk, plan, chosen);
        if (!card.getChildren().contains(segmentCard)) {
            card.getChildren().setAll(segmentCard);
        }
        ribbon.show(
                RibbonCells.ofForm(desk, plan.segments().get(chosen).stretch()),
                -1,
                Words.of("lessons.segment_has_no"),
                _ -> {});
    }

    private MinutesBar.Taker taker() {
        return new MinutesBar.Taker() {
            @Override
            public void choose(int segment) {
                LessonsRoom.this.choose(segment);
            }

            @Override
            public void move(int from, int to) {
                actions.move(from, to);
            }

            @Override
            public void stretch(int segment, double share) {
                actions.stretch(segment, share);
            }
        };
    }

    private void choose(int segment) {
        session.choose(session.choice().withSegment(segment));
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.of(Words.of("lessons.new_lesson"), KeyCode.N, "Ctrl+Shift", actions::addLesson),
                Command.of(Words.of("lessons.make_lesson_2"), KeyCode.M, "Ctrl", this::make),
                Command.of(Words.of("lessons.teach_lesson"), KeyCode.T, "Ctrl", teach),
                Command.of(
                        Words.of("lessons.course_3"),
                        KeyCode.O,
                        "Ctrl+Shift",
                        () -> CourseSheet.open(
                                session, actions, over, session.desk().get().course())),
                Command.of(Words.of("lessons.re_plan_left_2"), KeyCode.R, "Ctrl+Shift", this::replan),
                Command.of(Words.of("lessons.move_segment_up"), KeyCode.UP, "Alt", () -> actions.move(-1)),
                Command.of(Words.of("lessons.move_segment_down"), KeyCode.DOWN, "Alt", () -> actions.move(1)),
                Command.of(Words.of("lessons.delete_segment_2"), KeyCode.DELETE, "Ctrl", actions::deleteSegment),
                Command.of(Words.of("lessons.lesson_before"), KeyCode.PAGE_UP, "", () -> actions.go(-1)),
                Command.of(Words.of("lessons.lesson_after"), KeyCode.PAGE_DOWN, "", () -> actions.go(1)));
    }
}
