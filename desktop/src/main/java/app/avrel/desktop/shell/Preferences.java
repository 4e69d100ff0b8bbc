package app.avrel.desktop.shell;

import app.avrel.files.SafeFile;
import app.avrel.label.Language;
import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Properties;

/** What is remembered between starts: theme, text size, recent files, the window and its dividers. It is the user's, not the project's. */
final class Preferences {

    static final List<Integer> TEXT_SIZES = List.of(80, 90, 100, 120, 140, 160);
    private static final int MOST_RECENT = 8;

    private final Path file;
    private final Properties kept = new Properties();

    Preferences(Path folder) {
        file = folder.resolve("preferences.properties");
        if (Files.exists(file)) {
            try (Reader reader = Files.newBufferedReader(file)) {
                kept.load(reader);
            } catch (IOException | IllegalArgumentException e) {
                System.getLogger("avrel")
                        .log(System.Logger.Level.WARNING, "preferences cannot be read from " + file, e);
            }
        }
    }

    boolean dark() {
        return "dark".equals(kept.getProperty("theme"));
    }

    void dark(boolean dark) {
        kept.setProperty("theme", dark ? "dark" : "light");
        save();
    }

    /** {@return the size of text in percent, one of {@link #TEXT_SIZES}} */
    int textSize() {
        try {
            int size = Integer.parseInt(kept.getProperty("text", "100"));
            return TEXT_SIZES.contains(size) ? size : 100;
        } catch (NumberFormatException e) {
            return 100;
        }
    }

    void textSize(int percent) {
        kept.setProperty("text", Integer.toString(percent));
        save();
    }

    /** {@return the language the window speaks; at first the system's, where Avrel has it} */
    Language language() {
        String code = kept.getProperty("language", Locale.getDefault().getLanguage());
        return Arrays.stream(Language.values())
                .filter(language -> language.code().equals(code))
                .findFirst()
                .orElse(Language.ENGLISH);
    }

    void language(Language language) {
        kept.setProperty("language", language.code());
        save();
    }

    /** {@return files opened or saved lately, newest first} */
    List<Path> recent() {
        return kept.getProperty("recent", "")
                .lines()
                .filter(line -> !line.isBlank())
                .flatMap(line -> path(line).stream())
                .toList();
    }

    /** A name that this machine cannot have, as when the letters it may use are other ones now, is passed over. */
    private static Optional<Path> path(String line) {
        try {
            return Optional.of(Path.of(line));
        } catch (InvalidPathException notHere) {
            return Optional.empty();
        }
    }

    void used(Path path) {
        List<String> recent = new ArrayList<>(List.of(path.toAbsolutePath().toString()));
        recent().stream()
                .map(Path::toString)
                .filter(line -> !recent.contains(line))
                .forEach(recent::add);
        kept.setProperty("recent", String.join("\n", recent.subList(0, Math.min(MOST_RECENT, recent.size()))));
        save();
    }

    /** {@return a number kept under a name, if there is one} */
    OptionalDouble number(String name) {
        try {
            double kept = Double.parseDouble(words(name));
            return Double.isFinite(kept) ? OptionalDouble.of(kept) : OptionalDouble.empty();
        } catch (NumberFormatException e) {
            return OptionalDouble.empty();
        }
    }

    /** {@return words kept under a name; empty where there are none} */
    String words(String name) {
        return kept.getProperty(name, "");
    }

    /** Keeps words or numbers under their names, all at once. */
    void keep(Map<String, Object> values) {
        values.forEach((name, value) -> kept.setProperty(name, value.toString()));
        save();
    }

    private void save() {
        try {
            Files.createDirectories(file.getParent());
            StringWriter text = new StringWriter();
            kept.store(text, null);
            SafeFile.replace(file, text.toString());
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "preferences cannot be kept in " + file, e);
        }
    }
}
