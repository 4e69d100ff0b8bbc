package app.avrel.desktop.parts;

import java.util.Locale;

/** How keys are called on the machine at hand: the command key is {@code Ctrl}, and {@code ⌘} on a Mac. */
public final class Keys {

    private static final boolean MAC = isMac(System.getProperty("os.name", ""));

    private Keys() {}

    static boolean isMac(String system) {
        return system.toLowerCase(Locale.ROOT).startsWith("mac");
    }

    /** {@return words in which keys are called as they are on this machine} */
    public static String here(String words) {
        return MAC ? onMac(words) : words;
    }

    static String onMac(String words) {
        return words.replace("Ctrl+", "⌘").replace("Shift+", "⇧").replace("Alt+", "⌥");
    }
}
