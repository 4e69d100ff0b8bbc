package app.avrel.words.reading;

import app.avrel.body.LengthUnit;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What a clause is about. */
enum Topic {
    WEIGHT,
    FOOT,
    BODY,
    DEPTH,
    HAND,
    RELATION,
    GAZE,
    INCLINE,
    PROP,
    /** Says more about what came before. */
    MORE;

    private static final Set<Term.Part> HANDS = EnumSet.of(
            Term.Part.HAND,
            Term.Part.PALM,
            Term.Part.HEEL_OF_PALM,
            Term.Part.ARM,
            Term.Part.WRIST,
            Term.Part.ELBOW,
            Term.Part.FOREARM,
            Term.Part.FINGERS,
            Term.Part.FINGERTIPS);
    private static final Set<Term.Part> FEET = EnumSet.of(
            Term.Part.FOOT,
            Term.Part.LEG,
            Term.Part.HEEL,
            Term.Part.BALL,
            Term.Part.TOES,
            Term.Part.INSTEP,
            Term.Part.SOLE,
            Term.Part.KNEE);
    private static final Set<Term.Part> TRUNK =
            EnumSet.of(Term.Part.BODY, Term.Part.WAIST, Term.Part.HIPS, Term.Part.CHEST);
    private static final Set<Term.Part> PROPS =
            EnumSet.of(Term.Part.STAFF, Term.Part.SWORD, Term.Part.SABRE, Term.Part.FAN, Term.Part.PROP);
    static final Set<Term.Act> STEPPING = EnumSet.of(
            Term.Act.STEP,
            Term.Act.HALF_STEP,
            Term.Act.SLIDE,
            Term.Act.KICK,
            Term.Act.STAMP,
            Term.Act.DRAW,
            Term.Act.LIFT);

    static boolean hand(Term term) {
        return term instanceof Term.Part part && HANDS.contains(part);
    }

    static boolean foot(Term term) {
        return term instanceof Term.Part part && FEET.contains(part);
    }

    static boolean trunk(Term term) {
        return term instanceof Term.Part part && TRUNK.contains(part);
    }

    static boolean prop(Term term) {
        return term instanceof Term.Part part && PROPS.contains(part);
    }

    /** {@return the topic that a term brings with it, wherever it stands} */
    static Optional<Topic> of(Term term) {
        return Optional.ofNullable(
                switch (term) {
                    case Term.Part part -> ofPart(part);
                    case Term.Act act -> ofAct(act);
                    case Term.Manner manner -> ofManner(manner);
                    case Term.Ratio _ -> WEIGHT;
                    case Term.Span _ -> WEIGHT;
                    case Term.Unit unit -> unit.unit() == LengthUnit.FIST ? HAND : null;
                    case Term.Related _ -> RELATION;
                    case Term.Shaped _ -> HAND;
                    default -> null;
                });
    }

    private static Topic ofPart(Term.Part part) {
        if (hand(part)) {
            return HAND;
        }
        if (foot(part)) {
            return FOOT;
        }
        if (trunk(part)) {
            return BODY;
        }
        if (prop(part)) {
            return PROP;
        }
        return part == Term.Part.WEIGHT ? WEIGHT : part == Term.Part.EYES ? GAZE : null;
    }

    private static Topic ofAct(Term.Act act) {
        return switch (act) {
            case STEP, HALF_STEP, SLIDE, KICK, STAMP, DRAW -> FOOT;
            case SHIFT, EMPTY, SIT -> WEIGHT;
            case SINK, RISE -> DEPTH;
            case LOOK -> GAZE;
            case LEAN, STRAIGHTEN -> INCLINE;
            case TURN,
                    FACE,
                    LAND,
                    LOWER,
                    RAISE,
                    LIFT,
                    HOLD,
                    BREATHE,
                    PUSH,
                    PRESS,
                    CROSS,
                    CLOSE,
                    MOVE,
                    OPEN,
                    STAY,
                    HOVER,
                    SWEEP,
                    TAKE,
                    PASS,
                    PUT_AWAY,
                    PULL_BACK,
                    SPREAD,
                    POINT,
                    FOLD,
                    STACK -> null;
        };
    }

    private static Topic ofManner(Term.Manner manner) {
        return switch (manner) {
            case HIGH_FRAME, MEDIUM_FRAME, LOW_FRAME, STANDING -> DEPTH;
            case BALL_HELD -> RELATION;
            case UPRIGHT -> INCLINE;
            default -> null;
        };
    }
}
