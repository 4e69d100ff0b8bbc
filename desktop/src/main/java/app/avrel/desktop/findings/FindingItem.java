package app.avrel.desktop.findings;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Words;
import app.avrel.project.Mend;
import app.avrel.rules.Finding;
import app.avrel.rules.Severity;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * One finding: a row with its headline. Pressed, it shows its place and opens: what was found, why it matters, a fix
 * where there is one, and accepting it for a reason.
 */
final class FindingItem extends VBox {

    private static final PseudoClass CAUTION = PseudoClass.getPseudoClass("caution");
    private static final PseudoClass NOTE = PseudoClass.getPseudoClass("note");
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    private final Finding finding;
    private final FindingActions actions;
    private final FlowPane buttons = new FlowPane();

    /**
     * A row.
     *
     * @param place where it was found; empty where that is plain
     * @param open whether all of it is shown
     */
    FindingItem(Finding finding, String place, boolean open, FindingActions actions) {
        this.finding = finding;
        this.actions = actions;
        getStyleClass().add("finding");
        buttons.getStyleClass().add("finding-buttons");
        buttons.setPrefWrapLength(0);
        getChildren().add(row(place, open));
        pseudoClassStateChanged(CAUTION, finding.severity() == Severity.CAUTION);
        pseudoClassStateChanged(NOTE, finding.severity() == Severity.NOTE);
        pseudoClassStateChanged(SELECTED, open);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(Words.of(finding.severity()) + ": " + finding.headline() + ". " + finding.whole());
        setOnMouseClicked(_ -> actions.select(finding));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        if (open && !place.isEmpty()) {
            getChildren().add(Texts.wrapped(place, "finding-place"));
        }
        if (open) {
            getChildren()
                    .addAll(
                            Texts.wrapped(finding.whole(), "finding-sentence"),
                            Texts.wrapped(finding.why(), "finding-why"),
                            buttons);
            buttons.getChildren().add(stand());
            actions.find(finding, this::offer);
        }
    }

    private HBox row(String place, boolean open) {
        Label mark = Texts.of(finding.severity().mark(), "finding-mark");
        mark.setMinWidth(Label.USE_PREF_SIZE);
        Label headline = open
                ? Texts.wrapped(finding.headline(), "finding-headline")
                : Texts.of(finding.headline(), "finding-headline");
        HBox row = new HBox(mark, headline);
        row.getStyleClass().add("finding-row");
        HBox.setHgrow(headline, Priority.ALWAYS);
        headline.setMaxWidth(Double.MAX_VALUE);
        Tips.whole(headline);
        if (!place.isEmpty() && !open) {
            Label at = Texts.of(place, "finding-place");
            at.setMinWidth(0);
            Tips.whole(at);
            row.getChildren().add(at);
        }
        return row;
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

    private void offer(Mend fix) {
        Button mend = Buttons.words(fix.words(), Words.of("findings.apply_fix_one"), () -> actions.apply(fix));
        mend.getStyleClass().add("mend");
        mend.setWrapText(true);
        mend.setMaxWidth(Double.MAX_VALUE);
        getChildren().add(getChildren().indexOf(buttons), mend);
        buttons.getChildren()
                .addFirst(Buttons.words(
                        Words.of("findings.compare_fix"),
                        Words.of("findings.how_one_stands"),
                        () -> actions.beside(
                                finding, fix, (StackPane) getScene().getRoot())));
    }

    private Button stand() {
        return Buttons.words(Words.of("findings.accept"), Words.of("findings.accept_reason"), this::ask);
    }

    private void ask() {
        EntryField reason =
                new EntryField(Words.of("findings.why_accepted"), Words.of("findings.reason_shown_so"), _ -> true);
        Button done = Buttons.words(
                Words.of("findings.accept_2"), Words.of("findings.accept_reason_given"), () -> accept(reason));
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
