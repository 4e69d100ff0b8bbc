package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.Set;

/** Kinds of parts and of small words, as they make phrases together. */
final class PhraseKinds {

    static final Set<Term.Part> LIMBS = EnumSet.of(
            Term.Part.FOOT,
            Term.Part.LEG,
            Term.Part.HEEL,
            Term.Part.BALL,
            Term.Part.TOES,
            Term.Part.INSTEP,
            Term.Part.ANKLE,
            Term.Part.HAND,
            Term.Part.PALM,
            Term.Part.FIST,
            Term.Part.ARM,
            Term.Part.FOREARM,
            Term.Part.WRIST);

    static final Set<Term.Part> HAND_LIMBS = EnumSet.of(
            Term.Part.HAND, Term.Part.PALM, Term.Part.WRIST, Term.Part.ELBOW, Term.Part.FOREARM, Term.Part.FIST);

    /** What a foot turns on. */
    static final Set<Term.Part> PIVOTS = EnumSet.of(Term.Part.HEEL, Term.Part.BALL, Term.Part.SOLE);

    /** What may follow "from" and still say where something comes from. */
    static final Set<Term.Rel> ORIGINS = EnumSet.of(
            Term.Rel.BESIDE,
            Term.Rel.UNDER,
            Term.Rel.BELOW,
            Term.Rel.BEFORE,
            Term.Rel.BEHIND,
            Term.Rel.OVER,
            Term.Rel.AT);

    static final Set<Term.Part> HEIGHTS = EnumSet.of(
            Term.Part.EYES,
            Term.Part.NOSE,
            Term.Part.EAR,
            Term.Part.HEAD,
            Term.Part.CROWN,
            Term.Part.ABOVE_HEAD,
            Term.Part.KNEE);

    static final Set<Term.Part> TRUNK = EnumSet.of(
            Term.Part.CHEST,
            Term.Part.NAVEL,
            Term.Part.SOLAR_PLEXUS,
            Term.Part.RIBS,
            Term.Part.BODY,
            Term.Part.SHOULDER,
            Term.Part.CHIN,
            Term.Part.BROW,
            Term.Part.TEMPLE,
            Term.Part.THIGH,
            Term.Part.WAIST,
            Term.Part.HIPS);

    private PhraseKinds() {}
}
