package app.avrel.desktop.help;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Command;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** What can be done by key, two commands a row. */
final class KeyTable extends GridPane {

    private static final int COLUMNS = 2;

    KeyTable(List<Command> commands) {
        getStyleClass().add("key-table");
        for (int column = 0; column < COLUMNS; column++) {
            ColumnConstraints key = new ColumnConstraints();
            key.setMinWidth(USE_PREF_SIZE);
            ColumnConstraints does = new ColumnConstraints();
            does.setPercentWidth(100.0 / COLUMNS - 18);
            getColumnConstraints().addAll(key, does);
        }
        int rows = Math.ceilDiv(commands.size(), COLUMNS);
        for (int i = 0; i < commands.size(); i++) {
            Command command = commands.get(i);
            Label key = Texts.of(command.key().getDisplayText(), "key");
            add(key, 2 * (i / rows), i % rows);
            add(Texts.wrapped(command.name(), "key-does"), 2 * (i / rows) + 1, i % rows);
        }
    }
}
