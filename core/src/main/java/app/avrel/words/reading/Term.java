package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.floor.Heading;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;

/** What a word or a run of words means by itself, in any language. */
sealed interface Term {

    /** What is done. */
    enum Act implements Term {
        STEP,
        LAND,
        SHIFT,
        EMPTY,
        TURN,
        FACE,
        DRAW,
        HALF_STEP,
        SLIDE,
        LOWER,
        RAISE,
        LIFT,
        KICK,
        STAMP,
        SINK,
        RISE,
        SIT,
        LOOK,
        HOLD,
        BREATHE,
        PUSH,
        PRESS,
        LEAN,
        STRAIGHTEN,
        CROSS,
        CLOSE,
        MOVE,
        OPEN,
        STAY,
        HOVER,
        TAKE,
        PASS,
        PUT_AWAY,
        PULL_BACK,
        SWEEP,
        SPREAD,
        POINT,
        FOLD,
        STACK
    }

    /** A part of the body, or a prop. */
    enum Part implements Term {
        FOOT,
        LEG,
        HEEL,
        BALL,
        TOES,
        INSTEP,
        SOLE,
        KNEE,
        ANKLE,
        SHIN,
        THIGH,
        HAND,
        PALM,
        HEEL_OF_PALM,
        ARM,
        WRIST,
        ELBOW,
        FOREARM,
        FINGERS,
        FINGERTIPS,
        BODY,
        WAIST,
        HIPS,
        CHEST,
        WEIGHT,
        EYES,
        BREATH,
        FLOOR,
        NAVEL,
        SOLAR_PLEXUS,
        SHOULDER,
        CHIN,
        EAR,
        FACE,
        TEMPLE,
        BROW,
        HEAD,
        ABOVE_HEAD,
        STAFF,
        SWORD,
        SABRE,
        FAN,
        PROP
    }

    /** Which of two. */
    enum Who implements Term {
        LEFT,
        RIGHT,
        BOTH,
        FRONT,
        REAR,
        LIGHT,
        HEAVY,
        OTHER,
        OWN,
        IT
    }

    /** A way relative to the body. */
    enum Way implements Term {
        FORWARD,
        BACK,
        OUT,
        IN,
        ACROSS,
        SIDE,
        DIAGONAL,
        UP,
        DOWN,
        ROUND
    }

    /** How one thing stands to another. */
    enum Rel implements Term {
        TO,
        ON,
        AT,
        BEFORE,
        BEHIND,
        BESIDE,
        LEVEL_WITH,
        LINE_OF,
        WHERE,
        WAS,
        UNDER,
        OVER,
        PAST,
        WITH,
        OF,
        ABOVE,
        BELOW,
        INSIDE,
        OUTSIDE,
        PERCENT,
        DEGREE,
        CLOCK,
        HALF_PAST
    }

    /** How something is done. */
    enum Manner implements Term {
        FIRST,
        WIDE,
        APART,
        HEIGHT,
        FLAT,
        EVEN,
        ALL,
        MORE,
        NONE,
        LESS,
        ROUNDED,
        NEAR,
        EXTENDED,
        HANGING,
        FLEXED,
        POINTED,
        AS_FAR,
        SLOW,
        QUICK,
        EVENLY,
        HELD,
        IN_BREATH,
        OUT_BREATH,
        HOLD_BREATH,
        FREE_BREATH,
        STILL_IN,
        STILL_OUT,
        IN_AND_OUT,
        OUT_AND_IN,
        ARC,
        SPIRAL,
        STRAIGHT,
        WIDE_VIEW,
        HIGH_FRAME,
        MEDIUM_FRAME,
        LOW_FRAME,
        STANDING,
        CENTRE_LINE,
        OWN_SIDE,
        UPRIGHT,
        OUTER,
        INNER,
        HALF_TURN,
        STANCE,
        BALL_HELD,
        TOGETHER,
        CROSSED,
        IN_PLACE,
        DEEPER,
        HIGHER,
        HANDS_WAIT,
        HANDS_THROUGHOUT,
        BEATS,
        BENT,
        EACH_OTHER,
        GOING_OVER,
        GOING_UNDER,
        NOT_DOWN,
        OUTWARD_ARC,
        INWARD_ARC,
        HOUSE_FRONT,
        HOUSE_LIGHT,
        SOMEHOW,
        HALVES,
        MEASURED
    }

    /** Parts of the line. */
    enum Mark implements Term {
        THEN,
        STOP,
        WHILE,
        COMMA,
        AND,
        FILLER,
        UNKNOWN
    }

    /** A number as such. */
    record Num(double value) implements Term {}

    /** A number of degrees. */
    record Angle(double degrees) implements Term {}

    /** Two shares that make a hundred. */
    record Ratio(int first, int second) implements Term {}

    /** A length; {@code wide} where it was said to be across. */
    record Measure(Length length, boolean wide) implements Term {}

    /** A heading of the hall. */
    record Hall(Heading heading) implements Term {}

    /** One of eight points of the compass, 0 is north. */
    record Compass(int point) implements Term {}

    /** One of eight places in the hall, 0 is the front, clockwise. */
    record Place(int eighth) implements Term {}

    /** A height of the body, with how one stands to it; {@code who} is {@link Who#OWN} where no side is said. */
    record Height(Landmark landmark, Rel rel, Who who) implements Term {}

    /** A thing referred to: beside the left foot, where the right foot was, at the other knee. */
    record Anchor(Rel rel, Who who, Part part) implements Term {}

    /** A unit of length; a metre is a hundred centimetres. */
    record Unit(LengthUnit unit, double times) implements Term {}

    /** A share of the weight in percent. */
    record Share(double percent) implements Term {}

    record Shaped(HandShape shape) implements Term {}

    record Related(HandRelation relation) implements Term {}

    record Beats(double count) implements Term {}

    /** A range of shares in percent. */
    record Span(double least, double most) implements Term {}

    /** {@return the side that is meant by itself; null where it depends} */
    static Side side(Who who) {
        return switch (who) {
            case LEFT -> Side.LEFT;
            case RIGHT -> Side.RIGHT;
            case BOTH, FRONT, REAR, LIGHT, HEAVY, OTHER, OWN, IT -> null;
        };
    }
}
