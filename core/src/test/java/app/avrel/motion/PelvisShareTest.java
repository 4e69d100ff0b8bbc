package app.avrel.motion;

import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Side;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** "Turn": the chest turns so far, the pelvis goes along as far as both hips allow, the trunk does the rest. */
class PelvisShareTest {

    private static Move turn(BodyPart part, double degrees) {
        return new Move.TurnBody(part, Optional.of(new Turning.By(new Turn(degrees))));
    }

    private static double hips(Pose pose) {
        return pose.hips().value().degrees();
    }

    private static double chest(Pose pose) {
        return pose.chest().value().degrees();
    }

    private static int rule(HouseRule rule) {
        return Standing.POSING.rules().get(rule);
    }

    @Test
    void aSmallTurnIsTheHipsAlone() {
        Pose turned = after(shoulderWide(), turn(BodyPart.WHOLE, 20));
        assertThat(chest(turned)).isEqualTo(20);
        assertThat(hips(turned)).isEqualTo(20);
    }

    @Test
    void aLargerTurnTakesTheWaistWhereAHipGivesNoMore() {
        int in = rule(HouseRule.TOES_IN_RANGE);
        Pose turned = after(shoulderWide(), turn(BodyPart.WHOLE, in + 20));
        assertThat(chest(turned)).isEqualTo(in + 20);
        assertThat(hips(turned)).as("the left hip turned in as far as it goes").isEqualTo(in);
    }

    @Test
    void theTrunkNeverTurnsMoreThanThirtyDegreesAgainstTheHips() {
        Pose turned = after(shoulderWide(), turn(BodyPart.WHOLE, 140));
        assertThat(chest(turned) - hips(turned)).isCloseTo(30, within(1e-9));
    }

    @Test
    void aFootThatTurnsAlongLetsTheHipsGoAlong() {
        Pose onTheRight = after(shoulderWide(), new Move.Shift(Split.on(Side.RIGHT, 90)));
        Move along = new Move.TurnFoot(Side.RIGHT, Pivot.HEEL, Optional.of(new Toes.Turned(45)));
        Pose planted = after(onTheRight, turn(BodyPart.WHOLE, 60));
        Pose turning = after(onTheRight, along, turn(BodyPart.WHOLE, 60));
        assertThat(hips(planted)).isEqualTo(rule(HouseRule.TOES_IN_RANGE));
        assertThat(hips(turning)).isEqualTo(60);
    }

    @Test
    void aLightFootHoldsNobodyBack() {
        Pose onTheRight = after(shoulderWide(), new Move.Shift(Split.on(Side.RIGHT, 90)));
        Pose turned = after(onTheRight, turn(BodyPart.WHOLE, -50));
        assertThat(hips(turned))
                .as("only the right hip counts, which gives more outward")
                .isEqualTo(-rule(HouseRule.TOES_OUT_RANGE));
        assertThat(hips(after(shoulderWide(), turn(BodyPart.WHOLE, -50))))
                .as("with the left foot held too")
                .isEqualTo(-rule(HouseRule.TOES_IN_RANGE));
    }

    @Test
    void aHeelThatIsUpLetsTheFootComeAlong() {
        Pose up = after(shoulderWide(), new Move.Raise(Side.LEFT, FootPart.HEEL, Optional.empty()));
        assertThat(hips(after(up, turn(BodyPart.WHOLE, 50))))
                .isGreaterThanOrEqualTo(hips(after(shoulderWide(), turn(BodyPart.WHOLE, 50))));
    }

    @Test
    void hipsThatAreSaidToTurnCarryTheChest() {
        Pose turned = after(shoulderWide(), turn(BodyPart.HIPS, 30));
        assertThat(hips(turned)).isEqualTo(30);
        assertThat(chest(turned)).isEqualTo(30);
    }

    @Test
    void theChestAloneLeavesTheHips() {
        Pose turned = after(shoulderWide(), turn(BodyPart.CHEST, 25));
        assertThat(hips(turned)).isZero();
        assertThat(chest(turned)).isEqualTo(25);
    }

    @ParameterizedTest(name = "turned {0}")
    @CsvSource({"10", "45", "70", "90", "120", "180"})
    void rightAndLeftAreAlike(double degrees) {
        Pose right = after(shoulderWide(), turn(BodyPart.WHOLE, degrees));
        Pose left = after(shoulderWide(), turn(BodyPart.WHOLE, -degrees));
        assertThat(hips(left)).isCloseTo(-hips(right), within(1e-9));
        assertThat(chest(left)).isCloseTo(-chest(right), within(1e-9));
    }

    /** A degree more of the chest is never a degree less of the hips, and never more than a degree more. */
    @RepeatedTest(60)
    void theHipsFollowTheChestWithoutAJump(RepetitionInfo repetition) {
        int left = 10 + 10 * (repetition.getCurrentRepetition() % 9);
        Pose standing = after(shoulderWide(), new Move.Shift(Split.on(Side.LEFT, left)));
        double before = hips(standing);
        for (int degrees = 1; degrees <= 150; degrees++) {
            double now = hips(after(standing, turn(BodyPart.WHOLE, degrees)));
            assertThat(now - before).isBetween(-1e-9, 1 + 1e-9);
            before = now;
        }
    }

    @Test
    void whatIsSharedOutIsDerivedAndNotSaid() {
        Pose turned = after(shoulderWide(), turn(BodyPart.WHOLE, 100));
        assertThat(turned.hips().basis()).isEqualTo(Estimate.Basis.DERIVED);
        assertThat(turned.chest().basis()).isEqualTo(Estimate.Basis.SAID);
    }

    @Test
    void turningBackUndoesIt() {
        Pose there = after(shoulderWide(), turn(BodyPart.WHOLE, 100));
        Pose back = Standing.POSING.after(there, Stage.of(turn(BodyPart.WHOLE, -100)));
        assertThat(hips(back)).isZero();
        assertThat(chest(back)).isZero();
    }
}
