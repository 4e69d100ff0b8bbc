package app.avrel.desktop.postures;

import app.avrel.desktop.parts.AfterPicture;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.label.Language;
import app.avrel.words.reading.LineReading;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The line above the ribbon in which one types what one would say. */
public final class TypedLine extends VBox {

    private static final List<String> LANGUAGES = List.of("EN", "ES", "中");

    private final Session session;
    private final TypedLineModel model;
    private final TextField field = new TextField();
    private final TypedNotes below = new TypedNotes(new Changes());
    private final ReadBack readBack = new ReadBack(this::enter);

    private final Refusing refusing = new Refusing(field);
    private final AfterPicture afterPicture = new AfterPicture(this);
    private Runnable first = () -> {};
    private Optional<String> completion = Optional.empty();

    public TypedLine(Session session) {
        this.session = session;
        model = new TypedLineModel(session, field::clear);
        getStyleClass().add("typed-line");
        field.setPromptText(Words.of("postures.type_you_would"));
        field.setAccessibleText(Words.of("postures.type_count"));
        Texts.follow(field);
        Tips.give(field, Words.of("postures.enter_records_count"));
        field.textProperty().addListener((_, _, text) -> typed(text));
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        ChoiceField language = new ChoiceField(Words.of("postures.language_line"));
        model.language(Words.language());
        language.show(LANGUAGES, Words.language().ordinal(), this::speak);
        language.getStyleClass().add("line-language");
        HBox.setHgrow(field, Priority.ALWAYS);
        HBox row = new HBox(field, language);
        row.getStyleClass().add("typed-row");
        getChildren().addAll(row, readBack);
    }

    private void speak(int language) {
        model.language(Language.values()[language]);
        typed(field.getText());
    }

    /** Makes a posture to type into where there is none. */
    void onFirst(Runnable making) {
        first = making;
    }

    /** Puts words into the line as if they were typed. */
    void type(String words) {
        field.setText(words);
        focus();
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
        boolean plain = !event.isShortcutDown() && !event.isAltDown() && !event.isShiftDown();
        if (event.getCode() == KeyCode.ENTER && plain) {
            event.consume();
            enter();
        } else if (event.getCode() == KeyCode.ESCAPE && !field.getText().isEmpty()) {
            event.consume();
            model.drop();
            field.clear();
        } else if (event.getCode() == KeyCode.TAB && plain && completion.isPresent()) {
            event.consume();
            complete(completion.get());
        }
    }

    /** Records the line; where that cannot be, the caret goes to the word that is not understood, and the line says so. */
    private void enter() {
        String text = field.getText();
        if (model.take(text)) {
            field.clear();
            return;
        }
        model.type(text)
                .flatMap(reading ->
                        reading.words(LineReading.Role.UNKNOWN).stream().findFirst())
                .ifPresent(word -> field.selectRange(word.from(), word.to()));
        if (!text.isBlank()) {
            refusing.show();
        }
    }

    private void typed(String text) {
        if (!text.isBlank() && session.project().postures().isEmpty()) {
            first.run();
        }
        Desk before = session.desk().get();
        Optional<LineReading> reading = model.type(text);
        completion =
                reading.flatMap(_ -> HalfTyped.in(text)).flatMap(start -> HalfTyped.whole(start, model.goingOn(start)));
        afterPicture.when(session.desk().get() != before, () -> notes(text, reading));
    }

    private void notes(String text, Optional<LineReading> reading) {
        if (text.isEmpty()) {
            getChildren().remove(below);
            below.begin();
        } else if (!getChildren().contains(below)) {
            getChildren().add(below);
        }
        reading.ifPresentOrElse(
                read -> {
                    below.show(text, read, completion);
                    readBack.show(read, model.exact(), session.project().setting());
                },
                () -> {
                    below.clear();
                    readBack.clear();
                });
    }

    /** What the notes below may do to the line. */
    private final class Changes implements TypedNotes.Line {

        @Override
        public void teach(String phrase, String means) {
            String line = field.getText();
            model.teach(phrase, means);
            field.setText(line);
            typed(line);
            focus();
        }

        @Override
        public void put(String before, String add) {
            String line = field.getText();
            int at = line.toLowerCase(Locale.ROOT).indexOf(before);
            field.setText(at < 0 ? line + " " + add.strip() : line.substring(0, at) + add + line.substring(at));
            focus();
        }

        @Override
        public void replace(String word, String by) {
            String line = field.getText();
            int at = line.toLowerCase(Locale.ROOT).indexOf(word);
            if (at >= 0) {
                field.setText(line.substring(0, at) + by + line.substring(at + word.length()));
                focus();
            }
        }
    }

    private void complete(String word) {
        field.setText(HalfTyped.completed(field.getText(), word));
        focus();
    }
}
