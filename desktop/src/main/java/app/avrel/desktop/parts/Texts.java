package app.avrel.desktop.parts;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;

/** Labels of the kinds that the window knows. */
public final class Texts {

    private Texts() {}

    /** {@return a label of a style class} */
    public static Label of(String text, String styleClass) {
        Label label = new Label(text);
        label.getStyleClass().add(styleClass);
        markScript(label);
        return label;
    }

    /** {@return a label that takes as many lines as it needs} */
    public static Label wrapped(String text, String styleClass) {
        Label label = of(text, styleClass);
        label.setWrapText(true);
        label.setMinHeight(Label.USE_PREF_SIZE);
        return label;
    }

    /** Sets another text, in the font of its script. */
    public static void set(Label label, String text) {
        label.setText(text);
        markScript(label);
    }

    /** Shows a text; where there is none, the label takes no room. */
    public static void show(Label label, Optional<String> text) {
        set(label, text.orElse(""));
        label.setVisible(text.isPresent());
        label.setManaged(text.isPresent());
    }

    /** Keeps a field in the font of the script that is typed in it. */
    public static void follow(TextInputControl field) {
        field.textProperty().addListener((_, _, text) -> {
            boolean chinese = Fonts.chinese(text);
            if (chinese != field.getStyleClass().contains("chinese")) {
                Fonts.familyFor(text, Fonts.TEXT);
                field.getStyleClass().remove("chinese");
                if (chinese) {
                    field.getStyleClass().add("chinese");
                }
            }
        });
    }

    private static void markScript(Label label) {
        boolean chinese = Fonts.chinese(label.getText());
        if (chinese) {
            Fonts.familyFor(label.getText(), Fonts.TEXT);
        }
        if (chinese != label.getStyleClass().contains("chinese")) {
            label.getStyleClass().remove("chinese");
            if (chinese) {
                label.getStyleClass().add("chinese");
            }
        }
    }
}
