package app.avrel.desktop.parts;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.TitledPane;

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

    /** {@return what is chosen in a menu, in the font of its script} */
    public static MenuItem item(String text) {
        return inScript(new MenuItem(text));
    }

    /** {@return an item of a menu in the font of its script} */
    public static <T extends MenuItem> T inScript(T item) {
        markScript(item.getText(), item.getStyleClass());
        return item;
    }

    /** Keeps a field in the font of the script that is typed in it. */
    public static void follow(TextInputControl field) {
        field.textProperty().subscribe(text -> markScript(text, field.getStyleClass()));
    }

    private static void markScript(Label label) {
        markScript(label.getText(), label.getStyleClass());
    }

    /** {@return something that folds away under a title in the font of its script} */
    public static TitledPane folded(String title, Node content) {
        TitledPane pane = new TitledPane(title, content);
        markScript(title, pane.getStyleClass());
        pane.setExpanded(false);
        return pane;
    }

    /** Lets what says a text have the font of its script. */
    static void markScript(String text, List<String> styles) {
        boolean chinese = Fonts.chinese(text);
        if (chinese) {
            Fonts.familyFor(text, Fonts.TEXT);
        }
        if (chinese != styles.contains("chinese")) {
            styles.remove("chinese");
            if (chinese) {
                styles.add("chinese");
            }
        }
    }
}
