package app.avrel.desktop.shell;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** The style sheets: the theme, then one a view. */
public final class Sheets {

    /** Names without their ending, in the order in which they are laid over each other. */
    public static final List<String> NAMES = List.of(
            "theme",
            "shell",
            "parts",
            "findings",
            "learners",
            "drawings",
            "postures",
            "form",
            "lessons",
            "cues",
            "hall",
            "help");

    private Sheets() {}

    static List<String> all() {
        return NAMES.stream().flatMap(name -> Stream.of(url(name))).toList();
    }

    private static String url(String name) {
        return Objects.requireNonNull(Sheets.class.getResource("/app/avrel/desktop/css/" + name + ".css"), name)
                .toExternalForm();
    }
}
