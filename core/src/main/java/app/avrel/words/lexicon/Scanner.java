package app.avrel.words.lexicon;

import app.avrel.floor.Heading;
import app.avrel.label.Language;
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

    /** The signs that are drawn as an arrow. */
    public static final String ARROW = "[-=]>|[→⇒➔➜>]";

    /** A part of a whole, as it is written: 1/2, 2/3, and the signs of their own. */
    private static final String FRACTION = "[1-7]/[2-8](?![\\d/:])|[½⅓⅔¼¾⅛]";

    private static final Pattern PIECE = Pattern.compile("(?<arrow>" + ARROW + ")"
            + "|(?<hour>\\d{1,2}):(?<minute>\\d{2})" // 1:30
            + "|(?<fraction>" + FRACTION + ")(?!\\s?%)"
            + "|(?<first>\\d{1,3})\\s?[/\\-–]\\s?(?<second>\\d{1,3})(?![\\d:])" // 60/40
            + "|(?<value>(?:(?<![\\p{L}\\d])-)?\\d+(?:[.,]\\d+)?)"
            + "(?:\\s?(?<part>[½⅓⅔¼¾⅛])|\\s(?<parts>[1-7]/[2-8])(?![\\d/:]))?\\s?(?<unit>°|%)?" // 45, 1½, 45°, 60%
            + "|(?<mark>[,;.，；。、])"
            + "|(?<chinese>[\\p{IsHan}]+)"
            + "|(?<word>[\\p{L}&+@][\\p{L}\\p{M}'’]*)"
            + "|(?<sign>\\S)");

    private final String line;
    private final String plain;
    private final Lexicon lexicon;
    private final List<int[]> words = new ArrayList<>();
    private final List<String> spelt = new ArrayList<>();
    private final List<Token> tokens = new ArrayList<>();
    private boolean brief;

    private Scanner(String line, Language language) {
        this.line = line;
        this.plain = PlainLetters.of(line, language);
        this.lexicon = Lexicon.of(language);
    }

    public static List<Token> scan(String line, Language language) {
        Scanner scanner = new Scanner(line, language);
        scanner.run(scanner.numbering(0));
        return scanner.tokens;
    }

    /** {@return the tokens of what comes later in a line, where a number is no number of a list} */
    static List<Token> rest(String line, Language language) {
        Scanner scanner = new Scanner(line, language);
        scanner.run(0);
        return scanner.tokens;
    }

    /** @param begin behind the number that the line has in a list; 0 where it has none */
    private void run(int begin) {
        Matcher matcher = PIECE.matcher(plain);
        matcher.useTransparentBounds(true).region(begin, plain.length());
        while (matcher.find()) {
            boolean joins = matcher.start("sign") >= 0 && plain.charAt(matcher.start()) == '-' && !stands(matcher);
            if (matcher.start("word") >= 0 || matcher.start("fraction") >= 0 || joins) {
                words.add(new int[] {matcher.start(), matcher.end()});
                continue;
            }
            if (shortens(matcher)) {
                continue;
            }
            flush();
            number(matcher).ifPresentOrElse(tokens::add, () -> other(matcher));
            if (begin > 0 && matcher.start("mark") >= 0) {
                matcher.region(numbering(matcher.end()), plain.length());
            }
        }
        flush();
    }

    /**
     * {@return where a line, or a part of it, begins after the number or the point it has in a list; what has a number of
     * its own within a line comes after what stands before it}
     */
    private int numbering(int from) {
        int begin = Numbering.end(plain, from);
        if (begin > from) {
            String number = plain.substring(from, begin);
            boolean counts = !tokens.isEmpty() && !Numbering.point(number);
            tokens.add(new Token(from, begin, number, counts ? Term.Mark.THEN : Term.Mark.FILLER));
        }
        return begin;
    }

    /** A dash with a space before it and after it parts what is said; one without joins words. */
    private boolean stands(Matcher matcher) {
        return space(matcher.start() - 1) && space(matcher.end());
    }

    /** A full stop that belongs to a shortened word, and ends nothing: the word after it is no name and no beginning. */
    private boolean shortens(Matcher matcher) {
        if (!".".equals(matcher.group()) || words.isEmpty() || words.getLast()[1] != matcher.start()) {
            return false;
        }
        int next = matcher.end();
        while (next < line.length() && space(next)) {
            next++;
        }
        boolean begins = next + 1 < line.length()
                && Character.isUpperCase(line.charAt(next))
                && Character.isLowerCase(line.charAt(next + 1));
        return !begins && !lexicon.inFull(typed(words.getLast())).isEmpty();
    }

    private String typed(int[] word) {
        return PlainLetters.withoutMarks(plain.substring(word[0], word[1]));
    }

    private boolean space(int at) {
        return at < 0 || at >= plain.length() || Character.isWhitespace(plain.charAt(at));
    }

    private Optional<Token> number(Matcher matcher) {
        if (matcher.group("hour") != null) {
            return Optional.of(token(matcher, time(matcher.group("hour"), matcher.group("minute"))));
        }
        if (matcher.group("first") != null) {
            int first = Integer.parseInt(matcher.group("first"));
            int second = Integer.parseInt(matcher.group("second"));
            return Optional.of(token(matcher, new Term.Ratio(first, second)));
        }
        if (matcher.group("value") != null) {
            double value = Double.parseDouble(matcher.group("value").replace(',', '.')) + part(matcher);
            return Optional.of(token(
                    matcher,
                    switch (matcher.group("unit")) {
                        case "%" -> new Term.Share(value);
                        case "°" -> new Term.Angle(value);
                        case null, default -> new Term.Num(value);
                    }));
        }
        return Optional.empty();
    }

    /** What stands behind a whole number: 1½, 1 1/2. */
    private static double part(Matcher matcher) {
        if (matcher.group("parts") != null) {
            String parts = matcher.group("parts");
            return (double) (parts.charAt(0) - '0') / (parts.charAt(2) - '0');
        }
        return switch (matcher.group("part")) {
            case "½" -> 1.0 / 2;
            case "⅓" -> 1.0 / 3;
            case "⅔" -> 2.0 / 3;
            case "¼" -> 1.0 / 4;
            case "¾" -> 3.0 / 4;
            case "⅛" -> 1.0 / 8;
            case null, default -> 0;
        };
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
        if (matcher.group("chinese") != null) {
            if (partedBySpace(matcher.start())) {
                tokens.add(new Token(matcher.start() - 1, matcher.start(), " ", Term.Mark.COMMA));
            }
            chinese(matcher.start(), matcher.end());
            return;
        }
        String mark = matcher.group();
        if (matcher.group("arrow") != null || mark.charAt(0) >= '①' && mark.charAt(0) <= '⑳') {
            tokens.add(token(matcher, Term.Mark.THEN));
            return;
        }
        tokens.add(token(
                matcher,
                switch (mark) {
                    case ";", "；" -> Term.Mark.THEN;
                    case ".", "。" -> Term.Mark.STOP;
                    case ",", "，", "、" -> Term.Mark.COMMA;
                    case "(",
                            ")",
                            "[",
                            "]",
                            "\"",
                            "“",
                            "”",
                            "«",
                            "»",
                            "「",
                            "」",
                            "-",
                            "–",
                            "—",
                            ":",
                            "!",
                            "¡",
                            "…",
                            "·",
                            "•",
                            "=",
                            "/" -> Term.Mark.COMMA;
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
        words.forEach(word -> spelt.add(spelt(word)));
        brief = spelt.stream().anyMatch(word -> !lexicon.inFull(word).isEmpty());
        int at = 0;
        while (at < words.size()) {
            at = phrase(at);
        }
        words.clear();
    }

    /** The word as the lexicon has it; where the accent alone tells two words apart it is the one with the accent. */
    private String spelt(int[] at) {
        String word = typed(at);
        String written = line.substring(at[0], at[1]).toLowerCase(Locale.ROOT);
        if (!written.equals(word) && !lexicon.inFull(written).isEmpty()) {
            return lexicon.inFull(written).getFirst();
        }
        if (word.equals("-") || lexicon.hasWord(word) || !lexicon.inFull(word).isEmpty()) {
            return word;
        }
        return Spelling.mended(word, lexicon).orElse(word);
    }

    private int phrase(int at) {
        for (int end = Math.min(words.size(), at + lexicon.longest()); end > at; end--) {
            Optional<Lexicon.Entry> entry = find(at, end);
            if (entry.isPresent()) {
                add(words.get(at)[0], words.get(end - 1)[1], entry.get(), mended(at, end));
                return end;
            }
        }
        if (!joined(at, at + 1).equals("-")) {
            tokens.add(new Token(words.get(at)[0], words.get(at)[1], typed(words.get(at)), Term.Mark.UNKNOWN));
        }
        return at + 1;
    }

    /** A phrase as it is typed, or with its shortened words in full. */
    private Optional<Lexicon.Entry> find(int at, int end) {
        Optional<Lexicon.Entry> typed = lexicon.find(joined(at, end));
        return typed.isPresent() || !brief ? typed : inFull(at, end, at);
    }

    private Optional<Lexicon.Entry> inFull(int at, int end, int word) {
        if (word == end) {
            return lexicon.find(joined(at, end));
        }
        String typed = spelt.get(word);
        List<String> full = lexicon.inFull(typed);
        Optional<Lexicon.Entry> found = full.isEmpty() ? inFull(at, end, word + 1) : Optional.empty();
        for (int which = 0; which < full.size() && found.isEmpty(); which++) {
            spelt.set(word, full.get(which));
            found = inFull(at, end, word + 1);
        }
        spelt.set(word, typed);
        return found;
    }

    private boolean mended(int at, int end) {
        for (int i = at; i < end; i++) {
            if (!spelt.get(i).equals(typed(words.get(i)))) {
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
