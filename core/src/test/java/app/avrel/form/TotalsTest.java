package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Side;
import app.avrel.floor.Turn;
import app.avrel.motion.Standing;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Pace;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import app.avrel.samples.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class TotalsTest {

    private static Count count(Move... moves) {
        return Count.of(Stage.of(moves));
    }

    private static Move shift(Side foot, int percent) {
        return new Move.Shift(Split.on(foot, percent));
    }

    private static Move turn(double degrees) {
        return new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(degrees))));
    }

    private static Totals of(Count... counts) {
        Posture posture = Posture.blank(new PostureId("p"), "P").withCounts(List.of(counts));
        return Totals.of(Unroll.posture(posture, Standing.POSING).occurrences(), Standing.BODY);
    }

    @Test
    void slowCountsLastLongerAndQuickOnesHalf() {
        Totals totals = of(
                Count.blank().withBeats(2),
                Count.blank().withPace(Pace.SLOW),
                Count.blank().withPace(Pace.QUICK).withBeats(2));
        assertThat(totals.beats()).isEqualTo(5);
        assertThat(totals.seconds(4)).isEqualTo((2 + 1.5 + 1) * 4);
    }

    @Test
    void eachLegBearsItsShareOfTheTime() {
        Totals totals = of(count(shift(Side.LEFT, 100)).withBeats(3), count(shift(Side.RIGHT, 100)));
        assertThat(totals.share(Side.LEFT)).isEqualTo(0.75);
        assertThat(totals.share(Side.RIGHT)).isEqualTo(0.25);
    }

    @Test
    void theLongestStandOnOneLegIsInARow() {
        Count lift = count(new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty()));
        Count down = count(new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty(), Optional.empty()));
        Totals totals = of(count(shift(Side.RIGHT, 100)), lift, Count.blank().withBeats(2), down, lift);
        assertThat(totals.oneLegged()).isEqualTo(4);
        assertThat(totals.longestOneLegged()).isEqualTo(3);
    }

    @Test
    void turningIsAddedToEachSideAndDoesNotCancelOut() {
        Totals totals = of(count(turn(45)), count(turn(-90)), count(turn(45)));
        assertThat(totals.turnedRight()).isEqualTo(90);
        assertThat(totals.turnedLeft()).isEqualTo(90);
    }

    @Test
    void breathThatDoesNotAlternateIsCounted() {
        Count in = Count.blank().withBreath(Breath.IN);
        assertThat(of(in, in, in.withBreath(Breath.OUT), in).breathsRepeated()).isEqualTo(1);
    }

    @RepeatedTest(30)
    void theOtherSideExchangesLegsAndTurns(RepetitionInfo repetition) {
        Posture posture = new Samples(repetition.getCurrentRepetition()).posture("p");
        Totals one = Totals.of(Unroll.posture(posture, Standing.POSING).occurrences(), Standing.BODY);
        Totals other =
                Totals.of(Unroll.posture(Mirror.of(posture), Standing.POSING).occurrences(), Standing.BODY);
        assertThat(other.share(Side.LEFT)).isCloseTo(one.share(Side.RIGHT), within(1e-9));
        assertThat(other.measures()).isEqualTo(one.measures());
        assertThat(other.longestOneLegged()).isEqualTo(one.longestOneLegged());
    }

    @RepeatedTest(20)
    void thePartsAddUpToTheWhole(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        List<Occurrence> all = sample.track().occurrences();
        int half = all.size() / 2;
        Totals whole = Totals.of(all, sample.posing().body());
        Totals first = Totals.of(all.subList(0, half), sample.posing().body());
        Totals second = Totals.of(all.subList(half, all.size()), sample.posing().body());
        assertThat(first.counts() + second.counts())
                .isEqualTo(whole.counts())
                .isEqualTo(sample.track().counts());
        assertThat(first.measures() + second.measures()).isCloseTo(whole.measures(), within(1e-9));
        assertThat(first.turnedLeft() + second.turnedLeft()).isCloseTo(whole.turnedLeft(), within(1e-9));
    }
}
