package app.avrel.desktop.help;

import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Command;
import java.util.List;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Help: the keys of the room one is in, the guide, and about. */
public final class HelpSheet {

    private static final List<String> SIDES = List.of("Keys", "Guide", "About");

    private final List<Command> commands;
    private final Pills sides = new Pills();
    private final VBox content = new VBox(sides);

    private HelpSheet(List<Command> commands) {
        this.commands = commands;
        content.getStyleClass().addAll("table-sheet", "help-sheet");
        sides.of(SIDES, "Help", this::side);
        side(0);
    }

    /**
     * Lays the sheet over the window.
     *
     * @param commands what can be done by key where one is
     */
    public static void open(List<Command> commands, StackPane over) {
        HelpSheet sheet = new HelpSheet(commands);
        Sheet.show(over, "Help", sheet.content, List.of(new Sheet.Answer("Close", () -> {})));
    }

    private void side(int at) {
        sides.down(at);
        Region shown = switch (at) {
            case 1 -> new GuideText(About.guide());
            case 2 -> About.view();
            default -> new KeyTable(commands);
        };
        content.getChildren().setAll(sides, shown);
    }
}
