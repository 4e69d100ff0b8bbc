package app.avrel.desktop.postures;

import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.ribbon.RibbonCells;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Turn;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import java.util.List;
import javafx.scene.layout.VBox;

/** A posture's ribbon, with that of its other side over it where one likes. */
final class PostureRibbons extends VBox {

    private final Session session;
    private final Ribbon ribbon = new Ribbon();
    private final Ribbon other = new Ribbon();

    PostureRibbons(Session session) {
        this.session = session;
        getChildren().add(ribbon);
    }

    /** {@return the ribbon of the posture as it is recorded} */
    Ribbon recorded() {
        return ribbon;
    }

    void empty() {
        ribbon.show(List.of(), -1, Words.of("postures.no_posture_yet_type"), _ -> {});
    }

    void show(Desk desk, Posture posture, Occurrence done, int count) {
        ribbon.recorded(!desk.shownOnly());
        ribbon.show(RibbonCells.ofPosture(desk, done), count, Words.of("postures.no_counts_yet"), this::choose);
        if (getChildren().contains(other)) {
            other.show(RibbonCells.ofPosture(desk, mirrored(desk, posture)), count, "", this::choose);
        }
    }

    private void choose(int count) {
        session.choose(session.choice().withCount(count));
    }

    private static Occurrence mirrored(Desk desk, Posture posture) {
        return Unroll.posture(Mirror.of(posture), desk.project().setting().posing())
                .turned(new Turn(desk.staging().degrees()))
                .occurrences()
                .getFirst();
    }

    /** Shows the other side's ribbon, or takes it away. */
    void toggleOther() {
        if (!getChildren().remove(other)) {
            getChildren().addFirst(other);
        }
    }
}
