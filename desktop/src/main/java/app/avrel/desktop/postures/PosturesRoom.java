package app.avrel.desktop.postures;

import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.findings.FindingActions;
import app.avrel.desktop.findings.FindingBox;
import app.avrel.desktop.fitter.FitterSheet;
import app.avrel.desktop.parts.AfterPicture;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.PointerMenu;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.ribbon.RibbonCells;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.motion.Pose;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.project.Holder;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import app.avrel.words.ForViewer;
import app.avrel.words.PoseAngles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The postures room. */
public final class PosturesRoom implements Room {

    /** In heights of the text. */
    private static final double ROOM_FOR_FIGURES = 24;

    private static final double ROOM_FOR_ROWS = 18;

    private final Session session;
    private final RoomPane root;
    private final PostureList list;
    private final NameLine names = new NameLine();
    private final Label state = Texts.wrapped("", "room-state");
    private final Label figures = Texts.of("", "room-figures");
    private final Label asSeen = Texts.of("", "room-figures");
    private final Ribbon ribbon = new Ribbon();
    private final PostureStage stage = new PostureStage(ribbon, this::again, this::play);
    private final TypedLine line;
    private final CountCard countCard;
    private final OtherSideBox otherSide;
    private final Ribbon otherRibbon = new Ribbon();
    private final VBox ribbons = new VBox();
    private Optional<PostureCard> postureCard = Optional.empty();
    private final FindingBox findings;
    private final Consumer<Where> go;
    private final StageHands hands;
    private final VBox card = new VBox();
    private final AfterPicture afterPicture = new AfterPicture(card);
    private final VBox middle = new VBox();
    private final BeginCard begin;

    /**
     * The room.
     *
     * @param go goes to a place of the record
     * @param notes reads notes, and {@code demo} opens the demo: what an empty project offers
     */
    public PosturesRoom(Session session, Consumer<Where> go, Runnable notes, Runnable demo) {
        this.session = session;
        list = new PostureList(session);
        countCard = new CountCard(session);
        line = new TypedLine(session);
        otherSide = new OtherSideBox(session);
        ribbons.getChildren().add(ribbon);
        findings = new FindingBox(new FindingActions(session, go));
        this.go = go;
        VBox.setVgrow(stage, Priority.ALWAYS);
        List.of(figures, asSeen).forEach(Tips::whole);
        middle.getChildren().addAll(names, state, stage, figures, asSeen);
        middle.getStyleClass().add("room-middle");
        middle.heightProperty().addListener((_, _, height) -> fold(height.doubleValue()));
        begin = new BeginCard(line::type, notes, demo);
        line.onFirst(list::create);
        card.getStyleClass().add("card");
        Scroller scroll = new Scroller(card);
        scroll.getStyleClass().add("card-scroll");
        StackPane centre = new StackPane(middle, begin);
        root = new RoomPane("postures-room", list, centre, scroll, Optional.of(line), ribbons);
        stage.addEventHandler(KeyEvent.KEY_PRESSED, this::arrows);
        stage.tools(
                Buttons.pill(Words.of("postures.balance"), Words.of("postures.balance_on_floor"), stage::toggleBalance),
                Buttons.pill(Words.of("postures.other_side"), Words.of("postures.both_sides_one"), this::toggleOther),
                Buttons.pill(
                        Words.of("postures.two_scales"),
                        Words.of("postures.measure_on_two_scales"),
                        onCount(this::scales)),
                Buttons.pill(Words.of("postures.fit"), Words.of("postures.fit_stance_body_tip"), this::fit),
                Buttons.pill(
                        Words.of("postures.angles"), Words.of("postures.angle_between_two_directions"), this::angles));
        PointerMenu.give(list, () -> Command.items(ofShelf()));
        PointerMenu.give(ribbons, () -> Command.items(ofCount()));
        PointerMenu.give(stage.floor(), () -> Command.items(ofFloor()));
        PointerMenu.give(stage.figure(), () -> Command.items(ofFigure()));
        hands = new StageHands(session);
        stage.floor().edits(hands);
        stage.figure().onHand(hands::hand);
    }

    /** The arrows go from count to count where the focus is on floor or figure, and space plays. */
    private void arrows(KeyEvent event) {
        switch (event.getCode()) {
            case LEFT -> step(-1);
            case RIGHT -> step(1);
            case SPACE -> play();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void again() {
        show(session.desk().get());
    }

    private void play() {
        if (stage.player().running()) {
            stage.player().stop();
        } else if (stage.counts() > 0) {
            int count = session.choice().count();
            boolean last = count >= stage.counts() - 1;
            stage.player().play(last ? 0 : count);
        }
    }

    private void step(int by) {
        session.choose(session.choice()
                .withCount(Math.max(Choice.START, session.choice().count() + by)));
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void show(Session.Desk desk) {
        list.show(desk);
        Optional<Posture> posture = desk.posture();
        middle.setVisible(posture.isPresent());
        begin.setVisible(posture.isEmpty());
        if (posture.isEmpty()) {
            card.getChildren().clear();
            ribbon.show(List.of(), -1, Words.of("postures.no_posture_yet_type"), _ -> {});
            return;
        }
        Occurrence done = desk.occurrence(posture.get().id()).orElseThrow();
        int count = desk.choice().count();
        heading(desk, posture.get(), done, count);
        ribbon.recorded(!desk.shownOnly());
        ribbon.show(
                RibbonCells.ofPosture(desk, done),
                count,
                Words.of("postures.no_counts_yet"),
                at -> session.choose(session.choice().withCount(at)));
        if (ribbons.getChildren().contains(otherRibbon)) {
            showOther(desk, posture.get(), count);
        }
        afterPicture.when(line.typing(), () -> card(desk, posture.get(), count));
    }

    /** The other side's ribbon over this one's. */
    private void showOther(Session.Desk desk, Posture posture, int count) {
        Occurrence other = Unroll.posture(
                        Mirror.of(posture), desk.project().setting().posing())
                .turned(new Turn(desk.staging().degrees()))
                .occurrences()
                .getFirst();
        otherRibbon.show(
                RibbonCells.ofPosture(desk, other),
                count,
                "",
                at -> session.choose(session.choice().withCount(at)));
    }

    private void toggleOther() {
        if (!ribbons.getChildren().remove(otherRibbon)) {
            ribbons.getChildren().addFirst(otherRibbon);
        }
        again();
    }

    private void heading(Session.Desk desk, Posture posture, Occurrence done, int count) {
        names.show(posture);
        int stage = looked(desk, posture, count).flatMap(Finding::stage).orElse(Integer.MAX_VALUE);
        List<Moment> moments = done.inHall().stream()
                .filter(moment ->
                        moment.place().count() == count && moment.place().stage() <= stage)
                .toList();
        Pose before =
                moments.isEmpty() ? done.start().drawn() : moments.getFirst().before();
        Pose after =
                moments.isEmpty() ? done.start().drawn() : moments.getLast().after();
        PostureHeading heading =
                new PostureHeading(desk.project().setting(), desk.project().directions());
        String staged = desk.staging().equals(Heading.FRONT)
                ? ""
                : Words.of("postures.starts_facing", desk.project().directions().say(desk.staging()));
        state.setText(heading.state(posture, count, after) + staged);
        Viewpoint view = this.stage.figure().view();
        String seen = new ForViewer(view.from()).say(before, after);
        String hidden = this.stage.hidden(desk, after);
        figures.setText(said(" · ", heading.figures(after), heading.sideways(after)));
        asSeen.setText(said(" ", seen, hidden));
        this.stage.show(desk, done, before, after, heading.state(posture, count, after));
        this.stage.mark(looked(desk, posture, count), desk, posture, after);
    }

    /** Where there is little height, the pictures have it: the figures below them give way, then the rows of buttons. */
    private void fold(double height) {
        boolean room = height > ROOM_FOR_FIGURES * figures.getFont().getSize();
        List.of(figures, asSeen).forEach(line -> {
            line.setVisible(room);
            line.setManaged(room);
        });
        boolean rows = height > ROOM_FOR_ROWS * figures.getFont().getSize();
        stage.rows(rows);
        names.brief(!rows);
    }

    private static String said(String between, String... parts) {
        return Stream.of(parts).filter(words -> !words.isEmpty()).collect(Collectors.joining(between));
    }

    /** The selected finding, where it is found in this count: the picture then stands at the stage it is about. */
    private static Optional<Finding> looked(Session.Desk desk, Posture posture, int count) {
        return desk.selected()
                .filter(finding -> finding.where() instanceof Where.InPosture(var id, var at)
                        && id.equals(posture.id())
                        && at.orElse(count) == count);
    }

    private void card(Session.Desk desk, Posture posture, int count) {
        findings.show(desk.survey().findings(posture.id()).stream()
                .filter(finding -> finding.where() instanceof Where.InPosture(var _, var at)
                        && (count == Choice.START
                                ? at.isEmpty()
                                : at.equals(Optional.of(count))
                                        || at.isEmpty()
                                                && count == posture.counts().size() - 1))
                .toList());
        if (count == Choice.START) {
            postureCard().show(desk, posture);
            put(new Node[] {findings}, postureCard());
        } else {
            countCard.show(desk, new Holder.OfPosture(posture.id()), count);
            otherSide.show(posture, count);
            put(new Node[] {countCard, otherSide}, findings);
        }
    }

    /** The card for a posture as a whole is made when it is first asked for: the window opens on a count. */
    private PostureCard postureCard() {
        PostureCard made = postureCard.orElseGet(() -> new PostureCard(session, go));
        postureCard = Optional.of(made);
        return made;
    }

    /** Puts parts on the card, where they are other ones. */
    private void put(Node[] parts, Node last) {
        List<Node> wanted = new ArrayList<>(List.of(parts));
        wanted.add(last);
        if (!card.getChildren().equals(wanted)) {
            card.getChildren().setAll(wanted);
        }
    }

    @Override
    public List<Command> commands() {
        return Stream.of(ofShelf(), ofCount(), ofFloor(), ofFigure(), ofLine())
                .flatMap(List::stream)
                .toList();
    }

    private List<Command> ofShelf() {
        return List.of(
                Command.of(Words.of("postures.new_posture"), KeyCode.N, "Ctrl+Shift", this::create),
                Command.of(Words.of("postures.duplicate_posture"), KeyCode.D, "Ctrl+Shift", list::copy),
                Command.of(Words.of("postures.delete_posture_3"), KeyCode.DELETE, "Ctrl+Shift", list::delete),
                Command.of(Words.of("postures.find_posture_2"), KeyCode.F, "Ctrl", list::focusFind),
                Command.of(Words.of("postures.names_start_end"), KeyCode.I, "Ctrl", this::sheet),
                Command.of(
                        Words.of("postures.copy_postures_sheet_as"),
                        KeyCode.C,
                        "Ctrl+Shift",
                        () -> SheetCopy.text(session)),
                Command.of(
                        Words.of("postures.copy_postures_sheet"),
                        KeyCode.X,
                        "Ctrl+Shift",
                        () -> SheetCopy.picture(session, root)));
    }

    private List<Command> ofCount() {
        return List.of(
                Command.of(Words.of("postures.add_count"), KeyCode.ENTER, "Ctrl", this::insert),
                Command.of(Words.of("postures.duplicate_count_2"), KeyCode.D, "Ctrl", onCount(countCard::duplicate)),
                Command.of(Words.of("postures.delete_count_2"), KeyCode.DELETE, "Ctrl", onCount(countCard::delete)),
                Command.of(
                        Words.of("postures.move_count_earlier"),
                        KeyCode.LEFT,
                        "Alt",
                        onCount(() -> countCard.move(-1))),
                Command.of(
                        Words.of("postures.move_count_later"), KeyCode.RIGHT, "Alt", onCount(() -> countCard.move(1))),
                Command.of(Words.of("postures.split_count_2"), KeyCode.T, "Ctrl", onCount(countCard::split)),
                Command.of(Words.of("postures.merge_next_count"), KeyCode.J, "Ctrl", onCount(countCard::merge)),
                Command.of(Words.of("postures.add_move"), KeyCode.M, "Ctrl", onCount(countCard::openAdd)),
                Command.of(
                        Words.of("postures.add_move_after_others"),
                        KeyCode.M,
                        "Ctrl+Shift",
                        onCount(countCard::openThen)));
    }

    private List<Command> ofFloor() {
        return List.of(
                Command.of(Words.of("postures.balance_on_floor_eight"), KeyCode.B, "Ctrl", stage::toggleBalance),
                Command.of(Words.of("postures.fit_stance_body"), KeyCode.G, "Ctrl", this::fit),
                Command.of(Words.of("postures.measure_on_two"), KeyCode.W, "Ctrl+Shift", onCount(this::scales)),
                Command.of(Words.of("postures.angle_between_two"), KeyCode.G, "Ctrl+Shift", this::angles),
                Command.of(Words.of("postures.start_facing_further"), KeyCode.OPEN_BRACKET, "Ctrl", () -> restage(-45)),
                Command.of(
                        Words.of("postures.start_facing_further_right"),
                        KeyCode.CLOSE_BRACKET,
                        "Ctrl",
                        () -> restage(45)),
                Command.of(
                        Words.of("postures.start_facing_front"),
                        KeyCode.DIGIT0,
                        "Alt",
                        () -> session.stage(Heading.FRONT)));
    }

    private List<Command> ofFigure() {
        return List.of(
                Command.of(Words.of("postures.play_posture_or"), KeyCode.F6, "", this::play),
                look(Words.of("postures.look_from_front"), KeyCode.DIGIT1, Viewpoint.FRONT),
                look(Words.of("postures.look_from_behind"), KeyCode.DIGIT2, Viewpoint.BACK),
                look(Words.of("postures.look_from_left"), KeyCode.DIGIT3, Viewpoint.LEFT),
                look(Words.of("postures.look_from_right"), KeyCode.DIGIT4, Viewpoint.RIGHT),
                look(Words.of("postures.look_from_above"), KeyCode.DIGIT5, Viewpoint.ABOVE),
                Command.of(
                        Words.of("postures.mirror_figure"),
                        KeyCode.DIGIT6,
                        "Alt",
                        () -> stage.figure().look(stage.figure().view().mirror())),
                Command.of(Words.of("postures.ways_palms_feet"), KeyCode.DIGIT7, "Alt", stage::toggleTraces));
    }

    private List<Command> ofLine() {
        return List.of(
                Command.of(Words.of("postures.type_count"), KeyCode.L, "Ctrl", line::focus),
                Command.of(Words.of("postures.edit_count_words"), KeyCode.F2, "", line::edit),
                Command.of(Words.of("postures.fix_finding"), KeyCode.PERIOD, "Ctrl", findings::mend),
                Command.of(Words.of("postures.both_sides_one_ribbon"), KeyCode.O, "Ctrl+Shift", this::toggleOther),
                Command.of(Words.of("common.count_before"), KeyCode.PAGE_UP, "", () -> step(-1))
                        .repeating(),
                Command.of(Words.of("common.count_after"), KeyCode.PAGE_DOWN, "", () -> step(1))
                        .repeating());
    }

    private void fit() {
        FitterSheet.open(session, (StackPane) root.getScene().getRoot());
    }

    private void angles() {
        Session.Desk desk = session.desk().get();
        desk.posture()
                .flatMap(posture -> desk.occurrence(posture.id()))
                .map(done -> done.moments().stream()
                        .filter(moment ->
                                moment.place().count() <= desk.choice().count())
                        .reduce((_, last) -> last)
                        .map(Moment::after)
                        .orElse(done.done().begins()))
                .ifPresent(pose -> AnglesSheet.open(
                        PoseAngles.of(pose, desk.project().setting().chosenBody()),
                        (StackPane) root.getScene().getRoot()));
    }

    private void scales() {
        ScalesSheet.open(session, (StackPane) root.getScene().getRoot(), hands::weight);
    }

    private void restage(double turn) {
        session.stage(session.desk().get().staging().plus(new Turn(turn)));
    }

    private Command look(String name, KeyCode key, Viewpoint from) {
        return Command.of(name, key, "Alt", () -> {
            stage.figure().look(stage.figure().view().at(from));
            again();
        });
    }

    private Runnable onCount(Runnable action) {
        return () -> {
            if (session.choice().count() != Choice.START
                    && session.desk().get().posture().isPresent()) {
                action.run();
            }
        };
    }

    private void create() {
        list.create();
        Platform.runLater(postureCard()::focusName);
    }

    private void sheet() {
        session.choose(session.choice().withCount(Choice.START));
        postureCard().focusName();
    }

    private void insert() {
        session.desk().get().posture().ifPresent(posture -> {
            int at = session.choice().count() + 1;
            session.apply(
                    CountEdits.insert(new Holder.OfPosture(posture.id()), at),
                    session.choice().withCount(at));
        });
    }
}
