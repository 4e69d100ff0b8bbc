package app.avrel.desktop.keeping;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.Opened;
import app.avrel.project.merging.Merged;
import app.avrel.project.merging.Merging.Prefer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Somebody else has changed the file: both states side by side, and how they are put together. Nothing is lost by any answer. */
public final class ChangedSheet {

    /** What is done with the file after an answer. */
    public interface Answers {

        /** Saves what is on the desk now to the file. */
        void save();

        /** Saves what is on the desk over the file; what it holds is kept beside it. */
        void replace();

        void saveElsewhere();
    }

    private final Session session;
    private final StackPane over;
    private final Answers answers;
    private Prefer prefer = Prefer.OURS;

    private ChangedSheet(Session session, StackPane over, Answers answers) {
        this.session = session;
        this.over = over;
        this.answers = answers;
    }

    /** Lays the sheet over the window. */
    public static void open(Session session, StackPane over, Opened theirs, Answers answers) {
        new ChangedSheet(session, over, answers).show(theirs);
    }

    private void show(Opened theirs) {
        String file = session.file().get().map(Path::toString).orElse("");
        List<Sheet.Answer> choices = new ArrayList<>();
        VBox content = new VBox();
        content.getStyleClass().add("changed-there");
        switch (theirs) {
            case Opened.Read read -> {
                content.getChildren().add(Texts.wrapped(Words.of("keeping.changed_since", file), "sheet-text"));
                parts(content, read);
                choices.add(new Sheet.Answer(Words.of("keeping.put_together"), () -> {
                    session.putTogether(Words.of("keeping.putting_together"), merged(read), read);
                    answers.save();
                }));
                choices.add(new Sheet.Answer(
                        Words.of("keeping.take_theirs"),
                        () -> session.takeTheirs(Words.of("keeping.taking_theirs"), read)));
            }
            case Opened.Refused(String message) ->
                content.getChildren().add(Texts.wrapped(Words.of("keeping.unreadable_now", message), "sheet-text"));
        }
        choices.add(new Sheet.Answer(Words.of("keeping.save_elsewhere"), answers::saveElsewhere));
        choices.add(new Sheet.Answer(Words.of("keeping.replace"), answers::replace));
        choices.add(new Sheet.Answer(Words.of("common.cancel"), () -> {}));
        Sheet.show(over, Words.of("keeping.changed_there"), content, choices);
    }

    private Merged merged(Opened.Read read) {
        return session.together(read.project(), prefer);
    }

    private void parts(VBox content, Opened.Read read) {
        Merged merged = merged(read);
        group(content, Words.of("keeping.only_here"), merged.ours());
        group(content, Words.of("keeping.only_there"), merged.theirs());
        group(content, Words.of("keeping.in_both"), merged.both());
        if (!merged.both().isEmpty()) {
            ChoiceField whose = new ChoiceField(Words.of("keeping.of_both_take"));
            whose.show(
                    List.of(Words.of("keeping.as_here"), Words.of("keeping.as_there")),
                    prefer.ordinal(),
                    at -> prefer = Prefer.values()[at]);
            content.getChildren().addAll(Texts.of(Words.of("keeping.of_both_take"), "section"), whose);
        }
        content.getChildren().add(Texts.wrapped(Words.of("keeping.can_be_undone"), "quiet"));
    }

    private static void group(VBox content, String title, List<Merged.Changed> parts) {
        if (!parts.isEmpty()) {
            content.getChildren().addAll(Texts.of(title, "section"), Texts.wrapped(PartWords.of(parts), "sheet-text"));
        }
    }
}
