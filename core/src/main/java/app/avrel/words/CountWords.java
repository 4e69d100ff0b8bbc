package app.avrel.words;

import app.avrel.label.Language;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.move.Move;
import app.avrel.words.say.Layer;
import app.avrel.words.say.Register;
import app.avrel.words.say.Saying;
import app.avrel.words.say.Scene;
import app.avrel.words.say.Telling;
import app.avrel.words.say.Told;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is said in a count: the instructor's own words where there are any, generated ones otherwise. */
public final class CountWords {

    private final Language language;
    private final Saying explaining;
    private final Saying call;
    private final Telling explained;
    private final Telling guided;
    private final Telling calling;

    /** English words. */
    public CountWords(Wording wording) {
        this(Language.ENGLISH, wording);
    }

    public CountWords(Language language, Wording wording) {
        this.language = language;
        explaining = new Saying(language, Register.EXPLAIN, wording);
        call = new Saying(language, Register.CALL, wording);
        explained = new Telling(language, Register.EXPLAIN, wording);
        guided = new Telling(language, Register.GUIDE, wording);
        calling = new Telling(language, Register.CALL, wording);
    }

    /** {@return what is said of a count as it is done} */
    public String say(Count count, List<Scene> done, CueLevel level) {
        return own(count, level, 1).orElseGet(() -> generated(done, level));
    }

    /** {@return the instructor's own words at a level, one of the times the posture is done} */
    public Optional<String> own(Count count, CueLevel level, int time) {
        return count.own(language, level, time).map(OwnWords::text);
    }

    /** {@return the words made from the moves, whatever own words there are; none at the level of numbers alone} */
    public String generated(List<Scene> done, CueLevel level) {
        return switch (level) {
            case EXPLAIN -> explained.sentences(explained.of(done, Layer.EVERYTHING, true));
            case GUIDE -> guided.sentences(guided.of(done, Layer.EVERYTHING, false));
            case PROMPT -> calls(calling.of(done, Layer.EVERYTHING, false));
            case COUNT -> "";
        };
    }

    /** {@return what is said of a count of which nothing is known but its moves} */
    public String say(Count count, CueLevel level) {
        return own(count, level, 1).orElseGet(() -> generated(count, level));
    }

    /** {@return the words made from the moves alone, whatever own words there are} */
    public String generated(Count count, CueLevel level) {
        return switch (level) {
            case EXPLAIN, GUIDE -> explained.sentences(explained.unseen(count.stages()));
            case PROMPT -> calls(calling.unseen(count.stages()));
            case COUNT -> "";
        };
    }

    private String calls(List<Told> told) {
        return told.isEmpty()
                ? calling.stay()
                : told.stream().map(Told::words).collect(Collectors.joining(calling.between()));
    }

    /** {@return one plain sentence for a move} */
    public String sentence(Move move) {
        return explained.sentence(explaining.words(move)).strip();
    }

    /** {@return a few words for a move, such as stand in a row of the card} */
    public String words(Move move) {
        return call.words(move);
    }
}
