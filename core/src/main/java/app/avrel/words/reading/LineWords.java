package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The words of a line, and what became of each. */
final class LineWords {

    private final String typed;
    private final List<LineReading.Word> words = new ArrayList<>();

    LineWords(String typed) {
        this.typed = typed;
    }

    /** {@return the words as they stand in the line} */
    List<LineReading.Word> inOrder() {
        return words.stream()
                .sorted(Comparator.comparingInt(LineReading.Word::from))
                .toList();
    }

    void add(Item item, LineReading.Role role, int move) {
        add(item, role, move, weighty(item));
    }

    void add(Item item, LineReading.Role role, int move, boolean weighty) {
        int from = item.from();
        for (LineReading.Word word : words) {
            boolean over = word.from() <= item.from() && item.from() < word.to();
            from = over ? Math.max(from, word.to()) : from;
        }
        if (from < item.to()) {
            String text = from == item.from() ? item.text() : typed.substring(from, item.to());
            int of = role == LineReading.Role.MOVE ? move : -1;
            words.add(new LineReading.Word(text.strip(), from, item.to(), role, of, weighty));
        }
    }

    void filler(Token token) {
        for (LineReading.Word word : words) {
            if (word.from() <= token.from() && token.from() < word.to()) {
                return;
            }
        }
        words.add(new LineReading.Word(token.text(), token.from(), token.to(), LineReading.Role.FILLER, -1, false));
    }

    /** Words that change what is meant wherever they stand, so that they never become a note without asking. */
    static boolean weighty(Item item) {
        return switch (item.term()) {
            case Term.Part _, Term.Who _, Term.Num _, Term.Angle _, Term.Share _, Term.Ratio _, Term.Span _ -> true;
            case Term.Way _, Term.Rel _, Term.Measure _ -> true;
            case Term.Mark mark -> mark != Term.Mark.UNKNOWN && mark != Term.Mark.IMAGE;
            default -> item.who() != null;
        };
    }
}
