package app.avrel.desktop.door;

import app.avrel.cli.Commands;
import app.avrel.desktop.shell.AvrelApplication;
import app.avrel.desktop.shell.Painting;
import app.avrel.desktop.shell.StartupLoader;
import app.avrel.files.ProjectFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;

/** Where the program starts. */
public final class Main {

    private Main() {}

    /** Windows are opened without reading the command line further, for they should open fast. */
    public static void main(String[] arguments) {
        if (arguments.length == 0 || arguments.length == 1 && arguments[0].equals("demo")) {
            window(Optional.empty());
        } else if (arguments.length == 2 && arguments[0].equals("open")) {
            window(Optional.of(Path.of(arguments[1])));
        } else if (arguments.length == 1 && arguments[0].endsWith(ProjectFile.ENDING)) {
            window(Optional.of(Path.of(arguments[0])));
        } else {
            System.exit(Commands.program(List.of(new ShotsCommand()), arguments));
        }
    }

    private static void window(Optional<Path> file) {
        Painting.prepare();
        StartupLoader.begin(file);
        Application.launch(AvrelApplication.class);
    }
}
