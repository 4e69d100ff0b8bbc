package app.avrel.rules.check;

import static app.avrel.posture.count.Stage.of;
import static app.avrel.rules.check.Performed.sink;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Standing;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MomentRulesTest {

    private static final Move STEP = new Move.Step(
            Side.LEFT,
            new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty()),
            Optional.of(Contact.HEEL),
            Optional.empty(),
            Optional.empty());

    private static Move shift(Side side, int percent) {
        return new Move.Shift(Split.on(side, percent));
    }

    private static List<Finding> stepping(Stage... stages) {
        return steps(Found.in(stages));
    }

    private static List<Finding> steps(List<Finding> found) {
        return found.stream()
                .filter(finding -> finding.rule().group() == RuleId.Group.STEPS)
                .toList();
    }

    static List<Move> movesOfALoadedFoot() {
        return List.of(
                STEP,
                new Move.DrawIn(Side.LEFT, DrawnTo.BALL_BESIDE),
                new Move.HalfStep(Side.LEFT, Optional.empty()),
                new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty()));
    }

    @ParameterizedTest
    @MethodSource("movesOfALoadedFoot")
    void aFootThatBearsWeightIsNotMoved(Move move) {
        List<Finding> found = stepping(of(shift(Side.LEFT, 80)), of(move));
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().rule()).isEqualTo(RuleId.LOADED_STEP);
        assertThat(found.getFirst().severity()).isEqualTo(Severity.CAUTION);
        assertThat(found.getFirst().sentence())
                .contains("while it bears 80 %; it should bear at most 5 %. Shift to the right foot first.");
        assertThat(found.getFirst().where()).isEqualTo(new Where.InPosture(Found.EMPTY.id(), Optional.of(1)));
    }

    @ParameterizedTest
    @MethodSource("movesOfALoadedFoot")
    void anEmptyFootMayMove(Move move) {
        assertThat(stepping(of(shift(Side.RIGHT, 100), sink(2)), of(move))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"5, false", "6, true"})
    void theHouseRuleIsTheEdge(int load, boolean found) {
        assertThat(Found.rules(Found.in(of(shift(Side.LEFT, load)), of(STEP))).contains(RuleId.LOADED_STEP))
                .isEqualTo(found);
    }

    @Test
    void aShiftInTheSameStageMayEmptyTheFootFirst() {
        assertThat(stepping(of(shift(Side.RIGHT, 100), sink(2), STEP))).isEmpty();
        assertThat(Found.rules(stepping(of(shift(Side.LEFT, 60), STEP)))).containsExactly(RuleId.LOADED_STEP);
    }

    @Test
    void whatIsNotKnownRaisesNothingAndARangeMay() {
        var unknown = Found.EMPTY
                .withStart(
                        Found.EMPTY.start().withPose(Found.EMPTY.start().pose().withWeight(WeightShare.UNKNOWN)))
                .withCounts(List.of(Count.of(of(STEP))));
        assertThat(steps(Found.in(unknown))).isEmpty();
        List<Finding> range = Found.in(of(new Move.Shift(new Split.Said(new WeightShare(0, 40)))), of(STEP));
        assertThat(range.getFirst().sentence()).contains("while it may bear up to 40 %");
        List<Finding> more = Found.in(of(new Move.Shift(Split.toward(Side.LEFT))), of(STEP));
        assertThat(more.getFirst().sentence()).contains("while it bears at least 51 %");
    }

    @ParameterizedTest(name = "on the {0} with {1} %: found {2}")
    @CsvSource({
        "HEEL, 30, false",
        "HEEL, 31, true",
        "BALL, 50, false",
        "BALL, 51, true",
        "SOLE, 10, false",
        "SOLE, 11, true"
    })
    void aFootTurnsUnderAtMostTheHouseRulesLoad(Pivot on, int load, boolean found) {
        Move turn = new Move.TurnFoot(Side.LEFT, on, Optional.of(new Toes.Turned(30)));
        assertThat(Found.rules(Found.in(of(shift(Side.LEFT, load)), of(turn))))
                .isEqualTo(found ? List.of(RuleId.LOADED_TURN) : List.of());
    }

    @Test
    void anotherSchoolsRulesAllowItsLoadedTurns() {
        Move turn = new Move.TurnFoot(Side.LEFT, Pivot.HEEL, Optional.of(new Toes.Turned(30)));
        var posture = Found.EMPTY.withCounts(List.of(Count.of(of(shift(Side.LEFT, 90))), Count.of(of(turn))));
        assertThat(Found.rules(Found.in(posture))).contains(RuleId.LOADED_TURN);
        HouseRules loaded = HouseRules.LARGE_FRAME.with(HouseRule.HEEL_TURN_LOAD, 100);
        assertThat(Found.rules(Found.in(posture, Performing.of(Standing.BODY, loaded))))
                .doesNotContain(RuleId.LOADED_TURN);
    }

    @Test
    void aFootTurnsOnAPartThatTouchesTheFloor() {
        Move toesUp = new Move.Raise(Side.LEFT, FootPart.TOES, Optional.empty());
        Move onBall = new Move.TurnFoot(Side.LEFT, Pivot.BALL, Optional.of(new Toes.Turned(30)));
        List<Finding> found = Found.in(of(shift(Side.RIGHT, 90)), of(toesUp), of(onBall));
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().sentence())
                .isEqualTo("The left foot is to turn on its ball, but it is on the heel. Lower it first, or turn it on"
                        + " the part that touches.");
    }

    @Test
    void aHalfTurnWithoutAWayRoundAsks() {
        Move half = new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.To(new Bearing(180), Way.SHORTER)));
        assertThat(Found.rules(Found.in(of(half)))).contains(RuleId.HALF_TURN);
        Move left = new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.To(new Bearing(180), Way.LEFT)));
        assertThat(Found.rules(Found.in(of(left)))).doesNotContain(RuleId.HALF_TURN);
    }

    @Test
    void theChestTurnsAtMostThirtyDegreesAgainstTheHips() {
        Move chest = new Move.TurnBody(BodyPart.CHEST, Optional.of(new Turning.By(new Turn(30))));
        assertThat(Found.in(of(chest))).isEmpty();
        Move further = new Move.TurnBody(BodyPart.CHEST, Optional.of(new Turning.By(new Turn(-45))));
        List<Finding> found = Found.in(of(further));
        assertThat(Found.rules(found)).containsExactly(RuleId.WAIST);
        assertThat(found.getFirst().sentence()).contains("turned 45° against the hips");
    }
}
