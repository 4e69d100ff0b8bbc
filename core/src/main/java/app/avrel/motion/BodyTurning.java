package app.avrel.motion;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;

/** What turning makes of hips and chest; a foot in the air goes round with the hips. */
final class BodyTurning {

    private BodyTurning() {}

    static Pose after(Pose pose, Move.TurnBody move) {
        if (move.turning().isEmpty()) {
            Estimate<Turn> chest = Estimate.unknown(pose.chest().value());
            return pose.withBody(
                    move.part() == BodyPart.WHOLE ? Estimate.unknown(pose.hips().value()) : pose.hips(), chest);
        }
        Turning turning = move.turning().get();
        return move.part() == BodyPart.WHOLE ? whole(pose, turning) : chest(pose, turning);
    }

    private static Pose chest(Pose pose, Turning turning) {
        return pose.withBody(pose.hips(), turned(pose.chest(), turning));
    }

    /** Turning to a heading squares hips and chest to it; turning by an angle keeps what lies between them. */
    private static Pose whole(Pose pose, Turning turning) {
        Estimate<Turn> chest = turned(pose.chest(), turning);
        Estimate<Turn> hips = switch (turning) {
            case Turning.By _ -> turned(pose.hips(), turning);
            case Turning.To _ -> chest;
        };
        Turn carried = hips.value().minus(pose.hips().value());
        return carried(pose, carried).withBody(hips, chest);
    }

    private static Estimate<Turn> turned(Estimate<Turn> from, Turning turning) {
        return switch (turning) {
            case Turning.By(Turn by) -> from.map(by::plus);
            case Turning.To(Bearing to, var way) ->
                Estimate.known(from.value().plus(Bearing.from(from.value()).turnTo(to, way)));
        };
    }

    private static Pose carried(Pose pose, Turn turn) {
        Pose carried = pose;
        for (Side side : Side.values()) {
            if (pose.foot(side).lifted()) {
                carried = carried.withFoot(
                        side,
                        pose.foot(side).turned(pose.foot(side.other()).heel().value(), turn));
            }
        }
        return carried;
    }
}
