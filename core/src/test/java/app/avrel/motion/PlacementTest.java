package app.avrel.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.posture.StartPose;
import app.avrel.samples.Samples;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class PlacementTest {

    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, Body.ofStature(1.7));

    @RepeatedTest(50)
    void whatIsPlacedAndSeenBackIsAsItWas(RepetitionInfo repetition) {
        Placement way = anyWay(new Random(repetition.getCurrentRepetition()));
        Pose back = way.inverse().of(way.of(STANDING));
        for (Side side : Side.values()) {
            assertThat(back.foot(side)
                            .heel()
                            .value()
                            .distance(STANDING.foot(side).heel().value()))
                    .isCloseTo(0, within(1e-9));
        }
        assertThat(back.chest()).isEqualTo(STANDING.chest());
    }

    @RepeatedTest(50)
    void aFrameWithinAFrameIsPlacedByBothInOne(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Placement outer = anyWay(random);
        Placement inner = anyWay(random);
        FloorPoint point = new FloorPoint(random.nextDouble(-2, 2), random.nextDouble(-2, 2));
        assertThat(outer.of(inner).of(point).distance(outer.of(inner.of(point))))
                .isCloseTo(0, within(1e-9));
        Bearing bearing = Bearing.wrapping(random.nextInt(360));
        assertThat(outer.of(inner)
                        .of(bearing)
                        .degreesFrom(outer.of(Bearing.wrapping(inner.of(bearing).degrees()))))
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void wholeTurnsAreKept() {
        HallPose round = new HallPose(STANDING, new Placement(new Turn(360), FloorVector.ZERO));
        assertThat(round.turned()).isEqualTo(new Turn(360));
        assertThat(round.facing()).isEqualTo(Heading.FRONT);
        assertThat(round.beginning().turned()).isEqualTo(new Turn(360));
    }

    @RepeatedTest(50)
    void aPoseInAFrameOfItsOwnFacesItsFrontAndStandsWhereItStood(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Pose turned = Starting.of(samples.startPose(), Body.ofStature(1.7))
                .turned(FloorPoint.ORIGIN, new Turn(samples.number(-700, 700)));
        HallPose there = new HallPose(turned, anyWay(new Random(repetition.getCurrentRepetition())));
        HallPose beginning = there.beginning();
        assertThat(beginning.own().chest().value()).isEqualTo(Turn.NONE);
        assertThat(beginning.own().middle().distance(FloorPoint.ORIGIN)).isCloseTo(0, within(1e-9));
        assertThat(beginning.turned().degrees()).isCloseTo(there.turned().degrees(), within(1e-9));
        assertThat(beginning.middle().distance(there.middle())).isCloseTo(0, within(1e-9));
    }

    private static Placement anyWay(Random random) {
        return new Placement(
                new Turn(random.nextInt(-36, 36) * 15),
                new FloorVector(random.nextDouble(-9, 9), random.nextDouble(-9, 9)));
    }
}
