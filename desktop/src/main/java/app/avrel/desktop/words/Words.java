package app.avrel.desktop.words;

import app.avrel.body.Side;
import app.avrel.label.Bundles;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import java.util.List;
import java.util.Optional;

/**
 * The words shown in the window. They are asked for by key when a view is made; after another language is chosen the
 * window is made anew.
 */
public final class Words {

    private static final Bundles BUNDLES = new Bundles(
            Words.class,
            List.of(
                    "common",
                    "cues",
                    "exchange",
                    "figure",
                    "findings",
                    "fitter",
                    "form",
                    "hall",
                    "help",
                    "keeping",
                    "learners",
                    "lessons",
                    "log",
                    "parts",
                    "postures",
                    "print",
                    "ribbon",
                    "settings",
                    "shell",
                    "stagefloor"));

    private Words() {}

    /** {@return the bundles, to be looked through} */
    public static Bundles bundles() {
        return BUNDLES;
    }

    /** {@return the language the window speaks} */
    public static Language language() {
        return Labels.language();
    }

    /** {@return the words of a key, with values in their places} */
    public static String of(String key, Object... values) {
        return BUNDLES.say(language(), key, values);
    }

    /** {@return what something of a fixed set is called, such as a side, a stance or a part of the foot} */
    public static String of(Enum<?> value) {
        return Labels.of(value);
    }

    /** {@return what stands one after the other, with the comma of the language} */
    public static String listed(List<String> all) {
        return String.join(of("common.comma"), all);
    }

    /** {@return what stands one after the other, where each may have a comma of its own, such as a posture and its side} */
    public static String row(List<String> all) {
        return String.join(of("common.semicolon"), all);
    }

    /** {@return words with a side after them, where there is one} */
    public static String sided(String words, Optional<Side> side) {
        return side.map(some -> listed(List.of(words, of(some)))).orElse(words);
    }

    /** {@return the name of a posture in the language of the window; its first name where it has none} */
    public static String name(Posture posture) {
        return posture.called(language());
    }
}
