package app.avrel.words.lexicon;

import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.floor.Heading;
import app.avrel.house.Stance;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import java.util.Optional;

/** What a word or a run of words means by itself, in any language. */
public sealed interface Term {

    /** What is done. */
    enum Act implements Term {
        STEP,
        LAND,
        MEET,
        MOVE,
        RETURN,
        SHIFT,
        EMPTY,
        BEAR,
        FILL,
        ROOT,
        TURN,
        TURN_OVER,
        TWIST,
        ROLL,
        FACE,
        POINT,
        DRAW,
        HALF_STEP,
        FOLLOW,
        SLIDE,
        LOWER,
        RAISE,
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
        RAISE_PALM,
        WARD,
        PULL,
        LEAN,
        STRAIGHTEN,
        CROSS,
        CLOSE,
        FORM,
        OPEN,
        SPREAD,
        STAY,
        HOVER,
        TAKE,
        PASS,
        PUT_AWAY,
        PULL_BACK,
        SWEEP,
        FOLD,
        STACK,
        HANG,
        LAY,
        CIRCLE,
        DO
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
        FIST,
        BACK_OF_HAND,
        HEEL_OF_PALM,
        ARM,
        WRIST,
        ELBOW,
        FOREARM,
        FINGERS,
        FINGERTIPS,
        THUMB,
        KNUCKLES,
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
        RIBS,
        SHOULDER,
        CHIN,
        EAR,
        NOSE,
        TEMPLE,
        BROW,
        HEAD,
        CROWN,
        ABOVE_HEAD,
        STAFF,
        SWORD,
        SABRE,
        FAN,
        PROP,
        TIP,
        KNEES_BEND,
        TAILBONE,
        LUNGS;

        /** {@return whether it is something that is held} */
        public boolean prop() {
            return switch (this) {
                case STAFF, SWORD, SABRE, FAN, PROP -> true;
                default -> false;
            };
        }
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
        IT;

        /** {@return the side that is meant by itself; empty where it depends} */
        public Optional<Side> side() {
            return switch (this) {
                case LEFT -> Optional.of(Side.LEFT);
                case RIGHT -> Optional.of(Side.RIGHT);
                case BOTH, FRONT, REAR, LIGHT, HEAVY, OTHER, OWN, IT -> Optional.empty();
            };
        }

        /** {@return the right one where the left is meant, and the left one where the right is; any other is its own} */
        public Who opposite() {
            return switch (this) {
                case LEFT -> RIGHT;
                case RIGHT -> LEFT;
                case BOTH, FRONT, REAR, LIGHT, HEAVY, OTHER, OWN, IT -> this;
            };
        }
    }

    /** A way relative to the body. */
    enum Way implements Term {
        FORWARD,
        BACK,
        OUT,
        AWAY,
        IN,
        TOGETHER_IN,
        ACROSS,
        SIDE,
        DIAGONAL,
        UP,
        DOWN,
        ROUND,
        LEFT_FORWARD,
        RIGHT_FORWARD,
        LEFT_BACK,
        RIGHT_BACK
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
        OWN_PLACE,
        UNDER,
        BELOW,
        OVER,
        ABOVE,
        PAST,
        WITH,
        OF,
        FROM,
        THROUGH,
        INSIDE,
        OUTSIDE,
        PERCENT,
        DEGREE,
        CLOCK,
        HALF_PAST
    }

    /** How something is done, or how much. */
    enum Manner implements Term {
        FIRST,
        WIDE,
        APART,
        HEIGHT,
        FLAT,
        EVEN,
        MIDDLE,
        HALFWAY,
        ALL,
        ALL_EMPTY,
        ALL_FULL,
        NONE,
        LIGHT,
        FULL,
        REST_OF,
        MORE,
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
        EVEN_PACE,
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
        OUTWARD_ARC,
        INWARD_ARC,
        SPIRAL,
        STRAIGHT,
        WIDE_VIEW,
        HIGH_FRAME,
        MEDIUM_FRAME,
        LOW_FRAME,
        STANDING,
        STRETCHED_LEGS,
        CENTRE_LINE,
        OWN_SIDE,
        /** Of both hands: where they hang, unless a height is said. */
        AT_SIDES,
        UPRIGHT,
        OUTER,
        INNER,
        BALL_HELD,
        TOGETHER,
        CROSSED,
        DEEPER,
        HIGHER,
        SOMEHOW,
        HANDS_WAIT,
        HANDS_THROUGHOUT,
        BEATS,
        BENT,
        EACH_OTHER,
        GOING_OVER,
        GOING_UNDER,
        NOT_DOWN,
        HEEL_FIRST,
        TOES_FIRST,
        BY_THE_ANKLE,
        PARALLEL,
        HOUSE_FRONT,
        HOUSE_LIGHT,
        HALVES,
        MEASURED,
        GOING_LEFT,
        GOING_RIGHT,
        ON_THE_SPOT,
        HALF_STEP_LONG,
        ABOUT,
        /** A leg that sends the body on its way. */
        PUSHES_OFF,
        /** No higher, no further, no wider than what is said. */
        AT_LEAST,
        AT_MOST,
        LITTLE,
        GENTLY,
        IMAGE,
        BETWEEN,
        TURNED,
        STANCE_WORD,
        CLOCKWISE,
        ANTICLOCKWISE,
        SMALL,
        LARGE,
        SMALLER,
        LARGER,
        TIMES,
        NTH,
        OPEN_ENDED,
        RESTS_OWN_ARM,
        RESTS_OTHER_ARM,
        RESTS_FLOOR,
        RESTS_SIDE,
        TO_THE_END
    }

    /** What points back to something said or done before. */
    enum Ref implements Term {
        SAME,
        TOO,
        THERE,
        OTHER_SIDE,
        COUNT,
        ITS_SIDE,
        /** What was spoken of last, both of it. */
        THEM
    }

    /** What begins a line of written notes: form, start, end, way in, note. */
    enum Key implements Term {
        FORM,
        START,
        END,
        WAY_IN,
        NOTE
    }

    /** Parts of the line. */
    enum Mark implements Term {
        THEN,
        THEN_OR_MORE,
        STOP,
        WHILE,
        BEFORE,
        BEFORE_POST,
        AFTER,
        AFTER_POST,
        UNTIL,
        COMMA,
        AND,
        NO,
        NOT,
        IMAGE,
        /** The article that can mean one. */
        A,
        FILLER,
        UNKNOWN
    }

    /** A thing of the hall that one may go toward; this hall may or may not have it. */
    enum Named implements Term {
        WINDOW,
        DOOR,
        MIRROR,
        STAGE,
        CLOCK,
        SHELF,
        ENTRANCE,
        BALCONY,
        ALTAR,
        GARDEN,
        STREET,
        PIANO,
        CLASS
    }

    /** A number as such. */
    record Num(double value) implements Term {}

    /** A number of degrees. */
    record Angle(double degrees) implements Term {}

    /** Two shares that make a hundred, as they were said. */
    record Ratio(int first, int second) implements Term {}

    /** A length; {@code wide} where it was said to be across. */
    record Measure(Length length, boolean wide) implements Term {}

    /** A heading of the hall. */
    record Hall(Heading heading) implements Term {}

    /** One of eight points of the compass, 0 is north. */
    record Compass(int point) implements Term {}

    /** One of eight places in the hall, 0 is the front, clockwise. */
    record Place(int eighth) implements Term {}

    /** A unit of length; a metre is a hundred centimetres. */
    record Unit(LengthUnit unit, double times) implements Term {}

    /** A share of the weight in percent. */
    record Share(double percent) implements Term {}

    /** A range of shares or angles. */
    record Span(double least, double most) implements Term {}

    record Shaped(HandShape shape) implements Term {}

    record Related(HandRelation relation) implements Term {}

    record Beats(double count) implements Term {}

    /** The beat of the count on which something begins, from 1. */
    record OnBeat(double beat) implements Term {}

    /** How many beats one stands still before what follows; 0 is to the end of the count. */
    record Waits(double beats) implements Term {}

    /** A count so many counts before this one. */
    record CountsAgo(int counts) implements Term {}

    /** The count of a number, from 1. */
    record NthCount(int number) implements Term {}

    /** An hour of the clock that a phrase of its own says; half hours end in .5. */
    record Clock(double hour) implements Term {}

    /** A stance by name. */
    record Standing(Stance stance) implements Term {}
}
