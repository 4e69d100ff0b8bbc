package app.avrel.rules;

import java.util.Locale;

/**
 * What can be found: each rule once, with its headline and why it matters.
 *
 * <p>Fixes, painters and the file switch over these without a default, so that a new rule breaks the build where it must
 * be learnt.
 */
public enum RuleId {
    LOADED_STEP(
            "Foot moves under load",
            "A foot that is moved under load drops the body into the step and jars knee and hip.",
            Group.STEPS),
    FALLING_STEP(
            "Falling into the step",
            "Whoever cannot set the foot down empty falls onto it, and the knee catches the fall.",
            Group.STEPS),
    LOADED_TURN("Foot turns under load", "What the sole cannot turn under load goes into the knee.", Group.STEPS),
    TURN_WITHOUT_CONTACT("Foot cannot turn there", "A foot turns on the part that stays on the floor.", Group.STEPS),
    TWIST("Knee is twisted", "What the hip cannot give goes into knee, shin and ankle.", Group.KNEES),
    KNEE_PAST(
            "Knee goes too far",
            "A knee far past the toes carries the weight that hip and thigh should carry.",
            Group.KNEES),
    KNEE_LINE(
            "Knee is off its foot's line",
            "A knee that falls inward under load is bent the way it does not bend.",
            Group.KNEES),
    KNEE_LOCKED("Knee is nearly straight", "A locked knee cannot give way; the next shift jars it.", Group.KNEES),
    STANCE_DEPTH(
            "Stance is too long for this height",
            "A leg that does not reach pulls the hips down or crooked, or lifts its heel.",
            Group.STANCE),
    STANCE_LENGTH(
            "Stance is too short or too long",
            "A stance that is too short brings the knee forward; one that is too long pulls on the hips.",
            Group.STANCE),
    STANCE_WIDTH(
            "Stance is too narrow or too wide",
            "Two feet on one line leave no width to stand on; feet too far apart tie the hips.",
            Group.STANCE),
    REAR_FOOT(
            "Rear foot is not as the house has it",
            "The rear foot decides how far the hips can face the front.",
            Group.STANCE),
    CROSSED_REST(
            "The rest does not close",
            "A crossed rest is held by the legs closing on each other; open, the knees hold it alone.",
            Group.STANCE),
    EVEN_WEIGHT("Weight is even", "From an even split neither foot is free to step.", Group.STANCE),
    IMPOSSIBLE_SHARE(
            "A foot in the air bears weight", "What does not touch the floor cannot bear anything.", Group.BALANCE),
    OUTSIDE_SUPPORT(
            "Out of balance",
            "A body whose centre of mass leaves its support tips, unless a foot catches it.",
            Group.BALANCE),
    NEAR_EDGE(
            "Balance is thin",
            "A body whose centre of mass leaves its support tips, unless a foot catches it.",
            Group.BALANCE),
    ONE_LEG_LONG("Long on one leg", "A leg that tires begins to wobble, and whoever wobbles hops.", Group.BALANCE),
    HIGH_KICK(
            "Kick above the limit",
            "Height is a training target, never a requirement; a high kick costs balance and strains the hip.",
            Group.BALANCE),
    KICK_ARMS(
            "Arms are off the kick's line",
            "The arms balance the leg; where they go decides how the trunk stays upright.",
            Group.BALANCE),
    HALF_TURN("Which way round?", "The feet that make room for a half turn differ with its way round.", Group.TRUNK),
    WAIST(
            "Chest turns too far against the hips",
            "What the waist cannot give, the back or the knees are asked for.",
            Group.TRUNK),
    INCLINE(
            "Trunk inclines too far",
            "A back that hangs forward carries its own weight and all that the arms do.",
            Group.TRUNK),
    HAND_REACH("Hand cannot be there", "A hand beyond the arm's reach pulls shoulder and trunk after it.", Group.HANDS),
    ELBOW_HIGH("Elbow is above the wrist", "A raised elbow lifts the shoulder with it.", Group.HANDS),
    HAND_GAP("Palm is too near the trunk", "An arm pressed to the trunk has no room to give.", Group.HANDS),
    HAND_LINE("Hand leaves the centre line", "A hand on the centre line has the whole body behind it.", Group.HANDS),
    RELATION_BROKEN(
            "Hands no longer stand to each other so",
            "Both cannot be true at once; whoever follows the words does one or the other.",
            Group.HANDS),
    BALL_SIZE("The ball is of another size", "The size of the ball is what keeps the arms round.", Group.HANDS),
    ARRIVAL(
            "Hands and feet arrive apart",
            "What should arrive together is felt at once when it does not.",
            Group.HANDS),
    GAZE(
            "Eyes are not as the house has them",
            "Where the eyes go the head turns, and the shoulders follow.",
            Group.EYES_AND_BREATH),
    TWO_BREATHS(
            "Two breaths of a kind in a row",
            "Nobody can breathe the same way twice without the other in between.",
            Group.EYES_AND_BREATH),
    LONG_BREATH("A long breath", "A breath that is drawn out makes people hold it.", Group.EYES_AND_BREATH),
    BREATH_UNSAID("Breath is not said", "Learners who are told the breath once wait for it.", Group.EYES_AND_BREATH),
    BOTH_IN_AIR("Both feet are in the air", "What stands on nothing falls.", Group.BALANCE),
    REAR_HEEL(
            "Rear foot cannot stay flat",
            "A leg that does not reach pulls the hips down or crooked, or lifts its heel.",
            Group.STANCE),
    FEET_CROSSED(
            "Feet are crossed",
            "Crossed feet leave no width to stand on, and the next step has to go round.",
            Group.STANCE),
    FEET_OVERLAP("Feet stand in one place", "Two feet cannot stand in one place.", Group.STANCE),
    HOUSE_SHARE(
            "Weight is not the house's",
            "Learners who hear two numbers for one stance ask which is right.",
            Group.STANCE),
    EDGE_LOAD(
            "Weight on a heel or ball alone",
            "On half a foot the ankle has to hold what the whole foot should.",
            Group.BALANCE),
    RISING_KICK(
            "Rising into the kick",
            "A standing leg that straightens while the other goes out lifts the balance and locks the knee.",
            Group.BALANCE),
    PALMS_MEET(
            "Both palms are in one place",
            "Where two hands are said to be in one place, nobody knows which goes where.",
            Group.HANDS),
    HOLD_ENDS("The hands part", "What was held together hangs once one of the hands goes.", Group.HANDS),
    PROP_NOT_HELD("Nobody holds the prop", "What nobody holds cannot be moved.", Group.HANDS),
    SIDE_WORD("Side is named otherwise", "A side that is named wrong is taught wrong.", Group.CLAIMS),
    CLAIMED_STANCE(
            "Stance is not as claimed",
            "What is written for the end and what the counts lead to should be the same; one of them is wrong.",
            Group.CLAIMS),
    CLAIMED_WEIGHT(
            "Weight is not as claimed",
            "What is written for the end and what the counts lead to should be the same; one of them is wrong.",
            Group.CLAIMS),
    CLAIMED_FACING(
            "Facing is not as claimed", "A wrong facing is carried on to everything that follows.", Group.CLAIMS),
    CLAIMED_COUNTS(
            "Number of counts is not as claimed",
            "What is written for the end and what the counts lead to should be the same; one of them is wrong.",
            Group.CLAIMS),
    CLAIMED_NUMBER(
            "Number is not as claimed", "What a hand-out says and what is taught should be the same.", Group.CLAIMS),
    CLAIMED_POSTURES(
            "Number of postures is not as claimed",
            "What a hand-out says and what is taught should be the same.",
            Group.CLAIMS),
    OPEN_JOIN(
            "The join does not fit",
            "The end of one posture must be the start of the next, or a linking count is needed.",
            Group.FORM),
    MISSING_POSTURE("Posture is not on the shelf", "What is not recorded cannot be walked through.", Group.FORM),
    MISSING_VERSION(
            "No such gentler version",
            "Whoever relies on the gentler version must really be led through it.",
            Group.FORM),
    GENTLER_END(
            "The gentler version ends elsewhere",
            "Whoever takes the gentler version must be able to go on with the others.",
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
        return headline;
    }

    /** {@return why it matters} */
    public String why() {
        return why;
    }

    public Group group() {
        return group;
    }
}
