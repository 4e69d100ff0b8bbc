package app.avrel.words.reading.frame;

import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Limbs that a hand is placed against, and how it stands to them. */
final class HandLimbs {

    private HandLimbs() {}

    static boolean target(Item item) {
        boolean hand = HandWords.hand(item)
                && !item.is(Term.Part.FINGERS)
                && !item.is(Term.Part.FINGERTIPS)
                && !(item.is(Term.Part.FIST) && !followed(item))
                && !item.is(Term.Part.THUMB)
                && !item.is(Term.Part.KNUCKLES);
        boolean along = item.rel() == Term.Rel.WITH || item.rel() == Term.Rel.FROM || item.rel() == Term.Rel.OF;
        boolean knee = !along
                        && (item.is(Term.Part.KNEE) && item.rel() != null
                                || item.is(Term.Part.THIGH) && item.rel() == Term.Rel.BEHIND)
                        && item.who() != null
                || !along
                        && item.is(Term.Part.KNEE)
                        && item.rel() != null
                        && item.rel() != Term.Rel.TO
                        && item.rel() != Term.Rel.AT
                        && item.rel() != Term.Rel.BEFORE;
        boolean pivot = item.is(Term.Part.HEEL) && item.rel() == Term.Rel.ON;
        boolean foot = item.is(Term.Part.FOOT)
                || item.is(Term.Part.ANKLE) && item.who() != null
                || item.is(Term.Part.TOES)
                || item.is(Term.Part.HEEL) && !pivot;
        boolean other = item.bareSide() && item.who() == Term.Who.OTHER && item.rel() != null;
        boolean side = item.bareSide()
                && item.who().side().isPresent()
                && (item.rel() == Term.Rel.BEFORE || item.rel() == Term.Rel.BEHIND || item.rel() == Term.Rel.BESIDE);
        boolean placed = item.rel() != null
                && item.rel() != Term.Rel.WITH
                && item.rel() != Term.Rel.OF
                && item.rel() != Term.Rel.FROM;
        return (hand || foot || other || side) && placed || knee;
    }

    /** The left palm goes with the right fist, presses against it: it is the other hand's. */
    static boolean followed(Item item) {
        boolean leads = item.rel() != null && item.rel() != Term.Rel.WITH && item.rel() != Term.Rel.OF;
        return leads && item.whose().flatMap(Term.Who::side).isPresent();
    }

    static Optional<HandOffset.Way> way(Term.Rel rel, Item limb) {
        if (rel == null) {
            return Optional.empty();
        }
        boolean hand = HandWords.hand(limb);
        return Optional.ofNullable(
                switch (rel) {
                    case ABOVE -> HandOffset.Way.ABOVE;
                    case OVER -> hand ? null : HandOffset.Way.ABOVE;
                    case BELOW, UNDER -> limb.is(Term.Part.ELBOW) ? null : HandOffset.Way.BELOW;
                    case BEHIND -> HandOffset.Way.BEHIND;
                    case BEFORE -> HandOffset.Way.IN_FRONT;
                    case OUTSIDE -> HandOffset.Way.OUTSIDE;
                    default -> null;
                });
    }

    static HandAt at(Item limb, boolean own) {
        return switch (limb.term()) {
            case Term.Part part ->
                switch (part) {
                    case KNEE, SHIN, THIGH, LEG -> own ? HandAt.OWN_KNEE : HandAt.OTHER_KNEE;
                    case FOOT, HEEL, ANKLE, TOES -> own ? HandAt.OWN_FOOT : HandAt.OTHER_FOOT;
                    case WRIST -> HandAt.OTHER_WRIST;
                    case FOREARM, ARM -> HandAt.OTHER_FOREARM;
                    case ELBOW -> HandAt.OTHER_ELBOW;
                    default -> HandAt.OTHER_HAND;
                };
            default -> HandAt.OTHER_HAND;
        };
    }

    /** The left side: a side of the body, not the other hand. */
    static boolean flank(Clause clause, Item item) {
        int at = clause.items().indexOf(item);
        return item.bareSide() && at + 1 < clause.size() && clause.item(at + 1).is(Term.Way.SIDE);
    }
}
