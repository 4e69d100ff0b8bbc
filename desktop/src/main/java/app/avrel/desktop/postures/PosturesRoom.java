package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.PointerMenu;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.posture.Posture;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;

/** The postures room. */
public final class PosturesRoom implements Room {

    private final Session session;
    private final RoomPane root;
    private final PostureList list;
    private final PostureRibbons ribbons;
    private final PostureStage stage;
    private final PostureMiddle middle;
    private final PostureAside aside;
    private final TypedLine line;
    private final BeginCard begin;
    private final PostureActs acts;
    private final PostureCommands commands;

    /**
     * The room.
     *
     * @param go goes to a place of the record
     * @param notes reads notes, and {@code demo} opens the demo: what an empty project offers
     */
    public PosturesRoom(Session session, Consumer<Where> go, Runnable notes, Runnable demo) {
        this.session = session;
        list = new PostureList(session);
        ribbons = new PostureRibbons(session);
        stage = new PostureStage(ribbons.recorded(), this::again, this::play);
        middle = new PostureMiddle(stage);
        line = new TypedLine(session);
        aside = new PostureAside(session, go, line::focus);
        begin = new BeginCard(line::type, notes, demo);
        line.onFirst(list::create);
        Scroller scroll = new Scroller(aside);
        scroll.getStyleClass().add("card-scroll");
        StackPane centre = new StackPane(middle, begin);
        root = new RoomPane("postures-room", list, centre, scroll, Optional.of(line), ribbons);
        StageHands hands = new StageHands(session);
        acts = new PostureActs(session, stage, hands, root);
        commands = new PostureCommands(session, list, stage, aside, line, acts, this);
        stage.addEventHandler(KeyEvent.KEY_PRESSED, this::arrows);
        stage.tools(tools());
        menus();
        stage.floor().edits(hands);
        stage.figure().onHand(hands::hand);
    }

    private Node[] tools() {
        return new Node[] {
            Buttons.pill(Words.of("postures.balance"), Words.of("postures.balance_on_floor"), stage::toggleBalance),
            Buttons.pill(Words.of("postures.other_side"), Words.of("postures.both_sides_one"), this::toggleOther),
            Buttons.pill(
                    Words.of("postures.two_scales"),
                    Words.of("postures.measure_on_two_scales"),
                    acts.onCount(acts::scales)),
            Buttons.pill(Words.of("postures.fit"), Words.of("postures.fit_stance_body_tip"), acts::fit),
            Buttons.pill(Words.of("postures.angles"), Words.of("postures.angle_between_two_directions"), acts::angles)
        };
    }

    private void menus() {
        PointerMenu.give(list, () -> Command.items(commands.ofShelf()));
        PointerMenu.give(ribbons, () -> Command.items(commands.ofCount()));
        PointerMenu.give(stage.floor(), () -> Command.items(commands.ofFloor()));
        PointerMenu.give(stage.figure(), () -> Command.items(commands.ofFigure()));
    }

    /** The arrows go from count to count where the focus is on floor or figure, and space plays. */
    private void arrows(KeyEvent event) {
        switch (event.getCode()) {
            case LEFT -> acts.step(-1);
            case RIGHT -> acts.step(1);
            case SPACE -> acts.play();
            default -> {
                return;
            }
        }
        event.consume();
    }

    void again() {
        show(session.desk().get());
    }

    private void play() {
        acts.play();
    }

    void toggleOther() {
        ribbons.toggleOther();
        again();
    }

    @Override
    public void begin() {
        line.focus();
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void show(Desk desk) {
        list.show(desk);
        Optional<Posture> posture = desk.posture();
        middle.setVisible(posture.isPresent());
        begin.setVisible(posture.isEmpty());
        if (posture.isEmpty()) {
            aside.empty();
            ribbons.empty();
            return;
        }
        Occurrence done = desk.occurrence(posture.get().id()).orElseThrow();
        int count = desk.choice().count();
        middle.show(desk, posture.get(), done, count);
        ribbons.show(desk, posture.get(), done, count);
        aside.show(desk, posture.get(), count, line.typing());
    }

    @Override
    public List<Command> commands() {
        return commands.all();
    }
}
