package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.motion.Estimate.Basis;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Crossing;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import java.util.Optional;

/**
 * Where feet go.
 *
 * @param begin what held when the stage began
 */
record FootPlacement(Body body, HouseRules rules, Performer.Begin begin) {

    private static final double HIP_JOINT = 0.53;
    private static final double LEG = 0.491;

    /** Degrees by which a foot is drawn turned of which only the way round is said. */
    private static final double SOME = 20;

    Pose step(Pose pose, Move.Step step) {
        FootPose foot = pose.foot(step.foot())
                .leaving()
                .withHeel(heel(pose, step.foot(), step.place()))
                .withHeading(toes(pose, step.foot(), step.toes()))
                .withContact(step.landing().orElse(Contact.FLAT));
        return pose.withFoot(step.foot(), foot);
    }

    /** A sliding foot keeps its contact; where its way along a direction is given, it counts from its own old place. */
    Pose slide(Pose pose, Move.Slide slide) {
        Side side = slide.foot();
        FootPose foot = pose.foot(side);
        Estimate<FloorPoint> heel = switch (slide.place()) {
            case StepPlace.Along along -> slid(foot, along);
            case StepPlace.Beside _,
                    StepPlace.LevelWithHeel _,
                    StepPlace.OnHeelLine _,
                    StepPlace.Across _,
                    StepPlace.WhereWas _,
                    StepPlace.AtToes _ -> heel(pose, side, slide.place());
        };
        Estimate<Bearing> toes =
                slide.toes().map(said -> toes(pose, side, said)).orElse(foot.heading());
        Contact contact = slide.landing().orElse(foot.lifted() ? Contact.FLAT : foot.contact());
        return pose.withFoot(
                side, foot.leaving().withHeel(heel).withHeading(toes).withContact(contact));
    }

    private Estimate<FloorPoint> slid(FootPose foot, StepPlace.Along along) {
        Bearing direction = heading(along.direction());
        double metres = along.distance().map(body::metres).orElse(body.footLength() / 2);
        Basis basis = foot.heel().basis().with(along.distance().isPresent() ? Basis.SAID : Basis.ASSUMED);
        return new Estimate<>(foot.heel().value().plus(direction.vector(metres)), basis);
    }

    /** The foot stands on what is left of it on the floor. */
    Pose raise(Pose pose, Move.Raise raise) {
        FootPose foot = pose.foot(raise.foot());
        return pose.withFoot(
                raise.foot(), foot.withContact(raise.part().leaves()).withRaised(raise.height()));
    }

    Pose lift(Pose pose, Move.Lift lift) {
        FootPose foot = pose.foot(lift.foot());
        return pose.withFoot(
                lift.foot(), foot.leaving().inAir(new Air(lift.knee(), lift.toes(), Optional.empty(), lift.height())));
    }

    /** The foot goes out from its hip as far as the leg reaches at that height. */
    Pose kick(Pose pose, Move.Kicking kick) {
        FootPose foot = pose.foot(kick.foot());
        Bearing toward = kick.toward().map(this::heading).orElse(pose.facing());
        double height = kick.height().orElse(Landmark.KNEE).shareOfStature();
        double below = Math.clamp(HIP_JOINT - height, -LEG, LEG);
        double reach = 0.97 * Math.sqrt(LEG * LEG - below * below) * body.stature();
        FloorPoint hip = pose.foot(kick.foot().other())
                .heel()
                .value()
                .plus(pose.pelvis().right().vector(kick.foot().sign() * 0.1 * body.stature()));
        Air air = new Air(
                foot.knee(),
                foot.air().flatMap(Air::toes),
                Optional.of(new Air.Out(kick.kick(), toward, kick.height())),
                Optional.empty());
        return pose.withFoot(
                kick.foot(),
                foot.withHeel(Estimate.unknown(hip.plus(toward.vector(reach))))
                        .withHeading(Estimate.known(toward))
                        .inAir(air));
    }

    /** A foot drawn back hangs below its own knee, a little ahead of the standing foot. */
    Pose drawBack(Pose pose, Move.DrawBack back) {
        FootPose foot = pose.foot(back.foot());
        FloorPoint under = pose.foot(back.foot().other())
                .heel()
                .value()
                .plus(pose.pelvis().right().vector(back.foot().sign() * 0.1 * body.stature()))
                .plus(pose.pelvis().vector(body.footLength() / 2));
        return pose.withFoot(
                back.foot(),
                foot.withHeel(Estimate.unknown(under))
                        .withHeading(Estimate.known(pose.pelvis()))
                        .inAir(foot.air().orElse(Air.JUST_OFF).drawnBack()));
    }

    Pose stamp(Pose pose, Move.Stamp stamp) {
        FootPose foot = pose.foot(stamp.foot()).leaving();
        if (stamp.place().isPresent()) {
            foot = foot.withHeel(heel(pose, stamp.foot(), stamp.place().get()));
        }
        return pose.withFoot(stamp.foot(), foot.withContact(Contact.FLAT));
    }

    /** Beside the other, the toes with the hips. */
    Pose drawIn(Pose pose, Move.DrawIn draw) {
        Side side = draw.foot();
        Estimate<FloorPoint> beside = beside(pose, side, body.fist() / 2, 0, Basis.DERIVED);
        Contact contact = draw.to() == DrawnTo.HOVERING ? Contact.LIFTED : Contact.BALL;
        FootPose foot = pose.foot(side).leaving().withHeel(beside).withContact(contact);
        return pose.withFoot(side, foot.withHeading(Estimate.assumed(pose.pelvis())));
    }

    /** The foot keeps its own line and closes the house rules' share of the way along the facing. */
    Pose halfStep(Pose pose, Move.HalfStep half) {
        FootPose foot = pose.foot(half.foot());
        Estimate<FloorPoint> other = pose.foot(half.foot().other()).heel();
        double along = other.value().minus(foot.heel().value()).along(begin.facing());
        double way = along * rules.get(HouseRule.FOLLOW_STEP_SHARE) / 100.0;
        FloorPoint heel = foot.heel().value().plus(begin.facing().vector(way));
        return pose.withFoot(
                half.foot(),
                foot.leaving()
                        .withHeel(new Estimate<>(heel, foot.heel().basis().with(other.basis())))
                        .withContact(half.landing().orElse(Contact.FLAT)));
    }

    Pose lower(Pose pose, Move.Lower lower) {
        FootPose foot = pose.foot(lower.foot());
        foot = foot.lifted() ? foot : foot.leaving();
        if (lower.place().isPresent()) {
            foot = foot.withHeel(heel(pose, lower.foot(), lower.place().get()));
        }
        if (lower.toes().isPresent()) {
            foot = foot.withHeading(toes(pose, lower.foot(), lower.toes().get()));
        }
        return pose.withFoot(lower.foot(), foot.withContact(lower.to()));
    }

    Pose turnFoot(Pose pose, Move.TurnFoot turn) {
        FootPose foot = pose.foot(turn.foot());
        Estimate<Bearing> heading = toes(pose, turn.foot(), turn.toes());
        double fixed = share(turn);
        FloorPoint pivot = foot.point(body, fixed);
        FloorPoint heel = pivot.plus(heading.value().vector(-fixed * body.footLength()));
        Basis basis = foot.heel().basis().with(fixed == 0 ? Basis.SAID : heading.basis());
        return pose.withFoot(turn.foot(), foot.withHeading(heading).withHeel(new Estimate<>(heel, basis)));
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
            case StepPlace.Along along -> new StepAlong(this, pose, side, along).heel();
            case StepPlace.Beside(Optional<Length> gap, Optional<Length> ahead) ->
                beside(
                        pose,
                        side,
                        gap.map(body::metres).orElse(body.fist()),
                        ahead.map(body::metres).orElse(0.0),
                        gap.isPresent() ? Basis.SAID : Basis.ASSUMED);
            case StepPlace.LevelWithHeel(Optional<Length> width) ->
                offset(pose, side, begin.facing(), Optional.of(0.0), width.map(body::metres));
            case StepPlace.OnHeelLine(Optional<Length> ahead) ->
                offset(pose, side, begin.facing(), ahead.map(body::metres), Optional.of(0.0));
            case StepPlace.Across across -> across(pose, side, across);
            case StepPlace.WhereWas(Side whose) -> was(pose.foot(whose));
            case StepPlace.AtToes(Side whose) -> {
                FootPose foot = pose.foot(whose);
                yield was(foot).map(heel -> heel.plus(foot.heading().value().vector(body.footLength())));
            }
        };
    }

    private static Estimate<FloorPoint> was(FootPose foot) {
        return foot.was()
                .map(Estimate::known)
                .orElse(Estimate.unknown(foot.heel().value()));
    }

    /** A cross step goes half a foot beyond the other heel's line, and by itself one foot-length ahead or behind. */
    private Estimate<FloorPoint> across(Pose pose, Side side, StepPlace.Across across) {
        double ahead = across.distance().map(body::metres).orElse(body.footLength());
        double signed = across.over() == Crossing.IN_FRONT ? ahead : -ahead;
        Estimate<FloorPoint> heel =
                offset(pose, side, begin.facing(), Optional.of(signed), Optional.of(-body.footLength() / 2));
        return new Estimate<>(
                heel.value(), heel.basis().with(across.distance().isPresent() ? Basis.DERIVED : Basis.ASSUMED));
    }

    private Estimate<FloorPoint> beside(Pose pose, Side side, double gap, double ahead, Basis basis) {
        Estimate<FloorPoint> heel =
                offset(pose, side, begin.facing(), Optional.of(ahead), Optional.of(gap + body.footBreadth()));
        return new Estimate<>(heel.value(), heel.basis().with(basis));
    }

    /** A place counted from the standing heel along and across a direction; what is empty stays as it is. */
    Estimate<FloorPoint> offset(
            Pose pose, Side side, Bearing direction, Optional<Double> along, Optional<Double> width) {
        Estimate<FloorPoint> standing = pose.foot(side.other()).heel();
        Estimate<FloorPoint> own = pose.foot(side).heel();
        FloorVector now = own.value().minus(standing.value());
        double ahead = along.orElseGet(() -> now.along(direction));
        double aside = width.map(metres -> side.sign() * metres).orElseGet(() -> now.along(direction.right()));
        FloorPoint heel = standing.value()
                .plus(direction.vector(ahead))
                .plus(direction.right().vector(aside));
        boolean fromOwn = along.isEmpty() || width.isEmpty();
        return new Estimate<>(heel, standing.basis().with(fromOwn ? own.basis() : Basis.SAID));
    }

    private Estimate<Bearing> toes(Pose pose, Side side, Optional<Toes> said) {
        Estimate<Bearing> now = pose.foot(side).heading();
        return said.map(toes -> toes(pose, side, toes)).orElse(Estimate.assumed(now.value()));
    }

    Estimate<Bearing> toes(Pose pose, Side side, Toes toes) {
        Estimate<Bearing> now = pose.foot(side).heading();
        return switch (toes) {
            case Toes.Turned(double out) -> now.map(heading -> heading.plus(outward(side, out)));
            case Toes.TurnedSome(var way) ->
                Estimate.unknown(now.value().plus(outward(side, way == Toes.TurnedSome.Way.OUT ? SOME : -SOME)));
            case Toes.AgainstPelvis(double out) -> againstPelvis(pose, side, out);
            case Toes.Toward(Direction direction) -> Estimate.known(heading(direction));
            case Toes.OutAsFarAsTheyGo _ -> againstPelvis(pose, side, rules.get(HouseRule.TOES_OUT_RANGE));
            case Toes.InAsFarAsTheyGo _ -> againstPelvis(pose, side, -rules.get(HouseRule.TOES_IN_RANGE));
        };
    }

    private static Estimate<Bearing> againstPelvis(Pose pose, Side side, double out) {
        Basis hips = pose.hips().known() ? Basis.DERIVED : Basis.OPEN;
        return new Estimate<>(pose.pelvis().plus(outward(side, out)), hips);
    }

    private static Turn outward(Side side, double degrees) {
        return new Turn(side.sign() * degrees);
    }

    /** {@return the direction as a bearing} */
    Bearing heading(Direction direction) {
        return begin.bearing(direction);
    }
}
