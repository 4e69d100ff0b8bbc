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
    LOADED_STEP("rules.rule_id.foot_moves_under_load", "rules.rule_id.a_foot_that_is_moved_under", Group.STEPS),
    FALLING_STEP("rules.rule_id.falling_into_the_step", "rules.rule_id.whoever_cannot_set_the_foot_down", Group.STEPS),
    LOADED_TURN("rules.rule_id.foot_turns_under_load", "rules.rule_id.what_the_sole_cannot_turn_under", Group.STEPS),
    TURN_WITHOUT_CONTACT("rules.rule_id.foot_cannot_turn_there", "rules.rule_id.a_foot_turns_on_the_part", Group.STEPS),
    TWIST("rules.rule_id.knee_is_twisted", "rules.rule_id.what_the_hip_cannot_give_goes", Group.KNEES),
    KNEE_PAST("rules.rule_id.knee_goes_too_far", "rules.rule_id.a_knee_far_past_the_toes", Group.KNEES),
    KNEE_LINE("rules.rule_id.knee_is_off_its_foots_line", "rules.rule_id.a_knee_that_falls_inward_under", Group.KNEES),
    KNEE_LOCKED("rules.rule_id.knee_is_nearly_straight", "rules.rule_id.a_locked_knee_cannot_give_way", Group.KNEES),
    STANCE_DEPTH("rules.rule_id.stance_is_too_long_for_this", "rules.rule_id.a_leg_that_does_not_reach", Group.STANCE),
    STANCE_LENGTH("rules.rule_id.stance_is_too_short_or_too", "rules.rule_id.a_stance_that_is_too_short", Group.STANCE),
    STANCE_WIDTH("rules.rule_id.stance_is_too_narrow_or_too", "rules.rule_id.two_feet_on_one_line_leave", Group.STANCE),
    REAR_FOOT("rules.rule_id.rear_foot_is_not_as_the", "rules.rule_id.the_rear_foot_decides_how_far", Group.STANCE),
    CROSSED_REST("rules.rule_id.the_rest_does_not_close", "rules.rule_id.a_crossed_rest_is_held_by", Group.STANCE),
    EVEN_WEIGHT("rules.rule_id.weight_is_even", "rules.rule_id.from_an_even_split_neither_foot", Group.STANCE),
    IMPOSSIBLE_SHARE(
            "rules.rule_id.a_foot_in_the_air_bears", "rules.rule_id.what_does_not_touch_the_floor", Group.BALANCE),
    OUTSIDE_SUPPORT("rules.rule_id.out_of_balance", "rules.rule_id.a_body_whose_centre_of_mass", Group.BALANCE),
    NEAR_EDGE("rules.rule_id.balance_is_thin", "rules.rule_id.a_body_whose_centre_of_mass", Group.BALANCE),
    ONE_LEG_LONG("rules.rule_id.long_on_one_leg", "rules.rule_id.a_leg_that_tires_begins_to", Group.BALANCE),
    HIGH_KICK("rules.rule_id.kick_above_the_limit", "rules.rule_id.height_is_a_training_target_never", Group.BALANCE),
    KICK_ARMS(
            "rules.rule_id.arms_are_off_the_kicks_line", "rules.rule_id.the_arms_balance_the_leg_where", Group.BALANCE),
    HALF_TURN("rules.rule_id.which_way_round", "rules.rule_id.the_feet_that_make_room_for", Group.TRUNK),
    WAIST("rules.rule_id.chest_turns_too_far_against_the", "rules.rule_id.what_the_waist_cannot_give_the", Group.TRUNK),
    INCLINE("rules.rule_id.trunk_inclines_too_far", "rules.rule_id.a_back_that_hangs_forward_carries", Group.TRUNK),
    HAND_REACH("rules.rule_id.hand_cannot_be_there", "rules.rule_id.a_hand_beyond_the_arms_reach", Group.HANDS),
    ELBOW_HIGH(
            "rules.rule_id.elbow_is_above_the_wrist", "rules.rule_id.a_raised_elbow_lifts_the_shoulder", Group.HANDS),
    HAND_GAP("rules.rule_id.palm_is_too_near_the_trunk", "rules.rule_id.an_arm_pressed_to_the_trunk", Group.HANDS),
    HAND_LINE("rules.rule_id.hand_leaves_the_centre_line", "rules.rule_id.a_hand_on_the_centre_line", Group.HANDS),
    RELATION_BROKEN(
            "rules.rule_id.hands_no_longer_stand_to_each", "rules.rule_id.both_cannot_be_true_at_once", Group.HANDS),
    BALL_SIZE("rules.rule_id.the_ball_is_of_another_size", "rules.rule_id.the_size_of_the_ball_is", Group.HANDS),
    ARRIVAL(
            "rules.rule_id.hands_and_feet_arrive_apart",
            "rules.rule_id.what_should_arrive_together_is_felt",
            Group.HANDS),
    GAZE("rules.rule_id.eyes_are_not_as_the_house", "rules.rule_id.where_the_eyes_go_the_head", Group.EYES_AND_BREATH),
    TWO_BREATHS(
            "rules.rule_id.two_breaths_of_a_kind_in",
            "rules.rule_id.nobody_can_breathe_the_same_way",
            Group.EYES_AND_BREATH),
    LONG_BREATH("rules.rule_id.a_long_breath", "rules.rule_id.a_breath_that_is_drawn_out", Group.EYES_AND_BREATH),
    BREATH_UNSAID(
            "rules.rule_id.breath_is_not_said",
            "rules.rule_id.learners_who_are_told_the_breath",
            Group.EYES_AND_BREATH),
    BOTH_IN_AIR("rules.rule_id.both_feet_are_in_the_air", "rules.rule_id.what_stands_on_nothing_falls", Group.BALANCE),
    REAR_HEEL("rules.rule_id.rear_foot_cannot_stay_flat", "rules.rule_id.a_leg_that_does_not_reach", Group.STANCE),
    FEET_CROSSED("rules.rule_id.feet_are_crossed", "rules.rule_id.crossed_feet_leave_no_width_to", Group.STANCE),
    FEET_OVERLAP("rules.rule_id.feet_stand_in_one_place", "rules.rule_id.two_feet_cannot_stand_in_one", Group.STANCE),
    HOUSE_SHARE(
            "rules.rule_id.weight_is_not_the_houses", "rules.rule_id.learners_who_hear_two_numbers_for", Group.STANCE),
    EDGE_LOAD("rules.rule_id.weight_on_a_heel_or_ball", "rules.rule_id.on_half_a_foot_the_ankle", Group.BALANCE),
    RISING_KICK(
            "rules.rule_id.rising_into_the_kick", "rules.rule_id.a_standing_leg_that_straightens_while", Group.BALANCE),
    PALMS_MEET("rules.rule_id.both_palms_are_in_one_place", "rules.rule_id.where_two_hands_are_said_to", Group.HANDS),
    HOLD_ENDS("rules.rule_id.the_hands_part", "rules.rule_id.what_was_held_together_hangs_once", Group.HANDS),
    PROP_NOT_HELD(
            "rules.rule_id.nobody_holds_the_prop", "rules.rule_id.what_nobody_holds_cannot_be_moved", Group.HANDS),
    SIDE_WORD("rules.rule_id.side_is_named_otherwise", "rules.rule_id.a_side_that_is_named_wrong", Group.CLAIMS),
    CLAIMED_STANCE("rules.rule_id.stance_is_not_as_claimed", "rules.rule_id.what_is_written_for_the_end", Group.CLAIMS),
    CLAIMED_WEIGHT("rules.rule_id.weight_is_not_as_claimed", "rules.rule_id.what_is_written_for_the_end", Group.CLAIMS),
    CLAIMED_FACING(
            "rules.rule_id.facing_is_not_as_claimed", "rules.rule_id.a_wrong_facing_is_carried_on", Group.CLAIMS),
    CLAIMED_COUNTS(
            "rules.rule_id.number_of_counts_is_not_as", "rules.rule_id.what_is_written_for_the_end", Group.CLAIMS),
    CLAIMED_NUMBER("rules.rule_id.number_is_not_as_claimed", "rules.rule_id.what_a_hand_out_says_and", Group.CLAIMS),
    CLAIMED_POSTURES(
            "rules.rule_id.number_of_postures_is_not_as", "rules.rule_id.what_a_hand_out_says_and", Group.CLAIMS),
    OPEN_JOIN("rules.rule_id.the_join_does_not_fit", "rules.rule_id.the_end_of_one_posture_must", Group.FORM),
    MISSING_POSTURE(
            "rules.rule_id.posture_is_not_on_the_shelf", "rules.rule_id.what_is_not_recorded_cannot_be", Group.FORM),
    MISSING_VERSION(
            "rules.rule_id.no_such_gentler_version", "rules.rule_id.whoever_relies_on_the_gentler_version", Group.FORM),
    GENTLER_END(
            "rules.rule_id.the_gentler_version_ends_elsewhere",
            "rules.rule_id.whoever_takes_the_gentler_version_must",
            Group.FORM);

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
