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
    LOADED_STEP("rules.foot_moves_under_load", "rules.foot_moved_under", Group.STEPS, Range.NONE),
    FALLING_STEP("rules.falling_into_step", "rules.whoever_cannot_set", Group.STEPS, Range.STEP),
    LOADED_TURN("rules.foot_turns_under_load", "rules.sole_cannot_turn", Group.STEPS, Range.NONE),
    TURN_WITHOUT_CONTACT("rules.foot_cannot_turn_there", "rules.foot_turns_on_part", Group.STEPS, Range.NONE),
    TWIST("rules.knee_twisted", "rules.hip_cannot_give", Group.KNEES, Range.HIP),
    KNEE_PAST("rules.knee_goes_too_far", "rules.knee_far_past", Group.KNEES, Range.KNEE),
    KNEE_LINE("rules.knee_off_its_foots", "rules.knee_falls_inward", Group.KNEES, Range.KNEE),
    KNEE_LOCKED("rules.knee_nearly_straight_2", "rules.locked_knee_cannot", Group.KNEES, Range.KNEE),
    STANCE_DEPTH("rules.stance_too_long", "rules.leg_does_not", Group.STANCE, Range.NONE),
    STANCE_LENGTH("rules.stance_too_short_or", "rules.stance_too_short", Group.STANCE, Range.NONE),
    STANCE_WIDTH("rules.stance_too_narrow", "rules.two_feet_on", Group.STANCE, Range.NONE),
    REAR_FOOT("rules.rear_foot_not", "rules.rear_foot_decides", Group.STANCE, Range.NONE),
    CROSSED_REST("rules.rest_does_not", "rules.crossed_rest_held", Group.STANCE, Range.NONE),
    EVEN_WEIGHT("rules.weight_even", "rules.from_even_split", Group.STANCE, Range.NONE),
    IMPOSSIBLE_SHARE("rules.foot_air_bears", "rules.does_not_touch", Group.BALANCE, Range.NONE),
    OUTSIDE_SUPPORT("rules.out_balance", "rules.body_whose_centre", Group.BALANCE, Range.NONE),
    NEAR_EDGE("rules.balance_thin", "rules.body_whose_centre", Group.BALANCE, Range.NONE),
    ONE_LEG_LONG("rules.long_on_one", "rules.leg_tires_begins", Group.BALANCE, Range.NONE),
    HIGH_KICK("rules.kick_above_limit", "rules.height_training_target", Group.BALANCE, Range.NONE),
    KICK_ARMS("rules.arms_off_kicks", "rules.arms_balance_leg", Group.BALANCE, Range.NONE),
    HALF_TURN("rules.which_way_round", "rules.feet_make_room", Group.TRUNK, Range.NONE),
    WAIST("rules.chest_turns_too", "rules.waist_cannot_give", Group.TRUNK, Range.NONE),
    INCLINE("rules.trunk_inclines_too", "rules.back_hangs_forward", Group.TRUNK, Range.NONE),
    HAND_REACH("rules.hand_cannot_be_there", "rules.hand_beyond_arms", Group.HANDS, Range.NONE),
    ELBOW_BEHIND("rules.elbow_behind_back", "rules.elbow_behind_pinches", Group.HANDS, Range.NONE),
    ELBOW_HIGH("rules.elbow_above_wrist_2", "rules.raised_elbow_lifts", Group.HANDS, Range.NONE),
    HAND_GAP("rules.palm_too_near_trunk", "rules.arm_pressed_trunk", Group.HANDS, Range.NONE),
    HAND_LINE("rules.hand_leaves_centre_line", "rules.hand_on_centre", Group.HANDS, Range.NONE),
    RELATION_BROKEN("rules.hands_no_longer", "rules.both_cannot_be", Group.HANDS, Range.NONE),
    BALL_SIZE("rules.ball_another_size", "rules.size_ball", Group.HANDS, Range.NONE),
    ARRIVAL("rules.hands_feet_arrive", "rules.should_arrive_together", Group.HANDS, Range.NONE),
    GAZE("rules.eyes_not_as", "rules.where_eyes_go", Group.EYES_AND_BREATH, Range.NONE),
    TWO_BREATHS("rules.two_breaths_kind", "rules.nobody_can_breathe", Group.EYES_AND_BREATH, Range.NONE),
    LONG_BREATH("rules.long_breath", "rules.breath_drawn_out", Group.EYES_AND_BREATH, Range.NONE),
    BREATH_UNSAID("rules.breath_not_said", "rules.learners_who_told", Group.EYES_AND_BREATH, Range.NONE),
    BOTH_IN_AIR("rules.both_feet_air", "rules.stands_on_nothing", Group.BALANCE, Range.NONE),
    REAR_HEEL("rules.rear_foot_cannot", "rules.leg_does_not", Group.STANCE, Range.NONE),
    FEET_CROSSED("rules.feet_crossed", "rules.crossed_feet_leave", Group.STANCE, Range.NONE),
    FEET_OVERLAP("rules.feet_stand_one", "rules.two_feet_cannot", Group.STANCE, Range.NONE),
    HOUSE_SHARE("rules.weight_not_houses", "rules.learners_who_hear", Group.STANCE, Range.NONE),
    EDGE_LOAD("rules.weight_on_heel", "rules.on_half_foot", Group.BALANCE, Range.NONE),
    RISING_KICK("rules.rising_into_kick", "rules.standing_leg_straightens", Group.BALANCE, Range.NONE),
    PALMS_MEET("rules.both_palms_one_place", "rules.where_two_hands", Group.HANDS, Range.NONE),
    HOLD_ENDS("rules.hands_part", "rules.was_held_together", Group.HANDS, Range.NONE),
    PROP_NOT_HELD("rules.nobody_holds_prop", "rules.nobody_holds_cannot", Group.HANDS, Range.NONE),
    SIDE_WORD("rules.side_named_otherwise", "rules.side_named_wrong", Group.CLAIMS, Range.NONE),
    CLAIMED_STANCE("rules.stance_not_as", "rules.written_end", Group.CLAIMS, Range.NONE),
    CLAIMED_WEIGHT("rules.weight_not_as", "rules.written_end", Group.CLAIMS, Range.NONE),
    CLAIMED_FACING("rules.facing_not_as", "rules.wrong_facing_carried", Group.CLAIMS, Range.NONE),
    CLAIMED_COUNTS("rules.number_counts_not", "rules.written_end", Group.CLAIMS, Range.NONE),
    CLAIMED_NUMBER("rules.number_not_as", "rules.hand_out_says", Group.CLAIMS, Range.NONE),
    CLAIMED_POSTURES("rules.number_postures_not", "rules.hand_out_says", Group.CLAIMS, Range.NONE),
    OPEN_JOIN("rules.join_does_not", "rules.end_one_posture", Group.FORM, Range.NONE),
    MISSING_POSTURE("rules.posture_not_on", "rules.not_recorded_cannot", Group.FORM, Range.NONE),
    MISSING_VERSION("rules.no_such_gentler", "rules.whoever_relies_on", Group.FORM, Range.NONE),
    GENTLER_END("rules.gentler_version_ends", "rules.whoever_takes_gentler", Group.FORM, Range.NONE);

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

    /** Which range of the body is overstepped, where one can be shown beside what was done. */
    public enum Range {
        /** How far the knee may go over its foot. */
        KNEE,
        /** How far the hip lets the foot turn against the pelvis. */
        HIP,
        /** How far the empty foot reaches from the standing one. */
        STEP,
        /** None that is drawn: the part itself is pointed at. */
        NONE
    }

    private final String headline;
    private final String why;
    private final Group group;
    private final Range range;

    RuleId(String headline, String why, Group group, Range range) {
        this.headline = headline;
        this.why = why;
        this.group = group;
        this.range = range;
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

    public Range range() {
        return range;
    }
}
