package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Finds any posture, entry, lesson or command by a few letters. */
final class Palette {

    private record Hit(String words, Runnable go) {}

    private final Shell shell;
    private final TextField field = new TextField();
    private final ListView<Hit> list = new ListView<>();
    private final List<Hit> all = new ArrayList<>();

    @SuppressWarnings("NullAway.Init") // laid when it opens
    private Sheet sheet;

    private Palette(Shell shell) {
        this.shell = shell;
        field.setPromptText(Words.of("shell.posture_entry_lesson"));
        field.setAccessibleText(Words.of("shell.find_anything_2"));
        list.setFocusTraversable(false);
        list.getStyleClass().add("palette-list");
        list.setCellFactory(_ -> new ListCell<>() {
            @Override
            protected void updateItem(Hit hit, boolean empty) {
                super.updateItem(hit, empty);
                setText(empty || hit == null ? null : hit.words());
            }
        });
        list.setOnMouseClicked(_ -> take());
        field.textProperty().addListener((_, _, typed) -> fill(typed));
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    static void open(Shell shell, StackPane over) {
        Palette palette = new Palette(shell);
        palette.collect();
        palette.fill("");
        VBox content = new VBox(palette.field, palette.list);
        content.getStyleClass().add("palette");
        palette.sheet = Sheet.show(over, Words.of("shell.find_anything_2"), content, List.of());
    }

    private void collect() {
        Session session = shell.session();
        Desk desk = session.desk().get();
        desk.project()
                .postures()
                .forEach(posture -> all.add(new Hit(Words.of("shell.posture", Words.name(posture)), () -> {
                    session.choose(session.choice().withPosture(posture.id(), 0));
                    shell.go(RoomName.POSTURES);
                })));
        for (int i = 0; i < desk.form().entries().size(); i++) {
            entry(session, desk, i);
        }
        for (int i = 0; i < desk.project().lessons().size(); i++) {
            int at = i;
            all.add(new Hit(
                    Words.of("shell.lesson", desk.project().lessons().get(i).title()), () -> {
                        session.choose(session.choice().withLesson(at));
                        shell.go(RoomName.LESSONS);
                    }));
        }
        shell.commands()
                .forEach(command -> all.add(new Hit(
                        Words.of("shell.do", command.name(), command.key().getDisplayText()), command.action())));
    }

    private void entry(Session session, Desk desk, int at) {
        var entry = desk.form().entries().get(at);
        String name = desk.project()
                .posture(entry.posture())
                .map(p -> Words.name(p))
                .orElse(entry.posture().key());
        all.add(new Hit(Words.of("shell.entry", at + 1, name), () -> {
            Choice choice = session.choice().withEntry(at);
            session.choose(choice);
            shell.go(RoomName.FORM);
        }));
    }

    private void fill(String typed) {
        String[] wanted = typed.strip().toLowerCase(Locale.ROOT).split("\\s+");
        list.getItems().setAll(all.stream().filter(hit -> holds(hit, wanted)).toList());
        list.getSelectionModel().selectFirst();
    }

    private static boolean holds(Hit hit, String[] wanted) {
        String words = hit.words().toLowerCase(Locale.ROOT);
        for (String word : wanted) {
            if (!words.contains(word)) {
                return false;
            }
        }
        return true;
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.DOWN) {
            list.getSelectionModel().selectNext();
        } else if (event.getCode() == KeyCode.UP) {
            list.getSelectionModel().selectPrevious();
        } else if (event.getCode() == KeyCode.ENTER) {
            take();
        } else {
            return;
        }
        list.scrollTo(list.getSelectionModel().getSelectedIndex());
        event.consume();
    }

    private void take() {
        Hit hit = list.getSelectionModel().getSelectedItem();
        if (hit != null) {
            sheet.close();
            hit.go().run();
        }
    }
}
