package app.avrel.cue.hear;

import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.PostureName;
import app.avrel.words.lexicon.Scanner;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.say.Calling;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a script into pieces that each say one thing; it may have no punctuation at all. */
final class Pieces {

    /** Words, or characters of Chinese, that are read at once. */
    private static final int WINDOW = 18;

    private static final Pattern SENTENCE = Pattern.compile("[^.!?;。！？；\\n]+");
    private static final Pattern WORD = Pattern.compile("\\p{IsHan}|[\\p{L}\\p{N}:'°%-]+");

    /** A script line of more words than these is a paragraph: each of its sentences is a line. */
    private static final int PARAGRAPH = 30;

    private final Language language;
    private final Line line;
    private final Pose pose;
    private final Calling calling;
    private final Map<Pattern, PostureId> names = new LinkedHashMap<>();
    private final List<Heard> found = new ArrayList<>();
    private int lineOf;

    /** @param pose how one stands where nothing tells otherwise */
    Pieces(Language language, Line line, Pose pose, Collection<Posture> postures) {
        this.language = language;
        this.line = line.heard();
        this.pose = pose;
        this.calling = new Calling(language);
        Map<String, PostureId> written = new TreeMap<>(
                Comparator.comparingInt(String::length).reversed().thenComparing(Comparator.naturalOrder()));
        for (Posture posture : postures) {
            for (PostureName name : posture.names()) {
                if (name.written().length() > 1) {
                    written.put(name.written(), posture.id());
                }
            }
        }
        written.forEach((name, posture) -> names.put(spoken(name), posture));
    }

    /** A name with whatever stands between its words. */
    private static Pattern spoken(String name) {
        List<String> words = new ArrayList<>();
        Matcher word = WORD.matcher(name);
        while (word.find()) {
            words.add(Pattern.quote(word.group()));
        }
        return Pattern.compile(
                "(?iu)(?<!\\p{L})" + String.join("[^\\p{L}\\p{N}]*", words) + (han(name) ? "" : "(?!\\p{L})"));
    }

    private static boolean han(String text) {
        return text.codePoints().anyMatch(letter -> Character.UnicodeScript.of(letter) == Character.UnicodeScript.HAN);
    }

    List<Heard> of(List<ScriptLine> script) {
        int lines = 0;
        for (ScriptLine part : script) {
            List<String> sentences = SENTENCE.matcher(part.text())
                    .results()
                    .map(sentence -> sentence.group().strip())
                    .filter(sentence -> !sentence.isEmpty())
                    .toList();
            boolean paragraph = WORD.matcher(part.text()).results().count() > PARAGRAPH;
            lines++;
            for (String sentence : sentences) {
                lines += paragraph ? 1 : 0;
                lineOf = paragraph && sentences.size() == 1 ? 0 : lines;
                sentence(sentence, part.seconds());
            }
        }
        return found;
    }

    private void sentence(String text, OptionalDouble seconds) {
        if (text.isBlank()) {
            return;
        }
        for (Map.Entry<Pattern, PostureId> name : names.entrySet()) {
            Matcher match = name.getKey().matcher(text);
            if (match.find()) {
                sentence(text.substring(0, match.start()).strip(), seconds);
                found.add(Heard.name(match.group(), name.getValue(), seconds));
                sentence(text.substring(match.end()).strip(), seconds);
                return;
            }
        }
        words(text, seconds);
    }

    /** Reads a window of words, takes what its first move is said with, and goes on after that. */
    private void words(String text, OptionalDouble seconds) {
        List<int[]> words = new ArrayList<>();
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            words.add(new int[] {word.start(), word.end()});
        }
        int at = 0;
        while (at < words.size()) {
            int told = told(text, words, at, seconds);
            at = told > at ? told : piece(text, words, at, seconds);
        }
    }

    /** A number or a time told by itself. {@return the word after it; the same where there is none} */
    private int told(String text, List<int[]> words, int at, OptionalDouble seconds) {
        for (int length = Math.min(4, words.size() - at); length >= 1; length--) {
            String some = text.substring(words.get(at)[0], words.get(at + length - 1)[1])
                    .toLowerCase(Locale.ROOT);
            OptionalInt time = calling.timeSaid(some);
            OptionalInt number = length == 1 && alone(text, words, at) ? calling.numberSaid(some) : OptionalInt.empty();
            if (time.isPresent()) {
                found.add(Heard.time(some, time.getAsInt(), seconds));
                return at + length;
            }
            if (number.isPresent()) {
                found.add(Heard.number(some, number.getAsInt(), seconds));
                return at + 1;
            }
        }
        return at;
    }

    /** A number is told by itself at the beginning of a sentence, before a comma or its end. */
    private static boolean alone(String text, List<int[]> words, int at) {
        if (at > 0) {
            return false;
        }
        String after = text.substring(words.get(at)[1]).strip();
        return after.isEmpty()
                || after.startsWith(",")
                || after.startsWith("，")
                || after.startsWith(":")
                || after.startsWith("、");
    }

    private int piece(String text, List<int[]> words, int at, OptionalDouble seconds) {
        int end = Math.min(words.size(), at + WINDOW);
        int from = words.get(at)[0];
        String window = text.substring(from, words.get(end - 1)[1]);
        LineReading read = line.read(window, pose);
        int first = first(read);
        boolean breathes = read.manner().breath().isPresent();
        if (first < 0 && !breathes) {
            found.add(Heard.nothing(window, seconds));
            return end;
        }
        int to = breathes ? breathEnds(read, first) : -1;
        boolean breathFirst = to >= 0;
        if (!breathFirst) {
            to = Math.min(lastOf(read, first), breathBegins(read, first));
        }
        String said = window.substring(0, to).strip();
        LineReading alone = line.read(said, pose);
        found.add(Heard.nothing(said, seconds)
                .withLine(lineOf)
                .withMoves(alone.moves())
                .withGoing(going(said))
                .withBreath(alone.manner().breath())
                .withBreathOnly(
                        breathes && alone.moves().isEmpty() && alone.refusals().isEmpty()));
        int next = at;
        while (next < end && words.get(next)[0] - from < to) {
            next++;
        }
        return Math.max(next, at + 1);
    }

    /** Whether its verbs go up, or down; nothing where both or none do. */
    private Optional<Heard.Going> going(String said) {
        List<Term> terms =
                Scanner.scan(said, language).stream().map(Token::term).toList();
        boolean up = terms.contains(Term.Act.RAISE) || terms.contains(Term.Act.RISE);
        boolean down = terms.contains(Term.Act.LOWER) || terms.contains(Term.Act.SINK);
        return up == down ? Optional.empty() : Optional.of(up ? Heard.Going.UP : Heard.Going.DOWN);
    }

    private static int first(LineReading read) {
        return read.words().stream()
                .filter(word -> word.role() == LineReading.Role.MOVE)
                .mapToInt(LineReading.Word::move)
                .findFirst()
                .orElse(-1);
    }

    /** Where the words of a move end; those of both hands, told in one, end together. */
    private static int lastOf(LineReading read, int move) {
        int from = read.words().stream()
                .filter(word -> word.move() == move)
                .mapToInt(LineReading.Word::from)
                .min()
                .orElse(0);
        return read.words().stream()
                .filter(word -> word.move() == move && word.from() >= from)
                .mapToInt(LineReading.Word::to)
                .max()
                .orElse(read.typed().length());
    }

    /** Where the breath is told after a move has begun: it is a piece of its own. */
    private static int breathBegins(LineReading read, int move) {
        int begins = read.words().stream()
                .filter(word -> word.move() == move)
                .mapToInt(LineReading.Word::from)
                .min()
                .orElse(0);
        return read.words().stream()
                .filter(word -> word.role() == LineReading.Role.COUNT && word.from() > begins)
                .mapToInt(LineReading.Word::from)
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    /** Where the words of the breath end, where they come before the first move; -1 where they do not. */
    private static int breathEnds(LineReading read, int move) {
        int begins = move < 0
                ? Integer.MAX_VALUE
                : read.words().stream()
                        .filter(word -> word.move() == move)
                        .mapToInt(LineReading.Word::from)
                        .min()
                        .orElse(Integer.MAX_VALUE);
        return read.words().stream()
                .filter(word -> word.role() == LineReading.Role.COUNT && word.to() <= begins)
                .mapToInt(LineReading.Word::to)
                .max()
                .orElse(-1);
    }
}
