package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.Set;

/** Which phrases name a hand or a part of the arm. */
public final class HandWords {

    private static final Set<Term.Part> PARTS = EnumSet.of(
            Term.Part.HAND,
            Term.Part.PALM,
            Term.Part.FIST,
            Term.Part.BACK_OF_HAND,
            Term.Part.HEEL_OF_PALM,
            Term.Part.ARM,
            Term.Part.WRIST,
            Term.Part.ELBOW,
            Term.Part.FOREARM,
            Term.Part.FINGERS,
            Term.Part.FINGERTIPS,
            Term.Part.THUMB,
            Term.Part.KNUCKLES);

    /** What a hand does to what it is placed against: it touches it, meets it, holds it, takes it. */
    public static final Set<Term.Act> TOUCHING = Set.of(Term.Act.LAND, Term.Act.MEET, Term.Act.HOLD, Term.Act.TAKE);

    private HandWords() {}

    public static boolean hand(Item item) {
        return item.term() instanceof Term.Part part && PARTS.contains(part)
                || item.term() instanceof Term.Shaped && item.who() != null;
    }

    /** The left hand pushes, the right retreats to the hip: the other hand goes back, and no foot. */
    static boolean goesBack(Clause clause, Situation now) {
        return now.topic() == Situation.Topic.HAND
                && clause.has(item -> item.bareSide() && item.rel() == null)
                && !clause.has(WhichFoot::foot)
                && clause.has(item ->
                        item.rel() == Term.Rel.TO && Landmarks.of(item.term()).isPresent());
    }

    /** Goes forward, slides forward, 后收: the verb beside a way carries the hand there. */
    static boolean carries(Clause clause, int way) {
        Item before = clause.item(way - 1);
        boolean after = way + 1 < clause.size()
                && (clause.item(way + 1).is(Term.Act.SLIDE)
                        || clause.item(way).is(Term.Way.BACK)
                                && clause.item(way + 1).is(Term.Act.DRAW));
        return before.is(Term.Act.MOVE) || before.is(Term.Act.SLIDE) || before.is(Term.Act.SWEEP) || after;
    }

    /** 右手举到眼睛左右: right after the verb that carries a hand, the eyes are how high it goes, and do not look. */
    static boolean raisedTo(Clause clause, int eyes) {
        return eyes > 1
                && (clause.item(eyes - 1).is(Term.Act.MOVE)
                        || clause.item(eyes - 1).is(Term.Act.RAISE))
                && clause.item(eyes - 2).rel() == null
                && hand(clause.item(eyes - 2));
    }

    public static boolean shaped(Item item) {
        return item.term() instanceof Term.Shaped;
    }
}
