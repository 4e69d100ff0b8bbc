package app.avrel.desktop.stagefloor;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Pens;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Gaze;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.ArcType;
import javafx.scene.text.TextAlignment;

/** Paints one who stands on the floor: the ways of the feet, the weight between them, facing and eyes. */
final class FloorBody {

    private final GraphicsContext g;
    private final FloorScale scale;
    private final Pens pens;
    private final FloorPicture shown;

    FloorBody(GraphicsContext g, FloorScale scale, Pens pens, FloorPicture shown) {
        this.g = g;
        this.scale = scale;
        this.pens = pens;
        this.shown = shown;
    }

    /** Where a foot stood before, and the way it went. */
    void moved(Sole sole, Side side) {
        FootPose from = shown.before().foot(side);
        FootPose to = shown.after().foot(side);
        boolean stayed = from.heel().equals(to.heel()) && from.heading().equals(to.heading());
        if (stayed) {
            return;
        }
        sole.drawGhost(side, from, pens.side(side));
        FloorPoint start = from.point(shown.body(), 0.5);
        FloorPoint end = to.point(shown.body(), 0.5);
        g.setStroke(pens.side(side));
        g.setLineWidth(1.8);
        g.setLineDashes(2, 4);
        g.strokeLine(scale.x(start), scale.y(start), scale.x(end), scale.y(end));
        g.setLineDashes();
    }

    /** The line between the pressure points, along which the centre of mass goes. */
    void weightLine() {
        FloorPoint left = CentreOfMass.pressurePoint(shown.after().left(), shown.body());
        FloorPoint right = CentreOfMass.pressurePoint(shown.after().right(), shown.body());
        g.setStroke(pens.soft());
        g.setLineWidth(1);
        g.setLineDashes(3, 4);
        g.strokeLine(scale.x(left), scale.y(left), scale.x(right), scale.y(right));
        g.setLineDashes();
    }

    /** The centre of mass, a fan for where the body faces, a tick for the eyes. */
    void centre(boolean small) {
        FloorPoint centre = CentreOfMass.of(shown.after(), shown.body());
        double x = scale.x(centre);
        double y = scale.y(centre);
        double reach = scale.pixels() * 0.26;
        fan(x, y, reach, shown.after().facing(), 30);
        eyes(x, y, reach, gaze(shown.after()));
        double radius = pens.textSize() * (small ? 0.28 : 0.5);
        g.setFill(pens.paper());
        g.fillOval(x - radius - 2, y - radius - 2, 2 * radius + 4, 2 * radius + 4);
        g.setFill(pens.accent());
        g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    private void fan(double x, double y, double reach, Bearing facing, double spread) {
        g.setFill(pens.ink().deriveColor(0, 1, 1, 0.08));
        g.fillArc(
                x - reach, y - reach, 2 * reach, 2 * reach, 90 - facing.degrees() - spread, 2 * spread, ArcType.ROUND);
        g.setStroke(pens.ink());
        g.setLineWidth(3);
        g.strokeArc(
                x - reach, y - reach, 2 * reach, 2 * reach, 90 - facing.degrees() - spread, 2 * spread, ArcType.OPEN);
    }

    private void eyes(double x, double y, double reach, Bearing eyes) {
        double sin = Math.sin(Math.toRadians(eyes.degrees()));
        double cos = Math.cos(Math.toRadians(eyes.degrees()));
        g.setStroke(pens.ink());
        g.setLineWidth(2);
        g.strokeLine(x + sin * reach * 0.92, y - cos * reach * 0.92, x + sin * reach * 1.22, y - cos * reach * 1.22);
    }

    private static Bearing gaze(Pose pose) {
        return switch (pose.gaze()) {
            case Gaze.Ahead _ -> pose.facing();
            case Gaze.AtHand(Side hand, var _) -> pose.facing().plus(new Turn(hand.sign() * 20));
            case Gaze.Toward(Direction.OfPosture(Bearing bearing)) -> bearing;
            case Gaze.Toward(Direction.OfBody(Turn turn)) -> pose.facing().plus(turn);
        };
    }

    /** What each foot bears, beside it, away from the other foot. */
    void load(Side side) {
        FootPose foot = shown.after().foot(side);
        FloorPoint middle = foot.point(shown.body(), 0.5);
        FloorPoint other = shown.after().foot(side.other()).point(shown.body(), 0.5);
        Bearing away = middle.distance(other) < 0.01
                ? foot.heading().value().plus(new Turn(90 * side.sign()))
                : middle.minus(other).bearing();
        FloorPoint at = middle.plus(away.vector(0.14 + pens.textSize() / scale.pixels()));
        String words =
                (side == Side.LEFT ? Words.of("stagefloor.l") : Words.of("stagefloor.r")) + share(shown.after(), side);
        g.setFont(pens.bold(1.2, words));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(pens.paper());
        double wide = Pens.width(words, g.getFont()) + pens.textSize() * 0.4;
        g.fillRoundRect(scale.x(at) - wide / 2, scale.y(at) - pens.textSize() * 0.8, wide, pens.textSize() * 1.6, 8, 8);
        g.setFill(pens.side(side));
        g.fillText(words, scale.x(at), scale.y(at));
    }

    private static String share(Pose pose, Side side) {
        int least = pose.weight().least(side);
        int most = pose.weight().most(side);
        if (least == most) {
            return Integer.toString(least);
        }
        return least == 0 && most == 100 ? "?" : least + "–" + most;
    }
}
