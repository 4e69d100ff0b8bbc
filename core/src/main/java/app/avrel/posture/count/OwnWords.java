package app.avrel.posture.count;

import app.avrel.label.Language;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * The instructor's own words for a count.
 *
 * @param time which time the posture is done on its side, from 1, where they are for that time alone
 * @param text not blank
 * @param over the sum of the moves for which they were written; unknown where a file does not say it
 */
@RecordBuilder
public record OwnWords(Language language, CueLevel level, Optional<Integer> time, String text, Optional<String> over)
        implements OwnWordsBuilder.With {

    public OwnWords {
        text = text.strip();
        if (text.isEmpty()) {
            throw new IllegalArgumentException("own words must not be blank");
        }
        if (time.filter(nth -> nth < 1).isPresent()) {
            throw new IllegalArgumentException("the time of own words must be 1 or more, but was " + time.get());
        }
    }

    /** {@return words that are said every time, over nothing known} */
    public static OwnWords of(Language language, CueLevel level, String text) {
        return new OwnWords(language, level, Optional.empty(), text, Optional.empty());
    }

    /** {@return these, written for moves as they are now} */
    public OwnWords writtenFor(List<Stage> stages) {
        return withOver(Optional.of(RecordDigest.of(stages)));
    }

    /** {@return whether the moves have changed since these were written for them} */
    public boolean outdated(List<Stage> stages) {
        return over.filter(sum -> !sum.equals(RecordDigest.of(stages))).isPresent();
    }

    /** {@return whether these are said in a language, at a level, every time or that one time} */
    public boolean saidAt(Language in, CueLevel at, Optional<Integer> nth) {
        return language == in && level == at && time.equals(nth);
    }
}
