package app.avrel.desktop.stagefloor;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.form.hall.HallPlan;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/** Who moves through the hall while a form plays: the one who starts at the best place, and every learner with them. */
final class WalkPlaying extends Drawing {

    @SuppressWarnings("NullAway.Init") // asked for before use
    private WalkPicture picture;

    @SuppressWarnings("NullAway.Init") // told with the picture
    private FloorScale scale;

    private Optional<Pose> pose = Optional.empty();

    WalkPlaying() {
        super("walk-playing");
        setMouseTransparent(true);
        setFocusTraversable(false);
    }

    void show(WalkPicture newPicture, FloorScale newScale, Optional<Pose> newPose) {
        picture = newPicture;
        scale = newScale;
        pose = newPose;
        refresh();
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (picture == null) {
            return;
        }
        pose.ifPresent(now -> {
            picture.plan().ifPresent(plan -> learners(g, plan, now));
            Pose here = picture.at(now);
            Sole sole = new Sole(g, scale, picture.body());
            for (Side side : Side.values()) {
                sole.draw(side, here.foot(side), here.weight().middle(side) / 100, side(side));
            }
            dot(g, CentreOfMass.of(here, picture.body()), here, textSize() * 0.5);
        });
    }

    private void learners(GraphicsContext g, HallPlan plan, Pose now) {
        Pose turned = now.turned(FloorPoint.ORIGIN, plan.turned());
        for (FloorPoint start : plan.learners()) {
            Pose there = turned.moved(new FloorVector(start.right(), start.ahead()));
            dot(g, CentreOfMass.of(there, picture.body()), there, textSize() * 0.28);
        }
    }

    private void dot(GraphicsContext g, FloorPoint at, Pose facing, double radius) {
        FloorPoint ahead = at.plus(facing.facing().vector(0.3));
        g.setStroke(accent());
        g.setLineWidth(2);
        g.strokeLine(scale.x(at), scale.y(at), scale.x(ahead), scale.y(ahead));
        g.setFill(accent());
        g.fillOval(scale.x(at) - radius, scale.y(at) - radius, 2 * radius, 2 * radius);
    }
}
