package app.avrel.desktop.exchange;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import app.avrel.project.ProjectImport;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Chooses what comes over from another project; what would clash is told before it is done. */
public final class BringOverSheet {

    private final Session session;
    private final ProjectImport bringing;
    private final Map<FormId, CheckBox> forms = new LinkedHashMap<>();
    private final Map<PostureId, CheckBox> postures = new LinkedHashMap<>();
    private final ChoiceField clashes = new ChoiceField(Words.of("exchange.clashes_2"));
    private final Label report = Texts.wrapped("", "sheet-text");
    private ProjectImport.Clashes answer = ProjectImport.Clashes.KEEP_OURS;

    private BringOverSheet(Session session, Project there) {
        this.session = session;
        this.bringing = new ProjectImport(session.project(), there);
    }

    /** Lays the sheet over the window. */
    public static void open(Session session, StackPane over, Project there) {
        new BringOverSheet(session, there).show(over);
    }

    private void show(StackPane over) {
        Project there = bringing.there();
        VBox content = new VBox(Texts.of(Words.of("exchange.forms"), "section"));
        content.getStyleClass().add("bring-over");
        there.forms().forEach(form -> content.getChildren().add(box(form)));
        content.getChildren().add(Texts.of(Words.of("common.postures"), "section"));
        there.postures().forEach(posture -> content.getChildren().add(box(posture)));
        clashes.show(
                Arrays.stream(ProjectImport.Clashes.values()).map(Words::of).toList(), answer.ordinal(), at -> {
                    answer = ProjectImport.Clashes.values()[at];
                    told();
                });
        content.getChildren().addAll(Texts.of(Words.of("exchange.here_already"), "section"), clashes, report);
        told();
        Sheet.show(
                over,
                Words.of("exchange.import_from", there.name()),
                content,
                List.of(
                        new Sheet.Answer(Words.of("exchange.import"), this::bring),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }

    private CheckBox box(Form form) {
        CheckBox box = box(Words.of("exchange.its_postures_ways", form.name()));
        forms.put(form.id(), box);
        return box;
    }

    private CheckBox box(Posture posture) {
        String clash = bringing.clash(posture.id())
                .map(how -> Words.of("exchange.clashes", how))
                .orElse("");
        CheckBox box = box(Words.name(posture) + clash);
        postures.put(posture.id(), box);
        return box;
    }

    private CheckBox box(String words) {
        CheckBox box = new CheckBox(words);
        box.setWrapText(true);
        box.selectedProperty().addListener(_ -> told());
        return box;
    }

    private static <T> List<T> chosen(Map<T, CheckBox> boxes) {
        List<T> chosen = new ArrayList<>();
        boxes.forEach((id, box) -> {
            if (box.isSelected()) {
                chosen.add(id);
            }
        });
        return chosen;
    }

    private void told() {
        List<PostureId> some = chosen(postures);
        List<FormId> whole = chosen(forms);
        report.setText(
                some.isEmpty() && whole.isEmpty()
                        ? Words.of("exchange.choose_shall_come")
                        : String.join("\n", bringing.of(some, whole, answer).report()));
    }

    private void bring() {
        List<PostureId> some = chosen(postures);
        List<FormId> whole = chosen(forms);
        if (!some.isEmpty() || !whole.isEmpty()) {
            session.apply(Edit.of(
                    Words.of("exchange.import_from", bringing.there().name()),
                    project -> new ProjectImport(project, bringing.there())
                            .of(some, whole, answer)
                            .project()));
        }
    }
}
