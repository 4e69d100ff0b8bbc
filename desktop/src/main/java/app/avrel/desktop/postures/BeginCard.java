package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.layout.VBox;

/** What stands in the middle of an empty project: three ways to begin. */
final class BeginCard extends VBox {

    /** How one may begin who has not typed yet. */
    private static final List<String> EXAMPLES = List.of(
            "right heel out to 1, shoulder wide, then shift 65 right",
            "sink, both palms press down beside the belly",
            "toes of the left foot in 45, turn right to the front");

    /**
     * The card.
     *
     * @param type puts a line into the line to type in
     * @param notes reads notes, typed or pasted
     * @param demo opens the demo
     */
    BeginCard(Consumer<String> type, Runnable notes, Runnable demo) {
        getStyleClass().add("begin-card");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren()
                .addAll(
                        Texts.of("Begin with the first count", "sheet-title"),
                        Texts.wrapped(
                                "Type below what you would say to a learner, and press Enter. For example:",
                                "sheet-text"));
        EXAMPLES.forEach(
                line -> getChildren().add(Buttons.pill(line, "Put this into the line below", () -> type.accept(line))));
        getChildren()
                .addAll(
                        Texts.of("Or", "section"),
                        Buttons.words("Paste notes…", "Read whole postures from notes (Ctrl+Alt+N)", notes),
                        Buttons.words("Open the demo", "A made-up hall with a form and a course to look at", demo));
    }
}
