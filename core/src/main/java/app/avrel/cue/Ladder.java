package app.avrel.cue;

import app.avrel.body.Side;
import app.avrel.form.Link;
import app.avrel.form.Occurrence;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Shorter each time: what was said at length before is called, what was called is called in fewer words.
 *
 * <p>A new side or a new way in is said at greater length again, but only what differs: on the other side the hands are
 * as they were.
 */
final class Ladder {

    private record Done(PostureId posture, Optional<Side> side) {
        static Done of(Occurrence done) {
            return new Done(done.posture().id(), done.posture().side());
        }

        Done otherSide() {
            return new Done(posture, side.map(Side::other));
        }
    }

    private record Way(Done done, Link from) {}

    private final Map<Done, Integer> times = new HashMap<>();
    private final Map<Way, Integer> ways = new HashMap<>();

    /** {@return how often this posture was done on this side so far} */
    int before(Occurrence done) {
        return times.getOrDefault(Done.of(done), 0);
    }

    /** {@return whether this is the first time on this side, after the other} */
    boolean newSide(Occurrence done) {
        Done here = Done.of(done);
        return here.side().isPresent() && before(done) == 0 && times.containsKey(here.otherSide());
    }

    /** {@return how much is said of a performance; it counts as said from now on} */
    Rung next(Occurrence done, CueOrder order) {
        boolean newSide = newSide(done);
        Done here = Done.of(done);
        int before = times.merge(here, 1, Integer::sum) - 1;
        int sameWay = ways.merge(new Way(here, done.link()), 1, Integer::sum) - 1;
        Layer layer = order.layer();
        if (newSide) {
            Layer less = layer == Layer.EVERYTHING ? Layer.FEET_AND_BODY : layer;
            return new Rung(CueLevel.GUIDE, less, order.calls(), Reason.OTHER_SIDE);
        }
        if (before == 0) {
            return new Rung(CueLevel.GUIDE, layer, order.calls(), Reason.FIRST_TIME);
        }
        if (sameWay == 0) {
            return new Rung(CueLevel.PROMPT, layer, order.calls(), Reason.NEW_WAY);
        }
        return before == 1
                ? new Rung(CueLevel.PROMPT, layer, order.calls(), Reason.SECOND_TIME)
                : new Rung(CueLevel.PROMPT, layer, 1, Reason.OFTEN);
    }
}
