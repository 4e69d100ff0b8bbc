package app.avrel.rules;

import app.avrel.label.Labels;
import java.util.Locale;

/**
 * What can be found: each rule once, with its headline and why it matters.
 *
 * <p>Fixes, painters and the file switch over these without a default, so that a new rule breaks the build where it must
 * be learnt.
 */
public enum RuleId {
    LOADED_STEP("rules.foot_moves_under_load", "rules.foot_moved_under", Group.STEPS),
    FALLING_STEP("rules.falling_into_step", "rules.whoever_cannot_set", Group.STEPS),
    LOADED_TURN("rules.foot_turns_under_load", "rules.sole_cannot_turn", Group.STEPS),
    TURN_WITHOUT_CONTACT("rules.foot_cannot_turn_there", "rules.foot_turns_on_part", Group.STEPS),
    TWIST("rules.knee_twisted", "rules.hip_cannot_give", Group.KNEES),
    KNEE_PAST("rules.knee_goes_too_far", "rules.knee_far_past", Group.KNEES),
    KNEE_LINE("rules.knee_off_its_foots", "rules.knee_falls_inward", Group.KNEES),
    KNEE_LOCKED("rules.knee_nearly_straight_2", "rules.locked_knee_cannot", Group.KNEES),
    STANCE_DEPTH("rules.stance_too_long", "rules.leg_does_not", Group.STANCE),
    STANCE_LENGTH("rules.stance_too_short_or", "rules.stance_too_short", Group.STANCE),
    STANCE_WIDTH("rules.stance_too_narrow", "rules.two_feet_on", Group.STANCE),
    REAR_FOOT("rules.rear_foot_not", "rules.rear_foot_decides", Group.STANCE),
    CROSSED_REST("rules.rest_does_not", "rules.crossed_rest_held", Group.STANCE),
    EVEN_WEIGHT("rules.weight_even", "rules.from_even_split", Group.STANCE),
    IMPOSSIBLE_SHARE("rules.foot_air_bears", "rules.does_not_touch", Group.BALANCE),
    OUTSIDE_SUPPORT("rules.out_balance", "rules.body_whose_centre", Group.BALANCE),
    NEAR_EDGE("rules.balance_thin", "rules.body_whose_centre", Group.BALANCE),
    ONE_LEG_LONG("rules.long_on_one", "rules.leg_tires_begins", Group.BALANCE),
    HIGH_KICK("rules.kick_above_limit", "rules.height_training_target", Group.BALANCE),
    KICK_ARMS("rules.arms_off_kicks", "rules.arms_balance_leg", Group.BALANCE),
    HALF_TURN("rules.which_way_round", "rules.feet_make_room", Group.TRUNK),
    WAIST("rules.chest_turns_too", "rules.waist_cannot_give", Group.TRUNK),
    INCLINE("rules.trunk_inclines_too", "rules.back_hangs_forward", Group.TRUNK),
    HAND_REACH("rules.hand_cannot_be_there", "rules.hand_beyond_arms", Group.HANDS),
    ELBOW_BEHIND("rules.elbow_behind_back", "rules.elbow_behind_pinches", Group.HANDS),
    ELBOW_HIGH("rules.elbow_above_wrist_2", "rules.raised_elbow_lifts", Group.HANDS),
    HAND_GAP("rules.palm_too_near_trunk", "rules.arm_pressed_trunk", Group.HANDS),
    HAND_LINE("rules.hand_leaves_centre_line", "rules.hand_on_centre", Group.HANDS),
    RELATION_BROKEN("rules.hands_no_longer", "rules.both_cannot_be", Group.HANDS),
    BALL_SIZE("rules.ball_another_size", "rules.size_ball", Group.HANDS),
    ARRIVAL("rules.hands_feet_arrive", "rules.should_arrive_together", Group.HANDS),
    GAZE("rules.eyes_not_as", "rules.where_eyes_go", Group.EYES_AND_BREATH),
    TWO_BREATHS("rules.two_breaths_kind", "rules.nobody_can_breathe", Group.EYES_AND_BREATH),
    LONG_BREATH("rules.long_breath", "rules.breath_drawn_out", Group.EYES_AND_BREATH),
    BREATH_UNSAID("rules.breath_not_said", "rules.learners_who_told", Group.EYES_AND_BREATH),
    BOTH_IN_AIR("rules.both_feet_air", "rules.stands_on_nothing", Group.BALANCE),
    REAR_HEEL("rules.rear_foot_cannot", "rules.leg_does_not", Group.STANCE),
    FEET_CROSSED("rules.feet_crossed", "rules.crossed_feet_leave", Group.STANCE),
    FEET_OVERLAP("rules.feet_stand_one", "rules.two_feet_cannot", Group.STANCE),
    HOUSE_SHARE("rules.weight_not_houses", "rules.learners_who_hear", Group.STANCE),
    EDGE_LOAD("rules.weight_on_heel", "rules.on_half_foot", Group.BALANCE),
    RISING_KICK("rules.rising_into_kick", "rules.standing_leg_straightens", Group.BALANCE),
    PALMS_MEET("rules.both_palms_one_place", "rules.where_two_hands", Group.HANDS),
    HOLD_ENDS("rules.hands_part", "rules.was_held_together", Group.HANDS),
    PROP_NOT_HELD("rules.nobody_holds_prop", "rules.nobody_holds_cannot", Group.HANDS),
    SIDE_WORD("rules.side_named_otherwise", "rules.side_named_wrong", Group.CLAIMS),
    CLAIMED_STANCE("rules.stance_not_as", "rules.written_end", Group.CLAIMS),
    CLAIMED_WEIGHT("rules.weight_not_as", "rules.written_end", Group.CLAIMS),
    CLAIMED_FACING("rules.facing_not_as", "rules.wrong_facing_carried", Group.CLAIMS),
    CLAIMED_COUNTS("rules.number_counts_not", "rules.written_end", Group.CLAIMS),
    CLAIMED_NUMBER("rules.number_not_as", "rules.hand_out_says", Group.CLAIMS),
    CLAIMED_POSTURES("rules.number_postures_not", "rules.hand_out_says", Group.CLAIMS),
    OPEN_JOIN("rules.join_does_not", "rules.end_one_posture", Group.FORM),
    MISSING_POSTURE("rules.posture_not_on", "rules.not_recorded_cannot", Group.FORM),
    MISSING_VERSION("rules.no_such_gentler", "rules.whoever_relies_on", Group.FORM),
    GENTLER_END("rules.gentler_version_ends", "rules.whoever_takes_gentler", Group.FORM);

    /** What a rule is about, for lists. */
    public enum Group {
        STEPS,
        KNEES,
        STANCE,
        BALANCE,
        TRUNK,
        HANDS,
        EYES_AND_BREATH,
        CLAIMS,
        FORM
    }

    private final String headline;
    private final String why;
    private final Group group;

    RuleId(String headline, String why, Group group) {
        this.headline = headline;
        this.why = why;
        this.group = group;
    }

    /** {@return the short, stable key by which files and scripts know it, such as {@code knee-past}} */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** {@return what is found, in a few words} */
    public String headline() {
        return Labels.say(headline);
    }

    /** {@return why it matters} */
    public String why() {
        return Labels.say(why);
    }

    public Group group() {
        return group;
    }
}
