package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.Form;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.project.Project;
import app.avrel.project.RulesBeside;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RulesBesideTest {

    private static final Project DEMO = Demo.project();
    private static final Form FORM = DEMO.forms().getFirst();

    static java.util.List<HouseRules> presets() {
        return HouseRules.presets();
    }

    @ParameterizedTest
    @MethodSource("presets")
    void aSetAndItselfFindTheSame(HouseRules rules) {
        RulesBeside beside = RulesBeside.of(DEMO, FORM, rules, rules);
        assertThat(beside.different()).isEmpty();
        assertThat(beside.onlyFirst()).isEmpty();
        assertThat(beside.onlySecond()).isEmpty();
    }

    @Test
    void turnedRoundTheSidesChange() {
        HouseRules large = HouseRules.presets().get(0);
        HouseRules compact = HouseRules.presets().get(1);
        RulesBeside one = RulesBeside.of(DEMO, FORM, large, compact);
        RulesBeside other = RulesBeside.of(DEMO, FORM, compact, large);
        assertThat(other.onlyFirst()).isEqualTo(one.onlySecond());
        assertThat(other.onlySecond()).isEqualTo(one.onlyFirst());
        assertThat(other.both()).isEqualTo(one.both());
        assertThat(other.different()).isEqualTo(one.different());
    }

    @Test
    void aStricterKneeIsFoundOnlyByTheStricterSet() {
        HouseRules strict = HouseRules.LARGE_FRAME.with(HouseRule.KNEE_LIMIT, -47);
        RulesBeside beside = RulesBeside.of(DEMO, FORM, HouseRules.LARGE_FRAME, strict);
        assertThat(beside.different()).containsExactly(HouseRule.KNEE_LIMIT);
        assertThat(beside.onlyFirst()).isEmpty();
        assertThat(beside.onlySecond()).extracting(Finding::rule).contains(RuleId.KNEE_PAST);
    }

    @Test
    void whatIsFoundIsInTheFormAndItsPostures() {
        Form shorter = DEMO.forms().getLast();
        RulesBeside beside = RulesBeside.of(
                DEMO, shorter, HouseRules.LARGE_FRAME, HouseRules.LARGE_FRAME.with(HouseRule.KNEE_LIMIT, -47));
        assertThat(beside.onlySecond()).allSatisfy(finding -> {
            if (finding.where() instanceof Where.InPosture(var posture, var _)) {
                assertThat(shorter.entries()).anyMatch(entry -> entry.posture().equals(posture));
            }
        });
    }
}
