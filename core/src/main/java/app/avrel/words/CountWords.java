package app.avrel.words;

import app.avrel.body.Side;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Language;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is said in a count: the instructor's own words where there are any, generated ones otherwise. */
public final class CountWords {

    private final Guide guide;
    private final Prompt prompt;
    private final Wording saying;

    public CountWords(Wording saying) {
        this.guide = new Guide(saying);
        this.prompt = new Prompt(saying);
        this.saying = saying;
    }

    /** {@return what is said in English at a level} */
    public String say(Count count, CueLevel level) {
        return own(count, level).orElseGet(() -> generated(count, level));
    }

    /** {@return the instructor's own English words at a level} */
    public static Optional<String> own(Count count, CueLevel level) {
        return count.words().stream()
                .filter(own -> own.language() == Language.ENGLISH && own.level() == level)
                .map(OwnWords::text)
                .findFirst();
    }

    /** {@return the words made from the moves, whatever own words there are} */
    public String generated(Count count, CueLevel level) {
        return switch (level) {
            case GUIDE -> guide(count);
            case PROMPT -> prompt(count);
        };
    }

    /** {@return one plain sentence for a move} */
    public String sentence(Move move) {
        return guide.sentence(move);
    }

    /** {@return a few words for a move, such as stand in a row of the card} */
    public String words(Move move) {
        return prompt.words(move);
    }

    private String guide(Count count) {
        List<String> stages = count.stages().stream()
                .map(this::sentences)
                .filter(text -> !text.isEmpty())
                .toList();
        if (stages.isEmpty()) {
            return "Stay.";
        }
        List<String> said = new ArrayList<>(List.of(stages.getFirst()));
        stages.stream().skip(1).map(CountWords::then).forEach(said::add);
        return String.join(" ", said);
    }

    private static String then(String sentences) {
        return "Then " + Character.toLowerCase(sentences.charAt(0)) + sentences.substring(1);
    }

    private String sentences(Stage stage) {
        Optional<HandPlace> both = bothHands(stage);
        List<String> said = new ArrayList<>();
        for (Move move : stage.moves()) {
            if (both.isEmpty() || !(move instanceof Move.PlaceHand)) {
                said.add(guide.sentence(move));
            }
        }
        both.ifPresent(place -> said.add("Both hands: " + Hands.say(place, saying) + "."));
        return String.join(" ", said);
    }

    private static Optional<HandPlace> bothHands(Stage stage) {
        List<Move.PlaceHand> hands = stage.moves().stream()
                .filter(Move.PlaceHand.class::isInstance)
                .map(Move.PlaceHand.class::cast)
                .filter(hand -> hand.path().isEmpty())
                .toList();
        boolean both = hands.size() == 2
                && hands.get(0).hand() != hands.get(1).hand()
                && hands.get(0).to().equals(hands.get(1).to());
        return both ? Optional.of(hands.getFirst().to()) : Optional.empty();
    }

    private String prompt(Count count) {
        String said = count.stages().stream()
                .map(this::prompts)
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining("; "));
        return said.isEmpty() ? "stay there" : said;
    }

    private String prompts(Stage stage) {
        Optional<HandPlace> both = bothHands(stage);
        List<String> said = new ArrayList<>();
        for (Move move : stage.moves()) {
            boolean folded = both.isPresent() && move instanceof Move.PlaceHand;
            if (!folded) {
                said.add(prompt.words(move));
            } else if (((Move.PlaceHand) move).hand() == Side.LEFT) {
                said.add(both(both.get()));
            }
        }
        return String.join(", ", said);
    }

    private static String both(HandPlace place) {
        return place.height()
                .map(height -> "hands to " + height.word())
                .or(() -> place.palm().map(palm -> "palms " + palm.word()))
                .orElse("both hands");
    }
}
