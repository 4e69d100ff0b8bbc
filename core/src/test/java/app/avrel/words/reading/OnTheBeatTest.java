package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.count.StageTimes;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Within a count something may begin on a beat of its own, and one may wait. */
class OnTheBeatTest {

    private static final Offset<Double> NEAR = Offset.offset(1e-9);

    @Test
    void eachMoveBeginsOnTheBeatThatIsNamedWithIt() {
        Count count = read(
                Language.ENGLISH,
                "left hand pulls in to the hip on one, right palm strikes at brow height on two, hold on three");

        assertThat(count.stages())
                .extracting(Stage::on)
                .containsExactly(Optional.of(1.0), Optional.of(2.0), Optional.of(3.0));
        assertThat(count.stages().getLast().moves()).isEmpty();
        assertThat(count.beats()).isEqualTo(3);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "en | on two the left hand sinks to the hip | 2",
                "en | left hand to the hip on the third beat | 3",
                "es | en el tiempo dos, levanta el talón izquierdo | 2",
                "zh | 左手收到胯旁在第二拍 | 2",
            })
    void beforeItsBeatNothingMoves(String language, String line, double beat) {
        Count count = read(
                switch (language) {
                    case "es" -> Language.SPANISH;
                    case "zh" -> Language.CHINESE;
                    default -> Language.ENGLISH;
                },
                line);
        StageTimes times = count.times();

        assertThat(count.beats()).isEqualTo(beat);
        assertThat(times.begins(0)).isEqualTo((beat - 1) / beat, NEAR);
        assertThat(times.within(0, times.begins(0) / 2)).isZero();
    }

    @Test
    void aWaitBetweenTwoMovesTakesItsBeats() {
        Count count =
                read(Language.ENGLISH, "drop the left heel, wait two beats, then step forward with the right foot");

        assertThat(count.stages())
                .extracting(Stage::on)
                .containsExactly(Optional.of(1.0), Optional.of(2.0), Optional.of(4.0));
        assertThat(count.beats()).isEqualTo(4);
    }

    @Test
    void holdingToTheEndOfABeatGivesTheCountItsLength() {
        Count count = read(Language.ENGLISH, "sink, then hold to the end of three");

        assertThat(count.beats()).isEqualTo(3);
        assertThat(count.times().ends(0)).isEqualTo(1 / 3.0, NEAR);
    }

    @Test
    void aHoldMayBeOpenEnded() {
        assertThat(read(Language.ENGLISH, "hold as long as you like").held()).isTrue();
        assertThat(read(Language.SPANISH, "pausa el tiempo que quieras").pace())
                .isEqualTo(read(Language.CHINESE, "停，时间不限").pace());
    }

    @Test
    void whatIsNotSaidSharesTheTimeEvenly() {
        Count count = Count.of(Stage.STILL, Stage.STILL, Stage.STILL.on(4), Stage.STILL);

        assertThat(count.beats()).as("as many as are spoken of").isEqualTo(4);
        assertThat(List.of(
                        count.times().begins(0),
                        count.times().begins(1),
                        count.times().begins(2),
                        count.times().begins(3)))
                .containsExactly(0.0, 0.375, 0.75, 0.875);
    }

    private static Count read(Language language, String line) {
        LineReading reading = new Line(language, Typed.SAYING, Typed.BODY).read(line, Typed.standing(""));
        assertThat(reading.understood())
                .as("%s %s", reading.refusals(), reading.questions())
                .isTrue();
        return reading.count();
    }
}
