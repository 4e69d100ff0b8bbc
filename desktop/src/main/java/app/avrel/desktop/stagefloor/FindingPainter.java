package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.EmptyStep;
import app.avrel.mechanics.HeldLeg;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Stand;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.rules.Finding;
import app.avrel.rules.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;

/**
 * What a finding is about, drawn on the floor: how far the knee is past its limit, what the hip gives, how far the empty
 * foot reaches.
 *
 * @param rules with the limits in force
 */
record FindingPainter(GraphicsContext g, FloorScale scale, HouseRules rules, Color mark, Color allowed) {

    private static final int AROUND = 72;

    void paint(Finding finding, Pose before, Pose pose, Body body) {
        Side side = finding.spot().flatMap(Spot::side).orElse(Side.LEFT);
        switch (finding.rule().range()) {
            case KNEE -> knee(pose, side, body);
            case HIP -> twist(pose, side);
            case STEP -> reach(before, pose, side, body);
            case NONE -> finding.spot().ifPresent(spot -> part(spot, pose, body));
        }
    }

    /** The limit across the foot, and how far past it the knee is. */
    private void knee(Pose pose, Side side, Body body) {
        Leg leg = HeldLeg.of(pose, Stand.of(pose), side, body);
        Sole sole = Sole.of(pose.foot(side));
        double limit = FootPose.BALL + rules.get(HouseRule.KNEE_LIMIT) / 100.0;
        FloorPoint left = sole.point(body, limit, -1);
        FloorPoint right = sole.point(body, limit, 1);
        stroke(allowed, 3, left, right);
        FloorPoint knee = leg.knee().floor();
        stroke(mark, 3, pose.foot(side).point(body, limit), knee);
        dot(knee, 6);
    }

    /** A fan of what the hip gives about the pelvis, and the foot outside it. */
    private void twist(Pose pose, Side side) {
        FloorPoint heel = pose.foot(side).heel().value();
        double reach = 0.42;
        double in = rules.get(HouseRule.TOES_IN_RANGE);
        double out = rules.get(HouseRule.TOES_OUT_RANGE);
        double start = pose.pelvis().degrees() - (side == Side.RIGHT ? in : out);
        double radius = reach * scale.pixels();
        g.setFill(allowed.deriveColor(0, 1, 1, 0.22));
        g.fillArc(
                scale.x(heel) - radius,
                scale.y(heel) - radius,
                2 * radius,
                2 * radius,
                90 - start - (in + out),
                in + out,
                ArcType.ROUND);
        stroke(mark, 4, heel, heel.plus(pose.foot(side).heading().value().vector(reach)));
        stroke(allowed, 2, heel, heel.plus(pose.pelvis().vector(reach)));
    }

    /** As far as the empty foot reaches, all round. */
    private void reach(Pose before, Pose pose, Side foot, Body body) {
        Side standing = foot.other();
        Sole landing = Sole.of(pose.foot(foot));
        EmptyStep step = new EmptyStep(
                standing,
                Math.max(before.drop().value(), pose.drop().value()),
                landing.contact(),
                landing.pitch(),
                landing.heading(),
                pose.foot(standing).heading().value(),
                pose.pelvis());
        FloorPoint axis = Sole.of(pose.foot(standing)).pressurePoint(body);
        List<FloorPoint> edge = new ArrayList<>();
        for (int i = 0; i < AROUND; i++) {
            Bearing way = Bearing.FRONT.plus(new Turn(i * 360.0 / AROUND));
            OptionalDouble far = step.reach(way, body);
            far.ifPresent(metres -> edge.add(axis.plus(way.vector(metres))));
        }
        double[] x = edge.stream().mapToDouble(scale::x).toArray();
        double[] y = edge.stream().mapToDouble(scale::y).toArray();
        g.setFill(allowed.deriveColor(0, 1, 1, 0.14));
        g.fillPolygon(x, y, x.length);
        g.setStroke(allowed);
        g.setLineWidth(2.5);
        g.strokePolygon(x, y, x.length);
        dot(pose.foot(foot).heel().value(), 6);
    }

    private void part(Spot spot, Pose pose, Body body) {
        switch (spot.part()) {
            case FOOT, KNEE, HIP ->
                spot.side()
                        .ifPresentOrElse(
                                side -> ring(pose.foot(side).point(body, 0.5)),
                                () -> stroke(
                                        mark,
                                        3,
                                        pose.left().heel().value(),
                                        pose.right().heel().value()));
            case BALANCE -> ring(CentreOfMass.of(pose, body));
            case HAND, TRUNK, EYES, BREATH -> {}
        }
    }

    private void ring(FloorPoint at) {
        double radius = 0.16 * scale.pixels();
        g.setStroke(mark);
        g.setLineWidth(3.5);
        g.strokeOval(scale.x(at) - radius, scale.y(at) - radius, 2 * radius, 2 * radius);
    }

    private void dot(FloorPoint at, double radius) {
        g.setFill(mark);
        g.fillOval(scale.x(at) - radius, scale.y(at) - radius, 2 * radius, 2 * radius);
    }

    private void stroke(Color color, double width, FloorPoint from, FloorPoint to) {
        g.setStroke(color);
        g.setLineWidth(width);
        g.strokeLine(scale.x(from), scale.y(from), scale.x(to), scale.y(to));
    }
}
