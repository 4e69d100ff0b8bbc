package app.avrel.house;

import java.util.List;

/** A question that schools answer differently: a whole number with a unit and a range, or one of a few ways. */
public enum HouseRule {
    BOW_SHARE("Bow stance: weight on the front foot", "%", 55, 95, 70),
    EMPTY_SHARE("Empty stance: weight on the front foot", "%", 0, 30, 15),
    KNEE_LIMIT("A loaded knee may be past the base of the big toe by", "% of a foot-length", -47, 80, 28),
    KNEE_LINE("A loaded knee may be inward of its foot's line by", "mm", 20, 150, 60),
    STEPPING_LOAD("A foot may step or lift while it bears at most", "%", 0, 20, 5),
    HEEL_TURN_LOAD("A foot may turn on the heel while it bears at most", "%", 0, 100, 30),
    BALL_TURN_LOAD("A foot may turn on the ball while it bears at most", "%", 0, 100, 50),
    SOLE_TURN_LOAD("A foot may turn on the whole sole while it bears at most", "%", 0, 100, 10),
    REAR_FOOT_ANGLE("Rear foot of a bow stance: turned out", "°", 0, 90, 45),
    REAR_FOOT_TOLERANCE("Rear foot of a bow stance: may differ by", "°", 5, 90, 20),
    BOW_LENGTH_LEAST("Bow stance: heel to heel at least", "% of a foot-length", 50, 250, 100),
    BOW_LENGTH_MOST("Bow stance: heel to heel at most", "% of a foot-length", 120, 400, 320),
    BOW_WIDTH_LEAST("Bow stance: heel lines apart at least", "% of a shoulder width", 0, 120, 20),
    BOW_WIDTH_MOST("Bow stance: heel lines apart at most", "% of a shoulder width", 40, 200, 130),
    STEP_LENGTH_HIGH("A step whose length is not said, high: heel to heel", "% of a foot-length", 30, 250, 90),
    STEP_LENGTH_MEDIUM(
            "A step whose length is not said, medium high: heel to heel", "% of a foot-length", 40, 300, 150),
    STEP_LENGTH_LOW("A step whose length is not said, low: heel to heel", "% of a foot-length", 50, 400, 210),
    SIDE_STEP("A step to the side whose length is not said: heels apart", "% of a shoulder width", 50, 250, 100),
    FORWARD_WOUND(
            "\"Forward\" while the body is turned against its stance means",
            "way",
            "along the stance",
            "where the chest faces"),
    WIDTH_MOST("Any stance: heel lines apart at most", "% of a shoulder width", 100, 350, 200),
    TOES_OUT_RANGE("Toes out as far as they go: against the pelvis", "°", 20, 70, 40),
    TOES_IN_RANGE("Toes in as far as they go: against the pelvis", "°", 10, 60, 35),
    FOLLOW_STEP_SHARE("A half step closes this much of the distance", "%", 0, 90, 50),
    HIGH_FRAME("High frame: the pelvis drops", "tenths of a fist", 0, 15, 5),
    MEDIUM_FRAME("Medium frame: the pelvis drops", "tenths of a fist", 5, 30, 15),
    LOW_FRAME("Low frame: the pelvis drops", "tenths of a fist", 10, 50, 30),
    EVEN_WEIGHT("Even weight is wanted", "way", "anywhere", "in even stances", "only standing upright"),
    BALANCE_MARGIN("The centre of mass stays inside the support by", "mm", 0, 60, 20),
    ONE_LEG_BEATS("One stands on one leg at most", "beats", 1, 64, 6),
    KICK_HEIGHT("Kicks go at most up to", "% of the body's height", 20, 85, 53),
    KICK_ARMS("Arms in kicks", "way", "left free", "along the kicking leg", "opened to two sides"),
    INCLINE_LIMIT("The trunk inclines at most", "°", 0, 60, 20),
    ELBOWS("Elbows", "way", "below the wrists", "left free"),
    HAND_LINE("The leading hand of a bow stance", "way", "left free", "on the centre line"),
    HAND_GAP("Palms stay away from the trunk by", "mm", 0, 200, 0),
    GAZE(
            "The eyes",
            "way",
            "left free",
            "follow the leading hand",
            "straight ahead with wide vision",
            "past the fingertips"),
    BREATH("The breath is said", "way", "where one likes", "on every count", "only in opening and closing"),
    BREATH_BEATS("One breath in or out lasts at most", "beats", 1, 16, 4),
    REPEATS("Repeats are numbered", "way", "one by one", "as one posture"),
    OTHER_SIDES("The other side, done next, has", "way", "a number of its own", "the same number"),
    GROUPS("A group of postures is numbered", "way", "as one posture", "posture by posture"),
    OPENING("The opening posture is", "way", "counted", "not counted"),
    PARTS("Numbers run", "way", "through the form", "anew in each part"),
    SIDES("A side is named by", "way", "the leg in front", "the leading hand", "the way one travels"),
    CALL_FIRST(
            "The first time, a posture is said",
            "way",
            "in short sentences",
            "in whole sentences",
            "in calls",
            "by numbers"),
    CALL_OTHER_SIDE(
            "The first time on its other side",
            "way",
            "in short sentences, feet and body only",
            "as the first time",
            "in calls"),
    CALL_NEW_WAY("By a new way in", "way", "in calls", "in short sentences", "as often as it has come"),
    CALL_SECOND("The second time", "way", "in calls", "in short sentences", "in whole sentences", "by numbers"),
    CALL_LATER(
            "From the third time on", "way", "with one call a count", "in calls", "in short sentences", "by numbers"),
    CALL_NAME("Its name is called", "way", "before its first count", "in its last count", "not at all"),
    CALL_ORDINAL("Which time it is, and the other side", "way", "is called", "is not called"),
    CALL_NUMBER("The counts' numbers", "way", "are not called", "are called"),
    CALL_BREATH("The breath, where it is said,", "way", "is called", "is not called"),
    ANGLE_TOLERANCE("Directions agree within", "°", 1, 20, 5),
    WEIGHT_TOLERANCE("Weights agree within", "points", 1, 20, 5),
    PLACE_TOLERANCE("Places of the feet agree within", "% of a foot-length", 5, 100, 25),
    HAND_TOLERANCE("Heights of the hands agree within", "landmarks", 0, 4, 1);

    private final String label;
    private final String unit;
    private final int least;
    private final int most;
    private final int usual;
    private final List<String> ways;

    HouseRule(String label, String unit, int least, int most, int usual) {
        this.label = label;
        this.unit = unit;
        this.least = least;
        this.most = most;
        this.usual = usual;
        this.ways = List.of();
    }

    /** A question answered by one of a few ways, counted from 0; the first is the usual one. */
    HouseRule(String label, String unit, String... ways) {
        this.label = label;
        this.unit = unit;
        this.least = 0;
        this.most = ways.length - 1;
        this.usual = 0;
        this.ways = List.of(ways);
    }

    /** {@return the question as asked in the settings} */
    public String label() {
        return label;
    }

    public String unit() {
        return unit;
    }

    public int least() {
        return least;
    }

    public int most() {
        return most;
    }

    /** {@return the answer where a school has not said otherwise} */
    public int usual() {
        return usual;
    }

    /** {@return the ways to choose from, where the answer is not a number} */
    public List<String> ways() {
        return ways;
    }

    /** {@return an answer in words, such as {@code 70 %} or {@code left free}} */
    public String say(int answer) {
        return ways.isEmpty() ? answer + " " + unit : ways.get(answer);
    }
}
