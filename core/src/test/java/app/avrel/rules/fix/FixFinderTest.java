package app.avrel.rules.fix;

import static app.avrel.posture.count.Stage.of;
import static app.avrel.rules.check.Performed.flat;
import static app.avrel.rules.check.Performed.shift;
import static app.avrel.rules.check.Performed.sink;
import static app.avrel.rules.check.Performed.step;
import static app.avrel.rules.check.Performed.turn;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Directions;
import app.avrel.floor.Way;
import app.avrel.form.Unroll;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Standing;
import app.avrel.posture.EndClaim;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.RuleId;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.check.Found;
import app.avrel.samples.Samples;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is offered to mend a finding mends it, and breaks nothing. */
class FixFinderTest {

    private static final HouseRules HAND_WATCHING =
            HouseRules.LARGE_FRAME.with(HouseRule.GAZE, 1).with(HouseRule.EVEN_WEIGHT, 1);

    private static Posture posture(Stage... stages) {
        return Found.EMPTY.withCounts(Arrays.stream(stages).map(Count::of).toList());
    }

    private static Move hand(Landmark height, int reach) {
        return new Move.PlaceHand(
                Side.RIGHT,
                HandPlace.UNSAID
                        .withHeight(height)
                        .withSideways(Sideways.OWN_SIDE)
                        .withReach(new Reach(reach)),
                Optional.empty());
    }

    static Stream<Arguments> mended() {
        Count in = Count.of(of(shift(Side.LEFT, 60))).withBreath(Breath.IN);
        Move half = new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.To(new Bearing(180), Way.SHORTER)));
        Move kick = new Move.Kicking(Side.LEFT, Kick.HEEL, Optional.empty(), Optional.of(Landmark.CHEST));
        Move onBall = new Move.TurnFoot(Side.LEFT, Pivot.BALL, Optional.of(new Toes.Turned(20)));
        Move heel = new Move.TurnFoot(Side.LEFT, Pivot.HEEL, Optional.of(new Toes.Turned(20)));
        Stage emptied = of(shift(Side.RIGHT, 100), sink(1));
        return Stream.of(
                Arguments.of(
                        RuleId.LOADED_STEP,
                        posture(of(new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty()))),
                        "Shift all the weight to the right foot first"),
                Arguments.of(RuleId.LOADED_TURN, posture(of(heel)), "Shift all the weight to the right foot first"),
                Arguments.of(
                        RuleId.TURN_WITHOUT_CONTACT,
                        posture(
                                of(shift(Side.RIGHT, 90), sink(1)),
                                of(new Move.Raise(Side.LEFT, FootPart.TOES, Optional.empty())),
                                of(onBall)),
                        "Turn the foot on its heel"),
                Arguments.of(RuleId.HALF_TURN, posture(of(half)), "Say that it goes round to the right"),
                Arguments.of(RuleId.WAIST, posture(of(turn(BodyPart.CHEST, 34))), "Let the hips turn with the chest"),
                Arguments.of(
                        RuleId.TWIST,
                        Found.EMPTY.withCounts(List.of(
                                Count.of(of(shift(Side.RIGHT, 80), sink(1)), of(turn(BodyPart.WHOLE, -85))))),
                        "Turn the right foot in by 10° on its ball before the turn"),
                Arguments.of(RuleId.FALLING_STEP, posture(emptied, of(step(2.1, 0.5, 0))), "Sink to 1.3 fists"),
                Arguments.of(
                        RuleId.STANCE_DEPTH,
                        posture(emptied, of(step(1.4, 0.5, 0)), of(flat(), shift(Side.LEFT, 90), sink(0.6))),
                        "Sink to 0.8 fists"),
                Arguments.of(RuleId.KNEE_PAST, posture(of(shift(Side.LEFT, 60)), of(sink(2))), "Stay up at 1.9 fists"),
                Arguments.of(
                        RuleId.STANCE_WIDTH,
                        posture(emptied, of(step(1.5, 0, 0)), of(flat(), shift(Side.LEFT, 65))),
                        "Step to a line of its own, 0.3 shoulder widths from the other heel"),
                Arguments.of(RuleId.KNEE_LOCKED, posture(of(shift(Side.LEFT, 100), sink(0))), "Sink to 0.3 fists"),
                Arguments.of(
                        RuleId.INCLINE,
                        posture(of(new Move.Incline(Optional.of(40), Optional.empty()))),
                        "Incline by 20° only"),
                Arguments.of(
                        RuleId.HIGH_KICK,
                        posture(
                                emptied,
                                of(new Move.Lift(
                                        Side.LEFT, Optional.of(Landmark.HIP), Optional.empty(), Optional.empty())),
                                of(kick)),
                        "Kick at hip height"),
                Arguments.of(
                        RuleId.HAND_REACH,
                        posture(of(hand(Landmark.NAVEL, 95))),
                        "Hold the right hand at 85 % of the arm's reach"),
                Arguments.of(
                        RuleId.ELBOW_HIGH,
                        posture(of(new Move.PlaceHand(
                                Side.RIGHT,
                                HandPlace.UNSAID
                                        .withHeight(Landmark.SOLAR_PLEXUS)
                                        .withSideways(new Sideways.Across(0.2))
                                        .withReach(new Reach(88)),
                                Optional.empty()))),
                        "Hold the right hand at 85 % of the arm's reach"),
                Arguments.of(RuleId.TWO_BREATHS, Found.EMPTY.withCounts(List.of(in, in)), "Make this the out-breath"),
                Arguments.of(
                        RuleId.CLAIMED_WEIGHT,
                        posture(of(shift(Side.LEFT, 60)))
                                .withEnd(new EndClaim(
                                        Optional.empty(),
                                        Optional.of(Split.on(Side.LEFT, 75)),
                                        Optional.empty(),
                                        Optional.empty())),
                        "Shift as claimed, to 75 left / 25 right"));
    }

    @ParameterizedTest(name = "{0}: {2}")
    @MethodSource("mended")
    void aFindingIsMendedByTheGentlestSoundChange(RuleId rule, Posture posture, String words) {
        assertThat(offered(rule, posture, Standing.POSING)).contains(words);
    }

    @Test
    void housesThatWatchTheHandAndTheWeightAreHelpedToo() {
        Performer posing = Performing.of(Standing.BODY, HAND_WATCHING);
        assertThat(offered(RuleId.GAZE, posture(of(hand(Landmark.CHEST, 60))), posing))
                .contains("Let the eyes follow the right hand");
        Posture even =
                posture(of(shift(Side.RIGHT, 100), sink(1)), of(step(1.2, 0.5, 0)), of(flat(), shift(Side.LEFT, 50)));
        assertThat(offered(RuleId.EVEN_WEIGHT, even, posing)).contains("Shift to 60 left / 40 right");
    }

    private static Optional<String> offered(RuleId rule, Posture posture, Performer posing) {
        Checkup checkup = new Checkup(posing, Directions.CLOCK);
        List<Finding> found = checkup.posture(Unroll.posture(posture, posing));
        assertThat(Found.rules(found)).contains(rule);
        Finding finding =
                found.stream().filter(one -> one.rule() == rule).findFirst().orElseThrow();
        Optional<Fix> fix = new FixFinder(posture, checkup).fix(finding);
        fix.ifPresent(offer -> assertSound(posture, offer, finding, checkup));
        return fix.map(Fix::words);
    }

    @RepeatedTest(60)
    void whateverIsOfferedIsSound(RepetitionInfo repetition) {
        Posture posture = new Samples(repetition.getCurrentRepetition()).posture("p");
        Checkup checkup = new Checkup(Standing.POSING, Directions.CLOCK);
        FixFinder mending = new FixFinder(posture, checkup);
        for (Finding finding : checkup.posture(Unroll.posture(posture, Standing.POSING))) {
            mending.fix(finding).ifPresent(fix -> assertSound(posture, fix, finding, checkup));
        }
    }

    /**
     * The finding goes; two moves change at most and none is lost; the end faces as before; nothing as serious comes, but
     * where the way round was open: only then can be told what the turn does to the knees.
     */
    private static void assertSound(Posture posture, Fix fix, Finding finding, Checkup checkup) {
        Posture mended = fix.applied(posture);
        assertThat(mended.end()).isEqualTo(posture.end());
        List<Move> kept = new ArrayList<>(moves(posture));
        long other = moves(mended).stream().filter(move -> !kept.remove(move)).count();
        assertThat(other).as(fix.words()).isLessThanOrEqualTo(2);
        assertThat(moves(mended).size()).isGreaterThanOrEqualTo(moves(posture).size());
        Pose before = Unroll.posture(posture, checkup.posing()).end().own();
        Pose after = Unroll.posture(mended, checkup.posing()).end().own();
        assertThat(after.facing()).isEqualTo(before.facing());
        List<Finding> was = checkup.posture(Unroll.posture(posture, checkup.posing()));
        List<Finding> now = checkup.posture(Unroll.posture(mended, checkup.posing()));
        assertThat(now).as(fix.words()).noneMatch(found -> sameAs(found, finding));
        if (finding.rule() == RuleId.HALF_TURN) {
            return;
        }
        assertThat(now.stream().filter(found -> was.stream().noneMatch(known -> sameAs(known, found))))
                .as(fix.words())
                .noneMatch(found -> found.severity().compareTo(finding.severity()) >= 0);
    }

    private static List<Move> moves(Posture posture) {
        return posture.counts().stream().flatMap(Count::moves).toList();
    }

    private static boolean sameAs(Finding one, Finding other) {
        return one.rule() == other.rule()
                && one.where().equals(other.where())
                && one.spot().equals(other.spot());
    }
}
