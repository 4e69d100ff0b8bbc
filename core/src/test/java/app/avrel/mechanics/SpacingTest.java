package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import app.avrel.motion.Standing;
import app.avrel.posture.move.Contact;
import app.avrel.samples.Samples;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpacingTest {

    /** The published table: feet at 170 cm, centimetres. */
    @ParameterizedTest(name = "left {0} ahead, {1} apart, facing {2}°: leads {3}, width {4}")
    @CsvSource({
        "0, 44, 0, 0, 44",
        "51, 44, 0, 51, 44",
        "51, 44, 45, 4.9, 67.2",
        "51, 44, 90, -44, 51",
        "51, 44, 180, -51, -44",
        "51, 0, 0, 51, 0",
        "40, -10, 0, 40, -10",
        "-40, 22, 0, -40, 22"
    })
    void lengthAndWidthAreCountedAlongAndAcrossAFacing(
            double ahead, double apart, double facing, double lead, double width) {
        Spacing spacing = Spacing.of(Standing.apart(ahead / 100, apart / 100), new Bearing(facing));
        assertThat(spacing.leftLead() * 100).isCloseTo(lead, within(0.06));
        assertThat(spacing.width() * 100).isCloseTo(width, within(0.06));
    }

    @RepeatedTest(40)
    void lengthAndWidthMakeUpTheDistanceForEveryFacing(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Pose pose = Standing.apart(samples.number(-60, 60) / 100.0, samples.number(-20, 60) / 100.0);
        Spacing spacing = Spacing.of(pose, samples.heading());
        double squared = spacing.length() * spacing.length() + spacing.width() * spacing.width();
        assertThat(Math.sqrt(squared)).isCloseTo(spacing.distance(), within(1e-9));
    }

    @RepeatedTest(40)
    void movingAndTurningEverythingChangesNoSpacing(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Pose pose = Standing.apart(samples.number(-60, 60) / 100.0, samples.number(-20, 60) / 100.0);
        Pose elsewhere = pose.turned(new FloorPoint(2, -1), samples.turn()).moved(new Bearing(30).vector(3));
        assertThat(Spacing.of(elsewhere).leftLead()).isCloseTo(Spacing.of(pose).leftLead(), within(1e-9));
        assertThat(Spacing.of(elsewhere).width()).isCloseTo(Spacing.of(pose).width(), within(1e-9));
    }

    @Test
    void withAllTheWeightOnOneFootTheCentreOfMassIsOnThatFoot() {
        Pose pose = Standing.apart(0.5, 0.22);
        FloorPoint left = CentreOfMass.pressurePoint(pose.left(), Standing.BODY);
        assertThat(CentreOfMass.of(pose.withWeight(WeightShare.left(100)), Standing.BODY)
                        .distance(left))
                .isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"70", "50", "15", "0"})
    void theCentreOfMassLiesAsFarAlongTheLineAsTheSplitSays(int left) {
        Pose pose = Standing.apart(0.5, 0.44).withWeight(WeightShare.left(left));
        FloorPoint from = CentreOfMass.pressurePoint(pose.right(), Standing.BODY);
        FloorPoint to = CentreOfMass.pressurePoint(pose.left(), Standing.BODY);
        FloorPoint centre = CentreOfMass.of(pose, Standing.BODY);
        assertThat(centre.distance(from)).isCloseTo(from.distance(to) * left / 100, within(1e-9));
        assertThat(centre.distance(to)).isCloseTo(from.distance(to) * (100 - left) / 100, within(1e-9));
    }

    @Test
    void aFootOnItsBallPressesAheadOfOneOnItsHeel() {
        Pose pose = Standing.shoulderWide();
        double ball = ahead(pose, Contact.BALL);
        double flat = ahead(pose, Contact.FLAT);
        double heel = ahead(pose, Contact.HEEL);
        assertThat(new double[] {heel * 100, flat * 100, ball * 100})
                .containsExactly(new double[] {2.1, 11.6, 18.6}, within(0.1));
    }

    private static double ahead(Pose pose, Contact contact) {
        var foot = pose.left().withContact(contact);
        return CentreOfMass.pressurePoint(foot, Standing.BODY)
                .minus(foot.heel().value())
                .ahead();
    }

    @Test
    void turningThePoseTurnsTheCentreOfMassWithIt() {
        Pose pose = Standing.apart(0.3, 0.3).withWeight(WeightShare.left(70));
        FloorPoint turned = CentreOfMass.of(pose, Standing.BODY).turned(FloorPoint.ORIGIN, new Turn(130));
        assertThat(CentreOfMass.of(pose.turned(FloorPoint.ORIGIN, new Turn(130)), Standing.BODY)
                        .distance(turned))
                .isCloseTo(0, within(1e-9));
    }
}
