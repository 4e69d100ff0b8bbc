package app.avrel.motion;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.mechanics.Spacing;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FootTurnTest {

    private static Move turn(Side foot, Pivot on, Toes toes) {
        return new Move.TurnFoot(foot, on, Optional.of(toes));
    }

    private static Pose rearRightFootAt(double degrees) {
        Pose bow = Standing.apart(0.51, 0.44);
        return bow.withFoot(
                Side.RIGHT, FootPose.at(bow.right().heel().value(), Bearing.wrapping(degrees), Contact.FLAT));
    }

    /** The published table for a rear right foot at 170 cm: what the stance gains, centimetres. */
    @ParameterizedTest(name = "{0}° to {1}° on the {2}: length {3}, width {4}")
    @CsvSource({
        "0, 45, HEEL, 0.0, 0.0",
        "0, 45, BALL, -5.4, -13.2",
        "0, 45, SOLE, -3.4, -8.2",
        "45, 0, BALL, 5.4, 13.2",
        "45, 90, BALL, -13.2, -5.4",
        "90, 45, HEEL, 0.0, 0.0",
        "90, 45, BALL, 13.2, 5.4",
        "90, 45, SOLE, 8.2, 3.4",
        "0, 90, BALL, -18.6, -18.6",
        "45, -45, BALL, 0.0, 26.3"
    })
    void theStanceChangesByWhatTheFootTurnsOn(double from, double to, Pivot on, double length, double width) {
        Pose before = rearRightFootAt(from);
        Pose turned =
                after(before, turn(Side.RIGHT, on, new Toes.Toward(new Direction.OfPosture(Bearing.wrapping(to)))));
        Spacing was = Spacing.of(before);
        Spacing is = Spacing.of(turned);
        assertThat((is.length() - was.length()) * 100).as("length").isCloseTo(length, within(0.06));
        assertThat((is.width() - was.width()) * 100).as("width").isCloseTo(width, within(0.06));
    }

    @Test
    void turningOnTheHeelLeavesTheHeelAndOnTheBallLeavesTheBall() {
        Pose before = rearRightFootAt(0);
        FloorPoint ball = before.right().point(BODY, FootPose.BALL);
        Pose onHeel = after(before, turn(Side.RIGHT, Pivot.HEEL, new Toes.Turned(30)));
        assertThat(onHeel.right().heel()).isEqualTo(before.right().heel());
        Pose onBall = after(before, turn(Side.RIGHT, Pivot.BALL, new Toes.Turned(30)));
        assertThat(onBall.right().point(BODY, FootPose.BALL).distance(ball)).isCloseTo(0, within(1e-9));
    }

    @Test
    void outIsAwayFromTheBodysMiddleForEitherFoot() {
        Pose stand = Standing.shoulderWide();
        Pose left = after(stand, turn(Side.LEFT, Pivot.HEEL, new Toes.Turned(45)));
        assertThat(left.left().heading().value()).isEqualTo(new Bearing(315));
        Pose right = after(stand, turn(Side.RIGHT, Pivot.HEEL, new Toes.Turned(45)));
        assertThat(right.right().heading().value()).isEqualTo(new Bearing(45));
    }

    @Test
    void aTargetAgainstTheHipsFindsThemTurned() {
        Move body = new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(60))));
        Pose turned = after(Standing.shoulderWide(), turn(Side.RIGHT, Pivot.HEEL, new Toes.AgainstPelvis(20)), body);
        assertThat(turned.right().heading().value()).isEqualTo(new Bearing(80));
    }

    @Test
    void asFarAsTheyGoIsTheHouseRulesRange() {
        Pose out = after(Standing.shoulderWide(), turn(Side.LEFT, Pivot.HEEL, new Toes.OutAsFarAsTheyGo()));
        assertThat(out.left().heading().value()).isEqualTo(new Bearing(320));
        Pose in = after(Standing.shoulderWide(), turn(Side.LEFT, Pivot.HEEL, new Toes.InAsFarAsTheyGo()));
        assertThat(in.left().heading().value()).isEqualTo(new Bearing(35));
    }

    @Test
    void toesThatAreNotSaidAreAssumedAndTheHeelWithThemUnlessTheFootTurnsOnIt() {
        Pose ball = after(Standing.shoulderWide(), new Move.TurnFoot(Side.LEFT, Pivot.BALL, Optional.empty()));
        assertThat(ball.left().heel().assumed()).isTrue();
        Pose heel = after(Standing.shoulderWide(), new Move.TurnFoot(Side.LEFT, Pivot.HEEL, Optional.empty()));
        assertThat(heel.left().heel().assumed()).isFalse();
        assertThat(heel.left().heading().assumed()).isTrue();
    }
}
