package app.avrel.desktop.findings;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.project.Analysis;
import app.avrel.project.Edit;
import app.avrel.project.Mend;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.layout.StackPane;

/** What can be done about a finding. */
public final class FindingActions {

    private final Session session;
    private final Consumer<Where> go;
    private Analysis searched;
    private Map<Finding, Optional<Mend>> fixes = new ConcurrentHashMap<>();

    /** @param go leads to a place of the record */
    public FindingActions(Session session, Consumer<Where> go) {
        this.session = session;
        this.go = go;
        this.searched = session.desk().get().survey();
    }

    Session session() {
        return session;
    }

    /** Goes to a finding's place and shows there what it is about. */
    void select(Finding finding) {
        go.accept(finding.where());
        session.select(Optional.of(finding));
    }

    /** Looks for a fix without keeping the window waiting; tells of it where there is one. */
    void find(Finding finding, Consumer<Mend> found) {
        Analysis survey = session.desk().get().survey();
        if (survey != searched) {
            searched = survey;
            fixes = new ConcurrentHashMap<>();
        }
        Map<Finding, Optional<Mend>> known = fixes;
        if (known.containsKey(finding)) {
            known.get(finding).ifPresent(found);
            return;
        }
        CompletableFuture.supplyAsync(() -> known.computeIfAbsent(finding, survey::fix))
                .thenAccept(fix -> fix.ifPresent(sound -> Platform.runLater(() -> found.accept(sound))));
    }

    /** Applies the fix of a finding, if there is one. */
    void mend(Finding finding) {
        session.desk().get().survey().fix(finding).ifPresent(this::apply);
    }

    void apply(Mend mend) {
        session.apply(Edit.of(mend.words(), mend::applied));
    }

    /** Shows wrong beside right. */
    void beside(Finding finding, Mend mend, StackPane over) {
        new Beside(session.desk().get().survey(), finding, mend).show(over, () -> apply(mend));
    }

    void accept(Finding finding, String reason) {
        session.apply(Edit.of(Words.of("findings.let_finding_stand"), project -> project.accept(finding, reason)));
    }

    void lookAgain(Finding finding) {
        session.apply(Edit.of(
                Words.of("findings.look_at_finding"),
                project -> project.withAccepted(project.accepted().stream()
                        .filter(one -> !one.about(finding))
                        .toList())));
    }
}
