package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Session;
import app.avrel.posture.Language;
import app.avrel.words.reading.LineReading;
import app.avrel.words.reading.Question;
import app.avrel.words.reading.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** The line at the top of the card in which one types what one would say. */
public final class TypedLine extends VBox {

    private static final List<String> LANGUAGES = List.of("EN", "ES", "中");
    private static final String PROMPT = "Type what you would say: right heel out to 1, shift 60 right";

    private final TypedLineModel model;
    private final TextField field = new TextField();
    private final TextFlow words = new TextFlow();
    private final VBox notes = new VBox();

    /** Keeps a line's height while one types, so that what is below does not jump. */
    private final VBox below = new VBox();

    private Optional<String> completion = Optional.empty();

    public TypedLine(Session session) {
        model = new TypedLineModel(session);
        getStyleClass().add("typed-line");
        field.setPromptText(PROMPT);
        field.setAccessibleText("Type a count");
        Texts.follow(field);
        Tips.give(field, "Enter records the count and starts the next (Ctrl+L comes here, F2 edits the chosen count)");
        field.textProperty().addListener((_, _, text) -> typed(text));
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        words.getStyleClass().add("typed-words");
        notes.getStyleClass().add("typed-notes");
        below.getStyleClass().add("typed-below");
        ChoiceField language = new ChoiceField("Language of the line");
        language.show(LANGUAGES, 0, this::speak);
        language.getStyleClass().add("line-language");
        HBox.setHgrow(field, Priority.ALWAYS);
        HBox row = new HBox(field, language);
        row.getStyleClass().add("typed-row");
        getChildren().add(row);
    }

    private void speak(int language) {
        model.language(Language.values()[language]);
        typed(field.getText());
    }

    /** Puts the keyboard into the line. */
    public void focus() {
        field.requestFocus();
        field.end();
    }

    /** {@return whether something is being typed just now} */
    boolean typing() {
        return field.isFocused() && !field.getText().isEmpty();
    }

    /** Brings the chosen count into the line. */
    public void edit() {
        model.edit().ifPresent(said -> {
            field.setText(said);
            focus();
        });
    }

    private void key(KeyEvent event) {
        boolean plain = !event.isControlDown() && !event.isAltDown() && !event.isShiftDown();
        if (event.getCode() == KeyCode.ENTER && plain) {
            event.consume();
            if (model.take(field.getText())) {
                field.clear();
            }
        } else if (event.getCode() == KeyCode.ESCAPE && !field.getText().isEmpty()) {
            event.consume();
            model.drop();
            field.clear();
        } else if (event.getCode() == KeyCode.TAB && plain && completion.isPresent()) {
            event.consume();
            complete(completion.get());
        }
    }

    private void typed(String text) {
        Optional<LineReading> reading = model.type(text);
        if (text.isEmpty()) {
            getChildren().remove(below);
        } else if (!getChildren().contains(below)) {
            getChildren().add(below);
        }
        completion = Optional.empty();
        reading.ifPresentOrElse(
                read -> show(text, read), () -> below.getChildren().clear());
    }

    private void show(String text, LineReading reading) {
        notes.getChildren().clear();
        completion = halfTyped(text).flatMap(this::goingOn);
        completion.ifPresent(word -> notes.getChildren().add(Texts.of("Tab: " + word, "quiet")));
        reading.questions().forEach(this::ask);
        List<Node> said = new ArrayList<>();
        boolean unsure = !reading.words(LineReading.Role.UNKNOWN).isEmpty();
        if (unsure && completion.isEmpty()) {
            words.getChildren().setAll(marked(text, reading));
            said.add(words);
        }
        if (completion.isEmpty()) {
            telling(reading.refusals()).forEach(this::refuse);
        }
        if (!notes.getChildren().isEmpty()) {
            said.add(notes);
        }
        if (!below.getChildren().equals(said)) {
            below.getChildren().setAll(said);
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

    private void ask(Question question) {
        FlowPane chips = chips();
        question.choices()
                .forEach(choice -> chips.getChildren()
                        .add(chip(choice.label(), "Say " + choice.label(), () -> put(question.word(), choice.add()))));
        notes.getChildren().addAll(Texts.wrapped(question.question(), "typed-question"), chips);
    }

    private static FlowPane chips() {
        FlowPane chips = new FlowPane();
        chips.setPrefWrapLength(0);
        chips.getStyleClass().add("typed-chips");
        return chips;
    }

    private static Button chip(String words, String says, Runnable action) {
        Button chip = Buttons.words(words, says, action);
        chip.getStyleClass().add("chip");
        return chip;
    }

    private void put(String before, String add) {
        String line = field.getText();
        int at = line.toLowerCase(java.util.Locale.ROOT).indexOf(before);
        field.setText(at < 0 ? line + " " + add.strip() : line.substring(0, at) + add + line.substring(at));
        focus();
    }

    private void refuse(Refusal refusal) {
        notes.getChildren().add(Texts.wrapped(refusal.message(), "hint"));
        model.nearest(refusal.word())
                .filter(near -> !near.equals(refusal.word()))
                .filter(_ -> refusal.message().contains("Did you mean"))
                .ifPresent(near -> {
                    FlowPane chips = chips();
                    chips.getChildren()
                            .add(chip(near, "Put “" + near + "” for it", () -> replace(refusal.word(), near)));
                    notes.getChildren().add(chips);
                });
    }

    /** Where a word is not known, what does not fit beside it may well fit once it is. */
    private static List<Refusal> telling(List<Refusal> refusals) {
        List<Refusal> unknown = refusals.stream()
                .filter(refusal -> refusal.message().contains("is not a word I know"))
                .toList();
        return unknown.isEmpty() ? refusals : unknown;
    }

    private void replace(String word, String by) {
        String line = field.getText();
        int at = line.toLowerCase(java.util.Locale.ROOT).indexOf(word);
        if (at >= 0) {
            field.setText(line.substring(0, at) + by + line.substring(at + word.length()));
            focus();
        }
    }

    private static Optional<String> halfTyped(String text) {
        String last = text.substring(text.lastIndexOf(' ') + 1);
        return last.length() >= 2 && Character.isLetter(last.charAt(last.length() - 1))
                ? Optional.of(last)
                : Optional.empty();
    }

    /** The shortest word that goes on so; none where the word is whole already. */
    private Optional<String> goingOn(String start) {
        List<String> words = model.goingOn(start);
        boolean whole = words.stream().anyMatch(start::equalsIgnoreCase);
        return whole ? Optional.empty() : words.stream().findFirst();
    }

    private void complete(String word) {
        String line = field.getText();
        field.setText(line.substring(0, line.lastIndexOf(' ') + 1) + word + " ");
        focus();
    }
}
