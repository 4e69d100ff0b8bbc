package app.avrel.desktop.findings;

import app.avrel.rules.Finding;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;

/** Findings one below the other, as on a room's card. */
public final class FindingBox extends VBox {

    private final FindingActions actions;
    private List<Finding> shown = List.of();
    private Optional<Finding> selected = Optional.empty();

    public FindingBox(FindingActions actions) {
        this.actions = actions;
        getStyleClass().add("findings");
    }

    /** Shows findings; those that are shown already stay as they are. */
    public void show(List<Finding> findings) {
        Optional<Finding> now = actions.session().desk().get().selected();
        if (!findings.equals(shown) || !now.equals(selected)) {
            shown = findings;
            selected = now;
            getChildren()
                    .setAll(findings.stream()
                            .map(finding -> new FindingItem(finding, "", now.equals(Optional.of(finding)), actions))
                            .toList());
        }
        setVisible(!findings.isEmpty());
        setManaged(!findings.isEmpty());
    }

    /** Mends the selected finding, or the first that is shown, if it can be mended. */
    public void mend() {
        selected.filter(shown::contains).or(() -> shown.stream().findFirst()).ifPresent(actions::mend);
    }
}
