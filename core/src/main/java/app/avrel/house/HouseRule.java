package app.avrel.house;

/** A question that schools answer differently, as a whole number with a unit and a range. */
public enum HouseRule {
    FRONT_LOADED_SHARE("Front-loaded stance: weight on the front foot", "%", 55, 85, 70),
    LIGHT_FOOT_SHARE("Light front foot: weight on it", "%", 0, 30, 15),
    STEPPING_LOAD("A foot may step or lift while it bears at most", "%", 0, 20, 5),
    HEEL_TURN_LOAD("A foot may turn on the heel while it bears at most", "%", 0, 100, 30),
    BALL_TURN_LOAD("A foot may turn on the ball while it bears at most", "%", 0, 100, 50),
    SOLE_TURN_LOAD("A foot may turn on the whole sole while it bears at most", "%", 0, 100, 10),
    TOES_OUT_RANGE("Toes out as far as they go: against the pelvis", "°", 20, 70, 40),
    TOES_IN_RANGE("Toes in as far as they go: against the pelvis", "°", 10, 60, 35),
    FOLLOW_STEP_SHARE("A half step closes this much of the distance", "%", 20, 90, 50),
    HIGH_FRAME("High frame: the pelvis drops", "tenths of a fist", 0, 15, 5),
    MEDIUM_FRAME("Medium frame: the pelvis drops", "tenths of a fist", 5, 30, 15),
    LOW_FRAME("Low frame: the pelvis drops", "tenths of a fist", 10, 50, 30),
    KICK_HEIGHT("Kicks go at most up to", "% of the body's height", 20, 85, 53),
    ANGLE_TOLERANCE("Directions agree within", "°", 1, 20, 5),
    WEIGHT_TOLERANCE("Weights agree within", "points", 1, 20, 5),
    PLACE_TOLERANCE("Places of the feet agree within", "% of a foot-length", 5, 100, 25),
    HAND_TOLERANCE("Heights of the hands agree within", "landmarks", 0, 4, 1);

    private final String label;
    private final String unit;
    private final int least;
    private final int most;
    private final int usual;

    HouseRule(String label, String unit, int least, int most, int usual) {
        this.label = label;
        this.unit = unit;
        this.least = least;
        this.most = most;
        this.usual = usual;
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
}
