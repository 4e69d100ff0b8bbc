package app.avrel.desktop.parts;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;

/**
 * Scrolls what is too high for its place, as wide as the place.
 *
 * <p>Its content is painted as it is. The toolkit keeps it as a picture, which pays where one scrolls and nothing
 * changes; here nearly every key changes something in it, and it would be painted twice each time.
 */
public class Scroller extends ScrollPane {

    public Scroller(Node content) {
        super(content);
        setFitToWidth(true);
        getStyleClass().add("bare");
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = super.createDefaultSkin();
        getChildrenUnmodifiable().forEach(part -> part.setCache(false));
        return skin;
    }
}
