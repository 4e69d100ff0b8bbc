package app.avrel.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.posture.StartPose;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class PlacementTest {

    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, Body.ofStature(1.7));

    @RepeatedTest(50)
    void aPoseThatWasTurnedAndMovedIsFoundAgainAndTheWayThereWithIt(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Turn turn = new Turn(random.nextInt(-36, 36) * 15);
        FloorVector by = new FloorVector(random.nextDouble(-9, 9), random.nextDouble(-9, 9));
        Pose there = STANDING.turned(FloorPoint.ORIGIN, turn).moved(by);
        Placement way = Placement.between(STANDING, there).orElseThrow();
        assertThat(way.turn().degrees()).isEqualTo(turn.degrees());
        assertThat(way.by().right()).isCloseTo(by.right(), within(1e-9));
        assertThat(way.by().ahead()).isCloseTo(by.ahead(), within(1e-9));
        assertThat(Placement.between(way.of(STANDING), there).orElseThrow().still())
                .isTrue();
    }

    @Test
    void noWayLeadsToAPoseThatStandsOtherwise() {
        assertThat(Placement.between(STANDING, STANDING.withWeight(WeightShare.left(100))))
                .isEmpty();
        FootPose wider = STANDING.left().moved(new FloorVector(-0.1, 0));
        assertThat(Placement.between(STANDING, STANDING.withFoot(Side.LEFT, wider)))
                .isEmpty();
    }

    @RepeatedTest(50)
    void beingCarriedTwiceIsBeingCarriedByBothInOne(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Placement one = anyWay(random);
        Placement other = anyWay(random);
        Pose twice = other.of(one.of(STANDING));
        assertThat(Placement.between(one.then(other).of(STANDING), twice)
                        .orElseThrow()
                        .still())
                .isTrue();
    }

    private static Placement anyWay(Random random) {
        return new Placement(
                new Turn(random.nextInt(-36, 36) * 15),
                new FloorVector(random.nextDouble(-9, 9), random.nextDouble(-9, 9)));
    }

    @Test
    void wholeTurnsAreKept() {
        Pose round = STANDING.turned(FloorPoint.ORIGIN, new Turn(360));
        Placement way = Placement.between(STANDING, round).orElseThrow();
        assertThat(way.turn().degrees()).isEqualTo(360);
        assertThat(way.still()).isFalse();
    }
}
