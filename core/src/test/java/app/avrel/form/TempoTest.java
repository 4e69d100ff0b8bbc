package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Pace;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** How long counts last: by their beats, or as long as one breathes. */
class TempoTest {

    /** Six breaths a minute: five seconds in, five out. */
    private static final Tempo BREATHING = new Tempo(2, OptionalDouble.of(6));

    private static List<Double> seconds(Tempo tempo, Breath... breaths) {
        return tempo.seconds(Stream.of(breaths)
                .map(breath -> Count.blank().withBreath(breath))
                .toList());
    }

    @Test
    void byTheBeatsTheBreathChangesNothing() {
        assertThat(seconds(Tempo.ofBeats(3), Breath.IN, Breath.STILL_IN, Breath.IN_THEN_OUT, Breath.FREE))
                .containsExactly(3.0, 3.0, 3.0, 3.0);
    }

    @Test
    void aBreathInOrOutTakesHalfABreathHoweverManyCountsItLastsOver() {
        assertThat(seconds(BREATHING, Breath.IN, Breath.OUT)).containsExactly(5.0, 5.0);
        assertThat(seconds(BREATHING, Breath.IN, Breath.STILL_IN, Breath.OUT)).containsExactly(2.5, 2.5, 5.0);
    }

    @Test
    void aCountThatHoldsBothTakesAWholeBreathAndWhatGoesOnSharesItsSecondHalf() {
        assertThat(seconds(BREATHING, Breath.IN_THEN_OUT)).containsExactly(10.0);
        List<Double> on = seconds(BREATHING, Breath.IN_THEN_OUT, Breath.STILL_OUT);
        assertThat(on.stream().mapToDouble(Double::doubleValue).sum()).isEqualTo(10);
        assertThat(on.getFirst()).isGreaterThan(on.getLast());
    }

    @Test
    void aLongOrSlowCountTakesMoreOfTheBreathItShares() {
        Count in = Count.blank().withBreath(Breath.IN);
        Count on = Count.blank().withBreath(Breath.STILL_IN);
        assertThat(BREATHING.seconds(List.of(in.withBeats(4), on))).containsExactly(4.0, 1.0);
        assertThat(BREATHING.seconds(List.of(in.withPace(Pace.SLOW), on))).containsExactly(3.0, 2.0);
    }

    @Test
    void whereTheBreathIsFreeOrHeldTheBeatsCount() {
        assertThat(seconds(BREATHING, Breath.FREE, Breath.HOLD, Breath.OUT)).containsExactly(2.0, 2.0, 5.0);
    }

    @Test
    void goingOnWithABreathThatNobodyBeganIsABreathOfItsOwn() {
        assertThat(seconds(BREATHING, Breath.STILL_IN, Breath.FREE, Breath.STILL_IN))
                .containsExactly(5.0, 2.0, 5.0);
    }

    @Test
    void nobodyBreathesOnceInTwoMinutes() {
        assertThatThrownBy(() -> new Tempo(4, OptionalDouble.of(0.5)))
                .hasMessage("breaths a minute must be 1 to 30, but were 0.5");
    }
}
