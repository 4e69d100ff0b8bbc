package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.words.reading.frame.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

/** Why something in a line was not understood, and the word that may have been meant. */
final class RefusedWord {

    private static final int MEANING_COLUMNS = 36;

    private final Label hint = Texts.wrapped("", "hint");
    private final FlowPane chips = Chips.row();
    private final Button chip = Chips.chip("", Words.of("postures.put_word_one"), this::replace);
    private final Button teach = Chips.chip(Words.of("postures.teach"), Words.of("postures.say_once_word"), this::ask);
    private final TextField means = new TextField();
    private final TypedNotes.Line line;
    private String word = "";

    RefusedWord(TypedNotes.Line line) {
        this.line = line;
        means.setPromptText(Words.of("postures.means_words_avrel"));
        means.setAccessibleText(Words.of("postures.word_means"));
        means.setPrefColumnCount(MEANING_COLUMNS);
        means.setOnAction(_ -> taught());
    }

    private void ask() {
        chips.getChildren().setAll(means);
        means.clear();
        means.requestFocus();
    }

    private void taught() {
        if (!means.getText().isBlank()) {
            line.teach(word, means.getText());
        }
    }

    List<Node> show(Refusal refusal) {
        boolean same = word.equals(refusal.word()) && chips.getChildren().contains(means);
        word = refusal.word();
        Texts.set(hint, refusal.message());
        Optional<String> near = refusal.near().filter(meant -> !meant.equals(word));
        near.ifPresent(meant -> {
            chip.setText(meant);
            chip.setAccessibleText(Words.of("postures.put", meant));
        });
        if (!same) {
            List<Node> offered = new ArrayList<>();
            near.ifPresent(_ -> offered.add(chip));
            if (!refusal.known()) {
                offered.add(teach);
            }
            chips.getChildren().setAll(offered);
        }
        return chips.getChildren().isEmpty() ? List.of(hint) : List.of(hint, chips);
    }

    private void replace() {
        line.replace(word, chip.getText());
    }
}
