package app.avrel.desktop.ribbon;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.words.Words;
import javafx.scene.layout.HBox;

/** Two buttons in the corner of a ribbon: to look nearer, and to see more. */
final class RibbonZoom extends HBox {

    RibbonZoom(Ribbon ribbon) {
        super(
                Buttons.pill("−", Words.of("ribbon.show_more_ribbon"), () -> ribbon.zoom(0.8)),
                Buttons.pill("+", Words.of("ribbon.look_nearer_or"), () -> ribbon.zoom(1.25)));
        setManaged(false);
        getStyleClass().add("ribbon-zoom");
    }

    void place(double width, boolean shown) {
        autosize();
        relocate(width - getWidth() - 4, 2);
        setVisible(shown);
    }
}
