package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** What holds of every body in every stand. */
class StandLawsTest {

    private static final Body BODY = Body.ofStature(1.70);
    private static final Offset<Double> CLOSE = within(1e-6);

    @RepeatedTest(60)
    void theOtherSideHasTheSameNumbersTheOtherWayRound(RepetitionInfo repetition) {
        Stand stand = Stands.of(repetition.getCurrentRepetition());
        Stand other = Stands.mirrored(stand);
        FloorPoint centre = stand.centreOfMass(BODY);
        assertThat(other.centreOfMass(BODY).right()).isCloseTo(-centre.right(), CLOSE);
        for (Side side : Side.values()) {
            alike(Leg.of(stand, side, BODY), Leg.of(other, side.other(), BODY));
        }
        List<Double> margins = Margins.of(stand, BODY).distances();
        List<Double> mirrored = Margins.of(other, BODY).distances();
        for (int eighth = 0; eighth < Margins.DIRECTIONS; eighth++) {
            assertThat(mirrored.get((Margins.DIRECTIONS - eighth) % Margins.DIRECTIONS))
                    .isCloseTo(margins.get(eighth), CLOSE);
        }
    }

    private static void alike(Leg one, Leg other) {
        assertThat(other.bend()).isCloseTo(one.bend(), CLOSE);
        assertThat(other.pastToe()).isCloseTo(one.pastToe(), CLOSE);
        assertThat(other.inward()).isCloseTo(one.inward(), CLOSE);
        assertThat(other.dorsiflexion()).isCloseTo(one.dorsiflexion(), CLOSE);
        assertThat(other.extension()).isCloseTo(one.extension(), CLOSE);
        assertThat(other.abduction()).isCloseTo(one.abduction(), CLOSE);
    }

    @RepeatedTest(60)
    void whereInTheHallOneStandsChangesNothing(RepetitionInfo repetition) {
        Stand stand = Stands.of(repetition.getCurrentRepetition());
        Stand turned = Stands.turned(stand, 37 + 11.0 * repetition.getCurrentRepetition());
        for (Side side : Side.values()) {
            alike(Leg.of(stand, side, BODY), Leg.of(turned, side, BODY));
        }
        List<Double> margins = Margins.of(stand, BODY).distances();
        for (int eighth = 0; eighth < Margins.DIRECTIONS; eighth++) {
            assertThat(Margins.of(turned, BODY).distances().get(eighth)).isCloseTo(margins.get(eighth), CLOSE);
        }
        assertThat(LeastDrop.of(turned, BODY).metres())
                .isCloseTo(LeastDrop.of(stand, BODY).metres(), CLOSE);
        assertThat(turned.clearGap(BODY)).isCloseTo(stand.clearGap(BODY), CLOSE);
    }

    @RepeatedTest(60)
    void aTallerBodyInTheSameStandHasTheSameAnglesAndShares(RepetitionInfo repetition) {
        Stand stand = Stands.of(repetition.getCurrentRepetition());
        double taller = 1 + repetition.getCurrentRepetition() / 200.0;
        Body tall = Body.ofStature(1.70 * taller);
        Stand scaled = Stands.scaled(stand, taller);
        for (Side side : Side.values()) {
            Leg leg = Leg.of(stand, side, BODY);
            Leg longer = Leg.of(scaled, side, tall);
            assertThat(longer.bend()).isCloseTo(leg.bend(), CLOSE);
            assertThat(longer.dorsiflexion()).isCloseTo(leg.dorsiflexion(), CLOSE);
            assertThat(longer.pastToe()).isCloseTo(leg.pastToe() * taller, CLOSE);
        }
        List<Double> tips = Margins.of(stand, BODY).tips();
        for (int eighth = 0; eighth < Margins.DIRECTIONS; eighth++) {
            assertThat(Margins.of(scaled, tall).tips().get(eighth)).isCloseTo(tips.get(eighth), CLOSE);
        }
    }

    @RepeatedTest(60)
    void inBalanceTheCentreOfMassIsOverTheSupport(RepetitionInfo repetition) {
        Stand stand = Stands.of(repetition.getCurrentRepetition());
        assertThat(Support.of(stand, BODY).inside(stand.centreOfMass(BODY))).isPositive();
        assertThat(Margins.of(stand, BODY).distances()).allMatch(distance -> distance > 0);
    }

    @RepeatedTest(60)
    void bonesKeepTheirLengthsAndTheSinkingPelvisBendsThem(RepetitionInfo repetition) {
        Stand stand = Stands.of(repetition.getCurrentRepetition());
        Stand deep = stand.withDrop(Math.max(0, LeastDrop.of(stand, BODY).metres()) + 0.05);
        for (Side side : Side.values()) {
            Leg leg = Leg.of(deep, side, BODY);
            assertThat(leg.tooFar()).isZero();
            assertThat(leg.hip().distance(leg.knee())).isCloseTo(BODY.thigh(), CLOSE);
            assertThat(leg.knee().distance(leg.ankle())).isCloseTo(BODY.shank(), CLOSE);
            assertThat(Leg.of(deep.withDrop(deep.drop() + 0.02), side, BODY).bend())
                    .isGreaterThan(leg.bend());
        }
    }

    @RepeatedTest(60)
    void atTheLeastDropOneLegIsStraightAndBothReach(RepetitionInfo repetition) {
        Stand stand = Stands.of(repetition.getCurrentRepetition());
        LeastDrop least = LeastDrop.of(stand, BODY);
        Stand there = stand.withDrop(least.metres());
        assertThat(Leg.of(there, least.limiting(), BODY).bend()).isLessThan(0.1);
        assertThat(Leg.of(there, least.limiting().other(), BODY).tooFar()).isLessThan(1e-9);
    }

    @RepeatedTest(60)
    void theShareOfTheWeightIsItsShareInEveryDirection(RepetitionInfo repetition) {
        Stand stand = Stands.of(repetition.getCurrentRepetition());
        SideShare shares = new SideShare(stand, BODY);
        FloorPoint centre = stand.centreOfMass(BODY);
        shares.share(centre, stand.facing())
                .ifPresent(share -> assertThat(share).isCloseTo(stand.shareLeft(), CLOSE));
        assertThat(shares.share(centre, stand.facing().right()).orElseThrow()).isCloseTo(stand.shareLeft(), CLOSE);
    }
}
