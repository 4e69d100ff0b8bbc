package app.avrel.words.reading;

import app.avrel.body.LengthUnit;
import app.avrel.posture.count.Language;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * The words of a language, concept by concept.
 *
 * <p>A lexicon is written as lines {@code Concept = phrase | phrase}; English verbs bring their forms along.
 */
final class Lexicon {

    private static final Map<Language, Lexicon> LOADED = new HashMap<>();

    /** The terms that a phrase stands for; {@code finite} for a verb that follows what does it. */
    record Entry(List<Term> terms, boolean finite) {}

    /** Marks a verb that may follow what does it, where its form does not tell. */
    private static final String FOLLOWS = "~";

    private final Map<String, Entry> phrases = new HashMap<>();
    private final SortedSet<String> words = new TreeSet<>();
    private final boolean inflected;
    private int longest = 1;

    private Lexicon(String text, boolean inflected) {
        this.inflected = inflected;
        text.lines().map(String::strip).filter(line -> line.contains("=")).forEach(this::add);
    }

    static synchronized Lexicon of(Language language) {
        return LOADED.computeIfAbsent(language, Lexicon::load);
    }

    private static Lexicon load(Language language) {
        return switch (language) {
            case ENGLISH -> new Lexicon(EnglishFeet.WORDS + EnglishBody.WORDS + EnglishHands.WORDS, true);
            case SPANISH -> new Lexicon(Spanish.WORDS, false);
            case CHINESE -> new Lexicon(Chinese.WORDS, false);
        };
    }

    private void add(String line) {
        String[] sides = line.split("=", 2);
        List<Term> terms = List.of(sides[0].strip().split(" +")).stream()
                .map(Lexicon::term)
                .toList();
        boolean verb = terms.size() == 1 && terms.getFirst() instanceof Term.Act;
        for (String phrase : sides[1].split("\\|")) {
            String plain = phrase.strip();
            if (plain.startsWith(FOLLOWS)) {
                put(plain.substring(1), new Entry(terms, true));
                continue;
            }
            put(plain, new Entry(terms, false));
            if (verb && inflected && !plain.contains(" ")) {
                inflect(plain, terms);
            }
        }
    }

    private void put(String phrase, Entry entry) {
        phrases.putIfAbsent(phrase, entry);
        words.add(phrase);
        longest = Math.max(longest, phrase.length() - phrase.replace(" ", "").length() + 1);
    }

    private void inflect(String base, List<Term> terms) {
        put(base + (base.matches(".*(s|sh|ch|x)") ? "es" : "s"), new Entry(terms, true));
        String stem = base.endsWith("e") && !base.endsWith("ee") ? base.substring(0, base.length() - 1) : base;
        String doubled = base.matches(".*[^aeiou][aeiou][bdgmnpt]") ? base + base.charAt(base.length() - 1) : stem;
        put(doubled + "ing", new Entry(terms, true));
        put(doubled + "ed", new Entry(terms, true));
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
            case "Num" -> new Term.Num(Double.parseDouble(parts[1]));
            case "Compass" -> new Term.Compass(Integer.parseInt(parts[1]));
            case "Place" -> new Term.Place(Integer.parseInt(parts[1]));
            case "Unit" -> new Term.Unit(LengthUnit.valueOf(parts[1]), 1);
            case "Metre" -> new Term.Unit(LengthUnit.CENTIMETRE, 100);
            case "Shape" -> new Term.Shaped(HandShape.valueOf(parts[1]));
            case "Related" -> new Term.Related(HandRelation.valueOf(parts[1]));
            default -> throw new IllegalStateException("no such concept in a lexicon: " + key);
        };
    }

    Optional<Entry> find(String phrase) {
        return Optional.ofNullable(phrases.get(phrase));
    }

    /** {@return the most words that a phrase has} */
    int longest() {
        return longest;
    }

    /** {@return every phrase, in order of the alphabet} */
    SortedSet<String> words() {
        return words;
    }

    /** {@return phrases that go on as {@code start} begins, shortest first} */
    List<String> goingOn(String start) {
        List<String> found = new ArrayList<>(words.subSet(start, start + Character.MAX_VALUE));
        found.sort(java.util.Comparator.comparingInt(String::length));
        return found;
    }
}
