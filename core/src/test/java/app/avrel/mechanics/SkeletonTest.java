package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.SpacePoint;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class SkeletonTest {

    private static final Body BODY = Body.ofStature(1.7);

    private static Skeleton of(Pose pose) {
        return Skeleton.of(Rig.of(pose, BODY), BODY);
    }

    private static Pose random(Samples samples) {
        Performer posing = Performing.of(BODY, HouseRules.LARGE_FRAME);
        Pose pose = Starting.of(StartPose.SHOULDER_WIDE, BODY);
        for (int i = 0; i < 4; i++) {
            pose = posing.after(pose, samples.stage());
        }
        return pose;
    }

    @Test
    void standingUprightTheBodyIsAsTallAsItsStature() {
        Skeleton standing = of(Starting.of(StartPose.SHOULDER_WIDE.withDrop(Length.fists(0)), BODY));
        assertThat(standing.pelvis().up()).isLessThanOrEqualTo(0.53 * 1.7).isGreaterThan(0.5 * 1.7);
        assertThat(standing.left().heel().up()).isCloseTo(0, within(1e-9));
        assertThat(standing.head().up()).isLessThan(1.7);
    }

    @RepeatedTest(150)
    void bonesKeepTheirLengthInAnyPose(RepetitionInfo repetition) {
        Skeleton skeleton = of(random(new Samples(repetition.getCurrentRepetition())));
        for (Side side : Side.values()) {
            Skeleton.Limbs limbs = skeleton.limbs(side);
            String seed = "seed " + repetition.getCurrentRepetition();
            assertThat(limbs.hip().distance(limbs.knee())).as(seed).isCloseTo(0.245 * 1.7, within(1e-3));
            assertThat(limbs.knee().distance(limbs.ankle())).as(seed).isCloseTo(0.246 * 1.7, within(1e-3));
            assertThat(limbs.shoulder().distance(limbs.elbow())).as(seed).isCloseTo(0.186 * 1.7, within(1e-3));
            assertThat(limbs.heel().distance(limbs.toe())).as(seed).isCloseTo(0.152 * 1.7, within(1e-3));
        }
    }

    @RepeatedTest(60)
    void turningThePoseTurnsTheSkeleton(RepetitionInfo repetition) {
        Pose pose = random(new Samples(repetition.getCurrentRepetition()));
        Turn turn = new Turn(70);
        Skeleton turned = of(pose.turned(FloorPoint.ORIGIN, turn));
        Skeleton plain = of(pose);
        for (Side side : Side.values()) {
            SpacePoint knee = plain.limbs(side).knee().turned(turn.degrees());
            SpacePoint palm = plain.limbs(side).palm().turned(turn.degrees());
            assertThat(turned.limbs(side).knee().distance(knee)).isLessThan(1e-6);
            assertThat(turned.limbs(side).palm().distance(palm)).isLessThan(1e-6);
        }
    }

    @Test
    void aPalmLooksAsItIsSaidToAndFingersAreAtRightAnglesToIt() {
        Pose pose = new Line(
                        Language.ENGLISH, new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME), BODY)
                .read("right hand at the chest, palm up", Starting.of(StartPose.SHOULDER_WIDE, BODY))
                .after();
        Skeleton.Limbs right = of(pose).right();
        assertThat(right.facing().up()).isGreaterThan(0.95);
        assertThat(right.facing().dot(right.fingers())).isCloseTo(0, within(1e-6));
    }

    @Test
    void aRaisedKneeIsAsHighAsSaidAndTheKickIsWhereItIsSaidToGo() {
        Pose start = Starting.of(StartPose.SHOULDER_WIDE, BODY);
        Line line =
                new Line(Language.ENGLISH, new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME), BODY);
        Skeleton up =
                of(line.read("all left; lift the right knee to the hip", start).after());
        assertThat(up.right().knee().up()).isCloseTo(up.right().hip().up(), within(0.06));
        Skeleton out = of(line.read("all left; lift the right knee; right heel kick to 12 at the knee", start)
                .after());
        assertThat(out.right().ankle().up()).isCloseTo(0.285 * 1.7, within(0.02));
        assertThat(out.right().ankle().ahead()).isGreaterThan(0.5);
    }
}
