package app.avrel.files.script;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** In which form a script is written. */
public enum ScriptFormat {
    TEXT("text"),
    MARKDOWN("md"),
    CSV("csv"),
    WEBVTT("vtt"),
    SRT("srt"),
    JSON("json");

    private final String key;

    ScriptFormat(String key) {
        this.key = key;
    }

    /** {@return the word for it on the command line, also the ending of its files} */
    public String key() {
        return key;
    }

    /** {@return the format of that name} */
    public static Optional<ScriptFormat> of(String key) {
        return Stream.of(values())
                .filter(format -> format.key.equals(key.toLowerCase(Locale.ROOT)))
                .findFirst();
    }
}
