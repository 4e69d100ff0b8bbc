package app.avrel.words.lexicon;

import app.avrel.body.LengthUnit;
import app.avrel.house.Stance;
import app.avrel.label.Language;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The words of a language, concept by concept, read once from its resource file.
 *
 * <p>The file says what a form stands for; the rules of the language give the forms it does not list.
 */
public final class Lexicon {

    private static final Map<Language, Lexicon> LOADED = new EnumMap<>(Language.class);
    private static final Pattern LINE = Pattern.compile("([vnaw]) (.+?) = (.+)");

    /**
     * What a form stands for.
     *
     * @param many whether it is said of more than one
     */
    public record Entry(List<Term> terms, boolean many) {}

    private final Map<String, Entry> phrases = new HashMap<>();
    private final SortedSet<String> forms = new TreeSet<>();
    private final Map<String, String> spelled = new HashMap<>();
    private final Set<String> words = new HashSet<>();
    private final Map<Integer, Integer> longestFrom = new HashMap<>();
    private final Map<String, List<String>> alike = new HashMap<>();
    private final Map<Character, Character> simple = new HashMap<>();
    private final Map<String, List<String>> shortened = new HashMap<>();
    private final Inflection inflection;
    private int longest = 1;

    private Lexicon(Language language) {
        inflection = switch (language) {
            case ENGLISH -> Inflection.ENGLISH;
            case SPANISH -> Inflection.SPANISH;
            case CHINESE -> Inflection.NONE;
        };
        String file = switch (language) {
            case ENGLISH -> "english.words";
            case SPANISH -> "spanish.words";
            case CHINESE -> "chinese.words";
        };
        List<String> lines = text(file).lines().map(String::strip).toList();
        lines.stream().filter(line -> !line.startsWith("v ")).forEach(this::add);
        lines.stream().filter(line -> line.startsWith("v ")).forEach(this::add);
    }

    /** {@return whether a verb stands so beside another that is done at the same time: bringing, llevando} */
    public boolean participle(String verb) {
        return inflection.participle(verb.strip().split(" ", 2)[0]);
    }

    /** {@return whether a side is said as of a hand, and of no foot: izquierda, where a foot is izquierdo} */
    public boolean ofHand(String side) {
        return inflection.ofHand(side);
    }

    public static synchronized Lexicon of(Language language) {
        return LOADED.computeIfAbsent(language, Lexicon::new);
    }

    private static String text(String file) {
        try (InputStream in = Lexicon.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private void add(String line) {
        if (line.startsWith("~ ")) {
            Stream.of(line.substring(2).split(" +")).forEach(pair -> simple.put(pair.charAt(0), pair.charAt(1)));
            return;
        }
        if (line.startsWith("s ")) {
            String[] sides = line.substring(2).split(" = ", 2);
            List<String> whole =
                    Stream.of(sides[0].split("\\|")).map(String::strip).toList();
            Stream.of(sides[1].split("\\|")).map(String::strip).forEach(brief -> shortened.put(brief, whole));
            return;
        }
        if (line.startsWith("= ")) {
            Stream.of(line.substring(2).split("\\|")).map(String::strip).forEach(this::alike);
            return;
        }
        var found = LINE.matcher(line);
        if (!found.matches()) {
            if (!line.isEmpty() && !line.startsWith("#")) {
                throw new IllegalStateException("not a line of a lexicon: " + line);
            }
            return;
        }
        List<Term> terms =
                Stream.of(found.group(2).split(" +")).map(Lexicon::term).toList();
        for (String phrase : found.group(3).split("\\|")) {
            if (!phrase.isBlank()) {
                phrase(found.group(1), phrase.strip(), terms);
            }
        }
    }

    private void alike(String letters) {
        List<String> each = Stream.of(letters.split("")).toList();
        each.forEach(letter -> alike.put(letter, each));
    }

    private void phrase(String kind, String phrase, List<Term> terms) {
        if (kind.equals("w")) {
            put(phrase, terms, false);
            return;
        }
        int space = phrase.indexOf(' ');
        boolean heads = kind.equals("v") || kind.equals("a") || inflection.firstOfNoun();
        String head = heads && space > 0 ? phrase.substring(0, space) : phrase;
        String rest = heads && space > 0 ? phrase.substring(space) : "";
        String[] given = head.split("/");
        if (kind.equals("n")) {
            List<String> both = given.length > 1
                    ? List.of(given)
                    : Inflection.spread(given[0], inflection.firstOfNoun(), inflection::noun);
            put(both.getFirst() + rest, terms, false);
            both.stream().skip(1).forEach(many -> put(many + rest, terms, true));
            return;
        }
        List<String> all =
                new ArrayList<>(kind.equals("v") ? inflection.verb(given[0]) : inflection.adjective(given[0]));
        Stream.of(given).skip(1).forEach(all::add);
        all.forEach(form -> put(form + rest, terms, false));
        if (kind.equals("v") && rest.isEmpty()) {
            inflection.withIt(given[0]).forEach(form -> put(form, followed(terms, Term.Who.IT), false));
            inflection.withThem(given[0]).forEach(form -> put(form, followed(terms, Term.Ref.THEM), false));
        }
    }

    private static List<Term> followed(List<Term> terms, Term pronoun) {
        return Stream.concat(terms.stream(), Stream.of(pronoun)).toList();
    }

    private void put(String phrase, List<Term> terms, boolean many) {
        String typed = simplified(phrase.chars().anyMatch(PlainLetters::accented) ? PlainLetters.of(phrase) : phrase);
        String key = typed.replace('-', ' ');
        Entry known = phrases.putIfAbsent(key, new Entry(terms, many));
        if (known == null) {
            forms.add(typed);
            if (!typed.equals(phrase)) {
                spelled.put(typed, phrase);
            }
            String[] parts = key.split(" ");
            words.addAll(List.of(parts));
            longest = Math.max(longest, parts.length);
            longestFrom.merge((int) typed.charAt(0), typed.length(), Math::max);
        }
    }

    private static Term term(String key) {
        String[] parts = key.split("\\.", 2);
        return switch (parts[0]) {
            case "Act" -> Term.Act.valueOf(parts[1]);
            case "Part" -> Term.Part.valueOf(parts[1]);
            case "Who" -> Term.Who.valueOf(parts[1]);
            case "Way" -> Term.Way.valueOf(parts[1]);
            case "Rel" -> Term.Rel.valueOf(parts[1]);
            case "Manner" -> Term.Manner.valueOf(parts[1]);
            case "Mark" -> Term.Mark.valueOf(parts[1]);
            case "Key" -> Term.Key.valueOf(parts[1]);
            case "Ref" -> Term.Ref.valueOf(parts[1]);
            case "Named" -> Term.Named.valueOf(parts[1]);
            case "Stance" -> new Term.Standing(Stance.valueOf(parts[1]));
            case "Beat" -> new Term.OnBeat(Double.parseDouble(parts[1]));
            case "Ago" -> new Term.CountsAgo(Integer.parseInt(parts[1]));
            case "Nth" -> new Term.NthCount(Integer.parseInt(parts[1]));
            case "Num" -> new Term.Num(Double.parseDouble(parts[1]));
            case "Angle" -> new Term.Angle(Double.parseDouble(parts[1]));
            case "Clock" -> new Term.Clock(parts[1].equals("Y_MEDIA") ? 0.5 : Double.parseDouble(parts[1]));
            case "Compass" -> new Term.Compass(Integer.parseInt(parts[1]));
            case "Place" -> new Term.Place(Integer.parseInt(parts[1]));
            case "Unit" -> new Term.Unit(LengthUnit.valueOf(parts[1]), 1);
            case "Metre" -> new Term.Unit(LengthUnit.CENTIMETRE, 100 * Double.parseDouble(parts[1]));
            case "Shape" -> new Term.Shaped(HandShape.valueOf(parts[1]));
            case "Related" -> new Term.Related(HandRelation.valueOf(parts[1]));
            default -> throw new IllegalStateException("no such concept in a lexicon: " + key);
        };
    }

    public Optional<Entry> find(String phrase) {
        return Optional.ofNullable(phrases.get(phrase));
    }

    /** {@return whether a single word is part of any phrase} */
    boolean hasWord(String word) {
        return words.contains(word);
    }

    /** {@return the most words that a phrase has} */
    int longest() {
        return longest;
    }

    /** {@return the most letters that a phrase beginning with this letter has} */
    int longestFrom(char letter) {
        return longestFrom.getOrDefault((int) letter, 0);
    }

    /** {@return the words that a shortened one may stand for: izq is izquierda or izquierdo} */
    List<String> inFull(String word) {
        return shortened.getOrDefault(word, List.of());
    }

    /** {@return a text with the simple form of each letter that has one} */
    String simplified(String text) {
        if (simple.isEmpty()) {
            return text;
        }
        StringBuilder written = new StringBuilder(text);
        for (int at = 0; at < written.length(); at++) {
            written.setCharAt(at, simple.getOrDefault(written.charAt(at), written.charAt(at)));
        }
        return written.toString();
    }

    /** {@return letters that sound like this one} */
    List<String> soundingLike(String letter) {
        return alike.getOrDefault(letter, List.of());
    }

    /** {@return every form, in order of the alphabet} */
    public SortedSet<String> forms() {
        return forms;
    }

    Set<String> words() {
        return words;
    }

    /** {@return a form as one writes it, with its accents} */
    public String spelled(String form) {
        return spelled.getOrDefault(form, form);
    }

    /** {@return forms that go on as {@code start} begins, shortest first, as one writes them} */
    public List<String> goingOn(String start) {
        List<String> found = new ArrayList<>(forms.subSet(start, start + Character.MAX_VALUE));
        found.sort(Comparator.comparingInt(String::length));
        found.replaceAll(this::spelled);
        return found;
    }
}
