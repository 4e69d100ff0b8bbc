package app.avrel.desktop.parts;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.zip.GZIPInputStream;
import javafx.scene.text.Font;

/** The fonts that ship with the application. */
public final class Fonts {

    /** For everything that is read. */
    public static final String TEXT = "Atkinson Hyperlegible Next";

    /** For names and their romanisation: it has every tone mark. */
    public static final String NAMES = "Source Serif 4";

    /** For Chinese, both scripts. */
    public static final String CHINESE = "Avrel Kai";

    private static final List<String> LATIN = List.of(
            "AtkinsonHyperlegibleNext_400Regular.ttf",
            "AtkinsonHyperlegibleNext_700Bold.ttf",
            "AtkinsonHyperlegibleNext_400Regular_Italic.ttf",
            "SourceSerif4_400Regular.ttf",
            "SourceSerif4_600SemiBold.ttf");

    private static boolean chineseLoaded;
    private static boolean always;

    private Fonts() {}

    /** Loads the Latin fonts; the Chinese one follows when first needed. */
    public static void load() {
        LATIN.forEach(name -> load(name, false));
    }

    /** {@return the family to set a run of text in: the Chinese one where it has Chinese characters} */
    public static String familyFor(String text, String otherwise) {
        if (!always && !chinese(text)) {
            return otherwise;
        }
        loadChinese();
        return CHINESE;
    }

    /** Sets everything in the Chinese font, which has Latin letters too, or only what has Chinese characters. */
    public static void speakChinese(boolean speaks) {
        always = speaks;
        if (speaks) {
            loadChinese();
        }
    }

    /** {@return whether the text has Chinese characters} */
    public static boolean chinese(String text) {
        return text.codePoints().anyMatch(point -> Character.UnicodeScript.of(point) == Character.UnicodeScript.HAN);
    }

    private static synchronized void loadChinese() {
        if (!chineseLoaded) {
            load("AvrelKai-Regular.ttf.gz", true);
            chineseLoaded = true;
        }
    }

    private static void load(String name, boolean packed) {
        try (InputStream in = Fonts.class.getResourceAsStream("/app/avrel/fonts/" + name)) {
            Font.loadFont(packed ? new GZIPInputStream(in) : in, 12);
        } catch (IOException e) {
            throw new UncheckedIOException("the font " + name + " cannot be read", e);
        }
    }
}
