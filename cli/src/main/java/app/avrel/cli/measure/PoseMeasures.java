package app.avrel.cli.measure;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.mechanics.ArmReach;
import app.avrel.mechanics.EmptyStep;
import app.avrel.mechanics.HipTwist;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Margins;
import app.avrel.mechanics.Naming;
import app.avrel.mechanics.Segments;
import app.avrel.mechanics.SideShare;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.mechanics.Support;
import app.avrel.motion.Estimate;
import app.avrel.motion.FootPose;
import app.avrel.motion.Lean;
import app.avrel.motion.Pose;
import app.avrel.motion.StanceLine;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Gaze;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.node.ObjectNode;

/** Everything the mechanics say of one whole stand. */
final class PoseMeasures {

    private static final double HELD = 0.3;

    private final Inputs in;
    private final Body body;
    private final Stand stand;

    private PoseMeasures(Inputs in) {
        this.in = in;
        this.body = in.body();
        this.stand = in.stand();
    }

    static ObjectNode of(Inputs in) {
        return new PoseMeasures(in).all();
    }

    private ObjectNode all() {
        FloorPoint centre = stand.centreOfMass(body);
        Spacing spacing = Spacing.of(pose());
        LeastDrop least = LeastDrop.of(stand, body);
        Segments segments = Segments.of(stand, body);
        Output out = new Output()
                .put("com", List.of(centre.right(), centre.ahead()))
                .cm("com_height_cm", segments.height())
                .put("shares", shares(centre));
        balance(out, centre, segments.height());
        out.cm("length_cm", spacing.length())
                .cm("width_cm", spacing.width())
                .cm("lead_left_cm", spacing.leftLead())
                .cm("channel_gap_cm", stand.clearGap(body));
        Output legs = new Output();
        for (Side side : Side.values()) {
            legs.put(side.word(), leg(side));
        }
        out.put("legs", legs.node())
                .cm("drop_cm", stand.drop())
                .cm("drop_min_cm", least.metres())
                .put("drop_min_fists", least.metres() / body.fist())
                .put("limiting_leg", letter(least.limiting()));
        reach(out);
        arms(out);
        Naming.of(pose(), body)
                .ifPresentOrElse(stance -> out.put("stance", stance.label()), () -> out.nothing("stance"));
        Leg bearing = Leg.of(stand, stand.shareLeft() >= 0.5 ? Side.LEFT : Side.RIGHT, body);
        return knee(out, bearing).node();
    }

    private ObjectNode shares(FloorPoint centre) {
        SideShare across = new SideShare(stand, body);
        return new Output()
                .put("along", across.share(centre, stand.facing()))
                .put("across", across.share(centre, stand.facing().right()))
                .either("across_possible", across.possible().map(range -> List.of(range.least(), range.most())))
                .node();
    }

    private void balance(Output out, FloorPoint centre, double height) {
        Support support = Support.of(stand, body);
        Output shape = new Output().put("area_cm2", support.area() * 10_000);
        var corners = shape.node().putArray("corners");
        support.corners()
                .forEach(corner -> corners.addArray().add(corner.right()).add(corner.ahead()));
        out.put("support", shape.node()).cm("com_inside_cm", support.inside(centre));
        margins(out, Margins.of(support, centre, stand.facing(), height));
    }

    static void margins(Output out, Margins margins) {
        out.put(
                        "distances_cm",
                        margins.distances().stream().map(far -> far * 100).toList())
                .put("tip_deg", margins.tips())
                .put(
                        "push_pct",
                        margins.pushes().stream().map(push -> push * 100).toList());
    }

    private ObjectNode leg(Side side) {
        Leg leg = Leg.of(stand, side, body);
        Sole sole = stand.sole(side);
        HipTwist twist = HipTwist.of(side, sole.heading(), stand.pelvis());
        double share = side == Side.LEFT ? stand.shareLeft() : 1 - stand.shareLeft();
        boolean held = sole.contact() == Contact.FLAT && share >= HELD;
        return knee(new Output(), leg)
                .put("share", share)
                .cm("too_far_cm", leg.tooFar())
                .put("shank_tilt_deg", leg.tilt())
                .put("shin_inward_deg", leg.tiltInward())
                .put("hip_extension_deg", leg.extension())
                .put("hip_abduction_deg", leg.abduction())
                .put("turnout_deg", twist.turnout())
                .put("twist_excess_deg", twist.excess(HipTwist.CONSERVATIVE))
                .put("level", held ? twist.level().word() : HipTwist.Level.NONE.word())
                .node();
    }

    static Output knee(Output out, Leg leg) {
        return out.put("knee_flex_deg", leg.bend())
                .cm("knee_past_toe_cm", leg.pastToe())
                .cm("knee_past_ball_cm", leg.pastBall())
                .cm("knee_inward_cm", leg.inward())
                .put("dorsiflexion_deg", leg.dorsiflexion());
    }

    /** How far the lighter foot could be set down, heel first, in eight directions, from heel to heel. */
    private void reach(Output out) {
        Side standing = stand.shareLeft() >= 0.5 ? Side.LEFT : Side.RIGHT;
        Bearing toes = stand.sole(standing).heading();
        EmptyStep step =
                new EmptyStep(standing, stand.drop(), Contact.HEEL, Sole.TOES_UP, stand.facing(), toes, stand.pelvis());
        Output node = new Output().put("standing", standing.word());
        var distances = node.node().putArray("axis_to_heel_cm");
        for (int eighth = 0; eighth < Margins.DIRECTIONS; eighth++) {
            OptionalDouble far = step.reach(stand.facing().plus(new Turn(45.0 * eighth)), body);
            far.ifPresentOrElse(metres -> distances.add(metres * 100), distances::addNull);
        }
        out.put("reach", node.node());
    }

    private void arms(Output out) {
        in.inner("hands").ifPresent(hands -> {
            Output arms = new Output();
            for (Side side : Side.values()) {
                hands.inner(side.word()).ifPresent(hand -> arms.put(side.word(), arm(hand, side, body)));
            }
            out.put("arms", arms.node());
        });
    }

    static ObjectNode arm(Inputs hand, Side side, Body body) {
        ArmReach arm = ArmReach.of(
                side,
                hand.landmark("landmark"),
                hand.number("lateral_shoulder_halves", 1),
                hand.number("reach_share", 0.5),
                body);
        return new Output()
                .put("distance_share", arm.distance())
                .put("max_reach_share", arm.largestReach())
                .put("reachable", arm.reachable())
                .put("elbow_flex_deg", arm.bend())
                .cm("elbow_below_wrist_cm", arm.elbowBelowWrist())
                .cm("elbow_below_shoulder_cm", arm.elbowBelowShoulder())
                .node();
    }

    static String letter(Side side) {
        return side == Side.LEFT ? "L" : "R";
    }

    /** The stand as a pose, so that it can be named. */
    private Pose pose() {
        return new Pose(
                foot(stand.left()),
                foot(stand.right()),
                WeightShare.on(Side.LEFT, (int) Math.round(stand.shareLeft() * 100)),
                Estimate.known(Bearing.FRONT.turnTo(stand.pelvis())),
                Estimate.known(Bearing.FRONT.turnTo(stand.facing())),
                Estimate.known(stand.drop()),
                HandPlace.UNSAID,
                HandPlace.UNSAID,
                Optional.empty(),
                Gaze.AHEAD,
                Lean.UPRIGHT,
                StanceLine.of(Bearing.FRONT),
                Optional.empty());
    }

    private static FootPose foot(Sole sole) {
        return FootPose.at(sole.heel(), sole.heading(), sole.contact());
    }
}
