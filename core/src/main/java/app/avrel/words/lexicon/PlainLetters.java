package app.avrel.words.lexicon;

import app.avrel.label.Language;
import java.text.Normalizer;

/** What is typed in the letters that the lexicons are written in: small, without accents, wide signs as common ones. */
public final class PlainLetters {

    /** How far behind the common signs their wide forms stand. */
    private static final char WIDE = '！' - '!';

    private static final int FIRST_MARK = 0x300;
    private static final int LAST_MARK = 0x36F;

    private PlainLetters() {}

    /** {@return the line in small letters, without accents, letter for letter} */
    public static String of(String text) {
        StringBuilder plain = new StringBuilder(text.length());
        for (char letter : text.toCharArray()) {
            char small = Character.toLowerCase(common(letter));
            boolean latin = accented(small);
            plain.append(
                    latin
                            ? Normalizer.normalize(String.valueOf(small), Normalizer.Form.NFD)
                                    .charAt(0)
                            : small);
        }
        return plain.toString();
    }

    /** {@return the line as the lexicon of a language writes it, letter for letter} */
    public static String of(String text, Language language) {
        String plain = of(text);
        return language == Language.CHINESE ? Lexicon.of(language).simplified(plain) : plain;
    }

    /** Signs of the wide kind, and others that stand for a common one. */
    private static char common(char sign) {
        return switch (sign) {
            case '，', '；' -> sign;
            case '’', '‘', '′' -> '\'';
            case 'º', '˚' -> '°';
            case '−' -> '-';
            case '\u200b', '\u200e', '\u2060', '\ufeff' -> ' ';
            default -> {
                if (sign > WIDE && sign <= WIDE + '~') {
                    yield (char) (sign - WIDE);
                }
                yield Character.isSpaceChar(sign) || Character.isWhitespace(sign) ? ' ' : sign;
            }
        };
    }

    /** {@return whether a letter may be a plain one with a mark} */
    static boolean accented(int letter) {
        return letter >= 0xC0 && letter < 0x250;
    }

    /** {@return a word without the accents that are typed behind their letters} */
    static String withoutMarks(String word) {
        int at = 0;
        while (at < word.length() && !mark(word.charAt(at))) {
            at++;
        }
        if (at == word.length()) {
            return word;
        }
        StringBuilder letters = new StringBuilder(word.substring(0, at));
        word.chars().skip(at).filter(letter -> !mark(letter)).forEach(letters::appendCodePoint);
        return letters.toString();
    }

    private static boolean mark(int letter) {
        return letter >= FIRST_MARK && letter <= LAST_MARK;
    }
}
