package app.avrel.cue;

import app.avrel.body.Side;
import app.avrel.form.Link;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Shorter each time: what was said at length before is called, what was called is called in fewer words.
 *
 * <p>How much each time is the house's to say; usually so: a new side or a new way in is said at greater length again, but only what differs: on the other side the hands are
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

    /** {@return how much is said of a performance, as the house or the posture has it; it counts as said from now on} */
    Rung next(Occurrence done, CueOrder order, HouseRules house) {
        boolean newSide = newSide(done);
        Done here = Done.of(done);
        int before = times.merge(here, 1, Integer::sum) - 1;
        int sameWay = ways.merge(new Way(here, done.link()), 1, Integer::sum) - 1;
        Answers answers = new Answers(order, house, done);
        if (newSide) {
            return answers.otherSide();
        }
        if (before == 0) {
            return answers.first(Reason.FIRST_TIME);
        }
        boolean longer = sameWay == 0 && answers.of(HouseRule.CALL_NEW_WAY) != AS_OTHERWISE;
        if (longer) {
            return answers.newWay();
        }
        return before == 1 ? answers.second() : answers.later();
    }

    private static final int AS_OTHERWISE = 2;

    /** How much the house has said, or the posture where it has an answer of its own. */
    private record Answers(CueOrder order, HouseRules house, Occurrence done) {

        int of(HouseRule rule) {
            return done.posture().ownRules().getOrDefault(rule, house.get(rule));
        }

        private Rung rung(CueLevel level, Reason why) {
            return new Rung(level, order.layer(), order.calls(), why);
        }

        Rung first(Reason why) {
            return rung(
                    switch (of(HouseRule.CALL_FIRST)) {
                        case 0 -> CueLevel.GUIDE;
                        case 1 -> CueLevel.EXPLAIN;
                        case 2 -> CueLevel.PROMPT;
                        default -> CueLevel.COUNT;
                    },
                    why);
        }

        Rung otherSide() {
            Layer less = order.layer() == Layer.EVERYTHING ? Layer.FEET_AND_BODY : order.layer();
            return switch (of(HouseRule.CALL_OTHER_SIDE)) {
                case 0 -> new Rung(CueLevel.GUIDE, less, order.calls(), Reason.OTHER_SIDE);
                case 1 -> first(Reason.OTHER_SIDE);
                default -> rung(CueLevel.PROMPT, Reason.OTHER_SIDE);
            };
        }

        Rung newWay() {
            return rung(of(HouseRule.CALL_NEW_WAY) == 0 ? CueLevel.PROMPT : CueLevel.GUIDE, Reason.NEW_WAY);
        }

        Rung second() {
            return rung(
                    switch (of(HouseRule.CALL_SECOND)) {
                        case 0 -> CueLevel.PROMPT;
                        case 1 -> CueLevel.GUIDE;
                        case 2 -> CueLevel.EXPLAIN;
                        default -> CueLevel.COUNT;
                    },
                    Reason.SECOND_TIME);
        }

        Rung later() {
            return switch (of(HouseRule.CALL_LATER)) {
                case 0 -> new Rung(CueLevel.PROMPT, order.layer(), 1, Reason.OFTEN);
                case 1 -> rung(CueLevel.PROMPT, Reason.OFTEN);
                case 2 -> rung(CueLevel.GUIDE, Reason.OFTEN);
                default -> rung(CueLevel.COUNT, Reason.OFTEN);
            };
        }
    }
}
