package app.avrel.posture;

import app.avrel.label.Language;
import java.util.Optional;

/**
 * A posture's name in one language.
 *
 * @param written as it is written in that language
 * @param romanised in Latin letters, where it is not written so
 * @param meaning what it means, where that is worth saying
 */
public record PostureName(Language language, String written, Optional<String> romanised, Optional<String> meaning) {

    public static PostureName of(Language language, String written) {
        return new PostureName(language, written, Optional.empty(), Optional.empty());
    }

    public static PostureName chinese(String written, String romanised) {
        return new PostureName(Language.CHINESE, written, Optional.of(romanised), Optional.empty());
    }
}
