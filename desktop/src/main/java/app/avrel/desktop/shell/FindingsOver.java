package app.avrel.desktop.shell;

import app.avrel.desktop.findings.FindingActions;
import app.avrel.desktop.findings.FindingsPanel;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.rules.Where;
import java.util.function.Consumer;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** All findings, laid over the card of the room when asked for. */
public final class FindingsOver {

    private final Session session;
    private final StackPane root;
    private final FindingsPanel panel;
    private final Supplier<Node> room;
    private final DoubleSupplier below;

    /**
     * The findings of a window.
     *
     * @param go goes to a place of the record
     * @param room the room that is shown
     * @param below how far from the top they begin
     */
    FindingsOver(Session session, StackPane root, Consumer<Where> go, Supplier<Node> room, DoubleSupplier below) {
        this.session = session;
        this.root = root;
        this.room = room;
        this.below = below;
        panel = new FindingsPanel(new FindingActions(session, go), this::toggle);
    }

    /** Lays them over the card, or puts them away. */
    public void toggle() {
        if (root.getChildren().remove(panel)) {
            return;
        }
        StackPane.setAlignment(panel, Pos.TOP_RIGHT);
        StackPane.setMargin(panel, new Insets(below.getAsDouble(), 0, 0, 0));
        root.getChildren().add(1, panel);
        show(session.desk().get());
    }

    void putAway() {
        root.getChildren().remove(panel);
    }

    /** Shows them anew where they are open. */
    void show(Desk desk) {
        if (root.getChildren().contains(panel)) {
            overTheCard();
            panel.show(desk);
        }
    }

    /** They are as high as the card of the room. */
    private void overTheCard() {
        if (room.get().lookup(".card-scroll") instanceof Region card) {
            panel.maxHeightProperty().bind(card.heightProperty());
            panel.maxWidthProperty().bind(card.widthProperty());
        }
    }

    /** Opens them and goes to the next one. */
    void next() {
        if (!root.getChildren().contains(panel)) {
            toggle();
        }
        panel.next();
    }

    boolean is(Node over) {
        return over == panel;
    }
}
