package app.avrel.house;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A school's answers to every {@link HouseRule}.
 *
 * @param name what the set is called, in plain descriptive words
 * @param answers the answers that differ from the usual one, each within its rule's range
 */
public record HouseRules(String name, Map<HouseRule, Integer> answers) {

    /** Long stances, toes swung on the heel of an emptied foot. */
    public static final HouseRules LARGE_FRAME =
            new HouseRules("large frame, heel turns", Map.of(HouseRule.FRONT_LOADED_SHARE, 65));

    /** Short stances, the rear foot brought up, heels swung on the ball. */
    public static final HouseRules COMPACT_FRAME = new HouseRules(
            "compact frame, follow steps",
            Map.of(
                    HouseRule.FRONT_LOADED_SHARE, 60,
                    HouseRule.LIGHT_FOOT_SHARE, 10,
                    HouseRule.BALL_TURN_LOAD, 70,
                    HouseRule.MEDIUM_FRAME, 10));

    /** Tall stances with nothing on the light foot, for tender knees. */
    public static final HouseRules HIGH_FRAME = new HouseRules(
            "high frame, empty steps",
            Map.of(
                    HouseRule.FRONT_LOADED_SHARE, 60,
                    HouseRule.LIGHT_FOOT_SHARE, 0,
                    HouseRule.HEEL_TURN_LOAD, 10,
                    HouseRule.BALL_TURN_LOAD, 10,
                    HouseRule.MEDIUM_FRAME, 8));

    /** Turning on a heel that stays loaded. */
    public static final HouseRules LOADED_TURNS = new HouseRules(
            "medium frame, loaded heel turns",
            Map.of(HouseRule.HEEL_TURN_LOAD, 100, HouseRule.TOES_OUT_RANGE, 45, HouseRule.TOES_IN_RANGE, 45));

    public HouseRules {
        EnumMap<HouseRule, Integer> kept = new EnumMap<>(HouseRule.class);
        answers.forEach((rule, answer) -> {
            if (answer < rule.least() || answer > rule.most()) {
                throw new IllegalArgumentException("house rule \"%s\" must be %d to %d %s, but was %d"
                        .formatted(rule.label(), rule.least(), rule.most(), rule.unit(), answer));
            }
            if (answer != rule.usual()) {
                kept.put(rule, answer);
            }
        });
        answers = java.util.Collections.unmodifiableMap(kept);
    }

    /** {@return the sets that come with Avrel} */
    public static List<HouseRules> presets() {
        return List.of(LARGE_FRAME, COMPACT_FRAME, HIGH_FRAME, LOADED_TURNS);
    }

    /** {@return the answer to a rule, in the rule's unit} */
    public int get(HouseRule rule) {
        return answers.getOrDefault(rule, rule.usual());
    }

    /** {@return this set with one answer changed} */
    public HouseRules with(HouseRule rule, int answer) {
        EnumMap<HouseRule, Integer> changed = new EnumMap<>(HouseRule.class);
        changed.putAll(answers);
        changed.put(rule, answer);
        return new HouseRules(name, changed);
    }
}
