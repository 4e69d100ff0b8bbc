package app.avrel.house;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A school's answers to every {@link HouseRule}.
 *
 * @param name what the set is called, in plain descriptive words
 * @param answers the answers that differ from the usual one, each within its rule's range
 * @param stances answers that hold in one stance only: a low stance has its own limit for the knee
 */
@RecordBuilder
public record HouseRules(String name, Map<HouseRule, Integer> answers, Map<Stance, Map<HouseRule, Integer>> stances)
        implements HouseRulesBuilder.With {

    /** In low stances the knee goes further than the toes; a body that is not used to them stays higher. */
    private static final Map<HouseRule, Integer> LOW = Map.of(HouseRule.KNEE_LIMIT, 80, HouseRule.KNEE_LINE, 150);

    /** Sitting on one leg brings the knee a little past the toes at any depth that is of use. */
    private static final Map<HouseRule, Integer> SITTING = Map.of(HouseRule.KNEE_LIMIT, 45);

    private static final Map<Stance, Map<HouseRule, Integer>> STANCES = Map.of(
            Stance.DROP, LOW,
            Stance.CROSSED_REST, LOW,
            Stance.ONE_LEGGED, SITTING,
            Stance.ALL_ON_FRONT, SITTING,
            Stance.DRAWN_IN, SITTING,
            Stance.EMPTY, SITTING,
            Stance.REAR_LOADED, SITTING);

    /** Long stances, toes swung on the heel of an emptied foot. */
    public static final HouseRules LARGE_FRAME =
            new HouseRules("large frame, heel turns", Map.of(HouseRule.BOW_SHARE, 65), STANCES);

    /** Short stances, the rear foot brought up, heels swung on the ball. */
    public static final HouseRules COMPACT_FRAME = new HouseRules(
            "compact frame, follow steps",
            Map.of(
                    HouseRule.BOW_SHARE, 60,
                    HouseRule.EMPTY_SHARE, 10,
                    HouseRule.BALL_TURN_LOAD, 70,
                    HouseRule.BOW_LENGTH_LEAST, 70,
                    HouseRule.BOW_LENGTH_MOST, 200,
                    HouseRule.MEDIUM_FRAME, 10),
            STANCES);

    /** Tall stances with nothing on the light foot, for tender knees. */
    public static final HouseRules HIGH_FRAME = new HouseRules(
            "high frame, empty steps",
            Map.of(
                    HouseRule.BOW_SHARE, 60,
                    HouseRule.EMPTY_SHARE, 0,
                    HouseRule.KNEE_LIMIT, 0,
                    HouseRule.HEEL_TURN_LOAD, 10,
                    HouseRule.BALL_TURN_LOAD, 10,
                    HouseRule.ONE_LEG_BEATS, 3,
                    HouseRule.INCLINE_LIMIT, 10,
                    HouseRule.MEDIUM_FRAME, 8),
            Map.of());

    /** Turning on a heel that stays loaded; eyes with the hand, arms along the kick. */
    public static final HouseRules LOADED_TURNS = new HouseRules(
            "medium frame, loaded heel turns",
            Map.of(
                    HouseRule.HEEL_TURN_LOAD, 100,
                    HouseRule.TOES_OUT_RANGE, 45,
                    HouseRule.TOES_IN_RANGE, 45,
                    HouseRule.REAR_FOOT_ANGLE, 30,
                    HouseRule.KICK_ARMS, 1,
                    HouseRule.GAZE, 1),
            STANCES);

    public HouseRules {
        answers = differing(answers);
        EnumMap<Stance, Map<HouseRule, Integer>> kept = new EnumMap<>(Stance.class);
        stances.forEach((stance, inIt) -> {
            if (!inIt.isEmpty()) {
                kept.put(stance, checked(inIt));
            }
        });
        stances = Collections.unmodifiableMap(kept);
    }

    /** {@return the same answers, in the order of the rules; one outside its range is refused} */
    public static Map<HouseRule, Integer> checked(Map<HouseRule, Integer> answers) {
        EnumMap<HouseRule, Integer> kept = new EnumMap<>(HouseRule.class);
        answers.forEach((rule, answer) -> {
            if (answer < rule.least() || answer > rule.most()) {
                throw new IllegalArgumentException("house rule \"%s\" must be %d to %d %s, but was %d"
                        .formatted(rule.label(), rule.least(), rule.most(), rule.unit(), answer));
            }
            kept.put(rule, answer);
        });
        return Collections.unmodifiableMap(kept);
    }

    private static Map<HouseRule, Integer> differing(Map<HouseRule, Integer> answers) {
        EnumMap<HouseRule, Integer> kept = new EnumMap<>(HouseRule.class);
        kept.putAll(checked(answers));
        kept.entrySet().removeIf(entry -> entry.getValue() == entry.getKey().usual());
        return Collections.unmodifiableMap(kept);
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
        return with(Map.of(rule, answer));
    }

    /** {@return this set with some answers changed, as for one posture} */
    public HouseRules with(Map<HouseRule, Integer> otherwise) {
        if (otherwise.isEmpty()) {
            return this;
        }
        EnumMap<HouseRule, Integer> changed = new EnumMap<>(HouseRule.class);
        changed.putAll(answers);
        changed.putAll(otherwise);
        return new HouseRules(name, changed, stances);
    }

    /** {@return the answers that hold in a stance} */
    public HouseRules in(Optional<Stance> stance) {
        return stance.map(stances::get).map(this::with).orElse(this);
    }

    /** {@return this set with other answers for one stance; none are the same as everywhere} */
    public HouseRules withStance(Stance stance, Map<HouseRule, Integer> inIt) {
        EnumMap<Stance, Map<HouseRule, Integer>> changed = new EnumMap<>(Stance.class);
        changed.putAll(stances);
        changed.put(stance, inIt);
        return new HouseRules(name, answers, changed);
    }
}
