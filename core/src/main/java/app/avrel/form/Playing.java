package app.avrel.form;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.mechanics.Circling;
import app.avrel.mechanics.FootRig;
import app.avrel.mechanics.HandRig;
import app.avrel.mechanics.Rig;
import app.avrel.motion.Estimate;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.StageTimes;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;
import java.util.List;
import java.util.Optional;

/**
 * A count in motion: feet go before the weight, hands take the whole count unless it says that they wait.
 *
 * @param moments the stages of one count, in order; at least one
 */
public record Playing(List<Moment> moments, Body body) {

    private static final double FEET_THERE = 0.6;
    private static final double WEIGHT_STARTS = 0.4;

    /** {@return how the body stands a share of the count after its start, 0 to 1} */
    public Rig at(double share) {
        StageTimes times = times();
        int stage = times.at(share);
        double within = times.within(stage, share);
        Moment moment = moments.get(stage);
        Rig from = Rig.of(moment.before(), body);
        Rig to = Rig.of(moment.after(), body);
        Rig rig = from.towards(to, progress(moment, within), body);
        return rig.withHands(
                circling(Side.LEFT, share, hand(Side.LEFT, share, rig)),
                circling(Side.RIGHT, share, hand(Side.RIGHT, share, rig)));
    }

    /** {@return the pose a share of the count after its start, for the floor; what is not a number changes half way} */
    public Pose pose(double share) {
        Rig rig = at(share);
        StageTimes times = times();
        int stage = times.at(share);
        Moment moment = moments.get(stage);
        double within = times.within(stage, share);
        Pose shown = within < 0.5 ? moment.before() : moment.after();
        for (Side side : Side.values()) {
            shown = shown.withFoot(side, foot(shown.foot(side), rig.foot(side)));
        }
        double from = moment.before().weight().middle(Side.LEFT);
        double to = moment.after().weight().middle(Side.LEFT);
        double weight = from + (to - from) * progress(moment, within).weight();
        return shown.withWeight(WeightShare.left((int) Math.round(weight)))
                .withBody(Estimate.known(new Turn(rig.hips())), Estimate.known(new Turn(rig.chest())));
    }

    private StageTimes times() {
        return moments.getFirst().count().times();
    }

    private FootPose foot(FootPose pose, FootRig rig) {
        return pose.withHeel(Estimate.known(rig.sole(body, 0).floor()))
                .withHeading(Estimate.known(Bearing.wrapping(rig.heading())));
    }

    /** {@return how long the count takes, in seconds, at so many seconds a beat} */
    public double seconds(double beat) {
        return measures(moments.getFirst().count()) * beat;
    }

    /** {@return how many even beats a count lasts: slow ones half as long again, quick ones half} */
    public static double measures(Count count) {
        return count.beats()
                * switch (count.pace()) {
                    case EVEN, HELD, OPEN -> 1;
                    case SLOW -> 1.5;
                    case QUICK -> 0.5;
                };
    }

    /** A foot that steps is there before weight comes onto it; a foot that only turns does so with the body. */
    private static Rig.Progress progress(Moment moment, double share) {
        boolean steps = moment.stage().moves().stream().anyMatch(Playing::travels);
        boolean shifts = moment.stage().moves().stream().anyMatch(Move.Shift.class::isInstance);
        double smooth = smooth(share);
        if (steps && shifts) {
            return new Rig.Progress(
                    smooth(share / FEET_THERE), smooth((share - WEIGHT_STARTS) / (1 - WEIGHT_STARTS)), smooth, smooth);
        }
        return Rig.Progress.together(smooth);
    }

    private static boolean travels(Move move) {
        return move instanceof Move.OfFoot && !(move instanceof Move.TurnFoot) && !(move instanceof Move.Raise);
    }

    /** {@return a share that starts and ends gently; outside 0 to 1 it stays at the end} */
    static double smooth(double share) {
        double at = Math.clamp(share, 0, 1);
        return at * at * (3 - 2 * at);
    }

    private HandRig hand(Side side, double share, Rig byStage) {
        if (moments.stream().allMatch(moment -> stays(moment.after(), side))) {
            return byStage.stayingWhereIn(Rig.of(moments.getFirst().before(), body), side);
        }
        if (waits()) {
            return byStage.hand(side);
        }
        Rig start = Rig.of(moments.getFirst().before(), body);
        Rig end = Rig.of(moments.getLast().after(), body);
        return start.towards(end, Rig.Progress.together(smooth(share)), body).hand(side);
    }

    /** A hand that goes round does so in its stage, or through the whole count where no other hand waits. */
    private HandRig circling(Side side, double share, HandRig hand) {
        for (int stage = 0; stage < moments.size(); stage++) {
            Optional<Move.Circle> circle =
                    Circling.of(side, moments.get(stage).stage().moves());
            if (circle.isPresent()) {
                double done = waits() ? times().within(stage, share) : share;
                return Circling.at(circle.get(), hand, smooth(done), body);
            }
        }
        return hand;
    }

    private boolean waits() {
        Count count = moments.getFirst().count();
        return count.handsByStage() || count.timed() || stagesMoving() > 1;
    }

    private long stagesMoving() {
        return moments.stream()
                .filter(moment -> moment.stage().moves().stream().anyMatch(Playing::ofHands))
                .count();
    }

    private static boolean stays(Pose pose, Side side) {
        return pose.hand(side).at().equals(Optional.of(HandAt.STAYS));
    }

    private static boolean ofHands(Move move) {
        return move instanceof Move.Circle || MoveQuestions.placesHands(move);
    }
}
