package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.mechanics.Skeleton;
import app.avrel.project.Project;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Played from its first count to its last at sixty pictures a second, joins included, no palm ever jumps. */
class PalmsOfTheDemoTest {

    private static final Project DEMO = Demo.project();
    private static final Body BODY = DEMO.setting().chosenBody();
    private static final double SECONDS_A_BEAT = 2.5;
    private static final double FRAMES_A_SECOND = 60;
    private static final double JUMP = 0.08;

    static List<Form> forms() {
        return DEMO.forms();
    }

    @ParameterizedTest
    @MethodSource("forms")
    void noPalmMovesMoreThanEightCentimetresBetweenTwoPictures(Form form) {
        Track track = Unroll.form(form, DEMO.shelf(), DEMO.posing(form));
        Map<Side, SpacePoint> last = new EnumMap<>(Side.class);
        for (Occurrence done : track.occurrences()) {
            for (List<Moment> count : Moment.byCount(done.inHall())) {
                play(done, count, last);
            }
        }
        assertThat(last).hasSize(2);
    }

    private static void play(Occurrence done, List<Moment> count, Map<Side, SpacePoint> last) {
        Playing playing = new Playing(count, BODY);
        int frames = (int) Math.ceil(playing.seconds(SECONDS_A_BEAT) * FRAMES_A_SECOND);
        for (int frame = 0; frame <= frames; frame++) {
            Skeleton skeleton = Skeleton.of(playing.at((double) frame / frames), BODY);
            for (Side side : Side.values()) {
                SpacePoint palm = skeleton.limbs(side).palm();
                SpacePoint before = last.getOrDefault(side, palm);
                assertThat(palm.distance(before))
                        .as(
                                "%s palm, entry %d, %s, %s, picture %d",
                                side.word(),
                                done.entry() + 1,
                                done.posture().name(),
                                count.getFirst().place(),
                                frame)
                        .isLessThan(JUMP);
                last.put(side, palm);
            }
        }
    }
}
