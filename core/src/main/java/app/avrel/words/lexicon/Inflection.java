package app.avrel.words.lexicon;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The forms of a word by the rules of its language; what the rules do not give stands in the lexicon after a slash. */
interface Inflection {

    /** {@return every form of a verb, its first form among them} */
    default List<String> verb(String word) {
        return List.of(word);
    }

    /** {@return forms of a verb that end in what is moved, if it is one thing: bájala} */
    default List<String> withIt(String word) {
        return List.of();
    }

    /** {@return forms of a verb that end in what is moved, if it is more than one thing: bájalas} */
    default List<String> withThem(String word) {
        return List.of();
    }

    /** {@return one and many, in this order} */
    default List<String> noun(String word) {
        return List.of(word);
    }

    /** {@return the forms that agree with what they are said of} */
    default List<String> adjective(String word) {
        return List.of(word);
    }

    /** {@return whether a verb stands so beside another that is done at the same time: bringing, llevando} */
    default boolean participle(String form) {
        return false;
    }

    /** {@return whether a side is said as of a hand, and of no foot: izquierda} */
    default boolean ofHand(String side) {
        return false;
    }

    /** {@return whether the noun's first word is inflected, not its last} */
    default boolean firstOfNoun() {
        return false;
    }

    /** No word changes. */
    Inflection NONE = new Inflection() {};

    /** English: -s, -ing, -ed, doubled and dropped letters. */
    Inflection ENGLISH = new Inflection() {
        // Bringing, and not bring.
        private static final Pattern GERUND = Pattern.compile("[a-z]*[aeiouy][a-z]*ing");

        @Override
        public List<String> verb(String word) {
            String stem = word.matches(".*[^eo]e") ? word.substring(0, word.length() - 1) : word;
            boolean doubles = word.matches("[^aeiou]*[aeiou][bdgmnpt]") || word.matches("commit|unwrap");
            String before = doubles ? word + word.charAt(word.length() - 1) : stem;
            boolean y = word.matches(".*[^aeiou]y");
            String past = y ? word.substring(0, word.length() - 1) + "ied" : before + "ed";
            return List.of(word, many(word), before + "ing", past);
        }

        @Override
        public List<String> noun(String word) {
            return List.of(word, many(word));
        }

        @Override
        public boolean participle(String form) {
            return GERUND.matcher(form).matches();
        }

        private String many(String word) {
            if (word.matches(".*[^aeiou]y")) {
                return word.substring(0, word.length() - 1) + "ies";
            }
            return word + (word.matches(".*(s|sh|ch|x|z)") ? "es" : "s");
        }
    };

    /** Spanish: persons, moods and tenses as they are used in teaching, gender and number; without accents. */
    Inflection SPANISH = new Inflection() {
        private static final Pattern GERUND = Pattern.compile("[a-z]+(ando|iendo|yendo)(se|l[ao]s?)?");
        private static final List<String> AR = List.of(
                "ar", "o", "a", "as", "an", "amos", "e", "es", "en", "emos", "ando", "ado", "ada", "ados", "adas",
                "arse", "andose", "ad", "ate", "aste", "aron", "aba", "aban", "abas", "ara", "aran", "are", "aremos",
                "aras");
        private static final List<String> ER = List.of(
                "er", "o", "e", "es", "en", "emos", "a", "as", "an", "iendo", "ido", "ida", "idos", "idas", "erse",
                "iendose", "ed", "ete", "io", "ieron", "ia", "ian", "era", "eran", "ere", "eremos", "eras");
        private static final List<String> IR = List.of(
                "ir", "o", "e", "es", "en", "imos", "a", "as", "an", "iendo", "ido", "ida", "idos", "idas", "irse",
                "iendose", "id", "ete", "io", "ieron", "ia", "ian", "ira", "iran", "ire", "iremos", "iras");

        @Override
        public List<String> verb(String word) {
            List<String> endings = switch (conjugation(word)) {
                case 'a' -> AR;
                case 'e' -> ER;
                default -> IR;
            };
            return forms(word, endings);
        }

        @Override
        public List<String> withIt(String word) {
            return followed(word, List.of("lo", "la"));
        }

        @Override
        public List<String> withThem(String word) {
            return followed(word, List.of("los", "las"));
        }

        private List<String> followed(String word, List<String> pronouns) {
            List<String> endings = switch (conjugation(word)) {
                case 'a' -> List.of("ar", "a", "ando");
                case 'e' -> List.of("er", "e", "iendo");
                default -> List.of("ir", "e", "iendo");
            };
            return word.split("~")[0].matches(".+[aei]r")
                    ? forms(word, endings).stream()
                            .flatMap(form -> pronouns.stream().map(pronoun -> form + pronoun))
                            .toList()
                    : List.of();
        }

        private char conjugation(String word) {
            String infinitive = word.split("~")[0];
            return infinitive.length() < 2 ? ' ' : infinitive.charAt(infinitive.length() - 2);
        }

        private List<String> forms(String word, List<String> endings) {
            String[] stems = word.split("~");
            String infinitive = stems[0];
            if (!infinitive.matches(".+[aei]r")) {
                return List.of(infinitive);
            }
            String stem = infinitive.substring(0, infinitive.length() - 2);
            List<String> forms = new ArrayList<>();
            Stream.concat(Stream.of(stem), stems.length > 1 ? Stream.of(stems[1]) : Stream.empty())
                    .forEach(root -> endings.forEach(
                            ending -> forms.add(conjugation(word) == 'a' ? spelt(root, ending) : hard(root, ending))));
            return forms;
        }

        // Pagar, pague; sacar, saque; cruzar, cruce.
        private static String spelt(String root, String ending) {
            boolean soft = ending.startsWith("e") && !ending.startsWith("er");
            if (soft && root.endsWith("g")) {
                return root + "u" + ending;
            }
            if (soft && root.endsWith("z")) {
                return root.substring(0, root.length() - 1) + "c" + ending;
            }
            return root + ending;
        }

        // Recoger, recojo; seguir, sigo.
        private static String hard(String root, String ending) {
            boolean back = ending.startsWith("a") || ending.startsWith("o");
            String shorter = root.substring(0, root.length() - 1);
            if (back && root.endsWith("g")) {
                return shorter + "j" + ending;
            }
            return back && root.endsWith("gu") ? shorter + ending : root + ending;
        }

        @Override
        public List<String> noun(String word) {
            boolean vowel = word.matches(".*[aeiou]");
            return List.of(word, word + (vowel ? "s" : "es"));
        }

        @Override
        public List<String> adjective(String word) {
            String stem = word.substring(0, word.length() - (word.endsWith("os") ? 2 : 1));
            return List.of(stem + "o", stem + "a", stem + "os", stem + "as");
        }

        @Override
        public boolean participle(String form) {
            return GERUND.matcher(form).matches();
        }

        @Override
        public boolean ofHand(String side) {
            return side.endsWith("a");
        }

        @Override
        public boolean firstOfNoun() {
            return true;
        }
    };

    /** {@return a phrase with its first or last word replaced by each of its forms} */
    static List<String> spread(String phrase, boolean first, Function<String, List<String>> forms) {
        int space = first ? phrase.indexOf(' ') : phrase.lastIndexOf(' ');
        if (space < 0) {
            return forms.apply(phrase);
        }
        String head = first ? phrase.substring(0, space) : phrase.substring(space + 1);
        String rest = first ? phrase.substring(space + 1) : phrase.substring(0, space);
        return forms.apply(head.toLowerCase(Locale.ROOT)).stream()
                .map(form -> first ? form + " " + rest : rest + " " + form)
                .toList();
    }
}
