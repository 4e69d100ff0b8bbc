package app.avrel.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RuleSubjectTest {

    @ParameterizedTest
    @EnumSource(RuleSubject.class)
    void everySubjectHasRules(RuleSubject subject) {
        assertThat(Arrays.stream(HouseRule.values()).filter(rule -> RuleSubject.of(rule) == subject))
                .isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "KNEE_LIMIT, KNEES",
        "BOW_SHARE, STANCES",
        "HEEL_TURN_LOAD, TURNS",
        "STEPPING_LOAD, STEPS",
        "KICK_HEIGHT, BALANCE",
        "GAZE, HANDS",
        "BREATH, BREATH",
        "SIDES, NUMBERS",
        "PLACE_TOLERANCE, TOLERANCES"
    })
    void aRuleIsFoundWhereOneWouldLookForIt(HouseRule rule, RuleSubject subject) {
        assertThat(RuleSubject.of(rule)).isEqualTo(subject);
    }
}
