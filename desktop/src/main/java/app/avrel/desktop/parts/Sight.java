package app.avrel.desktop.parts;

import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/** Cuts what a region draws beyond its edges. */
public final class Sight {

    private Sight() {}

    /** Lets no more be seen of a region than its own width and height. */
    public static void within(Region region) {
        Rectangle sight = new Rectangle();
        sight.widthProperty().bind(region.widthProperty());
        sight.heightProperty().bind(region.heightProperty());
        region.setClip(sight);
    }
}
