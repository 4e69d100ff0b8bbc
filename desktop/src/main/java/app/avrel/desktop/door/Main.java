package app.avrel.desktop.door;

import app.avrel.desktop.shell.AvrelApplication;
import javafx.application.Application;

/** Where the program starts. */
public final class Main {

    private Main() {}

    /** Windows are opened without reading the command line further, for they should open fast. */
    public static void main(String[] arguments) {
        if (arguments.length == 0 || arguments.length == 1 && arguments[0].equals("demo")) {
            Application.launch(AvrelApplication.class);
        } else if (arguments.length == 2 && arguments[0].equals("open")) {
            Application.launch(AvrelApplication.class, arguments[1]);
        } else {
            System.exit(Door.execute(arguments));
        }
    }
}
