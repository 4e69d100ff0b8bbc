package app.avrel.rules.check;

import static app.avrel.posture.count.Stage.of;
import static app.avrel.rules.check.Performed.flat;
import static app.avrel.rules.check.Performed.shift;
import static app.avrel.rules.check.Performed.sink;
import static app.avrel.rules.check.Performed.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Spot;
import app.avrel.rules.Where;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Is it sound for this body? A person of 170 cm under the rules of a large frame, from shoulder-wide. */
class SoundnessTest {

    private static final Move ON_THE_RIGHT = shift(Side.RIGHT, 100);

    private static Move turn(double degrees) {
        return Performed.turn(BodyPart.WHOLE, degrees);
    }

    private static Move hand(Side side, Landmark height, double halves, int reach) {
        return new Move.PlaceHand(
                side,
                HandPlace.UNSAID
                        .withHeight(height)
                        .withSideways(new Sideways.Across(halves))
                        .withReach(new Reach(reach)),
                Optional.empty());
    }

    private static List<RuleId> rules(Stage... stages) {
        return Found.rules(Found.in(stages));
    }

    private static List<RuleId> rules(HouseRules house, Stage... stages) {
        Posture posture =
                Found.EMPTY.withCounts(Arrays.stream(stages).map(Count::of).toList());
        return Found.rules(Found.in(posture, Performing.of(Standing.BODY, house)));
    }

    @ParameterizedTest(name = "{0} foot-lengths at {1} fists: falls {2}")
    @CsvSource({"1.2, 1, false", "1.9, 1, true", "1.9, 2, false", "2.4, 1, true"})
    void aStepThatTheStandingLegCannotReachEmptyIsAFall(double footLengths, double fists, boolean falls) {
        assertThat(rules(of(ON_THE_RIGHT, sink(fists)), of(step(footLengths, 0.8, 0)))
                        .contains(RuleId.FALLING_STEP))
                .isEqualTo(falls);
    }

    @Test
    void aFallSaysHowMuchDeeperAndHowMuchShorter() {
        Finding falling = Found.in(of(ON_THE_RIGHT, sink(1)), of(step(2, 0.5, 0))).stream()
                .filter(finding -> finding.rule().equals(RuleId.FALLING_STEP))
                .findFirst()
                .orElseThrow();
        assertThat(falling.sentence())
                .matches(
                        "The left foot cannot be set down empty \\d+ cm away \\(heel to heel\\) with the hips 1 fist lower\\."
                                + " Sink to [\\d.]+ fists first, or step \\d+ cm, which is \\d+ cm less\\.");
    }

    @ParameterizedTest(name = "{0} % at {1} fists")
    @CsvSource({"60, 1, false", "70, 1, false", "80, 3, false", "80, 4, true", "100, 4, true"})
    void theKneeGoesPastTheToesWhereMuchWeightMeetsDepth(int percent, double fists, boolean past) {
        boolean found = rules(
                        of(ON_THE_RIGHT, sink(fists)), of(step(1.1, 0.4, 0)), of(flat(), shift(Side.LEFT, percent)))
                .contains(RuleId.KNEE_PAST);
        assertThat(found).isEqualTo(past);
    }

    @ParameterizedTest(name = "turned {0} over a foot with {1} %: {2}")
    @CsvSource({"-70, 80, ''", "-78, 80, NOTE", "-90, 80, LOOK", "-110, 80, CAUTION", "-90, 20, ''"})
    void theBodyTurnsOverALoadedFootAsFarAsTheHipGives(double degrees, int percent, String severity) {
        List<Finding> found = Found.in(of(shift(Side.RIGHT, percent), sink(1)), of(turn(degrees)));
        assertThat(found.stream()
                        .filter(finding -> finding.rule().equals(RuleId.TWIST)
                                && finding.spot().equals(Optional.of(Spot.knee(Side.RIGHT))))
                        .map(finding -> finding.severity().name()))
                .isEqualTo(severity.isEmpty() ? List.of() : List.of(severity));
    }

    @Test
    void aFootInTheAirBearsNothing() {
        List<RuleId> found = rules(
                of(ON_THE_RIGHT, sink(1)),
                of(new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty())),
                of(shift(Side.RIGHT, 70)));
        assertThat(found).contains(RuleId.IMPOSSIBLE_SHARE);
    }

    @Test
    void standingOnOneBallAloneIsThin() {
        Stage up = of(new Move.Raise(Side.RIGHT, FootPart.HEEL, Optional.empty()));
        assertThat(rules(
                        HouseRules.LARGE_FRAME.with(HouseRule.BALANCE_MARGIN, 40),
                        of(ON_THE_RIGHT, sink(1)),
                        of(new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty())),
                        up))
                .contains(RuleId.NEAR_EDGE);
    }

    @ParameterizedTest(name = "{0} beats on one leg")
    @CsvSource({"3, false", "4, true"})
    void standingLongOnOneLegIsTold(double beats, boolean told) {
        Count lift = Count.of(of(new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty())))
                .withBeats(3);
        Count held = Count.of(Stage.STILL).withBeats(beats);
        Posture posture = Found.EMPTY.withCounts(List.of(Count.of(of(ON_THE_RIGHT, sink(1))), lift, held));
        assertThat(Found.rules(Found.in(posture)).contains(RuleId.ONE_LEG_LONG)).isEqualTo(told);
    }

    @ParameterizedTest(name = "{0} foot-lengths, {1} shoulder widths")
    @CsvSource({"1.4, 0, stance-width", "1.4, 0.5, ''", "0.9, 0.5, stance-length"})
    void aFrontLoadedStanceHasLengthAndWidth(double footLengths, double shoulderWidths, String key) {
        List<RuleId> found = rules(
                of(ON_THE_RIGHT, sink(1.2)),
                of(step(footLengths, shoulderWidths, 0)),
                of(flat(), shift(Side.LEFT, 65)));
        assertThat(found.stream().filter(one -> one.key().startsWith("stance-")))
                .isEqualTo(wanted(key));
    }

    @Test
    void aHouseThatWantsNoEvenWeightSaysSo() {
        Stage[] even = {of(ON_THE_RIGHT, sink(1)), of(step(1.2, 0.5, 0)), of(flat(), shift(Side.LEFT, 50))};
        assertThat(rules(even)).doesNotContain(RuleId.EVEN_WEIGHT);
        assertThat(rules(HouseRules.LARGE_FRAME.with(HouseRule.EVEN_WEIGHT, 1), even))
                .contains(RuleId.EVEN_WEIGHT);
        assertThat(rules(
                        HouseRules.LARGE_FRAME.with(HouseRule.EVEN_WEIGHT, 1),
                        of(ON_THE_RIGHT),
                        of(shift(Side.LEFT, 50))))
                .doesNotContain(RuleId.EVEN_WEIGHT);
    }

    @Test
    void aStanceCanHaveItsOwnLimitAndSoCanAPosture() {
        Stage[] sitting = {
            of(ON_THE_RIGHT, sink(2)),
            of(new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty()))
        };
        HouseRules strict = HouseRules.LARGE_FRAME.withStance(Stance.ONE_LEGGED, Map.of());
        Posture posture =
                Found.EMPTY.withCounts(Arrays.stream(sitting).map(Count::of).toList());
        assertThat(kneeAtTheEnd(posture, strict)).isTrue();
        assertThat(kneeAtTheEnd(posture, strict.withStance(Stance.ONE_LEGGED, Map.of(HouseRule.KNEE_LIMIT, 80))))
                .isFalse();
        assertThat(kneeAtTheEnd(posture.withOwnRules(Map.of(HouseRule.KNEE_LIMIT, 80)), strict))
                .isFalse();
    }

    private static boolean kneeAtTheEnd(Posture posture, HouseRules house) {
        return Found.in(posture, Performing.of(Standing.BODY, house)).stream()
                .anyMatch(finding -> finding.rule().equals(RuleId.KNEE_PAST)
                        && finding.where().equals(new Where.InPosture(posture.id(), Optional.of(1))));
    }

    @Test
    void armsInAKickGoWhereTheHouseHasThem() {
        Move kick = new Move.Kicking(Side.LEFT, Kick.HEEL, Optional.empty(), Optional.of(Landmark.KNEE));
        Stage lift = of(new Move.Lift(Side.LEFT, Optional.of(Landmark.HIP), Optional.empty(), Optional.empty()));
        Stage along = of(kick, hand(Side.LEFT, Landmark.CHEST, 1, 85));
        HouseRules wantsAlong = HouseRules.LARGE_FRAME.with(HouseRule.KICK_ARMS, 1);
        HouseRules wantsOpen = HouseRules.LARGE_FRAME.with(HouseRule.KICK_ARMS, 2);
        assertThat(rules(wantsAlong, of(ON_THE_RIGHT), lift, along)).contains(RuleId.KICK_ARMS);
        Stage both = of(kick, hand(Side.LEFT, Landmark.CHEST, 1, 85), hand(Side.RIGHT, Landmark.CHEST, 0.6, 85));
        assertThat(rules(wantsAlong, of(ON_THE_RIGHT), lift, both)).doesNotContain(RuleId.KICK_ARMS);
        assertThat(rules(wantsOpen, of(ON_THE_RIGHT), lift, along)).contains(RuleId.KICK_ARMS);
    }

    @ParameterizedTest(name = "{0}, {1} halves, {2} %: {3}")
    @CsvSource({
        "NAVEL, 1, 60, ''",
        "NAVEL, 1, 95, hand-reach",
        "SHOULDER, 1, 90, ''",
        "SOLAR_PLEXUS, 0.2, 88, elbow-high",
        "SHOULDER, 0.6, 85, ''"
    })
    void handsAreWhereArmsReachWithTheElbowsDown(Landmark height, double halves, int reach, String key) {
        assertThat(rules(of(hand(Side.RIGHT, height, halves, reach)))).isEqualTo(wanted(key));
    }

    @Test
    void aRelationOfTheHandsAndAnotherPlaceForOneOfThemCannotBothBe() {
        Move crossed = new Move.RelateHands(
                HandRelation.CROSSED_WRISTS,
                Optional.of(Side.LEFT),
                Optional.of(Landmark.CHEST),
                Optional.empty(),
                Optional.empty());
        assertThat(rules(of(crossed))).isEmpty();
        assertThat(rules(of(crossed, hand(Side.RIGHT, Landmark.SHOULDER, 1, 60))))
                .contains(RuleId.RELATION_BROKEN);
    }

    @Test
    void theTrunkInclinesAsFarAsTheHouseAllows() {
        assertThat(rules(of(new Move.Incline(Optional.of(20), Optional.empty()))))
                .isEmpty();
        assertThat(rules(of(new Move.Incline(Optional.of(21), Optional.empty()))))
                .containsExactly(RuleId.INCLINE);
    }

    @Test
    void breathAlternatesAndIsNotDrawnOut() {
        Count in = Count.of(Stage.STILL).withBreath(Breath.IN);
        Count out = in.withBreath(Breath.OUT);
        assertThat(breath(in, out, in)).isEmpty();
        assertThat(breath(in, in)).containsExactly(RuleId.TWO_BREATHS);
        assertThat(breath(in.withBeats(5))).containsExactly(RuleId.LONG_BREATH);
        assertThat(breath(in, in.withBreath(Breath.FREE), in)).isEmpty();
    }

    private static List<RuleId> wanted(String key) {
        return Arrays.stream(RuleId.values())
                .filter(rule -> rule.key().equals(key))
                .toList();
    }

    private static List<RuleId> breath(Count... counts) {
        return Found.rules(Found.in(Found.EMPTY.withCounts(List.of(counts))));
    }

    @Test
    void aCrossedRestClosesWhereTheKneeMeetsTheCalf() {
        assertThat(crossed(1.8, 0, 4)).doesNotContain(RuleId.CROSSED_REST);
        assertThat(crossed(1.6, 0, 2.5)).contains(RuleId.CROSSED_REST);
    }

    private static List<RuleId> crossed(double footLengths, double shoulderWidths, double fists) {
        return rules(
                of(ON_THE_RIGHT, sink(1.4)),
                of(step(footLengths, shoulderWidths, 60)),
                of(
                        flat(),
                        shift(Side.LEFT, 65),
                        new Move.Raise(Side.RIGHT, FootPart.HEEL, Optional.empty()),
                        turn(-20)),
                of(sink(fists)));
    }

    @Test
    void gazeAndBreathAreTheHousesToWatch() {
        HouseRules watching = HouseRules.LARGE_FRAME.with(HouseRule.GAZE, 1).with(HouseRule.BREATH, 1);
        assertThat(rules(watching, of(hand(Side.RIGHT, Landmark.CHEST, 1, 60))))
                .contains(RuleId.GAZE, RuleId.BREATH_UNSAID);
    }
}
