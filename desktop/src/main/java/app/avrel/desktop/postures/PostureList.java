package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.label.Language;
import app.avrel.posture.NameSearch;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.PostureName;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The shelf of postures, found by any of their names. */
final class PostureList extends VBox {

    private final Session session;
    private final TextField find = new TextField();
    private final ListView<Posture> list = new ListView<>();
    private boolean showing;

    PostureList(Session session) {
        this.session = session;
        getStyleClass().add("side-list");
        find.setPromptText(Words.of("postures.find_posture"));
        find.setAccessibleText(Words.of("postures.find_posture_by"));
        find.textProperty().addListener((_, _, _) -> fill());
        list.setCellFactory(_ -> new Cell());
        list.setAccessibleText(Words.of("common.postures"));
        list.setPlaceholder(Texts.wrapped(Words.of("postures.no_posture_yet"), "empty"));
        list.getSelectionModel().selectedItemProperty().addListener((_, _, chosen) -> {
            if (!showing && chosen != null) {
                session.choose(session.choice().withPosture(chosen.id(), 0));
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        FlowPane foot = new FlowPane(
                Buttons.words(Words.of("postures.new_posture"), Words.of("postures.record_new_posture"), this::create),
                Buttons.icon(Feather.COPY, Words.of("postures.copy_posture_as"), this::copy),
                Buttons.icon(Feather.TRASH_2, Words.of("postures.delete_posture_2"), this::delete));
        foot.getStyleClass().add("list-foot");
        VBox head = new VBox(find);
        head.getStyleClass().add("list-head");
        getChildren().addAll(head, list, foot);
    }

    void focusFind() {
        find.requestFocus();
    }

    void show(Desk desk) {
        fill();
        showing = true;
        desk.posture().ifPresent(posture -> {
            int at = list.getItems().indexOf(posture);
            if (list.getSelectionModel().getSelectedIndex() != at) {
                list.getSelectionModel().select(at);
                list.scrollTo(Math.max(0, at - 3));
            }
        });
        showing = false;
    }

    private void fill() {
        showing = true;
        List<Posture> found = session.desk().get().project().postures().stream()
                .filter(posture -> NameSearch.finds(posture, find.getText()))
                .toList();
        fill(list.getItems(), found);
        showing = false;
    }

    /** Only what is other is replaced: most edits change one posture. */
    private static void fill(ObservableList<Posture> shown, List<Posture> found) {
        if (shown.size() != found.size()) {
            shown.setAll(found);
            return;
        }
        for (int i = 0; i < found.size(); i++) {
            if (shown.get(i) != found.get(i)) {
                shown.set(i, found.get(i));
            }
        }
    }

    void create() {
        find.clear();
        String name = freshName(Words.of("postures.new_posture"));
        PostureId id = session.project().freshPostureId(name);
        add(Words.of("postures.add_posture"), Posture.blank(id, name), Choice.START);
    }

    /** New posture, New posture 2: two of one name could not be told apart in a menu. */
    private String freshName(String name) {
        Set<String> there =
                session.project().postures().stream().map(Posture::name).collect(Collectors.toSet());
        return Stream.concat(Stream.of(name), IntStream.iterate(2, n -> n + 1).mapToObj(n -> name + " " + n))
                .filter(free -> !there.contains(free))
                .findFirst()
                .orElseThrow();
    }

    void copy() {
        session.desk()
                .get()
                .posture()
                .ifPresent(posture ->
                        add(Words.of("postures.copy_posture"), PostureEdits.copy(session.project(), posture), 0));
    }

    private void add(String edit, Posture posture, int count) {
        session.apply(PostureEdits.add(edit, posture), session.choice().withPosture(posture.id(), count));
    }

    /** Deletes the chosen posture; where a form does it, that is said first. */
    void delete() {
        session.desk().get().posture().ifPresent(gone -> {
            List<String> uses = PostureEdits.uses(session.project(), gone.id());
            if (uses.isEmpty()) {
                session.apply(PostureEdits.delete(gone.id()));
                return;
            }
            Sheet.show(
                    (StackPane) getScene().getRoot(),
                    Words.of("postures.use", Words.name(gone)),
                    Texts.wrapped(Words.of("postures.done_those", Words.listed(uses)), "sheet-text"),
                    List.of(
                            new Sheet.Answer(Words.of("common.keep"), () -> {}),
                            new Sheet.Answer(
                                    Words.of("postures.delete"), () -> session.apply(PostureEdits.delete(gone.id())))));
        });
    }

    /** A name, its Chinese or Spanish one below, its number of counts. */
    private static final class Cell extends ListCell<Posture> {

        private final Label name = Texts.of("", "posture-name");
        private final Label below = Texts.of("", "posture-other");
        private final Label counts = Texts.of("", "posture-counts");
        private final HBox box = new HBox();

        Cell() {
            VBox names = new VBox(name, below);
            names.setMinWidth(0);
            HBox.setHgrow(names, Priority.ALWAYS);
            box.getChildren().addAll(names, counts);
            box.setAlignment(Pos.TOP_LEFT);
            box.setMinWidth(0);
            box.setPrefWidth(10);
        }

        @Override
        protected void updateItem(Posture posture, boolean empty) {
            super.updateItem(posture, empty);
            setText(null);
            setGraphic(empty || posture == null ? null : box);
            if (!empty && posture != null) {
                Texts.set(name, Words.name(posture));
                Texts.set(below, other(posture));
                counts.setText(Integer.toString(posture.counts().size()));
            }
        }

        private static String other(Posture posture) {
            return Stream.of(Language.CHINESE, Language.SPANISH, Language.ENGLISH)
                    .flatMap(language -> posture.name(language).stream())
                    .map(PostureName::written)
                    .filter(written -> !written.equals(Words.name(posture)))
                    .findFirst()
                    .orElse("");
        }
    }
}
