package app.avrel.desktop.parts;

import app.avrel.rules.Finding;
import app.avrel.rules.Severity;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** Findings one below the other: headline, sentence, why; pressed, one leads to its place. */
public final class FindingBox extends VBox {

    private static final PseudoClass CAUTION = PseudoClass.getPseudoClass("caution");
    private final Consumer<Finding> go;

    /** @param go leads to a finding's place */
    public FindingBox(Consumer<Finding> go) {
        this.go = go;
        getStyleClass().add("findings");
    }

    public void show(List<Finding> findings) {
        getChildren().setAll(findings.stream().map(this::box).toList());
        setVisible(!findings.isEmpty());
        setManaged(!findings.isEmpty());
    }

    private VBox box(Finding finding) {
        VBox box = new VBox(
                Texts.wrapped(finding.headline(), "finding-headline"),
                Texts.wrapped(finding.sentence(), "finding-sentence"),
                Texts.wrapped(finding.why(), "finding-why"));
        box.getStyleClass().add("finding");
        box.pseudoClassStateChanged(CAUTION, finding.severity() == Severity.CAUTION);
        box.setFocusTraversable(true);
        box.setAccessibleRole(AccessibleRole.BUTTON);
        box.setAccessibleText(finding.severity().word() + ": " + finding.headline() + ". " + finding.sentence());
        box.setOnMouseClicked(_ -> go.accept(finding));
        box.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                event.consume();
                go.accept(finding);
            }
        });
        return box;
    }
}
