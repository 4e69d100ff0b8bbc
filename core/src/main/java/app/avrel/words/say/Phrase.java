package app.avrel.words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A phrase with gaps: {@code {place}} is a text, {@code {foot:heel}} the word "heel" of the foot's side, and what stands in
 * brackets is said only where all its gaps are filled.
 */
sealed interface Phrase {

    /** {@return the phrase with its gaps filled; empty where one of them is not} */
    Optional<String> fill(Slots slots, BiFunction<String, String, String> words);

    /** Words as they are. */
    record Words(String text) implements Phrase {
        @Override
        public Optional<String> fill(Slots slots, BiFunction<String, String, String> words) {
            return Optional.of(text);
        }
    }

    /** A gap. */
    record Gap(String name, Optional<String> noun) implements Phrase {
        @Override
        public Optional<String> fill(Slots slots, BiFunction<String, String, String> words) {
            return noun.isEmpty() ? slots.text(name) : slots.key(name).map(key -> words.apply(noun.get(), key));
        }
    }

    /** Pieces one after the other. */
    record Pieces(List<Phrase> pieces) implements Phrase {
        @Override
        public Optional<String> fill(Slots slots, BiFunction<String, String, String> words) {
            StringBuilder said = new StringBuilder();
            for (Phrase piece : pieces) {
                Optional<String> filled = piece.fill(slots, words);
                if (filled.isEmpty()) {
                    return Optional.empty();
                }
                said.append(filled.get());
            }
            return Optional.of(said.toString());
        }
    }

    /** What is left out where a gap in it is not filled. */
    record Maybe(Phrase inside) implements Phrase {
        @Override
        public Optional<String> fill(Slots slots, BiFunction<String, String, String> words) {
            return Optional.of(inside.fill(slots, words).orElse(""));
        }
    }

    Pattern PIECE = Pattern.compile("\\[([^\\]]*)]|\\{(\\w+)(?::(\\w+))?}|[^\\[{]+");

    /** {@return the phrase that a text writes} */
    static Phrase parse(String text) {
        List<Phrase> pieces = new ArrayList<>();
        Matcher piece = PIECE.matcher(text);
        while (piece.find()) {
            if (piece.group(1) != null) {
                pieces.add(new Maybe(parse(piece.group(1))));
            } else if (piece.group(2) != null) {
                pieces.add(new Gap(piece.group(2), Optional.ofNullable(piece.group(3))));
            } else {
                pieces.add(new Words(piece.group()));
            }
        }
        return new Pieces(List.copyOf(pieces));
    }
}
