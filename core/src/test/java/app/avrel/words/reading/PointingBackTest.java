package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.words.reading.frame.Earlier;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A line may point back to what was recorded before it: the same, the other side, the other hand, so many counts ago. */
class PointingBackTest {

    private static final Saying EXACT = Saying.exact(Language.ENGLISH, Typed.SAYING);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "en | left hand to the chest, palm down | do the same with the right hand | right hand, at the chest, palm down",
                "en | right hand to the brow | the other hand too | left hand, at the brow",
                "en | right hand to the brow | repeat what the right hand did, on the left | left hand, at the brow",
                "en | weight right; left foot steps forward | same again | shift 51 to 100 right; left foot steps forward",
                "en | weight right; left foot steps forward | the same on the other side | shift 51 to 100 left; right foot steps forward",
                "en | right hand to the brow | same as before, then weight right | right hand, at the brow; shift 51 to 100 right",
                "es | mano derecha al pecho | haz lo mismo con la izquierda | left hand, at the chest",
                "zh | 右脚上步 | 换另一边 | left foot steps forward",
            })
    void whatWasDoneBeforeIsDoneAgain(String language, String before, String line, String recorded) {
        assertThat(after(language(language), List.of(before), line)).isEqualTo(recorded);
    }

    @Test
    void aCountIsFoundByItsNumber() {
        List<String> before = List.of("weight right; left foot steps forward", "shift 70 left");

        assertThat(after(Language.ENGLISH, before, "same as count one"))
                .isEqualTo("shift 51 to 100 right; left foot steps forward");
        assertThat(after(Language.ENGLISH, before, "same as count one, right side"))
                .as("it begins with the weight on one side and the foot of the other; the foot says its side")
                .isEqualTo("shift 51 to 100 left; right foot steps forward");
    }

    @Test
    void aHandGoesBackWhereItWas() {
        List<String> before = List.of("right hand to the chest", "right hand to the hip", "right hand to the brow");

        assertThat(after(Language.ENGLISH, before, "put the right hand back where it was two counts ago"))
                .startsWith("right hand, at the hip");
    }

    @Test
    void whereNothingWasRecordedBeforeItIsSaidSo() {
        LineReading reading =
                new Line(Language.ENGLISH, Typed.SAYING, Typed.BODY).read("same again, other side", Typed.standing(""));

        assertThat(reading.understood()).isFalse();
        assertThat(reading.refusals().getFirst().message()).contains("points to another count");
    }

    private static Language language(String tag) {
        return switch (tag) {
            case "es" -> Language.SPANISH;
            case "zh" -> Language.CHINESE;
            default -> Language.ENGLISH;
        };
    }

    private static String after(Language language, List<String> before, String line) {
        Line reader = new Line(language, Typed.SAYING, Typed.BODY);
        List<Earlier> earlier = new ArrayList<>();
        Pose pose = Typed.standing("");
        for (String typed : before) {
            LineReading reading = reader.read(typed, pose);
            assertThat(reading.understood()).as(typed).isTrue();
            earlier.add(new Earlier(reading.count(), pose));
            pose = reading.after();
        }
        LineReading reading = reader.following(earlier).read(line, pose);
        assertThat(reading.understood())
                .as("%s %s", reading.refusals(), reading.questions())
                .isTrue();
        return EXACT.line(reading.count());
    }
}
