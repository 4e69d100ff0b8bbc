package app.avrel.desktop.parts;

import app.avrel.rules.Finding;
import app.avrel.rules.Severity;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
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

    private Button box(Finding finding) {
        VBox words = new VBox(
                Texts.wrapped(finding.headline(), "finding-headline"),
                Texts.wrapped(finding.sentence(), "finding-sentence"),
                Texts.wrapped(finding.why(), "finding-why"));
        Button button = new Button();
        button.setGraphic(words);
        button.setMaxWidth(Double.MAX_VALUE);
        words.prefWidthProperty().bind(button.widthProperty().subtract(36));
        button.getStyleClass().addAll("flat", "finding");
        button.pseudoClassStateChanged(CAUTION, finding.severity() == Severity.CAUTION);
        button.setAccessibleText(finding.severity().word() + ": " + finding.headline() + ". " + finding.sentence());
        button.setOnAction(_ -> go.accept(finding));
        return button;
    }
}
