package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.posture.move.Contact;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What instructors say of a stance with one foot ahead, in numbers, for a body of 170 cm. */
class BowTest {

    private static final Body BODY = Body.ofStature(1.70);
    private static final double FIST = BODY.fist();
    private static final Bow SHOULDER = Bow.flat(BODY.shoulderWidth(), 45);
    private static final Bow HALF = Bow.flat(BODY.shoulderWidth() / 2, 45);

    @Test
    void aLongStanceForcesDepthAndAWideOneMore() {
        double two = 2 * BODY.footLength();
        double longer = 2.5 * BODY.footLength();
        assertThat(HALF.leastDrop(two, 0.7, BODY).metres() / FIST).isCloseTo(1.4, within(0.05));
        assertThat(HALF.leastDrop(longer, 0.7, BODY).metres() / FIST).isCloseTo(2.1, within(0.05));
        assertThat(SHOULDER.leastDrop(longer, 0.7, BODY).metres())
                .isGreaterThan(HALF.leastDrop(longer, 0.7, BODY).metres());
        assertThat(HALF.leastDrop(longer, 0.7, BODY).limiting())
                .as("the rear leg decides")
                .isEqualTo(Side.RIGHT);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.6, 0.7, 0.8})
    void atItsLongestTheRearLegIsStraight(double share) {
        double longest = HALF.lengths(share, 2 * FIST, BODY).orElseThrow().longest();
        assertThat(HALF.rearLeg(longest, share, 2 * FIST, BODY).bend()).isLessThan(0.1);
        assertThat(HALF.leastDrop(longest, share, BODY).metres()).isCloseTo(2 * FIST, within(1e-9));
    }

    @Test
    void atOneDepthALongerStanceBringsTheKneeBackAndMoreWeightBringsItForward() {
        double drop = 2 * FIST;
        double at = HALF.frontLeg(0.4, 0.7, drop, BODY).pastToe();
        assertThat(HALF.frontLeg(0.5, 0.7, drop, BODY).pastToe()).isLessThan(at);
        assertThat(HALF.frontLeg(0.4, 0.8, drop, BODY).pastToe()).isGreaterThan(at);
    }

    @Test
    void seventyPercentKeepsTheKneeBehindTheToeButNotBehindTheBaseOfTheBigToe() {
        double drop = 2 * FIST;
        assertThat(SHOULDER.shortestBehindToe(0.7, drop, BODY)).isPresent();
        assertThat(SHOULDER.shortestBehindBall(0.7, drop, BODY)).isEmpty();
        assertThat(SHOULDER.largestShareBehindBall(drop, BODY)).isBetween(0.62, 0.65);
        assertThat(HALF.largestShareBehindBall(drop, BODY)).isBetween(0.64, 0.68);
    }

    @Test
    void noLengthHoldsAllTheWeightInFrontAtOneFistAndShoulderWidth() {
        assertThat(SHOULDER.lengths(1, FIST, BODY)).isEmpty();
        assertThat(SHOULDER.lengths(1, 2 * FIST, BODY).orElseThrow().longest()).isCloseTo(0.24, within(0.01));
    }

    @Test
    void atShoulderWidthTheEmptyStepIsTheHardPartNotTheStance() {
        Bow stepping = new Bow(SHOULDER.width(), 45, Contact.HEEL, Sole.TOES_UP);
        double step = stepping.lengths(0, 2 * FIST, BODY).orElseThrow().longest();
        double stance = SHOULDER.lengths(0.7, 2 * FIST, BODY).orElseThrow().longest();
        assertThat(step).isCloseTo(0.32, within(0.01));
        assertThat(stance).isCloseTo(0.54, within(0.01));
    }

    @Test
    void oneLegIsWeakestToTheSidesAndABowAcrossItsLine() {
        Stand bow = SHOULDER.stand(0.51, 0.7, 2 * FIST);
        Stand oneLeg = Stand.of(
                bow.left(),
                new Sole(bow.right().heel(), Bearing.FRONT, Contact.LIFTED, 0, 0.1),
                1,
                Bearing.FRONT,
                FIST);
        Margins alone = Margins.of(oneLeg, BODY);
        assertThat(alone.weakest() % 4).as("to the right or the left").isEqualTo(2);
        assertThat(alone.pushes().get(2)).isCloseTo(0.045, within(0.005));
        assertThat(Margins.of(bow, BODY).weakest()).as("back to the left").isEqualTo(5);
    }

    @Test
    void anEmptyStepReachesFurtherTheDeeperOneSits() {
        double before = 0;
        for (double bend : new double[] {30, 45, 60, 75}) {
            double drop = EmptyStep.dropForBend(bend, BODY);
            double reach = EmptyStep.ahead(Side.LEFT, drop, Contact.HEEL)
                    .reach(Bearing.FRONT, BODY)
                    .orElseThrow();
            assertThat(reach).isGreaterThan(before);
            assertThat(EmptyStep.bendForDrop(drop, BODY)).isCloseTo(bend, within(1e-6));
            before = reach;
        }
    }
}
