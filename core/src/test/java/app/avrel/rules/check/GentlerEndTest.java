package app.avrel.rules.check;

import static app.avrel.posture.count.Stage.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A posture in which the left knee is lifted and the foot set down again, with something easier in place of the lift. */
class GentlerEndTest {

    private static final Move ON_THE_RIGHT = new Move.Shift(Split.on(Side.RIGHT, 100));
    private static final Move LIFT = new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty());
    private static final Move DOWN = new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty(), Optional.empty());

    private static List<Finding> found(Move... instead) {
        Posture posture =
                Found.EMPTY.withCounts(List.of(Count.of(of(ON_THE_RIGHT)), Count.of(of(LIFT)), Count.of(of(DOWN))));
        GentlerVersion gentler = new GentlerVersion("both feet on the floor", 1, 2, List.of(Count.of(of(instead))));
        return Found.in(posture.withSheet(posture.sheet().withGentler(List.of(gentler))));
    }

    @Test
    void whatIsEasierAndEndsWhereThePostureEndsIsNotSpokenOf() {
        assertThat(found(new Move.Raise(Side.LEFT, FootPart.HEEL, Optional.empty())))
                .isEmpty();
    }

    @Test
    void theCountsAfterItAreWalkedFromWhereItEnds() {
        List<Finding> found = found(new Move.DrawIn(Side.LEFT, DrawnTo.BALL_BESIDE));
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().rule()).isEqualTo(RuleId.GENTLER_END);
        assertThat(found.getFirst().sentence())
                .startsWith(
                        "After \"both feet on the floor\" the posture ends otherwise than as recorded. Width: heels")
                .contains("wanted");
    }

    @Test
    void itsOwnMovesAreCheckedLikeThePosture() {
        List<Finding> found = found(new Move.Lift(Side.RIGHT, Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(Found.rules(found)).contains(RuleId.LOADED_STEP);
        Finding loaded = found.stream()
                .filter(finding -> finding.rule().equals(RuleId.LOADED_STEP))
                .findFirst()
                .orElseThrow();
        assertThat(loaded.sentence()).startsWith("In the gentler version \"both feet on the floor\": ");
        assertThat(loaded.where()).isEqualTo(new Where.InPosture(Found.EMPTY.id(), Optional.of(1)));
    }
}
