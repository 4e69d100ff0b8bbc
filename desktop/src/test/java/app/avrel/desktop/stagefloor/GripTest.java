package app.avrel.desktop.stagefloor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.move.Pivot;
import org.junit.jupiter.api.Test;

class GripTest {

    private static final Body BODY = Body.ofStature(1.7);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, BODY);

    private static FloorPoint on(Side side, double share) {
        return STANDING.foot(side).point(BODY, share);
    }

    @Test
    void theToesTurnAFootOnItsHeelTheHeelOnItsBallTheMiddleMovesIt() {
        assertThat(Grip.at(on(Side.LEFT, 0.9), STANDING, BODY)).contains(new Grip.OfEnd(Side.LEFT, Pivot.HEEL));
        assertThat(Grip.at(on(Side.RIGHT, 0.1), STANDING, BODY)).contains(new Grip.OfEnd(Side.RIGHT, Pivot.BALL));
        assertThat(Grip.at(on(Side.LEFT, 0.5), STANDING, BODY).orElseThrow()).isInstanceOf(Grip.OfFoot.class);
        assertThat(Grip.at(new FloorPoint(2, 2), STANDING, BODY)).isEmpty();
        assertThat(Grip.at(CentreOfMass.of(STANDING, BODY), STANDING, BODY)).contains(new Grip.OfWeight());
    }

    @Test
    void turningOnTheBallKeepsTheBallAndTurningOnTheHeelTheHeel() {
        FloorPoint ball = on(Side.RIGHT, FootPose.BALL);
        Pose turned = Grip.dragged(
                new Grip.OfEnd(Side.RIGHT, Pivot.BALL), ball.plus(new FloorVector(-0.2, -0.2)), STANDING, BODY);
        assertThat(turned.right().heading().value().degrees()).isEqualTo(45);
        assertThat(turned.right().point(BODY, FootPose.BALL).distance(ball)).isLessThan(1e-9);
        Pose swung = Grip.dragged(
                new Grip.OfEnd(Side.LEFT, Pivot.HEEL), on(Side.LEFT, 0).plus(new FloorVector(-1, 0)), STANDING, BODY);
        assertThat(swung.left().heading().value().degrees()).isEqualTo(270);
        assertThat(swung.left().heel()).isEqualTo(STANDING.left().heel());
    }

    @Test
    void theCentreOfMassGoesAlongItsLineOnly() {
        FloorPoint far = new FloorPoint(-5, 3);
        assertThat(Grip.dragged(new Grip.OfWeight(), far, STANDING, BODY)
                        .weight()
                        .leastLeft())
                .isEqualTo(100);
        FloorPoint quarter = CentreOfMass.pressurePoint(STANDING.right(), BODY)
                .towards(CentreOfMass.pressurePoint(STANDING.left(), BODY), 0.25)
                .plus(new FloorVector(0, 0.3));
        assertThat(Grip.dragged(new Grip.OfWeight(), quarter, STANDING, BODY)
                        .weight()
                        .leastLeft())
                .isEqualTo(25);
    }

    @Test
    void whileDraggingDistancesAreToldInTheBodysMeasuresAndCentimetres() {
        Grip grip = new Grip.OfFoot(Side.RIGHT, new FloorVector(0, 0));
        FloorPoint place = STANDING.left().heel().value().plus(new FloorVector(0.22, 0.517));
        Pose now = Grip.dragged(grip, place, STANDING, BODY);
        assertThat(Grip.words(grip, STANDING, now, BODY, Directions.CLOCK))
                .isEqualTo("2 foot-lengths (52 cm) ahead, 0.5 shoulder widths (22 cm) wide");
        assertThat(now.right().heel().value().distance(place)).isCloseTo(0, within(1e-9));
    }
}
