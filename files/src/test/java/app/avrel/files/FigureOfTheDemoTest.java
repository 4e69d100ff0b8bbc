package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.form.Unroll;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The figure is a body, at every moment of every count of the demo. */
class FigureOfTheDemoTest {

    private static final Project DEMO = Demo.project();
    private static final Body BODY = DEMO.setting().chosenBody();
    private static final double SECONDS_A_BEAT = 2.5;
    private static final double FRAMES_A_SECOND = 60;
    private static final double MILLIMETRE = 0.001;

    static Stream<Arguments> counts() {
        return DEMO.postures().stream()
                .map(posture -> Unroll.posture(posture, DEMO.setting().posing())
                        .occurrences()
                        .getFirst())
                .flatMap(FigureOfTheDemoTest::counts);
    }

    private static Stream<Arguments> counts(Occurrence done) {
        Map<Integer, List<Moment>> byCount = done.moments().stream()
                .collect(Collectors.groupingBy(moment -> moment.place().count()));
        return byCount.entrySet().stream()
                .map(entry ->
                        Arguments.of(done.posture().name() + ", count " + (entry.getKey() + 1), entry.getValue()));
    }

    private static List<Double> frames(Playing playing) {
        int frames = (int) Math.ceil(playing.seconds(SECONDS_A_BEAT) * FRAMES_A_SECOND);
        return Stream.iterate(0, i -> i <= frames, i -> i + 1)
                .map(i -> (double) i / frames)
                .toList();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("counts")
    void bonesKeepTheirLength(String count, List<Moment> moments) {
        Playing playing = new Playing(moments, BODY);
        double stature = BODY.stature();
        for (double share : frames(playing)) {
            Skeleton skeleton = Skeleton.of(playing.at(share), BODY);
            for (Side side : Side.values()) {
                Skeleton.Limbs limbs = skeleton.limbs(side);
                assertThat(limbs.hip().distance(limbs.knee())).isCloseTo(0.245 * stature, within(MILLIMETRE));
                assertThat(limbs.knee().distance(limbs.ankle())).isCloseTo(0.246 * stature, within(MILLIMETRE));
                assertThat(limbs.shoulder().distance(limbs.elbow())).isCloseTo(0.186 * stature, within(MILLIMETRE));
                assertThat(limbs.elbow().distance(limbs.wrist())).isCloseTo(0.146 * stature, within(MILLIMETRE));
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("counts")
    void aFootThatIsNotMovedDoesNotSlip(String count, List<Moment> moments) {
        Playing playing = new Playing(moments, BODY);
        for (Side side : Side.values()) {
            boolean moved = moments.stream()
                    .anyMatch(moment ->
                            !moment.before().foot(side).equals(moment.after().foot(side)));
            if (moved) {
                continue;
            }
            SpacePoint start = Skeleton.of(playing.at(0), BODY).limbs(side).heel();
            for (double share : frames(playing)) {
                assertThat(Skeleton.of(playing.at(share), BODY)
                                .limbs(side)
                                .heel()
                                .distance(start))
                        .isLessThan(MILLIMETRE);
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("counts")
    void noJointJumps(String count, List<Moment> moments) {
        Playing playing = new Playing(moments, BODY);
        List<SpacePoint> before = joints(Skeleton.of(playing.at(0), BODY));
        for (double share : frames(playing)) {
            List<SpacePoint> now = joints(Skeleton.of(playing.at(share), BODY));
            for (int joint = 0; joint < now.size(); joint++) {
                assertThat(now.get(joint).distance(before.get(joint)))
                        .as("joint %d at %.3f of the count", joint, share)
                        .isLessThan(0.08);
            }
            before = now;
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("counts")
    void aCountEndsAsItsLastPoseStands(String count, List<Moment> moments) {
        Rig end = new Playing(moments, BODY).at(1);
        Rig stood = Rig.of(moments.getLast().after(), BODY);
        List<SpacePoint> played = joints(Skeleton.of(end, BODY));
        List<SpacePoint> standing = joints(Skeleton.of(stood, BODY));
        for (int joint = 0; joint < played.size(); joint++) {
            assertThat(played.get(joint).distance(standing.get(joint))).isLessThan(MILLIMETRE);
        }
    }

    private static List<SpacePoint> joints(Skeleton skeleton) {
        List<SpacePoint> joints = new ArrayList<>(List.of(skeleton.pelvis(), skeleton.chest(), skeleton.head()));
        for (Side side : Side.values()) {
            Skeleton.Limbs limbs = skeleton.limbs(side);
            joints.addAll(List.of(
                    limbs.knee(),
                    limbs.ankle(),
                    limbs.heel(),
                    limbs.toe(),
                    limbs.elbow(),
                    limbs.wrist(),
                    limbs.palm()));
        }
        return joints;
    }
}
