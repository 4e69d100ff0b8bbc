package app.avrel.desktop.postures;

import app.avrel.desktop.findings.FindingActions;
import app.avrel.desktop.findings.FindingBox;
import app.avrel.desktop.parts.AfterPicture;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.posture.Posture;
import app.avrel.project.Holder;
import app.avrel.rules.Where;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The card at the side: of the chosen count, or of the posture as a whole, with what is found there. */
final class PostureAside extends VBox {

    private final Session session;
    private final Consumer<Where> go;
    private final CountCard countCard;
    private final OtherSideBox otherSide;
    private final FindingBox findings;
    private final AfterPicture afterPicture = new AfterPicture(this);
    private Optional<PostureCard> postureCard = Optional.empty();

    /** @param go goes to a place of the record */
    PostureAside(Session session, Consumer<Where> go) {
        this.session = session;
        this.go = go;
        countCard = new CountCard(session);
        otherSide = new OtherSideBox(session);
        findings = new FindingBox(new FindingActions(session, go));
        getStyleClass().add("card");
    }

    CountCard count() {
        return countCard;
    }

    void empty() {
        getChildren().clear();
    }

    /** Shows what stands at a count once its picture is drawn. */
    void show(Desk desk, Posture posture, int count, boolean typing) {
        afterPicture.when(typing, () -> card(desk, posture, count));
    }

    /** Mends the finding that stands first. */
    void mend() {
        findings.mend();
    }

    /** Puts the keyboard on the posture's name. */
    void focusName() {
        postureCard().focusName();
    }

    private void card(Desk desk, Posture posture, int count) {
        findings.show(desk.survey().findings(posture.id()).stream()
                .filter(finding -> finding.where() instanceof Where.InPosture(var _, var at)
                        && (count == Choice.START
                                ? at.isEmpty()
                                : at.equals(Optional.of(count))
                                        || at.isEmpty()
                                                && count == posture.counts().size() - 1))
                .toList());
        if (count == Choice.START) {
            postureCard().show(desk, posture);
            put(new Node[] {findings}, postureCard());
        } else {
            countCard.show(desk, new Holder.OfPosture(posture.id()), count);
            otherSide.show(posture, count);
            put(new Node[] {countCard, otherSide}, findings);
        }
    }

    /** The card for a posture as a whole is made when it is first asked for: the window opens on a count. */
    private PostureCard postureCard() {
        PostureCard made = postureCard.orElseGet(() -> new PostureCard(session, go));
        postureCard = Optional.of(made);
        return made;
    }

    /** Puts parts on the card, where they are other ones. */
    private void put(Node[] parts, Node last) {
        List<Node> wanted = new ArrayList<>(List.of(parts));
        wanted.add(last);
        if (!getChildren().equals(wanted)) {
            getChildren().setAll(wanted);
        }
    }
}
