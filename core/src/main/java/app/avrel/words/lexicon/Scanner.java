package app.avrel.words.lexicon;

import app.avrel.floor.Heading;
import app.avrel.label.Language;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a typed line into tokens: the longest phrases that the lexicon knows, numbers, marks, and what is unknown. */
public final class Scanner {

    private static final int LONGEST_CHINESE = 8;
    private static final int UNKNOWN_LETTER = 10;

    private static final Pattern PIECE = Pattern.compile(
            "(\\d{1,2}):(\\d{2})" // 1:30
                    + "|(\\d{1,3})\\s?[/\\-–]\\s?(\\d{1,3})(?![\\d:])" // 60/40
                    + "|(-?\\d+(?:[.,]\\d+)?)\\s?(°|%)?" // 45, 45°, 60%
                    + "|([,;.，；。、])"
                    + "|([\\p{IsHan}]+)"
                    + "|([\\p{L}&+][\\p{L}'’]*)"
                    + "|(\\S)");

    private final String line;
    private final String plain;
    private final Lexicon lexicon;
    private final List<int[]> words = new ArrayList<>();
    private final List<String> spelt = new ArrayList<>();
    private final List<Token> tokens = new ArrayList<>();

    private Scanner(String line, Language language) {
        this.line = line;
        this.plain = plain(line);
        this.lexicon = Lexicon.of(language);
    }

    public static List<Token> scan(String line, Language language) {
        Scanner scanner = new Scanner(line, language);
        scanner.run();
        return scanner.tokens;
    }

    /** {@return the line in small letters, without accents, letter for letter} */
    public static String plain(String text) {
        StringBuilder plain = new StringBuilder(text.length());
        for (char letter : text.toCharArray()) {
            char small = Character.toLowerCase(letter >= '０' && letter <= '９' ? (char) (letter - '０' + '0') : letter);
            boolean latin = accented(small);
            plain.append(
                    latin
                            ? Normalizer.normalize(String.valueOf(small), Normalizer.Form.NFD)
                                    .charAt(0)
                            : small);
        }
        return plain.toString().replace('’', '\'').replace('％', '%');
    }

    /** {@return whether a letter may be a plain one with a mark} */
    static boolean accented(int letter) {
        return letter >= 0xC0 && letter < 0x250;
    }

    private void run() {
        Matcher matcher = PIECE.matcher(plain);
        while (matcher.find()) {
            boolean joins = matcher.group(10) != null && plain.charAt(matcher.start()) == '-' && !stands(matcher);
            if (matcher.group(9) != null || joins) {
                words.add(new int[] {matcher.start(), matcher.end()});
                continue;
            }
            flush();
            number(matcher).ifPresentOrElse(tokens::add, () -> other(matcher));
        }
        flush();
    }

    /** A dash with a space before it and after it parts what is said; one without joins words. */
    private boolean stands(Matcher matcher) {
        return space(matcher.start() - 1) && space(matcher.end());
    }

    private boolean space(int at) {
        return at < 0 || at >= plain.length() || Character.isWhitespace(plain.charAt(at));
    }

    private Optional<Token> number(Matcher matcher) {
        if (matcher.group(1) != null) {
            return Optional.of(token(matcher, time(matcher.group(1), matcher.group(2))));
        }
        if (matcher.group(3) != null) {
            int first = Integer.parseInt(matcher.group(3));
            int second = Integer.parseInt(matcher.group(4));
            return Optional.of(token(matcher, new Term.Ratio(first, second)));
        }
        if (matcher.group(5) != null) {
            double value = Double.parseDouble(matcher.group(5).replace(',', '.'));
            boolean degrees = "°".equals(matcher.group(6));
            if ("%".equals(matcher.group(6))) {
                return Optional.of(token(matcher, new Term.Share(value)));
            }
            return Optional.of(token(matcher, degrees ? new Term.Angle(value) : new Term.Num(value)));
        }
        return Optional.empty();
    }

    private static Term time(String hour, String minute) {
        int hours = Integer.parseInt(hour);
        int minutes = Integer.parseInt(minute);
        if (hours > 12 && hours + minutes == 100) {
            return new Term.Ratio(hours, minutes);
        }
        return hours > 12 || minutes > 59
                ? Term.Mark.UNKNOWN
                : new Term.Hall(Heading.wrapping(hours * 30 + minutes / 2.0));
    }

    private void other(Matcher matcher) {
        if (matcher.group(8) != null) {
            if (partedBySpace(matcher.start())) {
                tokens.add(new Token(matcher.start() - 1, matcher.start(), " ", Term.Mark.COMMA));
            }
            chinese(matcher.start(), matcher.end());
            return;
        }
        String mark = matcher.group();
        tokens.add(token(
                matcher,
                switch (mark) {
                    case ";", "；" -> Term.Mark.THEN;
                    case ".", "。" -> Term.Mark.STOP;
                    case ",", "，", "、" -> Term.Mark.COMMA;
                    case "(", ")", "\"", "-", "–", "—", ":", "!", "…" -> Term.Mark.COMMA;
                    case "%" -> Term.Rel.PERCENT;
                    case "°" -> Term.Rel.DEGREE;
                    default -> Term.Mark.UNKNOWN;
                }));
    }

    /** Between two Chinese words a space is as good as a comma. */
    private boolean partedBySpace(int at) {
        String before = plain.substring(0, at);
        String words = before.stripTrailing();
        return words.length() < before.length()
                && !words.isEmpty()
                && Character.isIdeographic(words.codePointBefore(words.length()));
    }

    private Token token(Matcher matcher, Term term) {
        return new Token(matcher.start(), matcher.end(), matcher.group(), term);
    }

    /** Chinese has no spaces: of all ways to cut it, the one with the fewest unknown letters, then the fewest phrases. */
    private void chinese(int from, int to) {
        StringBuilder heard = new StringBuilder(plain.substring(from, to));
        boolean[] mended = new boolean[heard.length()];
        for (int at = 0; at < heard.length(); at++) {
            mended[at] = !part(heard, at) && soundsLike(heard, at);
        }
        int[] next = cuts(heard);
        for (int at = 0; at < heard.length(); at = next[at]) {
            int end = next[at];
            Optional<ChineseNumbers.Found> number = ChineseNumbers.at(heard, at).filter(found -> found.end() == end);
            Optional<Lexicon.Entry> entry = lexicon.find(heard.substring(at, end));
            if (number.isPresent()) {
                tokens.add(new Token(
                        from + at,
                        from + end,
                        heard.substring(at, end),
                        number.get().term()));
            } else if (entry.isPresent()) {
                add(from + at, from + end, entry.get(), mended[at]);
            } else {
                unknown(from + at, from + end);
            }
        }
    }

    /** Letters that are not known and stand side by side are one word that is not known. */
    private void unknown(int from, int to) {
        boolean goesOn = !tokens.isEmpty()
                && tokens.getLast().to() == from
                && tokens.getLast().is(Term.Mark.UNKNOWN);
        int begin = goesOn ? tokens.removeLast().from() : from;
        tokens.add(new Token(begin, to, line.substring(begin, to), Term.Mark.UNKNOWN));
    }

    /** Whether a letter is part of any phrase that the text has around it. */
    private boolean part(CharSequence heard, int at) {
        int first = Math.max(0, at - LONGEST_CHINESE);
        for (int begin = first; begin <= at; begin++) {
            Optional<ChineseNumbers.Found> number = ChineseNumbers.at(heard, begin);
            if (longest(heard, begin) > at || number.isPresent() && number.get().end() > at) {
                return true;
            }
        }
        return false;
    }

    /** {@return for each letter where the phrase that begins there ends} */
    private int[] cuts(CharSequence heard) {
        int n = heard.length();
        double[] cost = new double[n + 1];
        int[] next = new int[n + 1];
        for (int at = n - 1; at >= 0; at--) {
            cost[at] = cost[at + 1] + UNKNOWN_LETTER;
            next[at] = at + 1;
            Optional<ChineseNumbers.Found> number = ChineseNumbers.at(heard, at);
            int most = Math.min(n, at + lexicon.longestFrom(heard.charAt(at)));
            for (int end = at + 1; end <= most; end++) {
                if (lexicon.find(heard.subSequence(at, end).toString()).isPresent() && cost[end] + 1 <= cost[at]) {
                    cost[at] = cost[end] + 1;
                    next[at] = end;
                }
            }
            if (number.isPresent() && cost[number.get().end()] + 0.9 <= cost[at]) {
                cost[at] = cost[number.get().end()] + 0.9;
                next[at] = number.get().end();
            }
        }
        return next;
    }

    private int longest(CharSequence heard, int at) {
        int end = Math.min(heard.length(), at + lexicon.longestFrom(heard.charAt(at)));
        while (end > at && lexicon.find(heard.subSequence(at, end).toString()).isEmpty()) {
            end--;
        }
        return end;
    }

    /** Writes for a letter that is not known the one that sounds alike and makes the longest phrase. */
    private boolean soundsLike(StringBuilder heard, int at) {
        char typed = heard.charAt(at);
        char best = typed;
        int far = at;
        for (String other : lexicon.soundingLike(String.valueOf(typed))) {
            heard.setCharAt(at, other.charAt(0));
            int end = longest(heard, at);
            if (end > far) {
                far = end;
                best = other.charAt(0);
            }
        }
        heard.setCharAt(at, best);
        return far > at;
    }

    private void flush() {
        spelt.clear();
        words.forEach(word -> spelt.add(spelt(plain.substring(word[0], word[1]))));
        int at = 0;
        while (at < words.size()) {
            at = phrase(at);
        }
        words.clear();
    }

    private String spelt(String word) {
        if (word.equals("-") || lexicon.hasWord(word)) {
            return word;
        }
        return Spelling.mended(word, lexicon).orElse(word);
    }

    private int phrase(int at) {
        for (int end = Math.min(words.size(), at + lexicon.longest()); end > at; end--) {
            Optional<Lexicon.Entry> entry = lexicon.find(joined(at, end));
            if (entry.isPresent()) {
                add(words.get(at)[0], words.get(end - 1)[1], entry.get(), mended(at, end));
                return end;
            }
        }
        if (!joined(at, at + 1).equals("-")) {
            tokens.add(new Token(
                    words.get(at)[0],
                    words.get(at)[1],
                    plain.substring(words.get(at)[0], words.get(at)[1]),
                    Term.Mark.UNKNOWN));
        }
        return at + 1;
    }

    private boolean mended(int at, int end) {
        for (int i = at; i < end; i++) {
            if (!spelt.get(i).equals(plain.substring(words.get(i)[0], words.get(i)[1]))) {
                return true;
            }
        }
        return false;
    }

    private String joined(int at, int end) {
        if (end - at == 1) {
            return spelt.get(at);
        }
        StringBuilder phrase = new StringBuilder();
        for (int i = at; i < end; i++) {
            if (!spelt.get(i).equals("-")) {
                phrase.append(phrase.isEmpty() ? "" : " ").append(spelt.get(i));
            }
        }
        return phrase.toString();
    }

    private void add(int from, int to, Lexicon.Entry entry, boolean mended) {
        for (Term term : entry.terms()) {
            tokens.add(new Token(
                    from, to, plain.substring(from, to).toLowerCase(Locale.ROOT), term, entry.many(), mended));
        }
    }
}
