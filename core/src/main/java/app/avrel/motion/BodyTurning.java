package app.avrel.motion;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.motion.Estimate.Basis;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;

/** What turning makes of pelvis and chest; a foot in the air goes round with the pelvis. */
final class BodyTurning {

    /** Degrees by which a turn is drawn of which only the way round is said. */
    private static final double SOME = 20;

    private static final double HALF_TURN = 179;

    private BodyTurning() {}

    static Pose after(Pose pose, Move.TurnBody move) {
        if (move.turning().isEmpty()) {
            Estimate<Turn> chest = Estimate.unknown(pose.chest().value());
            Estimate<Turn> hips = move.part() == BodyPart.CHEST
                    ? pose.hips()
                    : Estimate.unknown(pose.hips().value());
            return pose.withBody(hips, chest);
        }
        Turning turning = move.turning().get();
        return switch (move.part()) {
            case WHOLE -> whole(pose, turning);
            case HIPS -> hips(pose, turning);
            case CHEST -> chest(pose, turning);
        };
    }

    /** The chest alone turns against a pelvis that stays. */
    private static Pose chest(Pose pose, Turning turning) {
        Estimate<Turn> hips =
                new Estimate<>(pose.hips().value(), said(pose.hips().basis()));
        return pose.withBody(hips, turned(pose.chest(), turning));
    }

    private static Basis said(Basis basis) {
        return basis == Basis.OPEN ? Basis.OPEN : Basis.SAID;
    }

    /** The pelvis turns, and carries the chest as it stands against it. */
    private static Pose hips(Pose pose, Turning turning) {
        Estimate<Turn> hips = turned(pose.hips(), turning);
        Turn by = hips.value().minus(pose.hips().value());
        Estimate<Turn> pelvis = new Estimate<>(hips.value(), said(hips.basis()));
        return carried(pose, by)
                .withBody(pelvis, new Estimate<>(pose.chest().value().plus(by), hips.basis()));
    }

    /** The chest turns; the pelvis goes with it, and is held back afterwards as far as the hips hold it. */
    private static Pose whole(Pose pose, Turning turning) {
        Estimate<Turn> chest = turned(pose.chest(), turning);
        Turn carried = chest.value().minus(pose.hips().value());
        Basis pelvis = chest.known() ? Basis.DERIVED : Basis.OPEN;
        return carried(pose, carried).withBody(new Estimate<>(chest.value(), pelvis), chest);
    }

    static Estimate<Turn> turned(Estimate<Turn> from, Turning turning) {
        return switch (turning) {
            case Turning.By(Turn by) -> from.map(by::plus);
            case Turning.Between(Turn least, Turn most) ->
                Estimate.unknown(from.value().plus(new Turn((least.degrees() + most.degrees()) / 2)));
            case Turning.Some(Side to) -> Estimate.unknown(from.value().plus(new Turn(to.sign() * SOME)));
            case Turning.To(Bearing to, var way) ->
                new Estimate<>(
                        from.value().plus(Bearing.from(from.value()).turnTo(to, way)),
                        eitherWay(from, to, way) ? Basis.OPEN : Basis.SAID);
        };
    }

    /** Half a turn without a way round: nobody knows which. */
    private static boolean eitherWay(Estimate<Turn> from, Bearing to, Way way) {
        return way == Way.SHORTER && Bearing.from(from.value()).degreesFrom(to) > HALF_TURN;
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
