package app.avrel.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.words.reading.Line;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ForViewerTest {

    private static final Body BODY = Body.ofStature(1.7);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, BODY);

    @ParameterizedTest(name = "{0}, seen from {1}")
    @CsvSource(delimiter = '|', textBlock = """
            right foot steps forward 1 foot-length | 0 | As you see it: the right foot, on your left, goes toward you.
            right foot steps forward 1 foot-length | 180 | As you see it: the right foot, on your right, goes away from you.
            left foot steps 90° left 3 foot-lengths | 0 | As you see it: the left foot, on your right, goes to your right.
            left foot steps forward 1 foot-length | 90 | As you see it: the left foot, on the far side, goes to your right.
            waist 90° right | 0 | As you see it: the body turns to face your left.
            waist 180° right | 180 | As you see it: the body turns to face you.
            """)
    void leftAndRightTowardAndAwayAreTheViewers(String line, double from, String said) {
        Wording saying = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
        Pose after =
                new Line(Language.ENGLISH, saying, BODY).read(line, STANDING).after();
        assertThat(new ForViewer(new Heading(from)).say(STANDING, after)).isEqualTo(said);
    }
}
