package app.avrel.desktop.findings;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.Severity;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One finding: headline, sentence, why; a fix where there is one; let stand for a reason. Pressed, it shows its place. */
final class FindingItem extends VBox {

    private static final PseudoClass CAUTION = PseudoClass.getPseudoClass("caution");
    private static final PseudoClass NOTE = PseudoClass.getPseudoClass("note");
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    private final Finding finding;
    private final FindingActions actions;
    private final FlowPane buttons = new FlowPane();

    FindingItem(Finding finding, String place, boolean selected, FindingActions actions) {
        this.finding = finding;
        this.actions = actions;
        getStyleClass().add("finding");
        buttons.getStyleClass().add("finding-buttons");
        buttons.setPrefWrapLength(0);
        if (!place.isEmpty()) {
            getChildren().add(Texts.wrapped(place, "finding-place"));
        }
        getChildren()
                .addAll(
                        Texts.wrapped(finding.headline(), "finding-headline"),
                        Texts.wrapped(finding.whole(), "finding-sentence"),
                        Texts.wrapped(finding.why(), "finding-why"),
                        buttons);
        pseudoClassStateChanged(CAUTION, finding.severity() == Severity.CAUTION);
        pseudoClassStateChanged(NOTE, finding.severity() == Severity.NOTE);
        pseudoClassStateChanged(SELECTED, selected);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(finding.severity().word() + ": " + finding.headline() + ". " + finding.whole());
        setOnMouseClicked(_ -> actions.select(finding));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        buttons.getChildren().add(stand());
        actions.find(finding, this::offer);
    }

    Finding finding() {
        return finding;
    }

    private void key(KeyEvent event) {
        if (event.getTarget() == this && (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE)) {
            event.consume();
            actions.select(finding);
        }
    }

    private void offer(Fix fix) {
        Button mend = Buttons.words(
                fix.words(),
                "Mend it so; one step to undo (Ctrl+. for the selected finding)",
                () -> actions.apply(finding, fix));
        mend.getStyleClass().add("mend");
        mend.setWrapText(true);
        mend.setMaxWidth(Double.MAX_VALUE);
        getChildren().add(getChildren().indexOf(buttons), mend);
        buttons.getChildren()
                .addFirst(Buttons.words(
                        "Wrong beside right",
                        "How one stands as recorded and mended, side by side",
                        () -> actions.beside(
                                finding, fix, (StackPane) getScene().getRoot())));
    }

    private Button stand() {
        return Buttons.words(
                "Let it stand…", "Accept this for a reason; it comes back when the record changes", this::ask);
    }

    private void ask() {
        EntryField reason = new EntryField("Why it may stand", "a reason: shown so on purpose", _ -> true);
        Button done = Buttons.words("Let it stand", "Accept this for the reason given", () -> accept(reason));
        reason.field().setOnAction(_ -> accept(reason));
        buttons.getChildren().setAll(reason, done);
        reason.field().requestFocus();
    }

    private void accept(EntryField reason) {
        Optional.of(reason.field().getText())
                .filter(text -> !text.isBlank())
                .ifPresent(text -> actions.accept(finding, text));
    }
}
