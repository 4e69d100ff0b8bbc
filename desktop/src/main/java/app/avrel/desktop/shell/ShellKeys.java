package app.avrel.desktop.shell;

import app.avrel.desktop.session.Command;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;

/** Finds what a key does where one is: nothing under a sheet, and only what repeats while it is held. */
final class ShellKeys {

    private final StackPane root;
    private final Supplier<List<Command>> commands;
    private final Predicate<Node> under;
    private final BooleanSupplier hall;
    private KeyCode held = KeyCode.UNDEFINED;

    private ShellKeys(StackPane root, Supplier<List<Command>> commands, Predicate<Node> under, BooleanSupplier hall) {
        this.root = root;
        this.commands = commands;
        this.under = under;
        this.hall = hall;
    }

    /**
     * Gives the window its keys.
     *
     * @param commands all that can be done now
     * @param under what lies in the window and is no sheet over it
     * @param hall whether the hall is shown, where few keys do anything
     */
    static void give(StackPane root, Supplier<List<Command>> commands, Predicate<Node> under, BooleanSupplier hall) {
        ShellKeys keys = new ShellKeys(root, commands, under, hall);
        root.addEventFilter(KeyEvent.KEY_PRESSED, keys::key);
        root.addEventFilter(KeyEvent.KEY_RELEASED, _ -> keys.held = KeyCode.UNDEFINED);
    }

    private void key(KeyEvent event) {
        boolean covered = root.getChildren().stream().anyMatch(under.negate());
        boolean again = event.getCode() == held;
        held = event.getCode();
        commands.get().stream()
                .filter(command -> command.key().match(event))
                .findFirst()
                .filter(command -> !hall.getAsBoolean() || command.always())
                .ifPresent(command -> {
                    event.consume();
                    if ((!again || command.repeats()) && (!covered || command.always())) {
                        command.action().run();
                    }
                });
    }
}
