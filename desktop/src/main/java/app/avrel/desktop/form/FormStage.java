package app.avrel.desktop.form;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.stagefloor.WalkPicture;
import app.avrel.desktop.stagefloor.WalkView;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import app.avrel.form.Track;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallPlan;
import app.avrel.project.Setting;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The walk of the form in its hall, and what is to be said of it; it plays with the ribbon. */
final class FormStage extends VBox {

    /** The share of the height that words may take from the walk. */
    private static final double MOST_WORDS = 0.3;

    private static final double LEAST_WORDS = 0.16;

    /** In heights of the text. */
    private static final double LOW = 22;

    private static final double INSET_WIDTH = 132;
    private static final double INSET_HEIGHT = 100;

    private final Session session;
    private final HallChoice halls;
    private final Label title = Texts.of(Words.of("form.walk"), "room-title");
    private final Pills views = new Pills();
    private final WalkView walk = new WalkView();
    private final WalkView inset = WalkView.small();
    private final Label said = Texts.wrapped("", "room-figures");
    private final HallPlanning planning = new HallPlanning(this::again);
    private final FormPlaying playing;

    FormStage(Session session, HallChoice halls, Ribbon ribbon) {
        this.session = session;
        this.halls = halls;
        playing = new FormPlaying(session, walk, ribbon);
        getStyleClass().add("room-middle");
        inset.setMaxSize(INSET_WIDTH, INSET_HEIGHT);
        inset.setMinSize(INSET_WIDTH, INSET_HEIGHT);
        StackPane.setAlignment(inset, Pos.TOP_RIGHT);
        StackPane floor = new StackPane(walk, walk.over(), inset);
        VBox.setVgrow(floor, Priority.ALWAYS);
        floor.setMinHeight(120);
        walk.onChoose(entry -> session.choose(session.choice().withEntry(entry)));
        views.of(List.of(Words.of("common.walk"), Words.of("common.hall")), Words.of("common.floor_shows"), this::look);
        views.down(0);
        views.and(Buttons.pill(Words.of("form.play"), Words.of("form.play_form_from"), this::play))
                .and(Buttons.pill(
                        Words.of("form.directions_2"), Words.of("form.where_everything_points"), this::openDirections))
                .and(Buttons.pill(Words.of("form.totals_2"), Words.of("form.form_adds_up"), this::openTotals))
                .and(Buttons.pill(
                        Words.of("form.compare"), Words.of("form.two_performances_halves"), this::openCompare))
                .and(Buttons.pill(Words.of("form.close_2"), Words.of("form.let_form_end"), this::openClosing))
                .and(Buttons.pill(Words.of("form.halls_2"), Words.of("form.halls_project_ctrl"), this::openHalls));
        VBox head = new VBox(title, views);
        head.getStyleClass().add("walk-head");
        Scroller words = new Scroller(said);
        getChildren().addAll(head, floor, words);
        giveWay(words);
    }

    /** Where there is little height, the walk has it: the title and most of the words give way. */
    private void giveWay(Scroller words) {
        BooleanBinding low = Bindings.createBooleanBinding(
                () -> getHeight() < LOW * said.getFont().getSize(), heightProperty(), said.fontProperty());
        var share = Bindings.when(low).then(LEAST_WORDS).otherwise(MOST_WORDS);
        var room = Bindings.min(said.heightProperty().add(4), heightProperty().multiply(share));
        words.minHeightProperty().bind(room);
        words.maxHeightProperty().bind(room);
        title.visibleProperty().bind(low.not());
        title.managedProperty().bind(low.not());
        inset.opacityProperty().bind(Bindings.when(low).then(0).otherwise(1));
    }

    private void look(int at) {
        views.down(at);
        again();
    }

    private void again() {
        Desk now = session.desk().get();
        draw(now, now.survey().track(now.choice().form()).orElseThrow());
        tell(now);
    }

    void openHalls() {
        HallSheet.open(session, halls, over());
    }

    void openClosing() {
        ClosingSheet.open(session, over());
    }

    void openDirections() {
        FiguresSheet.open(session, over(), FiguresSheet.Tab.DIRECTIONS);
    }

    void openTotals() {
        FiguresSheet.open(session, over(), FiguresSheet.Tab.TOTALS);
    }

    void openCompare() {
        CompareSheet.open(session, over());
    }

    private StackPane over() {
        return (StackPane) getScene().getRoot();
    }

    void show(Desk desk) {
        Track track = desk.survey().track(desk.choice().form()).orElseThrow();
        playing.changed();
        Optional<Hall> hall = halls.of(desk.project());

        if (hall.isEmpty() || track.occurrences().isEmpty()) {
            planning.none();
        } else {
            planning.want(desk, hall.get(), track);
        }
        draw(desk, track);
    }

    private void draw(Desk desk, Track track) {
        Setting setting = desk.project().setting();
        int entry = desk.choice().entry();
        int part = entry < 0 ? 0 : desk.form().partOf(entry);
        Track shown = planning.plan().isPresent() ? track : desk.formTrack();
        WalkPicture inHall = new WalkPicture(
                shown,
                setting.chosenBody(),
                planning.plan(),
                entry,
                part,
                desk.project().directions().say(Heading.FRONT),
                desk.project().numbering(desk.form()).of(desk.form()).stream()
                        .map(Object::toString)
                        .toList());
        boolean alone = views.down() == 0;
        walk.show(alone ? inHall.alone(desk.formTrack()) : inHall);
        inset.setVisible(alone && planning.plan().isPresent());
        if (inset.isVisible()) {
            inset.show(inHall);
        }
    }

    /** Says below the walk what can be said of it, and lets what is not known of the hall be worked out. */
    void tell(Desk desk) {
        planning.begin();
        int part =
                desk.choice().entry() < 0 ? 0 : desk.form().partOf(desk.choice().entry());
        said.setText(HallWords.all(desk, planning.plan(), inHall(), part));
    }

    /** The plan where the hall is what is looked at: from where one is seen is said only then. */
    private Optional<HallPlan> inHall() {
        return planning.plan().filter(_ -> views.down() == 1);
    }

    /** Plays on from the first count of the chosen entry, or stops. */
    void play() {
        playing.play();
    }
}
