package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import app.avrel.motion.Pose;
import java.util.List;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** What is done in its own frame, and where that stands in the hall. */
class OccurrenceTest {

    @RepeatedTest(60)
    void eachMomentIsDrawnWhereTheOneBeforeLeftOff(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        for (Occurrence done : sample.track().occurrences()) {
            List<Moment> drawn = done.inHall();
            for (int at = 1; at < drawn.size(); at++) {
                Moment before = drawn.get(at - 1);
                Moment now = drawn.get(at);
                boolean join = before.place().section() != now.place().section();
                if (!join || done.join().fits()) {
                    assertSamePlace(now.before(), before.after());
                }
            }
        }
    }

    private static void assertSamePlace(Pose one, Pose other) {
        for (Side side : Side.values()) {
            assertThat(one.foot(side)
                            .heel()
                            .value()
                            .distance(other.foot(side).heel().value()))
                    .isCloseTo(0, within(1e-6));
            assertThat(one.foot(side)
                            .heading()
                            .value()
                            .degreesFrom(other.foot(side).heading().value()))
                    .isCloseTo(0, within(1e-6));
        }
        assertThat(one.facing().degreesFrom(other.facing())).isCloseTo(0, within(1e-6));
    }

    /** Where a join fits, what may differ a little is carried over by the first stage; where it does not, the hands are. */
    @RepeatedTest(60)
    void noPalmJumpsWhereAPostureBegins(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        for (Occurrence done : sample.track().occurrences()) {
            List<Moment> drawn = done.inHall();
            int first = done.done().wayIn().size();
            if (first < drawn.size() && done.join().fits()) {
                Pose begins = drawn.get(first).before();
                Pose arrived = done.arrived().drawn();
                for (Side side : Side.values()) {
                    SpacePoint palm = palm(begins, side, sample);
                    assertThat(palm.distance(palm(arrived, side, sample))).isCloseTo(0, within(1e-6));
                }
            }
        }
    }

    private static SpacePoint palm(Pose pose, Side side, SampleForms sample) {
        return Skeleton.of(Rig.of(pose, sample.posing().body()), sample.posing().body())
                .limbs(side)
                .palm();
    }

    @RepeatedTest(40)
    void theNextBeginsWhereTheLastEnded(RepetitionInfo repetition) {
        List<Occurrence> all =
                SampleForms.of(repetition.getCurrentRepetition()).track().occurrences();
        for (int at = 1; at < all.size(); at++) {
            assertThat(all.get(at)
                            .from()
                            .middle()
                            .distance(all.get(at - 1).end().middle()))
                    .isCloseTo(0, within(1e-6));
            assertThat(all.get(at)
                            .from()
                            .facing()
                            .degreesFrom(all.get(at - 1).end().facing()))
                    .isCloseTo(0, within(1e-6));
        }
    }

    @RepeatedTest(40)
    void countsAndBeatsAreThoseOfTheWayInAndThePosture(RepetitionInfo repetition) {
        for (Occurrence done :
                SampleForms.of(repetition.getCurrentRepetition()).track().occurrences()) {
            assertThat(done.counts())
                    .isEqualTo(done.link().counts().size()
                            + done.done().countsDone().size());
            assertThat(done.ends()).hasSize(done.counts());
            assertThat(done.moments())
                    .extracting(moment -> moment.place().section())
                    .isSorted();
            assertThat(done.inHall()).hasSameSizeAs(done.moments());
        }
    }
}
