package app.avrel.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Pace;
import app.avrel.posture.count.Stage;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words come when their count comes: a slow count lasts longer, a quick one less. */
class CueScriptTest {

    private static final Wording WORDING = new Wording(Directions.CLOCK, Heading.FRONT, Standing.POSING.rules());

    private static CueScript script(Pace pace, double secondsPerBeat) {
        Count first = Count.of(Stage.STILL).withBeats(2).withPace(pace);
        Posture posture = Posture.blank(new PostureId("p"), "P").withCounts(List.of(first, Count.of(Stage.STILL)));
        List<Occurrence> done = Unroll.posture(posture, Standing.POSING).occurrences();
        return Scripting.of(
                done, CueOrder.USUAL.withLevel(CueLevel.PROMPT).withSecondsPerBeat(secondsPerBeat), WORDING);
    }

    @ParameterizedTest(name = "two {0} beats of {1} s last {2} s")
    @CsvSource({"EVEN, 3, 6", "HELD, 3, 6", "SLOW, 3, 9", "QUICK, 3, 3", "SLOW, 1, 3"})
    void theNextCueWaitsForThePace(Pace pace, double secondsPerBeat, double lasts) {
        CueScript script = script(pace, secondsPerBeat);
        assertThat(script.cues()).hasSize(2);
        assertThat(script.cues().getFirst().start()).isZero();
        assertThat(script.cues().getFirst().length()).isCloseTo(lasts, within(1e-9));
        assertThat(script.cues().getLast().start()).isCloseTo(lasts, within(1e-9));
        assertThat(script.seconds()).isCloseTo(lasts + secondsPerBeat, within(1e-9));
    }

    /** All left, all right, draw the left foot in: why one goes there and back is the foot that turns in between. */
    @ParameterizedTest(name = "{0}: {3}")
    @CsvSource({
        "ENGLISH, shift all left then right toes out 30 then shift all right then draw the left foot in, 3,"
                + "all left · right toes out · all right · left foot draws in",
        "SPANISH, todo el peso a la izquierda luego punta derecha 30 hacia fuera luego todo el peso a la derecha, 3,"
                + "'todo a la izquierda · pie derecho, punta fuera · todo a la derecha'",
        "ENGLISH, shift all left then right toes out 30 then draw the right foot in, 2,"
                + "all left · right foot draws in"
    })
    void aFootThatTurnsBetweenTwoShiftsIsCalled(Language language, String typed, int most, String called) {
        Count count = new Line(language, WORDING, Standing.BODY)
                .read(typed, Standing.shoulderWide())
                .count();
        Posture posture = Posture.blank(new PostureId("p"), "P").withCounts(List.of(count));
        CueOrder order = CueOrder.USUAL
                .withLanguage(language)
                .withLevel(CueLevel.PROMPT)
                .withCalls(most)
                .withBreath(false);
        assertThat(Scripting.of(Unroll.posture(posture, Standing.POSING).occurrences(), order, WORDING)
                        .calls()
                        .filter(call -> call.kind() == Call.Kind.MOVE)
                        .map(Call::words)
                        .collect(Collectors.joining(" · ")))
                .isEqualTo(called);
    }
}
