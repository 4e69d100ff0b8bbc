package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.layout.VBox;

/** What stands in the middle of an empty project: three ways to begin. */
final class BeginCard extends VBox {

    /** How one may begin who has not typed yet, in the language that is typed. */
    static final List<String> EXAMPLES =
            List.of("postures.begin_by_stepping", "postures.begin_by_sinking", "postures.begin_by_turning");

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
                        Texts.of(Words.of("postures.begin_first_count"), "sheet-title"),
                        Texts.wrapped(Words.of("postures.type_below_you"), "begin-text"));
        EXAMPLES.stream()
                .map(Words::of)
                .forEach(line -> getChildren()
                        .add(Buttons.pill(line, Words.of("postures.put_into_line"), () -> type.accept(line))));
        getChildren()
                .addAll(
                        Texts.of(Words.of("postures.or"), "section"),
                        Buttons.words(
                                Words.of("postures.paste_notes"), Words.of("postures.read_whole_postures"), notes),
                        Buttons.words(Words.of("common.open_demo"), Words.of("postures.made_up_hall"), demo));
    }
}
