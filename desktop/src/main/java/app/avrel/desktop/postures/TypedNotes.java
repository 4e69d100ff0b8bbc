package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.words.reading.LineReading;
import app.avrel.words.reading.frame.Question;
import app.avrel.words.reading.frame.Refusal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/**
 * What is said below a line while it is typed: how a word goes on, what is asked, what is not understood.
 *
 * <p>Its labels and chips are used again at each key: a new one would have the whole window painted once more.
 */
final class TypedNotes extends VBox {

    /** What the notes may do to the line. */
    interface Line {

        /** Adds something before a word. */
        void put(String before, String add);

        /** Teaches what a word of the school's own means. */
        void teach(String phrase, String means);

        /** Puts one word for another. */
        void replace(String word, String by);
    }

    /** In sizes of the text. */
    private static final double MOST_KEPT = 6;

    private final Line line;
    private final TextFlow words = new TextFlow();
    private final VBox notes = new VBox();
    private final Label goingOn = Texts.of("", "quiet");
    private final Label keeps = Texts.wrapped("", "quiet");
    private final Label mended = Texts.wrapped("", "quiet");
    private final List<RefusedWord> refused = new ArrayList<>();
    private final Map<Question, List<Node>> asked = new HashMap<>();
    private double highest;

    TypedNotes(Line line) {
        this.line = line;
        getStyleClass().add("typed-below");
        words.getStyleClass().add("typed-words");
        notes.getStyleClass().add("typed-notes");
    }

    /** Says nothing, and keeps its place. */
    void clear() {
        getChildren().clear();
    }

    /** Begins with another line: the place goes back to one line's height. */
    void begin() {
        clear();
        asked.clear();
        highest = 0;
    }

    /** While one types, the place keeps the lines it had, up to a few, so that what is below seldom jumps. */
    @Override
    protected double computePrefHeight(double width) {
        double wanted = super.computePrefHeight(width);
        highest =
                Math.max(highest, Math.min(wanted, MOST_KEPT * goingOn.getFont().getSize()));
        return Math.max(wanted, highest);
    }

    /** Says what is to be said of a line. */
    void show(String text, LineReading reading, Optional<String> completion) {
        List<Node> noted = new ArrayList<>();
        reading.questions().forEach(question -> noted.addAll(asked.computeIfAbsent(question, this::asked)));
        List<Node> said = new ArrayList<>();
        if (completion.isPresent()) {
            Texts.set(goingOn, Words.of("postures.tab", completion.get()));
            noted.addFirst(goingOn);
        } else {
            noted.addAll(ofWhole(reading));
            if (!reading.words(LineReading.Role.UNKNOWN).isEmpty()) {
                words.getChildren().setAll(marked(text, reading));
                said.add(words);
            }
        }
        if (!noted.isEmpty()) {
            said.add(notes);
        }
        put(notes, noted);
        put(this, said);
    }

    /** What is said of a line once no word of it is being typed: what is refused, kept, and read as another word. */
    private List<Node> ofWhole(LineReading reading) {
        List<Node> noted = new ArrayList<>(refused(telling(reading.refusals())));
        if (reading.note().isPresent()) {
            Texts.set(keeps, keeps() + reading.kept() + Words.of("common.full_stop"));
            noted.add(keeps);
        }
        if (!reading.mended().isEmpty()) {
            Texts.set(
                    mended,
                    reading.mended().stream()
                            .map(slip -> Words.of("postures.read_as", slip.typed(), slip.read()))
                            .collect(Collectors.joining(" ")));
            noted.add(mended);
        }
        return noted;
    }

    private static void put(VBox into, List<Node> wanted) {
        if (!into.getChildren().equals(wanted)) {
            into.getChildren().setAll(wanted);
        }
    }

    /** The line once more, with what is not understood underlined. */
    private static List<Node> marked(String text, LineReading reading) {
        List<Node> nodes = new ArrayList<>();
        int at = 0;
        for (LineReading.Word word : reading.words(LineReading.Role.UNKNOWN)) {
            if (word.from() < at) {
                continue;
            }
            nodes.add(text(text.substring(at, word.from()), "typed-known"));
            nodes.add(text(text.substring(word.from(), word.to()), "typed-unknown"));
            at = word.to();
        }
        nodes.add(text(text.substring(at), "typed-known"));
        return nodes;
    }

    private static Text text(String words, String styleClass) {
        Text text = new Text(words);
        text.getStyleClass().add(styleClass);
        return text;
    }

    private List<Node> asked(Question question) {
        FlowPane chips = Chips.row();
        question.choices()
                .forEach(choice -> chips.getChildren()
                        .add(Chips.chip(
                                choice.label(),
                                Words.of("postures.say", choice.label()),
                                () -> line.put(question.word(), choice.add()))));
        return List.of(Texts.wrapped(question.question(), "typed-question"), chips);
    }

    private List<Node> refused(List<Refusal> refusals) {
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < refusals.size(); i++) {
            if (i == refused.size()) {
                refused.add(new RefusedWord(line));
            }
            nodes.addAll(refused.get(i).show(refusals.get(i)));
        }
        return nodes;
    }

    /** Where a word is not known, what does not fit beside it may well fit once it is. */
    private static List<Refusal> telling(List<Refusal> refusals) {
        List<Refusal> unknown =
                refusals.stream().filter(refusal -> !refusal.known()).toList();
        return unknown.isEmpty() ? refusals : unknown;
    }

    private static String keeps() {
        return Words.of("postures.enter_records_understood");
    }
}
