package app.avrel.desktop.form;

import app.avrel.desktop.figure.Player;
import app.avrel.desktop.parts.BackgroundTask;
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
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Moment;
import app.avrel.form.Playing;
import app.avrel.form.Track;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallPlan;
import app.avrel.project.Setting;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The walk of the form in its hall, and what is to be said of it; it plays with the ribbon. */
final class FormStage extends VBox implements Player.Shown {

    private static final double SECONDS_A_BEAT = 1;

    /** The share of the height that words may take from the walk. */
    private static final double MOST_WORDS = 0.3;

    private static final double INSET_WIDTH = 132;
    private static final double INSET_HEIGHT = 100;

    /** What a plan was worked out for. */
    private record Asked(FormId form, Hall hall, Track track, Turn facing) {

        /** Tracks are not compared, only told apart: a track that was not unrolled again is the same. */
        boolean same(Asked other) {
            return track == other.track
                    && form.equals(other.form)
                    && hall.equals(other.hall)
                    && facing.equals(other.facing);
        }
    }

    private final Session session;
    private final HallChoice halls;
    private final Ribbon ribbon;
    private final Label title = Texts.of(Words.of("form.walk"), "room-title");
    private final Pills views = new Pills();
    private final WalkView walk = new WalkView();
    private final WalkView inset = WalkView.small();
    private final Label said = Texts.wrapped("", "room-figures");
    private final BackgroundTask behind = new BackgroundTask();
    private final Player player = new Player(this);
    private Optional<Asked> asked = Optional.empty();
    private Optional<HallPlan> plan = Optional.empty();
    private Optional<List<Played>> counts = Optional.empty();
    private Optional<Runnable> planning = Optional.empty();

    FormStage(Session session, HallChoice halls, Ribbon ribbon) {
        this.session = session;
        this.halls = halls;
        this.ribbon = ribbon;
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
        var room = Bindings.min(said.heightProperty().add(4), heightProperty().multiply(MOST_WORDS));
        words.minHeightProperty().bind(room);
        words.maxHeightProperty().bind(room);
        getChildren().addAll(head, floor, words);
    }

    private void look(int at) {
        views.down(at);
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
        DirectionsSheet.open(session, over());
    }

    void openTotals() {
        TotalsSheet.open(session, over());
    }

    void openCompare() {
        CompareSheet.open(session, over());
    }

    private StackPane over() {
        return (StackPane) getScene().getRoot();
    }

    void show(Desk desk) {
        Track track = desk.survey().track(desk.choice().form()).orElseThrow();
        counts = Optional.empty();
        Optional<Hall> hall = halls.of(desk.project());

        if (hall.isEmpty() || track.occurrences().isEmpty()) {
            plan = Optional.empty();
            planning = Optional.empty();
            asked = Optional.empty();
            behind.forget();
        } else {
            ask(desk, new Asked(desk.choice().form(), hall.get(), track, facing(desk, hall.get())));
        }
        draw(desk, track);
    }

    private static Turn facing(Desk desk, Hall hall) {
        return desk.project()
                .setting()
                .facingIn(hall)
                .plus(new Turn(desk.staging().degrees()));
    }

    private void ask(Desk desk, Asked wanted) {
        if (asked.filter(was -> was.same(wanted)).isPresent()) {
            return;
        }
        boolean other = asked.map(
                        was -> !was.hall().equals(wanted.hall()) || !was.form().equals(wanted.form()))
                .orElse(true);
        plan = other ? Optional.empty() : plan;
        asked = Optional.of(wanted);
        Form form = desk.form();
        Setting setting = desk.project().setting();
        planning = Optional.of(() -> behind.ask(
                () -> HallPlan.of(wanted.hall(), form, wanted.track(), setting.chosenBody(), wanted.facing()),
                found -> {
                    plan = Optional.of(found);
                    Desk now = session.desk().get();
                    draw(now, now.survey().track(now.choice().form()).orElseThrow());
                    tell(now);
                }));
    }

    private void draw(Desk desk, Track track) {
        Setting setting = desk.project().setting();
        int entry = desk.choice().entry();
        int part = entry < 0 ? 0 : desk.form().partOf(entry);
        Track shown = plan.isPresent() ? track : desk.formTrack();
        WalkPicture inHall = new WalkPicture(
                shown,
                setting.chosenBody(),
                plan,
                entry,
                part,
                desk.project().directions().say(Heading.FRONT),
                desk.project().numbering(desk.form()).of(desk.form()).stream()
                        .map(Object::toString)
                        .toList());
        boolean alone = views.down() == 0;
        walk.show(
                alone
                        ? new WalkPicture(
                                desk.formTrack(),
                                inHall.body(),
                                Optional.empty(),
                                entry,
                                part,
                                inHall.front(),
                                inHall.numbers())
                        : inHall);
        inset.setVisible(alone && plan.isPresent());
        if (inset.isVisible()) {
            inset.show(inHall);
        }
    }

    /** Says below the walk what can be said of it, and lets what is not known of the hall be worked out. */
    void tell(Desk desk) {
        planning.ifPresent(Runnable::run);
        planning = Optional.empty();
        int part =
                desk.choice().entry() < 0 ? 0 : desk.form().partOf(desk.choice().entry());
        String words = Stream.of(
                        plan.map(of -> HallWords.room(desk, of)).orElse(""),
                        plan.map(HallWords::learners).orElse(""),
                        inHall().map(of -> HallWords.seen(desk.form(), of, part))
                                .orElse(""),
                        inHall().map(of -> HallWords.away(desk, of)).orElse(""),
                        ReturnWords.of(desk, desk.formTrack()))
                .filter(line -> !line.isEmpty())
                .collect(Collectors.joining("\n"));
        said.setText(words);
    }

    /** The plan where the hall is what is looked at: from where one is seen is said only then. */
    private Optional<HallPlan> inHall() {
        return plan.filter(_ -> views.down() == 1);
    }

    /** A count of an entry, as it is drawn in the hall. */
    private record Played(int entry, List<Moment> moments) {}

    /** The form's counts, parted when they are first played after a change. */
    private List<Played> all() {
        List<Played> all = counts.orElseGet(() ->
                session.desk().get().survey().track(session.choice().form()).orElseThrow().occurrences().stream()
                        .flatMap(done ->
                                Moment.byCount(done.inHall()).stream().map(count -> new Played(done.entry(), count)))
                        .toList());
        counts = Optional.of(all);
        return all;
    }

    /** Plays on from the first count of the chosen entry, or stops. */
    void play() {
        if (player.running()) {
            player.stop();
            return;
        }
        List<Played> all = all();
        for (int at = 0; at < all.size(); at++) {
            if (all.get(at).entry() >= session.choice().entry()) {
                player.play(at);
                return;
            }
        }
    }

    @Override
    public void at(int count, double share) {
        walk.playing(Optional.of(playing(count).pose(share)));
        ribbon.playhead(count + share);
    }

    private Playing playing(int count) {
        return new Playing(
                all().get(count).moments(), session.project().setting().chosenBody());
    }

    @Override
    public double seconds(int count) {
        return playing(count).seconds(SECONDS_A_BEAT);
    }

    @Override
    public int counts() {
        return all().size();
    }

    @Override
    public void ended() {
        walk.playing(Optional.empty());
        ribbon.playhead(-1);
    }
}
