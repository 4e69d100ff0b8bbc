package app.avrel.desktop.door;

import app.avrel.desktop.shell.AvrelApplication;
import javafx.application.Application;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Where the program starts. */
@Command(
        name = "avrel",
        description = "Records tai chi postures, assembles forms, and makes lessons from them.",
        subcommands = {CheckCommand.class, FormCommand.class, ShotsCommand.class, SchemaCommand.class},
        mixinStandardHelpOptions = true)
public final class Main implements Runnable {

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    private Main() {}

    /** Windows are opened without reading the command line further, for they should open fast. */
    public static void main(String[] arguments) {
        if (arguments.length == 0 || arguments.length == 1 && arguments[0].equals("demo")) {
            Application.launch(AvrelApplication.class);
        } else if (arguments.length == 2 && arguments[0].equals("open")) {
            Application.launch(AvrelApplication.class, arguments[1]);
        } else {
            System.exit(new CommandLine(new Main()).execute(arguments));
        }
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(
                spec.commandLine(), "Say what to do: demo, open FILE, check FILE, form FILE, shots DIR.");
    }
}
