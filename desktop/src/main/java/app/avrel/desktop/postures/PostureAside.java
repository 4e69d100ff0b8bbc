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
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.VBox;

/** The card at the side: of the chosen count, or of the posture as a whole, with what is found there. */
final class PostureAside extends VBox {

    private final Session session;
    private final Consumer<Where> go;
    private final Runnable named;
    private final CountCard countCard;
    private final OtherSideBox otherSide;
    private final FindingBox findings;
    private final AfterPicture afterPicture = new AfterPicture(this);
    private Optional<PostureCard> postureCard = Optional.empty();

    /**
     * The card beside the stage.
     *
     * @param go goes to a place of the record
     * @param named goes on once a posture has its name
     */
    PostureAside(Session session, Consumer<Where> go, Runnable named) {
        this.session = session;
        this.go = go;
        this.named = named;
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

    /** Puts the keyboard on the posture's name, as soon as it is seen. */
    void focusName() {
        PostureCard wanted = postureCard();
        if (wanted.getScene() == null) {
            focusWhenSeen(wanted);
        } else {
            wanted.focusName();
        }
    }

    private static void focusWhenSeen(PostureCard wanted) {
        wanted.sceneProperty().addListener(new ChangeListener<>() {
            @Override
            public void changed(ObservableValue<? extends Scene> scene, Scene before, Scene now) {
                wanted.sceneProperty().removeListener(this);
                Platform.runLater(wanted::focusName);
            }
        });
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
        PostureCard made = postureCard.orElseGet(() -> new PostureCard(session, go, named));
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
