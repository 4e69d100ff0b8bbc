package app.avrel.words.reading.frame;

import app.avrel.body.Length;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** So far above, below, before or behind what a hand is placed against: two fists above it, dos puños por encima, 上方两拳. */
final class HandOffsets {

    private final Clause clause;

    HandOffsets(Clause clause) {
        this.clause = clause;
    }

    /** {@return a place with what the clause says of where the hand is, seen from there} */
    HandPlace read(HandPlace place) {
        if (!place.places()) {
            return place;
        }
        for (int i = 0; i < clause.size(); i++) {
            HandOffset.Way way = way(i);
            if (way != null) {
                clause.use(i);
                if (i > 0 && clause.item(i - 1).is(Term.Rel.AT)) {
                    clause.use(i - 1);
                }
                clause.takeAll(Term.Way.AWAY);
                Optional<Length> by = place.offset()
                        .flatMap(HandOffset::by)
                        .or(() -> clause.take(Term.Measure.class, measure -> !measure.wide())
                                .map(Term.Measure::length));
                return place.withOffset(new HandOffset(way, by));
            }
        }
        return place;
    }

    private HandOffset.@Nullable Way way(int at) {
        Item item = clause.item(at);
        if (item.term() instanceof Term.Measure measure) {
            return measure.wide() ? null : way(item.rel());
        }
        if (!clause.open(at)) {
            return null;
        }
        if (item.bareSide() && item.who() == Term.Who.IT) {
            return item.rel() == Term.Rel.WITH ? null : way(item.rel());
        }
        if (item.term() instanceof Term.Rel rel && (besideLength(at) || alone(at))) {
            return way(rel);
        }
        if (item.is(Term.Way.FORWARD) && ofThePlace(at)) {
            return HandOffset.Way.IN_FRONT;
        }
        return item.is(Term.Way.BACK) && ofThePlace(at) ? HandOffset.Way.BEHIND : null;
    }

    /** Two fists forward, por delante: seen from the place, and no way that the hand goes. */
    private boolean ofThePlace(int at) {
        return besideLength(at) || clause.item(at).text().startsWith("por ") && alone(at);
    }

    private boolean besideLength(int at) {
        int before = at > 0 && clause.item(at - 1).is(Term.Rel.AT) ? at - 2 : at - 1;
        return before >= 0 && clause.item(before).term() instanceof Term.Measure measure && !measure.wide();
    }

    /** Between commas: "la mano a la rodilla, por fuera, palma arriba". */
    private boolean alone(int at) {
        int before = at > 0 && clause.item(at - 1).is(Term.Rel.AT) ? at - 2 : at - 1;
        return before >= 0
                && clause.item(before).soft()
                && (at + 1 == clause.size() || clause.item(at + 1).soft());
    }

    private static HandOffset.@Nullable Way way(Term.@Nullable Rel rel) {
        if (rel == null) {
            return null;
        }
        return switch (rel) {
            case ABOVE, OVER -> HandOffset.Way.ABOVE;
            case BELOW, UNDER -> HandOffset.Way.BELOW;
            case BEFORE -> HandOffset.Way.IN_FRONT;
            case BEHIND -> HandOffset.Way.BEHIND;
            case OUTSIDE -> HandOffset.Way.OUTSIDE;
            case FROM -> HandOffset.Way.AWAY;
            default -> null;
        };
    }
}
