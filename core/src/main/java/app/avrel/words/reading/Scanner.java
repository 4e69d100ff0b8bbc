package app.avrel.words.reading;

import app.avrel.floor.Heading;
import app.avrel.posture.count.Language;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a typed line into tokens: the longest phrases that the lexicon knows, numbers, marks, and what is unknown. */
final class Scanner {

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
    private final List<Token> tokens = new ArrayList<>();

    private Scanner(String line, Language language) {
        this.line = line;
        this.plain = plain(line);
        this.lexicon = Lexicon.of(language);
    }

    static List<Token> scan(String line, Language language) {
        Scanner scanner = new Scanner(line, language);
        scanner.run();
        return scanner.tokens;
    }

    /** {@return the line in small letters, without accents, letter for letter} */
    static String plain(String text) {
        StringBuilder plain = new StringBuilder(text.length());
        for (char letter : text.toCharArray()) {
            char small = Character.toLowerCase(letter);
            boolean latin = small >= 0xC0 && small < 0x250;
            plain.append(
                    latin
                            ? Normalizer.normalize(String.valueOf(small), Normalizer.Form.NFD)
                                    .charAt(0)
                            : small);
        }
        return plain.toString().replace('’', '\'');
    }

    private void run() {
        Matcher matcher = PIECE.matcher(plain);
        while (matcher.find()) {
            if (matcher.group(9) != null || matcher.group(10) != null && plain.charAt(matcher.start()) == '-') {
                words.add(new int[] {matcher.start(), matcher.end()});
                continue;
            }
            flush();
            number(matcher).ifPresentOrElse(tokens::add, () -> other(matcher));
        }
        flush();
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
                    default -> Term.Mark.UNKNOWN;
                }));
    }

    private Token token(Matcher matcher, Term term) {
        return new Token(matcher.start(), matcher.end(), matcher.group(), term);
    }

    /** Chinese has no spaces: the longest run of characters that is a phrase comes next. */
    private void chinese(int from, int to) {
        int at = from;
        while (at < to) {
            int end = to;
            while (end > at && lexicon.find(plain.substring(at, end)).isEmpty()) {
                end--;
            }
            if (end == at) {
                tokens.add(new Token(at, at + 1, line.substring(at, at + 1), Term.Mark.UNKNOWN));
                at++;
            } else {
                add(at, end, lexicon.find(plain.substring(at, end)).orElseThrow());
                at = end;
            }
        }
    }

    private void flush() {
        int at = 0;
        while (at < words.size()) {
            at = phrase(at);
        }
        words.clear();
    }

    private int phrase(int at) {
        for (int end = Math.min(words.size(), at + lexicon.longest()); end > at; end--) {
            Optional<Lexicon.Entry> entry = lexicon.find(joined(at, end));
            if (entry.isPresent()) {
                add(words.get(at)[0], words.get(end - 1)[1], entry.get());
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

    private String joined(int at, int end) {
        StringBuilder phrase = new StringBuilder();
        for (int i = at; i < end; i++) {
            String word = plain.substring(words.get(i)[0], words.get(i)[1]);
            if (end - at == 1 || !word.equals("-")) {
                phrase.append(phrase.isEmpty() ? "" : " ").append(word);
            }
        }
        return phrase.toString();
    }

    private void add(int from, int to, Lexicon.Entry entry) {
        for (Term term : entry.terms()) {
            tokens.add(new Token(from, to, plain.substring(from, to).toLowerCase(Locale.ROOT), term, entry.finite()));
        }
    }
}
