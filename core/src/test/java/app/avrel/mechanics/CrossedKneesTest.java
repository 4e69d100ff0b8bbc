package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.motion.Estimate;
import app.avrel.motion.Pose;
import app.avrel.motion.Standing;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.rules.check.Performed;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A crossed rest closes where the rear knee meets the front calf: one sinks until it does. */
class CrossedKneesTest {

    private static CrossedKnees crossed(double footLengths, Body body) {
        Sole front = Sole.of(new FloorPoint(0, footLengths * body.footLength()), new Bearing(300), Contact.FLAT);
        Sole rear = Sole.of(new FloorPoint(0, 0), new Bearing(0), Contact.BALL);
        return new CrossedKnees(Stand.of(front, rear, 0.6, new Bearing(0), 0), Side.LEFT, body);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.52, 1.7, 1.91})
    void sinkingFarEnoughClosesItForABodyOfAnySize(double stature) {
        CrossedKnees standing = crossed(1.8, Body.ofStature(stature));

        double drop = standing.drop().orElseThrow();

        assertThat(standing.close()).isFalse();
        assertThat(new CrossedKnees(standing.stand().withDrop(drop), Side.LEFT, standing.body()).close())
                .isTrue();
        assertThat(drop / stature).isBetween(0.15, 0.3);
    }

    @Test
    void feetTooNearMeetAtNoDepthAndTheLengthThatWouldIsTold() {
        CrossedKnees near = crossed(1, Body.ofStature(1.7));

        double wanted = near.nearestMeeting(Body.ofStature(1.7).footLength()).orElseThrow();

        assertThat(near.drop()).isEmpty();
        assertThat(wanted / Body.ofStature(1.7).footLength()).isBetween(1.5, 1.9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "RIGHT"})
    void oneSinksUntilTheyMeetWhereverTheFeetWereSet(String knee) {
        Optional<Side> rear = Optional.of(knee).filter(side -> !side.isEmpty()).map(Side::valueOf);
        Pose sunk = sit(1.8, new Depth.UntilKneeMeetsCalf(rear));
        Pose wider = sit(2.1, new Depth.UntilKneeMeetsCalf(rear));

        assertThat(sunk.drop().value()).isNotEqualTo(wider.drop().value());
        for (Pose pose : List.of(sunk, wider)) {
            assertThat(new CrossedKnees(Stand.of(pose), Side.LEFT, Body.ofStature(1.7)).close())
                    .isTrue();
        }
    }

    @Test
    void theKneeOfTheFootInFrontMeetsNothing() {
        Pose wrong = sit(1.8, new Depth.UntilKneeMeetsCalf(Optional.of(Side.LEFT)));
        Pose somehow = sit(1.8, new Depth.Sink(Optional.empty()));

        assertThat(wrong.drop()).isEqualTo(somehow.drop());
    }

    @Test
    void overToesThatTurnedNobodySaysHowFarItIsAsDeepAsOneUsuallySinks() {
        Depth meeting = new Depth.UntilKneeMeetsCalf(Optional.empty());
        Stage turned = Stage.of(
                new Move.TurnFoot(Side.RIGHT, Pivot.BALL, Optional.of(new Toes.TurnedSome(Toes.TurnedSome.Way.OUT))));
        Pose open = Standing.POSING.after(sit(1.8, new Depth.Sink(Optional.empty())), turned);

        Pose sunk = Standing.POSING.after(open, Stage.of(new Move.ChangeDepth(meeting)));

        assertThat(sit(1.8, meeting).drop().basis()).isEqualTo(Estimate.Basis.DERIVED);
        assertThat(sunk.drop().basis()).isEqualTo(Estimate.Basis.ASSUMED);
    }

    private static Pose sit(double footLengths, Depth depth) {
        List<Stage> stages = List.of(
                Stage.of(Performed.shift(Side.RIGHT, 100)),
                Stage.of(Performed.step(footLengths, 0, 60)),
                Stage.of(
                        new Move.Shift(Split.on(Side.LEFT, 60)),
                        new Move.Raise(Side.RIGHT, FootPart.HEEL, Optional.empty())),
                Stage.of(new Move.ChangeDepth(depth)));
        Pose pose = Standing.shoulderWide();
        for (Stage stage : stages) {
            pose = Standing.POSING.after(pose, stage);
        }
        return pose;
    }
}
