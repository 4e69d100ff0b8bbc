package app.avrel.words.say;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.move.Contact;
import app.avrel.words.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How one stands, how often, and how long, as it is said of lessons. */
class LessonWordsTest {

    private static final Wording CLOCK = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    private static final Pose EVEN = Starting.of(StartPose.SHOULDER_WIDE, Body.ofStature(1.7));

    private static String said(Language language, int left, Contact right) {
        Pose pose =
                EVEN.withWeight(WeightShare.left(left)).withRight(EVEN.right().withContact(right));
        return new LessonWords(language).pose(pose, CLOCK);
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            ENGLISH; 50; FLAT; weight even, facing 12
            ENGLISH; 100; FLAT; all on the left, facing 12
            ENGLISH; 0; FLAT; all on the right, facing 12
            ENGLISH; 70; HEEL; 70 % on the left, right foot on its heel, facing 12
            ENGLISH; 85; BALL; 85 % on the left, right foot on its ball, facing 12
            ENGLISH; 100; LIFTED; all on the left, right foot off the floor, facing 12
            SPANISH; 50; FLAT; peso repartido, mirando a 12
            SPANISH; 100; LIFTED; todo el peso a la izquierda, pie derecho en el aire, mirando a 12
            SPANISH; 30; FLAT; 70 % a la derecha, mirando a 12
            SPANISH; 85; BALL; 85 % a la izquierda, pie derecho sobre el metatarso, mirando a 12
            CHINESE; 50; FLAT; 重心居中，面向12
            CHINESE; 100; HEEL; 重心全在左腿，右脚脚跟着地，面向12
            CHINESE; 30; FLAT; 右腿承重70%，面向12
            """)
    void aPoseIsSaidInALine(Language language, int left, Contact right, String line) {
        assertThat(said(language, left, right)).isEqualTo(line);
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 1, once", "ENGLISH, 2, twice", "ENGLISH, 3, three times", "ENGLISH, 7, 7 times",
        "SPANISH, 1, una vez", "SPANISH, 4, 4 veces", "CHINESE, 2, 两次", "CHINESE, 6, 6次"
    })
    void howOftenIsSaid(Language language, int times, String words) {
        assertThat(new LessonWords(language).times(times)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"0, 0:00", "59.4, 0:59", "59.6, 1:00", "60, 1:00", "754, 12:34", "3600, 60:00"})
    void timeIsMinutesAndSeconds(double seconds, String clock) {
        assertThat(LessonWords.clock(seconds)).isEqualTo(clock);
    }

    @Test
    void theSideFollowsTheName() {
        assertThat(new LessonWords(Language.ENGLISH).sided("Sweep", Side.LEFT)).isEqualTo("Sweep, left");
        assertThat(new LessonWords(Language.SPANISH).sided("Barrer", Side.RIGHT))
                .isEqualTo("Barrer, derecha");
        assertThat(new LessonWords(Language.CHINESE).sided("扫苇", Side.LEFT)).isEqualTo("扫苇，左");
        assertThat(new LessonWords(Language.SPANISH).span("A", "B")).isEqualTo("de A a B");
    }
}
