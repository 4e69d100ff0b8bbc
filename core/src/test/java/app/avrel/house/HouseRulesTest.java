package app.avrel.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class HouseRulesTest {

    @ParameterizedTest
    @EnumSource(HouseRule.class)
    void theUsualAnswerLiesInTheRange(HouseRule rule) {
        assertThat(rule.usual()).isBetween(rule.least(), rule.most());
        assertThat(rule.label()).isNotBlank();
        assertThat(rule.unit()).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(HouseRule.class)
    void anAnswerOutsideTheRangeIsRefused(HouseRule rule) {
        assertThatThrownBy(() -> HouseRules.LARGE_FRAME.with(rule, rule.most() + 1))
                .hasMessage("house rule \"%s\" must be %d to %d %s, but was %d"
                        .formatted(rule.label(), rule.least(), rule.most(), rule.unit(), rule.most() + 1));
    }

    @Test
    void whatASchoolDoesNotSayIsTheUsual() {
        HouseRules rules = new HouseRules("ours", Map.of(HouseRule.BOW_SHARE, 60), Map.of());
        assertThat(rules.get(HouseRule.BOW_SHARE)).isEqualTo(60);
        assertThat(rules.get(HouseRule.HEEL_TURN_LOAD)).isEqualTo(HouseRule.HEEL_TURN_LOAD.usual());
    }

    @Test
    void goingBackToTheUsualLeavesNothingSaid() {
        HouseRules rules = new HouseRules("ours", Map.of(), Map.of())
                .with(HouseRule.EMPTY_SHARE, 20)
                .with(HouseRule.EMPTY_SHARE, HouseRule.EMPTY_SHARE.usual());
        assertThat(rules.answers()).isEmpty();
    }

    @Test
    void aStanceHasItsOwnAnswersAndTheOthersTheHouses() {
        HouseRules rules = HouseRules.HIGH_FRAME.withStance(Stance.DROP, Map.of(HouseRule.KNEE_LIMIT, 60));
        assertThat(rules.in(Optional.of(Stance.DROP)).get(HouseRule.KNEE_LIMIT)).isEqualTo(60);
        assertThat(rules.in(Optional.of(Stance.REAR_LOADED)).get(HouseRule.KNEE_LIMIT))
                .isZero();
        assertThat(rules.in(Optional.empty())).isEqualTo(rules);
        assertThat(rules.withStance(Stance.DROP, Map.of())).isEqualTo(HouseRules.HIGH_FRAME);
    }

    @Test
    void aPosturesOwnAnswerMayGoBackToTheUsual() {
        HouseRules own = HouseRules.LARGE_FRAME.with(Map.of(HouseRule.BOW_SHARE, HouseRule.BOW_SHARE.usual()));
        assertThat(own.get(HouseRule.BOW_SHARE)).isEqualTo(70);
        assertThat(HouseRules.LARGE_FRAME.get(HouseRule.BOW_SHARE)).isEqualTo(65);
    }

    @ParameterizedTest
    @EnumSource(HouseRule.class)
    void everyAnswerCanBeSaid(HouseRule rule) {
        for (int answer = rule.least(); answer <= rule.most(); answer++) {
            assertThat(rule.say(answer)).isNotBlank();
        }
        assertThat(rule.ways().isEmpty()).isEqualTo(!rule.unit().equals("way"));
    }

    @Test
    void atLeastFourSetsComeWithPlainNames() {
        assertThat(HouseRules.presets()).hasSizeGreaterThanOrEqualTo(4).doesNotHaveDuplicates();
        assertThat(HouseRules.presets()).extracting(HouseRules::name).allMatch(name -> name.contains("frame"));
    }
}
