package app.avrel.words;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;
import app.avrel.floor.SpacePoint;
import app.avrel.label.Labels;
import app.avrel.motion.FootPose;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Gaze;
import java.util.LinkedHashMap;
import java.util.Map;

/** Where everything of a pose points on the floor, and the angle between any two of them. */
public final class PoseAngles {

    private PoseAngles() {}

    /** {@return directions by what points there, in a fixed order, counted from the front of the posture} */
    public static Map<String, Bearing> of(Pose pose, Body body) {
        Map<String, Bearing> all = new LinkedHashMap<>();
        all.put(Labels.say("words.front_posture"), Bearing.FRONT);
        all.put(Labels.say("words.chest"), pose.facing());
        all.put(Labels.say("words.hips"), pose.pelvis());
        for (Side side : Side.values()) {
            FootPose foot = pose.foot(side);
            all.put(Labels.say("words.toes", Labels.of(side)), foot.heading().value());
            foot.air()
                    .flatMap(air -> air.kick())
                    .ifPresent(out -> all.put(Labels.say("words.legs_kick", Labels.of(side)), out.toward()));
        }
        for (Side side : Side.values()) {
            all.put(Labels.say("words.hand_from_its", Labels.of(side)), hand(pose, side, body));
        }
        all.put(Labels.say("words.eyes"), eyes(pose, body));
        return all;
    }

    private static Bearing hand(Pose pose, Side side, Body body) {
        SpacePoint palm = new HandSpot(pose, body).of(side);
        double right = palm.right() - side.sign() * body.halfShoulders();
        return Bearing.wrapping(pose.facing().degrees() + Math.toDegrees(Math.atan2(right, palm.ahead())));
    }

    private static Bearing eyes(Pose pose, Body body) {
        return switch (pose.gaze()) {
            case Gaze.Ahead _ -> pose.facing();
            case Gaze.AtHand(Side side, var _) -> {
                SpacePoint palm = new HandSpot(pose, body).of(side);
                yield Bearing.wrapping(
                        pose.facing().degrees() + Math.toDegrees(Math.atan2(palm.right(), palm.ahead())));
            }
            case Gaze.Toward(var direction) ->
                switch (direction) {
                    case Direction.OfBody(var turn) -> pose.facing().plus(turn);
                    case Direction.OfPosture(var bearing) -> bearing;
                };
        };
    }

    /** {@return the way from one direction round to another, such as {@code 35° to the left}} */
    public static String between(Bearing from, Bearing to) {
        double degrees = from.turnTo(to).degrees();
        long size = Math.round(Math.abs(degrees));
        if (size == 0) {
            return Labels.say("words.same_way");
        }
        return Numbers.whole(size) + "°"
                + (size == 180
                        ? Labels.say("words.straight_against")
                        : degrees > 0 ? Labels.say("words.right_3") : Labels.say("words.left_3"));
    }
}
