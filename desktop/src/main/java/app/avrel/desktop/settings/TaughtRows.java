package app.avrel.desktop.settings;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.project.Setting;
import app.avrel.words.lexicon.TaughtWord;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** One row for each word of the school's own: what is typed, what it means, and a way to forget it. */
final class TaughtRows {

    private TaughtRows() {}

    static void show(VBox rows, Setting setting, BiPredicate<String, UnaryOperator<Setting>> change) {
        List<TaughtWord> words = setting.taught();
        rows.getChildren().clear();
        if (words.isEmpty()) {
            rows.getChildren().add(Texts.wrapped(Words.of("settings.none_yet_word"), "quiet"));
        }
        words.forEach(word -> rows.getChildren().add(row(word, change)));
    }

    private static HBox row(TaughtWord word, BiPredicate<String, UnaryOperator<Setting>> change) {
        EntryField means =
                new EntryField(Words.of("settings.means", word.phrase()), Words.of("settings.its_meaning"), _ -> false);
        means.show(
                word.means(),
                text -> !text.isBlank()
                        && change.test(
                                "means" + word.phrase(),
                                whole -> whole.teaching(new TaughtWord(word.language(), word.phrase(), text))));
        HBox.setHgrow(means, Priority.ALWAYS);
        HBox row = new HBox(
                Texts.of(Words.of("settings.means_2", word.phrase()), "field-label"),
                means,
                Texts.of(word.language().code(), "quiet"),
                Buttons.icon(
                        Feather.X,
                        Words.of("settings.forget", word.phrase()),
                        () -> change.test(Words.of("common.taught"), whole -> whole.forgetting(word))));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("body-row");
        return row;
    }
}
