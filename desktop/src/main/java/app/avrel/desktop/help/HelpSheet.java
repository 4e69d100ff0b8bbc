package app.avrel.desktop.help;

import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.words.Words;
import java.util.List;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Help: the keys of the room one is in, the guide, and about. */
public final class HelpSheet {

    private final List<Command> commands;
    private final Pills sides = new Pills();
    private final VBox content = new VBox(sides);

    private HelpSheet(List<Command> commands) {
        this.commands = commands;
        content.getStyleClass().addAll("table-sheet", "help-sheet");
        sides.of(sides(), Words.of("common.help"), this::side);
        side(0);
    }

    /**
     * Lays the sheet over the window.
     *
     * @param commands what can be done by key where one is
     */
    public static void open(List<Command> commands, StackPane over) {
        HelpSheet sheet = new HelpSheet(commands);
        Sheet.show(
                over,
                Words.of("common.help"),
                sheet.content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
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

    private static List<String> sides() {
        return List.of(Words.of("help.keys"), Words.of("help.guide"), Words.of("help.about"));
    }
}
