package app.avrel.desktop.shell;

import java.nio.file.Path;
import java.util.Map;

/** Where the program keeps what it remembers: recovery files and preferences. */
public final class StateFolder {

    private StateFolder() {}

    /** {@return the folder that the property {@code avrel.state} names, or the user's own for program state} */
    public static Path path() {
        String named = System.getProperty("avrel.state");
        if (named != null) {
            return Path.of(named);
        }
        return of(System.getProperty("os.name"), System.getenv(), Path.of(System.getProperty("user.home")));
    }

    /** {@return where programs of a system keep what they remember of a user} */
    static Path of(String system, Map<String, String> environment, Path home) {
        if (system.startsWith("Windows")) {
            return folder(environment, "LOCALAPPDATA", home.resolve("AppData").resolve("Local"))
                    .resolve("Avrel");
        }
        if (system.startsWith("Mac")) {
            return home.resolve("Library").resolve("Application Support").resolve("Avrel");
        }
        return folder(environment, "XDG_STATE_HOME", home.resolve(".local").resolve("state"))
                .resolve("avrel");
    }

    private static Path folder(Map<String, String> environment, String name, Path otherwise) {
        String named = environment.getOrDefault(name, "");
        return named.isBlank() ? otherwise : Path.of(named);
    }

    /** {@return where unexpected errors are written down} */
    static Path errors() {
        return path().resolve("errors.log");
    }

    static Path recovery() {
        return path().resolve("recovery");
    }

    /** {@return where earlier states of project files are kept} */
    static Path earlier() {
        return path().resolve("earlier");
    }

    /** {@return where running programs say which file they have open} */
    static Path open() {
        return path().resolve("open");
    }
}
