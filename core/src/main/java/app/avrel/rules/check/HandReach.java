package app.avrel.rules.check;

import app.avrel.body.Landmark;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.floor.SpacePoint;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.mechanics.ArmReach;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Sideways;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * A hand that cannot be where it is said to be, an elbow above its wrist, a palm too near the trunk. Places of the hands
 * are honest to ±4 cm.
 */
final class HandReach implements MomentRule {

    private static final double LET_PASS = 0.04;
    private static final double NEAREST = 0.28;
    private static final double TRUNK_DEPTH = 0.06;
    private static final int FREE = 1;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        for (Side side : Side.values()) {
            HandPlace place = watched.after().hand(side);
            boolean moved = !Objects.equals(watched.before().hand(side), place);
            boolean placed = place.height().isPresent() && place.at().isEmpty();
            boolean stays = place.height().isPresent() && place.at().equals(Optional.of(HandAt.STAYS));
            if (moved && placed && watched.after().drop().known()) {
                reach(watched, side, place, found);
                elbow(watched, side, place, found);
                behind(watched, side, place, found);
                gap(watched, side, place, found);
            } else if (moved && stays && watched.after().drop().known()) {
                gap(watched, side, place, found);
            }
        }
    }

    /** A hanging arm ends at the thigh. */
    private static boolean hangs(HandPlace place) {
        return place.height().orElse(Landmark.THIGH) == Landmark.THIGH;
    }

    private static void reach(Watched watched, Side side, HandPlace place, Consumer<Finding> found) {
        double arm = Proportions.ARM * watched.body().stature();
        double span = palm(watched, side).distance(shoulder(watched, side));
        boolean near = place.reach().isPresent() && span < NEAREST * arm;
        if (hangs(place) || !near && span <= arm + LET_PASS) {
            return;
        }
        String height = Labels.of(place.height().orElseThrow());
        found.accept(Finding.of(
                        RuleId.HAND_REACH,
                        Severity.LOOK,
                        watched.where(),
                        near
                                ? Labels.say("rules.hand_at_height", Labels.of(side), height)
                                : Labels.say(
                                        "rules.hand_at_height_2", Labels.of(side), height, Measures.cm(span - arm)))
                .headed(Labels.capital(Labels.say("rules.hand_cannot_be", Labels.of(side))))
                .at(Spot.hand(side)));
    }

    private static SpacePoint palm(Watched watched, Side side) {
        return new HandSpot(watched.after(), watched.body()).of(side);
    }

    /** How far ahead the palm is, as a share of the arm's length. */
    private static double ahead(Watched watched, Side side) {
        return palm(watched, side).ahead() / (Proportions.ARM * watched.body().stature());
    }

    /** The shoulder joint, carried along by an inclined trunk. */
    private static SpacePoint shoulder(Watched watched, Side side) {
        Pose pose = watched.after();
        double stature = watched.body().stature();
        double lean = Math.toRadians(pose.lean().degrees());
        double trunk = (Proportions.SHOULDER_HEIGHT - Proportions.HIP_HEIGHT) * stature;
        SpacePoint upright = new SpacePoint(
                side.sign() * watched.body().halfShoulders(), 0, new HandSpot(pose, watched.body()).shoulderHeight());
        return upright.plus(SpacePoint.along(
                                pose.facing().turnTo(pose.lean().toward()).degrees())
                        .times(trunk * Math.sin(lean)))
                .plus(SpacePoint.UP.times(trunk * (Math.cos(lean) - 1)));
    }

    private static void elbow(Watched watched, Side side, HandPlace place, Consumer<Finding> found) {
        boolean asked = watched.rule(HouseRule.ELBOWS) != FREE && place.elbow().isEmpty();
        boolean high = place.height().orElseThrow().compareTo(Landmark.SOLAR_PLEXUS) >= 0;
        if (!asked
                || !high
                || !(place.sideways().orElse(Sideways.OWN_SIDE) instanceof Sideways.Across(double halves))) {
            return;
        }
        double ahead = ahead(watched, side);
        ArmReach arm = ArmReach.of(side, place.height().get(), halves, ahead, watched.body());
        if (arm.reachable() && arm.elbowBelowWrist() < -LET_PASS) {
            found.accept(Finding.of(
                            RuleId.ELBOW_HIGH,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say(
                                    "rules.at_height",
                                    Labels.of(place.height().get()),
                                    Numbers.whole(ahead * 100),
                                    Labels.of(side),
                                    Measures.cm(arm.elbowBelowWrist())))
                    .headed(Labels.capital(Labels.say("rules.elbow_above_wrist", Labels.of(side))))
                    .at(Spot.hand(side)));
        }
    }

    /** A hand that is close, or behind, can draw the elbow behind the plane of the back. */
    private static void behind(Watched watched, Side side, HandPlace place, Consumer<Finding> found) {
        boolean asked = place.elbow().isEmpty() && !hangs(place);
        if (!asked || !(place.sideways().orElse(Sideways.OWN_SIDE) instanceof Sideways.Across(double halves))) {
            return;
        }
        double stature = watched.body().stature();
        ArmReach arm = ArmReach.of(side, place.height().orElseThrow(), halves, ahead(watched, side), watched.body());
        double past = -arm.elbowAhead() - TRUNK_DEPTH * stature;
        if (arm.reachable() && past > LET_PASS) {
            found.accept(Finding.of(
                            RuleId.ELBOW_BEHIND,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say("rules.elbow_behind_by", Labels.of(side), Measures.cm(past)))
                    .at(Spot.hand(side)));
        }
    }

    private static void gap(Watched watched, Side side, HandPlace place, Consumer<Finding> found) {
        double wanted = watched.rule(HouseRule.HAND_GAP) / 1000.0;
        SpacePoint palm = palm(watched, side);
        double gap = Math.sqrt(palm.right() * palm.right() + palm.ahead() * palm.ahead())
                - TRUNK_DEPTH * watched.body().stature();
        boolean trunk = place.height().orElseThrow().compareTo(Landmark.HIP) >= 0
                && place.height().get().compareTo(Landmark.SHOULDER) <= 0;
        if (trunk && gap < wanted) {
            found.accept(Finding.of(
                            RuleId.HAND_GAP,
                            Severity.LOOK,
                            watched.where(),
                            Labels.say(
                                    "rules.palm_from",
                                    Labels.of(side),
                                    Measures.cm(Math.max(0, gap)),
                                    Measures.cm(wanted)))
                    .headed(Labels.capital(Labels.say("rules.palm_too_near", Labels.of(side))))
                    .at(Spot.hand(side)));
        }
    }
}
