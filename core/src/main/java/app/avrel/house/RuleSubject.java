package app.avrel.house;

/** What a house rule is about, in the order in which a school would think of them. */
public enum RuleSubject {
    STANCES("Stances"),
    STEPS("Steps"),
    TURNS("Turns and toes"),
    KNEES("Knees and height"),
    BALANCE("Balance and kicks"),
    HANDS("Hands and eyes"),
    BREATH("Breath"),
    NUMBERS("Numbers and sides"),
    CUES("What is said, and how often"),
    TOLERANCES("What counts as alike");

    private final String label;

    RuleSubject(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** {@return what a rule is about} */
    public static RuleSubject of(HouseRule rule) {
        return switch (rule) {
            case BOW_SHARE,
                    EMPTY_SHARE,
                    REAR_FOOT_ANGLE,
                    REAR_FOOT_TOLERANCE,
                    BOW_LENGTH_LEAST,
                    BOW_LENGTH_MOST,
                    BOW_WIDTH_LEAST,
                    BOW_WIDTH_MOST,
                    WIDTH_MOST,
                    EVEN_WEIGHT -> STANCES;
            case STEPPING_LOAD,
                    STEP_LENGTH_HIGH,
                    STEP_LENGTH_MEDIUM,
                    STEP_LENGTH_LOW,
                    SIDE_STEP,
                    FORWARD_WOUND,
                    FOLLOW_STEP_SHARE -> STEPS;
            case HEEL_TURN_LOAD, BALL_TURN_LOAD, SOLE_TURN_LOAD, TOES_OUT_RANGE, TOES_IN_RANGE -> TURNS;
            case KNEE_LIMIT, KNEE_LINE, HIGH_FRAME, MEDIUM_FRAME, LOW_FRAME, INCLINE_LIMIT -> KNEES;
            case BALANCE_MARGIN, ONE_LEG_BEATS, KICK_HEIGHT, KICK_ARMS -> BALANCE;
            case ELBOWS, HAND_LINE, HAND_GAP, GAZE -> HANDS;
            case BREATH, BREATH_BEATS -> RuleSubject.BREATH;
            case REPEATS, OTHER_SIDES, GROUPS, OPENING, PARTS, SIDES -> NUMBERS;
            case CALL_FIRST,
                    CALL_OTHER_SIDE,
                    CALL_NEW_WAY,
                    CALL_SECOND,
                    CALL_LATER,
                    CALL_NAME,
                    CALL_ORDINAL,
                    CALL_NUMBER,
                    CALL_BREATH -> CUES;
            case ANGLE_TOLERANCE, WEIGHT_TOLERANCE, PLACE_TOLERANCE, HAND_TOLERANCE -> TOLERANCES;
        };
    }
}
