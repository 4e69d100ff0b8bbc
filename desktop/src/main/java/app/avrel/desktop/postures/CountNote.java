package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.SeenCount;
import app.avrel.project.Holder;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What stays to be done about a count: words that were typed and that no move holds; shown until it is cleared. */
final class CountNote extends VBox {

    private final Session session;
    private final Label text = Texts.wrapped("", "count-note");

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Holder holder;

    @SuppressWarnings("NullAway.Init") // told by the first show
    private SeenCount seen;

    CountNote(Session session) {
        this.session = session;
        Button clear =
                Buttons.words(Words.of("postures.clear_note_2"), Words.of("postures.take_note_off"), this::clear);
        HBox.setHgrow(text, Priority.ALWAYS);
        getStyleClass().add("noted");
        getChildren().addAll(Texts.of(Words.of("common.note"), "section"), text, clear);
    }

    void show(Holder in, int count, Count shown) {
        holder = in;
        seen = new SeenCount(count, shown);
        boolean any = !shown.note().isBlank();
        setVisible(any);
        setManaged(any);
        Texts.set(text, shown.note());
    }

    private void clear() {
        if (session.settled()) {
            session.apply(CountEdits.change(
                    holder, seen, Words.of("postures.clear_note"), "note", count -> count.withNote("")));
        }
    }
}
