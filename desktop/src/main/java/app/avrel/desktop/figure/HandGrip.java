package app.avrel.desktop.figure;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Stream;

/**
 * A hand of the figure that is being dragged among the heights of the body.
 *
 * @param at the height it is over now
 */
record HandGrip(Side hand, Landmark at) {

    /** Is told which hand was let go at which height. */
    interface LetGo extends BiConsumer<Side, Landmark> {}

    /** {@return the landmark nearest to a height above the floor} */
    static Landmark nearest(double up, double stature, double drop) {
        return Stream.of(Landmark.values())
                .min(Comparator.comparingDouble(landmark -> Math.abs(height(landmark, stature, drop) - up)))
                .orElseThrow();
    }

    /** {@return metres above the floor; what is over the hips sinks with them} */
    static double height(Landmark landmark, double stature, double drop) {
        double standing = landmark.shareOfStature() * stature;
        double hip = Landmark.HIP.shareOfStature() * stature;
        return standing >= hip ? standing - drop : standing * (hip - drop) / hip;
    }

    /** {@return the hand that is drawn at a point of the picture, gripped} */
    static Optional<HandGrip> at(Rig rig, Body body, Projection seen, double x, double y) {
        Skeleton skeleton = Skeleton.of(rig, body);
        double near = 0.06 * body.stature() * seen.pixels();
        return Stream.of(Side.values())
                .filter(side -> {
                    Projection.Seen palm = seen.of(skeleton.limbs(side).palm());
                    return Math.hypot(palm.x() - x, palm.y() - y) < near;
                })
                .findFirst()
                .map(side -> new HandGrip(side, nearest(rig, body, seen, y)));
    }

    /** {@return the height of the body that is nearest to a point of the picture} */
    static Landmark nearest(Rig rig, Body body, Projection seen, double y) {
        return nearest((seen.y() - y) / seen.pixels(), body.stature(), rig.drop());
    }
}
