package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.avrel.label.Language;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Pace;
import app.avrel.words.reading.frame.Question;
import app.avrel.words.reading.frame.Refusal;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EnglishLinesTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            right heel out to 1 o'clock, shoulder wide | right foot steps to 1, 1 shoulder width wide, heel first
            shift 70 left | shift 70 left
            all the weight onto the right foot | shift 100 right
            seventy thirty on the left | shift 70 left
            back to even | shift 50 left
            right foot turns in 45 on the heel | turn the right foot on its heel, toes in 45°
            left foot pivots on its ball until it faces 3 | turn the left foot on its ball, toes to 3
            draw the left foot in, ball beside the right foot | draw the left foot in, ball beside the right foot
            half step up with the right | right foot half step
            left steps back and lands on the ball, then all the way down | left foot steps back, ball first; lower the left foot, flat
            step across with the right, toes out 60, heel first | right foot steps across in front, heel first, toes out 60°
            lift the right knee to the hip, toes hanging | lift the right knee to the hip, toes hanging
            kick with the right heel toward 12, waist high | right heel kick to 12 at the navel
            stamp the right foot beside the left | stamp the right foot beside the left foot
            waist left 30 | waist 30° left
            turn to face west | waist to 9
            hips square to 12, chest stays at 1:30 | hips to 12. chest to 1:30
            sink a fist | sink 1 fist
            rise to high stance | high stance
            hold a ball in front of the chest, left hand above | hold a ball at the chest, left hand above
            right arm rounded at chest height, palm in; left palm back beside the thigh | right hand, at the chest, centre line, rounded, palm in; left hand, at the thigh, own side, palm back
            right palm pushes forward, fingertips chin high | right hand, at the chin, measured at the fingertips, extended, palm forward, fingers up
            left palm looks at the right forearm | left hand, palm facing the other forearm
            hook hand right, shoulder high, out to the right rear of the body | right hand, at the shoulder, out 135° right, hook hand
            right hand closes to a fist at the hip, palm up | right hand, at the hip, palm up, fist
            cross wrists in front of the chest, right inside, palms in | wrists crossed at the chest, right inside, palms in
            both hands rise to shoulder height, wrists first, a shoulder apart | left hand, at the shoulder, measured at the wrist, own side, palm down. right hand, at the shoulder, measured at the wrist, own side, palm down
            look past the left fingertips | look past the left hand
            look over your left shoulder | look 135° left
            hold the ball on the left side with the left hand above | hold a ball at the left side, left hand above
            hold a ball on the right, left hand on top | hold a ball at the right side, left hand above
            eyes straight, wide view | look ahead
            left heel forward, then shift 60 left while the waist turns to 12 | left foot steps forward, heel first; shift 60 left. waist to 12
            step out right, a foot and a half, toes to 1:30 | right foot steps 90° right 1.5 foot-lengths, toes to 1:30
            bring the right heel level with the left heel | right foot steps level with the left heel
            right heel out to 1 half a shoulder wide shift 60 right right palm down at chest height | right foot steps to 1, 0.5 shoulder widths wide, heel first. shift 60 right. right hand, at the chest, palm down
            step forward with the left foot, two foot lengths, heel first | left foot steps forward 2 foot-lengths, heel first
            right foot steps back diagonally, toe first | right foot steps 135° right, ball first
            weight 60 right 40 left | shift 60 right
            swing the left heel out 30 | turn the left foot on its ball, toes in 30°
            both heels up | raise the left heel. raise the right heel
            right hand to the left hip, palm up | right hand, at the hip, across the body, palm up
            both hands to the left knee | left hand, at its own knee. right hand, at the other knee
            palms face each other, shoulder width apart | left hand, own side, palm facing the other hand. right hand, own side, palm facing the other hand
            right palm under the left elbow | palm under elbow, right inside
            left hand pushes to 12, right hand by the right hip | left hand, out to 12, extended. right hand, at the hip, own side
            take the staff in the right hand | take up the staff with the right hand
            the staff points up | turn the staff with the right hand, pointing up
            face the north wall | waist to 12
            turn around to the left | waist 180° left
            lean forward 10 degrees | lean 10°
            now gently shift your weight onto your left foot | shift 51 to 100 left
            left foot forward 50 cm, 20 cm wide | left foot steps forward 50 cm, 20 cm wide
            stand on the right leg, left foot at the right knee | shift 100 right. lift the left knee to the hip
            balance on the left leg | shift 100 left
            right foot empty | shift 100 left
            half step up with the right foot, stay on the left | right foot half step
            sit down on the left leg, right leg stretched out to the side | sink. shift 51 to 100 left. right foot steps 90° right
            shift 70 right and turn to 3 | shift 70 right. waist to 3
            right elbow drops | right hand, elbow down
            sink a fist, elbows heavy | sink 1 fist. left hand, elbow down. right hand, elbow down
            left palm faces the right palm | left hand, palm facing the other hand
            palms face each other 22 cm apart | left hand, 0.5 shoulder halves, palm facing the other hand. right hand, 0.5 shoulder halves, palm facing the other hand
            left palm faces the floor | left hand, palm down
            right palm toward the ceiling | right hand, palm up
            left arm bent round in front of the chest, palm toward the chest | left hand, at the chest, centre line, rounded, palm in
            fingers of the right hand point to the floor | right hand, fingers down
            crossing step with the left behind, heel up | left foot steps across behind, ball first
            left toes rise | raise the left toes
            the left heel comes off the floor | raise the left heel
            follow up with the left, half a step | left foot half step
            line the left heel up with the right heel | left foot steps level with the right heel
            right hand draws an arc outward to the ear | right hand, at the ear, in an outward arc
            hips face the northeast corner | hips to 1:30
            pull the left fist to the hip, palm up | left hand, at the hip, palm up, fist
            eyes forward with soft focus | look ahead
            weight even, knees soft | shift 50 left
            left leg bears 80 | shift 80 left
            rotate left until you face 9 | waist to 9 going left
            the right toes close 45 | turn the right foot on its heel, toes in 45°
            left steps out to the side, shoulder and a half | left foot steps level with the right heel, 1.5 shoulder widths wide
            push out with the right heel at hip height | right heel kick at the hip
            hands cross, left outside | wrists crossed, right inside
            lower both arms to the sides | left hand, at the thigh, own side, close in, palm in, open hand. right hand, at the thigh, own side, close in, palm in, open hand
            drop low | sink
            left foot a foot length back, on the toes | left foot steps back 1 foot-length, ball first
            right foot back to 5, ball first | right foot steps to 5, ball first
            turn your whole body to the back | waist to 6
            chest stays front, hips turn to 1:30 | chest to 12. hips to 1:30
            push both palms to the front, chest high | left hand, at the chest, extended, palm forward, fingers up. right hand, at the chest, extended, palm forward, fingers up
            right fist at the solar plexus, palm facing the body | right hand, at the solar plexus, palm in, fist
            head turns left | look 90° left
            eyes on the right fist | look at the right hand
            watch 12 | look to 12
            plant the left foot flat | lower the left foot, flat
            roll the right palm up | right hand, palm up
            advance the left foot a foot | left foot steps forward 1 foot-length
            nothing on the left foot | shift 100 right
            the right foot retreats to 4:30 | right foot steps to 4:30
            lighten the right foot | shift 100 left
            distribute weight 60/40 right | shift 60 right
            right foot turns on the spot to 1:30 | turn the right foot on its heel, toes to 1:30
            left foot tucks in beside the right ankle | draw the left foot in, hovering at the right ankle
            left knee waist height, toes pointed down | lift the left knee to the navel, toes pointed
            sink into low frame | low stance
            ball held at the belly, left hand on top | hold a ball at the navel, left hand above
            both arms round at shoulder height, palms facing in | left hand, at the shoulder, centre line, rounded, palm in. right hand, at the shoulder, centre line, rounded, palm in
            right hand against left wrist | right hand, at the other wrist
            gaze follows the left hand | look at the left hand
            put everything on the right leg | shift 100 right
            weight 70:30 left | shift 70 left
            return to 50/50 | shift 50 left
            come back to the middle | shift 50 left
            follow with the right half a step | right foot half step
            raise the right knee until it is hip high and let the toes hang | lift the right knee to the hip, toes hanging
            hold an imaginary ball before the chest with the left hand over the right | hold a ball at the chest, left hand above
            close the right hand into a fist beside the hip, palm turned up | right hand, at the hip, own side, palm up, fist
            cross the wrists before the chest, right one inside, palms toward you | wrists crossed at the chest, right inside, palms in
            raise both hands to the shoulders, led by the wrists, shoulder width apart | left hand, at the shoulder, measured at the wrist, own side, palm down. right hand, at the shoulder, measured at the wrist, own side, palm down
            gaze past the fingertips of the left hand | look past the left hand
            put the right foot where the left one was | right foot steps where the left foot was
            """)
    void aLineFromShoulderWideEvenFacingTwelve(String line, String said) {
        LineReading reading = Typed.english(line);
        assertThat(reading.refusals()).isEmpty();
        assertThat(reading.questions()).isEmpty();
        assertThat(Typed.said(reading)).isEqualTo(said);
    }

    @ParameterizedTest(name = "{1} after {0}")
    @CsvSource(delimiter = '|', textBlock = """
            all left; lift the right knee | lower it in front, heel first | lower the right foot forward, heel first
            left foot steps forward; shift 70 left | sit back, left toes up | shift to the house light foot share right. raise the left toes
            left foot steps forward | right foot where the left foot was | right foot steps where the left foot was
            left foot steps forward; shift 70 left | put 80 percent in the back leg | shift 80 right
            left foot steps forward; shift 70 left | bring the back foot up half a step, on the ball | right foot half step, ball first
            all left; lift the right knee; right heel kick to 12 | bring the knee back | pull back the right knee
            all right | left foot forward, heel lightly down | left foot steps forward, heel first
            all left | step back | right foot steps back
            """)
    void aLineThatDependsOnHowOneStands(String before, String line, String said) {
        LineReading reading = Typed.read(line, Language.ENGLISH, Typed.standing(before));
        assertThat(reading.refusals()).isEmpty();
        assertThat(Typed.said(reading)).isEqualTo(said);
    }

    @Test
    void breathPaceAndBeatsBelongToTheWholeCount() {
        LineReading reading = Typed.english("out-breath, slow, two beats");
        assertThat(reading.understood()).isTrue();
        assertThat(reading.count().breath()).isEqualTo(Breath.OUT);
        assertThat(reading.count().pace()).isEqualTo(Pace.SLOW);
        assertThat(reading.count().beats()).isEqualTo(2);
    }

    @Test
    void everyWordIsAccountedFor() {
        LineReading reading = Typed.english("now step purple forward with the left foot");
        assertThat(reading.words())
                .extracting(LineReading.Word::text, LineReading.Word::role)
                .contains(
                        Tuple.tuple("now", LineReading.Role.FILLER),
                        Tuple.tuple("step", LineReading.Role.MOVE),
                        Tuple.tuple("purple", LineReading.Role.UNKNOWN),
                        Tuple.tuple("with the left foot", LineReading.Role.MOVE));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            turn the foot | Which foot?
            close the feet | Which foot?
            slow toe kick to the front right corner, knee height | Which foot?
            turn 90 | Which way round?
            turn left | How far to the left?
            shift 60 | On which foot?
            palm up | Which hand?
            hold a ball at the chest | Which hand is above?
            """)
    void whatCouldMeanTwoThingsAsks(String line, String question) {
        assertThat(Typed.english(line).questions())
                .extracting(Question::question)
                .containsExactly(question);
        assertThat(Typed.english(line).understood()).isFalse();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            shift 140 left | 140 | A share is 0 to 100 percent, but it says 140. Say for example "shift 70 left".
            lift both feet | both | Only one foot can do that at a time: say the left or the right one.
            step purple | purple | “purple” is not a word I know. Say it in another way, or leave it out.
            hand at the knee of the moon | moon | “moon” is not a word I know. Did you mean “door”?
            shift 60/50 left | 60/50 | The two shares must make 100, but 60 and 50 make 110.
            left foot steps | left foot | Say where the left foot goes, such as "forward", "out to 1" or "beside the right foot".
            lean forward 80 | 80 | The trunk inclines at most 60°, but it says 80.
            """)
    void whatCannotBeIsRefusedByNameWithAWayOut(String line, String word, String message) {
        assertThat(Typed.english(line).refusals())
                .extracting(Refusal::word, Refusal::message)
                .contains(tuple(word, message));
        assertThat(Typed.english(line).understood()).isFalse();
    }
}
