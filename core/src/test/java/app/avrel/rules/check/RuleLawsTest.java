package app.avrel.rules.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.WeightShare;
import app.avrel.floor.Directions;
import app.avrel.form.Unroll;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.motion.Standing;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.teaching.PostureSheet;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Spot;
import app.avrel.samples.Samples;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class RuleLawsTest {

    /** Which way round a half turn goes is not said, and what is drawn then is no mirror. */
    private static final Set<RuleId> ONE_SIDED = Set.of(RuleId.HALF_TURN);

    private static List<String> rules(Posture posture, Performer posing) {
        return new Checkup(posing, Directions.CLOCK)
                .posture(Unroll.posture(posture, posing)).stream()
                        .filter(finding -> !ONE_SIDED.contains(finding.rule()))
                        .map(finding -> finding.rule().key() + " " + finding.severity())
                        .sorted()
                        .toList();
    }

    private static boolean asksWhichWayRound(Posture posture) {
        return Found.rules(Found.in(posture)).contains(RuleId.HALF_TURN);
    }

    @RepeatedTest(80)
    void theOtherSideIsAsSoundAsThisOne(RepetitionInfo repetition) {
        Posture posture = new Samples(repetition.getCurrentRepetition()).posture("p");
        if (!asksWhichWayRound(posture)) {
            assertThat(rules(Mirror.of(posture), Standing.POSING))
                    .as("seed %d", repetition.getCurrentRepetition())
                    .isEqualTo(rules(posture, Standing.POSING));
        }
    }

    /** What a record leaves open is never held against it: without any share no rule speaks of weight. */
    @Test
    void whatIsNotSaidRaisesNothing() {
        int raisedWhereSaid = 0;
        for (int seed = 1; seed <= 60; seed++) {
            Posture posture = new Samples(seed).posture("p");
            Posture still = posture.withSheet(PostureSheet.EMPTY)
                    .withCounts(posture.counts().stream()
                            .map(count -> count.withStages(count.stages().stream()
                                    .map(stage -> Stage.of(stage.moves().stream()
                                            .filter(move -> !(move instanceof Move.OfFoot))
                                            .toList()))
                                    .toList()))
                            .toList());
            raisedWhereSaid += (int) ofWeight(still).count();
            assertThat(ofWeight(unsaid(still))).as("seed %d", seed).isEmpty();
        }
        assertThat(raisedWhereSaid)
                .as("with the shares said, the same postures raise much")
                .isGreaterThan(20);
    }

    private static Stream<String> ofWeight(Posture posture) {
        return rules(posture, Standing.POSING).stream()
                .filter(rule -> rule.startsWith("knee")
                        || rule.startsWith("twist")
                        || rule.startsWith("stance")
                        || rule.startsWith("loaded")
                        || rule.startsWith("outside")
                        || rule.startsWith("near"));
    }

    private static Posture unsaid(Posture posture) {
        List<Count> open = posture.counts().stream()
                .map(count -> count.withStages(count.stages().stream()
                        .map(stage -> Stage.of(stage.moves().stream()
                                .filter(move -> !(move instanceof Move.OfFoot))
                                .map(move -> move instanceof Move.Shift
                                        ? new Move.Shift(new Split.Said(WeightShare.UNKNOWN))
                                        : move)
                                .toList()))
                        .toList()))
                .toList();
        return posture.withCounts(open)
                .withStart(posture.start().withPose(posture.start().pose().withWeight(WeightShare.UNKNOWN)));
    }

    /** Postures recorded in the body's own measures are as sound for a tall body as for a short one. */
    @RepeatedTest(30)
    void statureAloneChangesNoAngleAndNoShare(RepetitionInfo repetition) {
        Posture posture =
                new Samples(repetition.getCurrentRepetition()).inBodyMeasures().posture("p");
        for (double stature : new double[] {1.5, 1.9}) {
            Performer posing = Performing.of(Body.ofStature(stature), HouseRules.LARGE_FRAME);
            assertThat(rules(posture, posing).stream()
                            .filter(rule -> rule.startsWith("twist") || rule.startsWith("loaded")))
                    .isEqualTo(rules(posture, Standing.POSING).stream()
                            .filter(rule -> rule.startsWith("twist") || rule.startsWith("loaded"))
                            .toList());
        }
    }

    @RepeatedTest(30)
    void everyFindingSaysWhereAndWhatToDo(RepetitionInfo repetition) {
        for (Finding finding : Found.in(new Samples(repetition.getCurrentRepetition()).posture("p"))) {
            assertThat(finding.sentence())
                    .as(finding.rule().key())
                    .isNotBlank()
                    .endsWith(".")
                    .doesNotContain("NaN");
            assertThat(finding.headline()).doesNotEndWith(".");
            assertThat(finding.why()).endsWith(".");
            finding.spot()
                    .flatMap(Spot::side)
                    .ifPresent(side -> assertThat(finding.sentence().toLowerCase(Locale.ROOT))
                            .contains(side.word()));
        }
    }
}
