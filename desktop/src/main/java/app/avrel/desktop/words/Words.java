package app.avrel.desktop.words;

import app.avrel.label.Bundles;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import java.util.List;

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

    /** {@return the name of a posture in the language of the window; its first name where it has none} */
    public static String name(Posture posture) {
        return posture.name(language()).map(PostureName::written).orElse(posture.name());
    }
}
