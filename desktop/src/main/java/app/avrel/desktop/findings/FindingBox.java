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
                            .map(finding -> new FindingItem(finding, "", opens(finding, now), actions))
                            .toList());
        }
        setVisible(!findings.isEmpty());
        setManaged(!findings.isEmpty());
    }

    /** One alone is open; of several the selected one, and the first while none of them is. */
    private boolean opens(Finding finding, Optional<Finding> now) {
        return finding.equals(now.filter(shown::contains).orElse(shown.getFirst()));
    }

    /** Mends the selected finding, or the first that is shown, if it can be mended. */
    public void mend() {
        selected.filter(shown::contains).or(() -> shown.stream().findFirst()).ifPresent(actions::mend);
    }
}
