package app.avrel.words.say;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a count is told: at length, shorter, and as calls. */
class TellingTest {

    private static final Body BODY = Body.ofStature(1.7);
    private static final Wording WORDING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    private static final Performer PERFORMER = Performing.of(BODY, HouseRules.LARGE_FRAME);
    private static final Pose START = Starting.of(StartPose.SHOULDER_WIDE, BODY);

    private static List<Scene> done(String line) {
        return done(line, START);
    }

    private static List<Scene> done(String line, Pose from) {
        Count count = new Line(Language.ENGLISH, WORDING, BODY).read(line, from).count();
        List<Scene> scenes = new ArrayList<>();
        Pose pose = from;
        List<Stage> stages = count.stages();
        for (int i = 0; i < stages.size(); i++) {
            Pose after = PERFORMER.after(pose, stages, i);
            scenes.add(new Scene(stages.get(i), pose, after));
            pose = after;
        }
        return scenes;
    }

    private static String said(Language language, Register register, List<Scene> scenes) {
        Telling telling = new Telling(language, register, WORDING);
        return telling.sentences(telling.of(scenes, Layer.EVERYTHING, register == Register.EXPLAIN));
    }

    private static String called(Language language, List<Scene> scenes, Layer layer) {
        return new Telling(language, Register.CALL, WORDING)
                .of(scenes, layer, false).stream().map(Told::words).collect(Collectors.joining(" | "));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "all left, then right foot forward, heel first|All the weight left, then right foot forward, heel first.",
                "both hands to the chest, palms up|Hands up to the chest, palms up.",
                "sink one fist, both palms down|Sink, palms down.",
                "turn the waist 45 right|Turn right.",
                "waist to 3|Turn to 3.",
                "lift the left knee to the hip|Left knee up."
            })
    void theShorterSentenceSaysWhatIsNew(String line, String sentence) {
        assertThat(said(Language.ENGLISH, Register.GUIDE, done(line))).isEqualTo(sentence);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "turn the waist 45 right|Turn the waist 45° to the right.",
                "all left|Shift all the weight onto the left foot.",
                "left foot on its heel, toes out 45|Turn the left foot on its heel, toes out 45°.",
                "right foot steps forward one foot length, heel first|Step the right foot forward, a foot-length, heel first."
            })
    void theLongSentenceSaysTheNumbersToo(String line, String sentence) {
        assertThat(said(Language.ENGLISH, Register.EXPLAIN, done(line))).isEqualTo(sentence);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "all left, then right foot forward, heel first|todo a la izquierda, pie derecho adelante|重心全部左移，右脚向前",
                "both hands to the chest|manos al pecho|两手抬到胸",
                "turn the waist 45 left|gira a la izquierda|左转",
                "left heel up|talón izquierdo arriba|抬左脚跟",
                "draw the right foot in|recoge el pie derecho|收右脚"
            })
    void itIsCalledInSpanishAndInChinese(String line, String spanish, String chinese) {
        assertThat(called(Language.SPANISH, done(line), Layer.EVERYTHING).replace(" | ", ", "))
                .isEqualTo(spanish);
        assertThat(called(Language.CHINESE, done(line), Layer.EVERYTHING).replace(" | ", "，"))
                .isEqualTo(chinese);
    }

    @Test
    void whatIsSoAlreadyIsNotSaid() {
        List<Scene> up = done("both hands to the chest, palms in");
        List<Scene> again =
                done("all left, both hands to the chest, palms in", up.getLast().after());
        assertThat(said(Language.ENGLISH, Register.GUIDE, again)).isEqualTo("All the weight left.");
    }

    @Test
    void theVerbIsByTheWayTheBodyReallyGoes() {
        List<Scene> low = done("sink three fists");
        assertThat(called(
                        Language.ENGLISH, done("sink to one fist", low.getLast().after()), Layer.EVERYTHING))
                .isEqualTo("rise");
    }

    @Test
    void handsThatDoOneThingAreOne() {
        assertThat(called(Language.ENGLISH, done("left hand to the chest, right hand to the chest"), Layer.EVERYTHING))
                .isEqualTo("hands to chest");
        assertThat(called(Language.ENGLISH, done("left hand to the chest, right hand to the hip"), Layer.EVERYTHING))
                .isEqualTo("left hand to chest | right hand to hip");
    }

    @Test
    void aLayerSaysItsOwnPartOnly() {
        List<Scene> scenes = done("all left, turn the waist 45 right, both hands to the chest");
        assertThat(called(Language.ENGLISH, scenes, Layer.FEET)).isEqualTo("all left");
        assertThat(called(Language.ENGLISH, scenes, Layer.FEET_AND_BODY)).isEqualTo("all left | turn right");
        assertThat(called(Language.ENGLISH, scenes, Layer.HANDS)).isEqualTo("hands to chest");
        assertThat(called(Language.ENGLISH, scenes, Layer.BREATH)).isEmpty();
    }

    @Test
    void whereNothingMovesOneStays() {
        assertThat(said(Language.ENGLISH, Register.GUIDE, List.of(new Scene(Stage.STILL, START, START))))
                .isEqualTo("Stay.");
    }
}
