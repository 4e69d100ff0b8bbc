package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Asks what the recipe is called that the lesson on the desk is kept as. */
final class KeepRecipeSheet {

    private KeepRecipeSheet() {}

    static void open(LessonActions actions, StackPane over) {
        TextField name = new TextField(Words.of("lessons.our_usual_lesson"));
        name.setAccessibleText(Words.of("lessons.name_recipe"));
        VBox content = new VBox(Texts.wrapped(Words.of("lessons.lesson_made_by"), "quiet"), name);
        content.getStyleClass().add("make-sheet");
        Sheet.show(
                over,
                Words.of("lessons.keep_lesson_as_recipe"),
                content,
                List.of(
                        new Sheet.Answer(Words.of("common.keep"), () -> {
                            if (!name.getText().isBlank()) {
                                actions.keepAsRecipe(name.getText().strip());
                            }
                        }),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }
}
