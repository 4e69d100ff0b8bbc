package app.avrel.desktop.keeping;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.Opened;
import app.avrel.files.Snapshots;
import app.avrel.files.Snapshots.Snapshot;
import app.avrel.project.Project;
import app.avrel.project.merging.Merged;
import app.avrel.project.merging.Merging;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The earlier states of the file by their dates, and what is otherwise in each; one goes back to a whole one, or takes parts of it. */
public final class EarlierSheet {

    private static final DateTimeFormatter FORMAT =
            DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT);

    /** Reads one state after the other, the newest first. */
    private static final ExecutorService READER = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("earlier").factory());

    private final Session session;
    private final StackPane over;
    private final Consumer<Project> bringOver;
    private Optional<Sheet> sheet = Optional.empty();

    private EarlierSheet(Session session, StackPane over, Consumer<Project> bringOver) {
        this.session = session;
        this.over = over;
        this.bringOver = bringOver;
    }

    /**
     * Lays the sheet over the window.
     *
     * @param bringOver lets parts of another project be chosen
     */
    public static void open(Session session, StackPane over, Snapshots kept, Consumer<Project> bringOver) {
        new EarlierSheet(session, over, bringOver).show(kept);
    }

    private void show(Snapshots kept) {
        List<Snapshot> states =
                session.file().get().map(file -> kept.of(file, Instant.now())).orElse(List.of());
        VBox content = new VBox();
        content.getStyleClass().addAll("earlier", "table-sheet");
        if (states.isEmpty()) {
            content.getChildren().add(Texts.wrapped(Words.of("keeping.no_earlier"), "sheet-text"));
        }
        states.forEach(state -> content.getChildren().add(row(state)));
        sheet = Optional.of(Sheet.show(
                over,
                Words.of("keeping.earlier_states"),
                content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {}))));
    }

    private HBox row(Snapshot state) {
        String when = FORMAT.withZone(ZoneId.systemDefault()).format(state.at());
        Label at = Texts.of(when, "earlier-at");
        at.setMinWidth(Label.USE_PREF_SIZE);
        Label otherwise = Texts.wrapped("…", "sheet-text");
        HBox.setHgrow(otherwise, Priority.ALWAYS);
        otherwise.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(at, otherwise);
        row.getStyleClass().add("earlier-row");
        Project now = session.project();
        READER.execute(() -> {
            Opened opened = state.open();
            String words = words(opened, now);
            Platform.runLater(() -> {
                otherwise.setText(words);
                if (opened instanceof Opened.Read(Project then, var _)) {
                    row.getChildren().addAll(buttons(when, then));
                }
            });
        });
        return row;
    }

    private List<Button> buttons(String when, Project then) {
        return List.of(
                Buttons.words(
                        Words.of("keeping.take_parts"),
                        Words.of("keeping.take_parts_of", when),
                        () -> closed(() -> bringOver.accept(then))),
                Buttons.words(
                        Words.of("keeping.go_back"),
                        Words.of("keeping.go_back_to", when),
                        () -> closed(() -> session.goBackTo(Words.of("keeping.going_back", when), then))));
    }

    private static String words(Opened opened, Project now) {
        return switch (opened) {
            case Opened.Read(Project then, var _) -> {
                List<Merged.Changed> since =
                        Merging.of(then, then, now, Merging.Prefer.THEIRS).theirs();
                yield since.isEmpty()
                        ? Words.of("keeping.as_now")
                        : Words.of("keeping.otherwise_now", PartWords.of(since));
            }
            case Opened.Refused(String message) -> message;
        };
    }

    private void closed(Runnable then) {
        sheet.ifPresent(Sheet::close);
        then.run();
    }
}
