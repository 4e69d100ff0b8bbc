package app.avrel.rules;

import static app.avrel.posture.Stage.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.posture.Contact;
import app.avrel.posture.Count;
import app.avrel.posture.DrawnTo;
import app.avrel.posture.FootPart;
import app.avrel.posture.Gentler;
import app.avrel.posture.Move;
import app.avrel.posture.Posture;
import app.avrel.posture.Split;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A posture in which the left knee is lifted and the foot set down again, with something easier in place of the lift. */
class GentlerVersionTest {

    private static final Move ON_THE_RIGHT = new Move.Shift(Split.on(Side.RIGHT, 100));
    private static final Move LIFT = new Move.Lift(Side.LEFT, Optional.empty());
    private static final Move DOWN = new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty());

    private static List<Finding> found(Move... instead) {
        Posture posture =
                Found.EMPTY.withCounts(List.of(Count.of(of(ON_THE_RIGHT)), Count.of(of(LIFT)), Count.of(of(DOWN))));
        Gentler gentler = new Gentler("both feet on the floor", 1, 2, List.of(Count.of(of(instead))));
        return Found.in(posture.withSheet(posture.sheet().withGentler(List.of(gentler))));
    }

    @Test
    void whatIsEasierAndEndsWhereThePostureEndsIsNotSpokenOf() {
        assertThat(found(new Move.Raise(Side.LEFT, FootPart.HEEL))).isEmpty();
    }

    @Test
    void theCountsAfterItAreWalkedFromWhereItEnds() {
        List<Finding> found = found(new Move.DrawIn(Side.LEFT, DrawnTo.BALL_BESIDE));
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().rule()).isEqualTo("gentler-end");
        assertThat(found.getFirst().sentence())
                .startsWith(
                        "After \"both feet on the floor\" the posture ends otherwise than as recorded. Width: heels")
                .contains("wanted");
    }

    @Test
    void itsOwnMovesAreCheckedLikeThePosture() {
        List<Finding> found = found(new Move.Lift(Side.RIGHT, Optional.empty()));
        assertThat(Found.rules(found)).contains("loaded-step");
        Finding loaded = found.stream()
                .filter(finding -> finding.rule().equals("loaded-step"))
                .findFirst()
                .orElseThrow();
        assertThat(loaded.sentence()).startsWith("In the gentler version \"both feet on the floor\": ");
        assertThat(loaded.where()).isEqualTo(new Where.InPosture(Found.EMPTY.id(), Optional.of(1)));
    }
}
