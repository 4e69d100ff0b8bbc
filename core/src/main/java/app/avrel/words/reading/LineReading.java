package app.avrel.words.reading;

import app.avrel.label.Labels;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.words.reading.frame.CountManner;
import app.avrel.words.reading.frame.Question;
import app.avrel.words.reading.frame.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a line was understood to say.
 *
 * @param typed the line
 * @param stages what moves, one stage after the other
 * @param words every word of the line, in order
 * @param manner what the line says of the whole count
 * @param questions what could mean two things; nothing is taken for it
 * @param refusals what cannot be, with unknown words among them
 * @param holds what the record holds beyond a move's plain fields
 * @param mended words with a slip, and what they are read as
 * @param after how one stands after it
 */
public record LineReading(
        String typed,
        List<Stage> stages,
        List<Word> words,
        CountManner manner,
        List<Question> questions,
        List<Refusal> refusals,
        List<String> holds,
        List<Mended> mended,
        Pose after) {

    public LineReading {
        stages = List.copyOf(stages);
        words = List.copyOf(words);
        questions = questions.stream().distinct().toList();
        refusals = List.copyOf(refusals);
        holds = List.copyOf(holds);
        mended = List.copyOf(mended);
    }

    /**
     * A slip that was mended.
     *
     * @param typed as it stands in the line
     * @param read the words it is read as
     */
    public record Mended(String typed, String read) {}

    /** What a word is in its line. */
    public enum Role {
        MOVE,
        COUNT,
        FILLER,
        /** Says how and not what, "as if closing a book"; it stays as a note on the count. */
        IMAGE,
        UNKNOWN
    }

    /**
     * A word or a run of words that mean one thing.
     *
     * @param from where it begins in the line, from 0
     * @param to where it ends, exclusive
     * @param move which of the line's moves it belongs to, from 0; -1 for none
     * @param weighty whether it says an order, a negation, a side, a number, a limb or a part of the body
     */
    public record Word(String text, int from, int to, Role role, int move, boolean weighty) {}

    /** {@return which move the word that begins there belongs to, from 0; below 0 where to none} */
    int moveOf(int from) {
        return words.stream()
                .filter(word -> word.from() <= from && from < word.to())
                .mapToInt(Word::move)
                .findFirst()
                .orElse(-1);
    }

    /** {@return whether every word is understood and nothing must be asked} */
    public boolean understood() {
        return questions.isEmpty()
                && refusals.isEmpty()
                && (!stages.isEmpty()
                        || !manner.equals(CountManner.UNSAID)
                        || !holds.isEmpty()
                        || !words(Role.IMAGE).isEmpty());
    }

    /**
     * {@return whether all is understood but words that may stay as a note on the count: none of order, negation, side,
     * number, limb or part, and no question}
     */
    public boolean keepable() {
        return questions.isEmpty()
                && !words(Role.UNKNOWN).isEmpty()
                && words(Role.UNKNOWN).size() == refusals.size()
                && words(Role.UNKNOWN).stream().noneMatch(Word::weighty);
    }

    public List<Move> moves() {
        return stages.stream().flatMap(stage -> stage.moves().stream()).toList();
    }

    public List<Word> words(Role role) {
        return words.stream().filter(word -> word.role() == role).toList();
    }

    /** {@return whether the line may be recorded as it is: understood, or with words that stay as a note} */
    public boolean recordable() {
        return understood() || keepable();
    }

    /** {@return what stays as a note on the count: the words that no move holds, images too, and the line as it was typed} */
    public Optional<String> note() {
        if (keepable()) {
            return Optional.of(Labels.say("keep.not_recorded", kept(), typed.strip()));
        }
        return understood() && !words(Role.IMAGE).isEmpty()
                ? Optional.of(Labels.say("keep.said_too", images()))
                : Optional.empty();
    }

    /** What was said as an image, as it was typed: words that stand together stay so, with the small words between them. */
    private String images() {
        List<String> runs = new ArrayList<>();
        int from = -1;
        int to = -1;
        for (Word word : words) {
            if (word.role() == Role.IMAGE) {
                from = from < 0 ? word.from() : from;
                to = word.to();
            } else if (word.role() != Role.FILLER && from >= 0) {
                runs.add(typed.substring(from, to));
                from = -1;
            }
        }
        if (from >= 0) {
            runs.add(typed.substring(from, to));
        }
        return String.join(", ", runs);
    }

    /** {@return the words that no move holds, in their order} */
    public String kept() {
        return words.stream()
                .filter(word -> word.role() == Role.UNKNOWN || word.role() == Role.IMAGE)
                .map(Word::text)
                .collect(Collectors.joining(", "));
    }

    /** {@return a count with what the line says laid over {@code before}; its moves replace those there were} */
    public Count over(Count before) {
        Count count = before.withNote(
                        note().map(note -> noted(before.note(), note)).orElse(before.note()))
                .withStages(stages)
                .withBreath(manner.breath().orElse(before.breath()))
                .withPace(manner.pace().orElse(before.pace()))
                .withBeats(manner.beats().orElse(before.beats()));
        return manner.arrival().map(count::withArrival).orElse(count);
    }

    private static String noted(String before, String note) {
        return before.isBlank() ? note : before + " · " + note;
    }

    /** {@return the count that the line says} */
    public Count count() {
        return over(Count.blank());
    }
}
