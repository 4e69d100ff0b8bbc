package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import java.util.function.Predicate;

/** Heights by a part of the body: chest high, at the chest, to the hip. */
public final class Landmarks {

    private Landmarks() {}

    /** {@return the height that a part of the body stands for; none where it stands for no height} */
    public static Optional<Landmark> of(Term term) {
        if (!(term instanceof Term.Part part)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                switch (part) {
                    case ANKLE -> Landmark.ANKLE;
                    case SHIN -> Landmark.SHIN;
                    case KNEE -> Landmark.KNEE;
                    case THIGH -> Landmark.THIGH;
                    case HIPS -> Landmark.HIP;
                    case WAIST, NAVEL -> Landmark.NAVEL;
                    case SOLAR_PLEXUS, RIBS -> Landmark.SOLAR_PLEXUS;
                    case CHEST -> Landmark.CHEST;
                    case SHOULDER -> Landmark.SHOULDER;
                    case CHIN -> Landmark.CHIN;
                    case EAR -> Landmark.EAR;
                    case EYES, NOSE -> Landmark.EYE;
                    case TEMPLE -> Landmark.TEMPLE;
                    case BROW -> Landmark.BROW;
                    case HEAD, CROWN -> Landmark.CROWN;
                    case ABOVE_HEAD -> Landmark.ABOVE;
                    case FLOOR -> Landmark.FLOOR;
                    default -> null;
                });
    }

    private static boolean others(Clause clause, int except) {
        for (int i = 0; i < clause.size(); i++) {
            if (i != except && clause.open(i) && of(clause.item(i).term()).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** {@return a height that a lifted knee or foot comes to; the knee that is lifted is none} */
    static Optional<Landmark> ofLifted(Clause clause) {
        return height(clause, item -> item.is(Term.Part.KNEE) && item.rel() == null);
    }

    /** {@return a height that a foot or knee comes to; it is taken} */
    static Optional<Landmark> height(Clause clause) {
        return height(clause, _ -> false);
    }

    private static Optional<Landmark> height(Clause clause, Predicate<Item> lifted) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            Optional<Landmark> landmark = clause.open(i) ? of(item.term()) : Optional.empty();
            boolean subject = lifted.test(item) || WhichFoot.foot(item) && item.rel() == null && others(clause, i);
            if (landmark.isEmpty() || landmark.get() == Landmark.FLOOR || subject) {
                continue;
            }
            boolean high = i + 1 < clause.size() && clause.item(i + 1).is(Term.Manner.HEIGHT);
            boolean led = item.rel() == Term.Rel.AT || item.rel() == Term.Rel.TO || item.rel() == Term.Rel.LEVEL_WITH;
            boolean limb = item.is(Term.Part.KNEE) || item.is(Term.Part.ANKLE);
            boolean own = item.who() == null || !limb;
            if (high || led && own) {
                clause.use(i);
                if (high) {
                    clause.use(i + 1);
                }
                return landmark;
            }
        }
        return Optional.empty();
    }

    /** {@return the first height that a clause names, which it then no longer has open} */
    static Optional<Landmark> taken(Clause clause) {
        int at = clause.find(item -> of(item.term()).isPresent());
        if (at < 0) {
            return Optional.empty();
        }
        clause.use(at);
        clause.take(Term.Manner.HEIGHT);
        return of(clause.item(at).term());
    }
}
