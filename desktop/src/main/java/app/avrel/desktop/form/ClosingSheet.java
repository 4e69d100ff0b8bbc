package app.avrel.desktop.form;

import app.avrel.body.Body;
import app.avrel.desktop.parts.BackgroundTask;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.stagefloor.WalkPicture;
import app.avrel.desktop.stagefloor.WalkView;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.form.closing.Closing;
import app.avrel.form.closing.Closure;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Ways to let the form end where and as it began: each tried on the walk before it is taken. */
final class ClosingSheet {

    private static final double WALK_WIDTH = 440;
    private static final double WALK_HEIGHT = 330;

    private final Session session;
    private final Project project;
    private final Form form;
    private final AtomicBoolean cancelled = new AtomicBoolean();
    private final BackgroundTask behind = new BackgroundTask();
    private final ListView<Closure> ways = new ListView<>();
    private final WalkView walk = new WalkView();
    private final Label told = Texts.wrapped("", "sheet-text");
    private final ProgressIndicator progress = new ProgressIndicator();

    private ClosingSheet(Session session) {
        this.session = session;
        this.project = session.project();
        this.form = session.desk().get().form();
        walk.setMinSize(WALK_WIDTH, WALK_HEIGHT);
        walk.setPrefSize(WALK_WIDTH, WALK_HEIGHT);
        ways.setPrefSize(WALK_WIDTH, WALK_HEIGHT);
        ways.setAccessibleText(Words.of("form.ways_close_form"));
        ways.setPlaceholder(progress);
        progress.setMaxSize(48, 48);
        ways.setCellFactory(_ -> new Cell());
        ways.getSelectionModel().selectedItemProperty().addListener((_, _, way) -> show(Optional.ofNullable(way)));
    }

    static void open(Session session, StackPane over) {
        ClosingSheet closing = new ClosingSheet(session);
        VBox content = new VBox(closing.told, new HBox(14, closing.ways, closing.walk));
        content.getStyleClass().addAll("table-sheet", "closing-sheet");
        Sheet sheet = Sheet.show(
                over,
                Words.of("form.close", closing.form.name()),
                content,
                List.of(
                        new Sheet.Answer(Words.of("form.use_change"), closing::take),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
        sheet.parentProperty().addListener((_, _, parent) -> closing.cancelled.set(parent == null));
        closing.search();
    }

    private Body body() {
        return project.setting().chosenBody();
    }

    private void search() {
        Closing search = new Closing(form, project.shelf(), project.posing(form), cancelled::get);
        told.setText(Words.of("form.looking_fewest", ClosingWords.gap(search.gap(), project.directions())));
        show(Optional.empty());
        behind.ask(search::search, found -> found(search, found));
    }

    private void found(Closing search, List<Closure> found) {
        ways.getItems().setAll(found);
        String gap = ClosingWords.gap(search.gap(), project.directions());
        if (found.isEmpty()) {
            ways.setPlaceholder(Texts.wrapped(
                    search.gap().closed() ? Words.of("form.closed_already") : Words.of("form.no_three_amounts"),
                    "empty"));
        }
        told.setText(gap);
        ways.getSelectionModel().selectFirst();
    }

    /** The walk with a change, or as it is. */
    private void show(Optional<Closure> way) {
        Project changed = way.map(this::with).orElse(project);
        Track track = Unroll.form(form, changed.shelf(), changed.posing(form));
        walk.show(new WalkPicture(
                track,
                body(),
                Optional.empty(),
                session.choice().entry(),
                0,
                project.directions().say(Heading.FRONT),
                List.of()));
    }

    private Project with(Closure way) {
        return project.withPostures(project.postures().stream()
                .map(posture -> way.in(posture, body()))
                .toList());
    }

    private void take() {
        Optional.ofNullable(ways.getSelectionModel().getSelectedItem()).ifPresent(way -> session.apply(edit(way)));
    }

    private Edit edit(Closure way) {
        return Edit.of(
                Words.of("form.close_form"),
                now -> now.withPostures(now.postures().stream()
                        .map(posture -> way.in(posture, body()))
                        .toList()));
    }

    /** A way: a line for each change, and how the form ends then. */
    private final class Cell extends ListCell<Closure> {

        /** As high as its words need at the width of the list. */
        @Override
        protected double computePrefHeight(double width) {
            return getGraphic() == null
                    ? super.computePrefHeight(width)
                    : getGraphic().prefHeight(WALK_WIDTH - 40) + 16;
        }

        @Override
        protected void updateItem(Closure way, boolean empty) {
            super.updateItem(way, empty);
            setText(null);
            if (empty || way == null) {
                setGraphic(null);
                return;
            }
            Label changes = Texts.wrapped(
                    way.changes().stream()
                            .map(change -> ClosingWords.change(change, project, form))
                            .collect(Collectors.joining("\n")),
                    "closing-change");
            Label then = Texts.wrapped(ClosingWords.then(way, project, with(way), form), "quiet");
            VBox both = new VBox(changes, then);
            both.setPrefWidth(WALK_WIDTH - 40);
            setGraphic(both);
        }
    }
}
