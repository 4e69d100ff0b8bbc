package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.Contact;
import app.avrel.posture.Direction;
import app.avrel.posture.DrawnTo;
import app.avrel.posture.Move;
import app.avrel.posture.StepPlace;
import app.avrel.posture.Toes;
import java.util.Optional;

/**
 * Where feet go.
 *
 * @param begin what held when the stage began
 */
record Footing(Body body, HouseRules rules, Posing.Begin begin) {

    Pose step(Pose pose, Move.Step step) {
        FootPose foot = pose.foot(step.foot())
                .withHeel(heel(pose, step.foot(), step.place()))
                .withHeading(toes(pose, step.foot(), step.toes()))
                .withContact(step.landing().orElse(Contact.FLAT));
        return pose.withFoot(step.foot(), foot);
    }

    Pose drawIn(Pose pose, Move.DrawIn draw) {
        Side side = draw.foot();
        Estimate<FloorPoint> beside = beside(
                pose, side, body.fist() / 2, pose.foot(side.other()).heel().known());
        Contact contact = draw.to() == DrawnTo.HOVERING ? Contact.LIFTED : Contact.BALL;
        FootPose foot = pose.foot(side).withHeel(beside).withContact(contact);
        return pose.withFoot(
                side, foot.withHeading(Estimate.unknown(foot.heading().value())));
    }

    /** The foot keeps its own line and closes the house rules' share of the way along the facing. */
    Pose halfStep(Pose pose, Move.HalfStep half) {
        FootPose foot = pose.foot(half.foot());
        Estimate<FloorPoint> other = pose.foot(half.foot().other()).heel();
        double along = other.value().minus(foot.heel().value()).along(begin.facing());
        double way = along * rules.get(HouseRule.FOLLOW_STEP_SHARE) / 100.0;
        boolean known = foot.heel().known() && other.known();
        FloorPoint heel = foot.heel().value().plus(begin.facing().vector(way));
        return pose.withFoot(
                half.foot(), foot.withHeel(new Estimate<>(heel, known)).withContact(Contact.FLAT));
    }

    Pose lower(Pose pose, Move.Lower lower) {
        FootPose foot = pose.foot(lower.foot());
        if (lower.place().isPresent()) {
            foot = foot.withHeel(heel(pose, lower.foot(), lower.place().get()));
        }
        return pose.withFoot(lower.foot(), foot.withContact(lower.to()));
    }

    Pose turnFoot(Pose pose, Move.TurnFoot turn) {
        FootPose foot = pose.foot(turn.foot());
        Estimate<Heading> heading = toes(pose, turn.foot(), turn.toes());
        double fixed = share(turn);
        FloorPoint pivot = foot.point(body, fixed);
        FloorPoint heel = pivot.plus(heading.value().vector(-fixed * body.footLength()));
        boolean known = foot.heel().known() && (heading.known() || fixed == 0);
        return pose.withFoot(turn.foot(), foot.withHeading(heading).withHeel(new Estimate<>(heel, known)));
    }

    private static double share(Move.TurnFoot turn) {
        return switch (turn.on()) {
            case HEEL -> 0;
            case BALL -> FootPose.BALL;
            case SOLE -> FootPose.FLAT_PRESSURE;
        };
    }

    private Estimate<FloorPoint> heel(Pose pose, Side side, StepPlace place) {
        return switch (place) {
            case StepPlace.Along along -> along(pose, side, along);
            case StepPlace.Beside(Optional<Length> gap) ->
                beside(pose, side, gap.map(body::metres).orElse(body.fist()), gap.isPresent());
            case StepPlace.LevelWithHeel(Optional<Length> width) ->
                offset(pose, side, begin.facing(), Optional.of(0.0), width.map(body::metres));
            case StepPlace.OnHeelLine(Optional<Length> ahead) ->
                offset(pose, side, begin.facing(), ahead.map(body::metres), Optional.of(0.0));
        };
    }

    /**
     * A width that is not said keeps the foot's own line in a step straight ahead or straight back; in any other
     * direction the heel goes onto the line of the direction. A width is counted to the mover's own side, also in a
     * step backward, so that only a negative one crosses.
     */
    private Estimate<FloorPoint> along(Pose pose, Side side, StepPlace.Along along) {
        Heading direction = heading(along.direction(), begin.facing(), begin.front());
        boolean backward = begin.facing().degreesFrom(direction) > 90;
        Optional<Double> width = along.width().map(body::metres).map(metres -> backward ? -metres : metres);
        double distance = along.distance().map(body::metres).orElse(body.footLength());
        Optional<Double> aside = straight(along.direction()) ? width : width.or(() -> Optional.of(0.0));
        Estimate<FloorPoint> heel = offset(pose, side, direction, Optional.of(distance), aside);
        return new Estimate<>(heel.value(), heel.known() && along.distance().isPresent());
    }

    private static boolean straight(Direction direction) {
        return direction.equals(Direction.FORWARD) || direction.equals(Direction.BACK);
    }

    private Estimate<FloorPoint> beside(Pose pose, Side side, double gap, boolean known) {
        Estimate<FloorPoint> heel =
                offset(pose, side, begin.facing(), Optional.of(0.0), Optional.of(gap + body.footBreadth()));
        return new Estimate<>(heel.value(), heel.known() && known);
    }

    /** A place counted from the standing heel along and across a direction; what is empty stays as it is. */
    private Estimate<FloorPoint> offset(
            Pose pose, Side side, Heading direction, Optional<Double> along, Optional<Double> width) {
        Estimate<FloorPoint> standing = pose.foot(side.other()).heel();
        Estimate<FloorPoint> own = pose.foot(side).heel();
        FloorVector now = own.value().minus(standing.value());
        double ahead = along.orElseGet(() -> now.along(direction));
        double aside = width.map(metres -> side.sign() * metres).orElseGet(() -> now.along(direction.right()));
        FloorPoint heel = standing.value()
                .plus(direction.vector(ahead))
                .plus(direction.right().vector(aside));
        boolean known = standing.known() && (own.known() || (along.isPresent() && width.isPresent()));
        return new Estimate<>(heel, known);
    }

    private Estimate<Heading> toes(Pose pose, Side side, Optional<Toes> said) {
        Estimate<Heading> now = pose.foot(side).heading();
        return said.map(toes -> toes(pose, side, toes)).orElse(Estimate.unknown(now.value()));
    }

    private Estimate<Heading> toes(Pose pose, Side side, Toes toes) {
        Estimate<Heading> now = pose.foot(side).heading();
        return switch (toes) {
            case Toes.Turned(double out) -> now.map(heading -> heading.plus(outward(side, out)));
            case Toes.AgainstPelvis(double out) -> againstPelvis(pose, side, out);
            case Toes.Toward(Direction direction) -> Estimate.known(heading(direction, begin.facing(), begin.front()));
            case Toes.OutAsFarAsTheyGo _ -> againstPelvis(pose, side, rules.get(HouseRule.TOES_OUT_RANGE));
            case Toes.InAsFarAsTheyGo _ -> againstPelvis(pose, side, -rules.get(HouseRule.TOES_IN_RANGE));
        };
    }

    private static Estimate<Heading> againstPelvis(Pose pose, Side side, double out) {
        return new Estimate<>(
                pose.pelvis().plus(outward(side, out)), pose.hips().known());
    }

    private static Turn outward(Side side, double degrees) {
        return new Turn(side.sign() * degrees);
    }

    /** {@return the direction as a heading of the hall} */
    static Heading heading(Direction direction, Heading facing, Heading front) {
        return switch (direction) {
            case Direction.OfBody(Turn turn) -> facing.plus(turn);
            case Direction.OfPosture(Heading heading) -> Posing.inHall(heading, front);
        };
    }
}
