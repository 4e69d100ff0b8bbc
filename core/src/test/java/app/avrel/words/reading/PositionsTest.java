package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is typed, reading it never throws, and every word that is told of stands where it was typed. */
class PositionsTest {

    private static final Body BODY = Body.ofStature(1.7);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, BODY);
    private static final Wording WORDING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);

    private static final List<String> CHINESE = List.of(
            "左", "右", "脚", "手", "胸", "横", "大腿", "横向", "收到", "腰旁", "往前", "七成", "重心", "移", "转", "扣", "尖", "掌", "推出", "，",
            "三十度", "虚步", "提膝", "一拳", "-1", "十一");

    private static final List<String> ENGLISH = List.of(
            "left",
            "right",
            "foot",
            "hand",
            "chest",
            "shift",
            "70",
            "-1",
            "11",
            "then",
            ";",
            "turn",
            "toes",
            "out",
            "45",
            "heel",
            "forward",
            "half",
            "a",
            "shoulder",
            "wide",
            "both",
            "palms",
            "hip",
            "breathe",
            "in",
            "zqx",
            "0.0004",
            "percent",
            "empty",
            "beside");

    private static final List<String> SPANISH = List.of(
            "izquierdo",
            "derecho",
            "pie",
            "mano",
            "pecho",
            "peso",
            "70",
            "-1",
            "11",
            "luego",
            "gira",
            "talón",
            "adelante",
            "medio",
            "ambas",
            "palmas",
            "cadera",
            "inhala",
            "zqx",
            "vacío");

    private static void assertStandsWhereTyped(String typed, Language language) {
        LineReading reading = new Line(language, WORDING, BODY).read(typed, STANDING);
        for (LineReading.Role role : LineReading.Role.values()) {
            for (LineReading.Word word : reading.words(role)) {
                assertThat(word.from()).as(typed).isBetween(0, word.to());
                assertThat(word.to()).as(typed).isLessThanOrEqualTo(typed.length());
            }
        }
        assertThat(reading.questions()).as(typed).doesNotHaveDuplicates();
        assertThat(reading.count().stages()).isNotEmpty();
    }

    private static String line(List<String> words, Random random, String between) {
        StringBuilder line = new StringBuilder();
        for (int i = random.nextInt(2, 9); i > 0; i--) {
            line.append(words.get(random.nextInt(words.size()))).append(between);
        }
        return line.toString().strip();
    }

    @RepeatedTest(300)
    void inChinese(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        assertStandsWhereTyped(line(CHINESE, random, random.nextBoolean() ? "" : " "), Language.CHINESE);
    }

    @RepeatedTest(300)
    void inEnglish(RepetitionInfo repetition) {
        assertStandsWhereTyped(line(ENGLISH, new Random(repetition.getCurrentRepetition()), " "), Language.ENGLISH);
    }

    @RepeatedTest(200)
    void inSpanish(RepetitionInfo repetition) {
        assertStandsWhereTyped(line(SPANISH, new Random(repetition.getCurrentRepetition()), " "), Language.SPANISH);
    }

    @ParameterizedTest
    @ValueSource(strings = {"胸 横", "大腿 横向", "收到腰旁 往前", "十一左-1"})
    void whatOnceRanBackwards(String typed) {
        assertStandsWhereTyped(typed, Language.CHINESE);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "shift 70, then shift 30",
                "hand to the chest, then hand to the hip",
                "11 left foot empty -1",
                "",
                "   ",
                ";;;",
                "then then then"
            })
    void whatOnceAskedTwice(String typed) {
        assertStandsWhereTyped(typed, Language.ENGLISH);
    }
}
