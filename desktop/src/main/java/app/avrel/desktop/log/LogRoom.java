package app.avrel.desktop.log;

import app.avrel.desktop.lessons.CourseList;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Days;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.words.say.LessonWords;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** The log room: one ticks along while one teaches, and notes what is worth it. */
public final class LogRoom implements Room {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private final Session session;
    private final LogActions actions;
    private final TeachClock clock = new TeachClock(System::currentTimeMillis);
    private final Timeline second = new Timeline(new KeyFrame(Duration.seconds(1), _ -> time()));
    private final CourseList list;
    private final Label title = Texts.wrapped("", "card-title");
    private final Label state = Texts.wrapped("", "room-state");
    private final Label time = Texts.of("", "teach-clock");
    private final Button teach = Buttons.words(Words.of("log.start"), Words.of("log.start_clock_ctrl"), this::teach);
    private final Button missed = Buttons.words(Words.of("log.missed"), Words.of("log.lesson_did_not"), this::missed);
    private final TickList ticks = new TickList();
    private final VBox card = new VBox();
    private final LogCard logCard;
    private final CourseProgress progress = new CourseProgress();
    private final VBox middle = new VBox();
    private final RoomPane root;
    private final StackPane over;

    /** @param over what sheets are laid over */
    public LogRoom(Session session, StackPane over, Runnable toLessons) {
        this.session = session;
        this.over = over;
        actions = new LogActions(session);
        logCard = new LogCard(session, actions);
        list = new CourseList(session, _ -> toLessons.run());
        second.setCycleCount(Animation.INDEFINITE);
        VBox words = new VBox(title, state);
        HBox.setHgrow(words, Priority.ALWAYS);
        time.setMinWidth(Label.USE_PREF_SIZE);
        HBox head = new HBox(words, time);
        head.setAlignment(Pos.CENTER_LEFT);
        Scroller scrolled = new Scroller(ticks);
        VBox.setVgrow(scrolled, Priority.ALWAYS);
        FlowPane foot = new FlowPane(
                teach,
                Buttons.words(Words.of("log.done_next"), Words.of("log.tick_segment_on"), this::next),
                Buttons.words(Words.of("log.back"), Words.of("log.take_last_tick_back"), this::back),
                missed,
                Buttons.words(Words.of("log.says"), Words.of("log.mistakes_over_time"), this::pictures));
        foot.getStyleClass().add("list-foot");
        middle.getChildren().addAll(head, scrolled, foot);
        middle.getStyleClass().addAll("room-middle", "log-middle");
        card.getStyleClass().add("card");
        Scroller scroll = new Scroller(card);
        scroll.getStyleClass().add("card-scroll");
        root = new RoomPane("log-room", list, middle, scroll, progress);
        root.sceneProperty().addListener((_, _, scene) -> running(scene != null));
    }

    private void pictures() {
        LogPictures.open(session, over);
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
            return;
        }
        Lesson lesson = desk.lesson().get();
        LessonPlan plan = session.lessons().plan(lesson);
        Texts.set(title, lesson.title());
        Optional<Integer> on = clock.running(lesson) ? TeachClock.on(lesson) : Optional.empty();
        ticks.show(plan, lesson.log(), on, (segment, ticked) -> tick(lesson, plan, segment, ticked));
        if (!card.getChildren().contains(logCard)) {
            card.getChildren().setAll(logCard);
        }
        logCard.show(lesson);
        teach.setText(clock.running(lesson) ? Words.of("log.stop") : Words.of("log.start"));
        missed.setText(lesson.missed() ? Words.of("log.not_missed") : Words.of("log.missed"));
        List<Lesson> course = desk.project().lessons().stream()
                .filter(one -> one.course().equals(lesson.course()))
                .toList();
        progress.show(session.lessons().syllabus(lesson), course, course.indexOf(lesson));
        time();
    }

    private void time() {
        actions.lesson().ifPresent(lesson -> {
            state.setText(Days.whole(actions.day(lesson)) + " · " + LogWords.became(lesson));
            boolean running = clock.running(lesson);
            time.setText(running ? LessonWords.clock(clock.seconds()) : "");
            time.pseudoClassStateChanged(OVER, running && clock.seconds() > lesson.minutes() * 60);
        });
    }

    /** While the clock runs a segment took what has gone since the last one; otherwise what was planned. */
    private void tick(Lesson lesson, LessonPlan plan, int segment, boolean ticked) {
        if (ticked) {
            int planned = (int) Math.round(plan.segments().get(segment).seconds());
            actions.tick(segment, clock.running(lesson) ? clock.next() : planned);
        } else {
            actions.untick(segment);
        }
    }

    /** Starts or stops the clock of the lesson on the desk. */
    public void teach() {
        actions.lesson().ifPresent(lesson -> {
            if (clock.running(lesson)) {
                clock.stop();
            } else {
                clock.start(lesson);
            }
            running(true);
            show(session.desk().get());
        });
    }

    private void running(boolean shown) {
        boolean runs = shown && actions.lesson().filter(clock::running).isPresent();
        if (runs) {
            second.play();
        } else {
            second.stop();
        }
    }

    private void next() {
        actions.lesson()
                .ifPresent(lesson -> TeachClock.on(lesson)
                        .ifPresent(segment -> tick(lesson, session.lessons().plan(lesson), segment, true)));
    }

    private void back() {
        actions.lesson()
                .flatMap(Lesson::log)
                .filter(log -> !log.ticks().isEmpty())
                .ifPresent(log -> actions.untick(log.ticks().getLast().segment()));
    }

    private void missed() {
        actions.lesson().ifPresent(lesson -> actions.missed(!lesson.missed()));
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.of(Words.of("log.start_or_stop"), KeyCode.T, "Ctrl", this::teach),
                Command.of(Words.of("log.done_next_segment"), KeyCode.PAGE_DOWN, "", this::next),
                Command.of(Words.of("log.take_last_tick"), KeyCode.PAGE_UP, "", this::back),
                Command.of(Words.of("log.log_says_2"), KeyCode.I, "Ctrl", this::pictures),
                Command.of(Words.of("log.mark_lesson_as"), KeyCode.M, "Ctrl+Shift", this::missed));
    }
}
