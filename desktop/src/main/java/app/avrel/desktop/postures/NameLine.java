package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;

/** A posture's name, and smaller those in other languages. */
final class NameLine extends FlowPane {

    private final Label name = Texts.of("", "room-title");
    private List<PostureName> shown = List.of();

    NameLine() {
        setRowValignment(VPos.BASELINE);
        getStyleClass().add("names");
        setPrefWrapLength(0);
        name.maxWidthProperty().bind(widthProperty());
    }

    /** A long name is shortened, and makes no room wider. */
    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    /** Shows the first name alone, or all. */
    void brief(boolean alone) {
        getChildren().stream().filter(other -> other != name).forEach(other -> {
            other.setVisible(!alone);
            other.setManaged(!alone);
        });
    }

    /** Shows the names; those that are shown already stay as they are. */
    void show(Posture posture) {
        if (posture.names().equals(shown)) {
            return;
        }
        shown = posture.names();
        Texts.set(name, Words.name(posture));
        getChildren().setAll(name);
        PostureHeading.otherNames(posture).forEach(words -> getChildren().add(Texts.of(words, "room-other-names")));
    }
}
