package app.avrel.desktop.shell;

import java.nio.file.Path;

/** Where the program keeps what it remembers: recovery files and preferences. */
public final class StateFolder {

    private StateFolder() {}

    /** {@return the folder that the property {@code avrel.state} names, or the user's own for program state} */
    public static Path path() {
        String named = System.getProperty("avrel.state");
        if (named != null) {
            return Path.of(named);
        }
        String state = System.getenv("XDG_STATE_HOME");
        Path base = state == null || state.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "state")
                : Path.of(state);
        return base.resolve("avrel");
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
