package app.avrel.desktop.figure;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a picture of the figure must have room for.
 *
 * @param points places of the body, in metres from the floor under the pelvis
 */
public record Reach(List<SpacePoint> points) {

    public Reach {
        points = List.copyOf(points);
    }

    /** {@return the room for one who stands in the poses, one after the other} */
    public static Reach of(Stream<Rig> rigs, Body body) {
        return new Reach(rigs.flatMap(rig -> places(rig, body)).toList());
    }

    /** {@return the room for one of a stature whose limbs go so many metres away from the pelvis} */
    public static Reach within(double around, double stature) {
        return new Reach(Stream.of(0, 90, 180, 270)
                .flatMap(way -> Stream.of(0.0, stature)
                        .map(up -> SpacePoint.along(way).times(around).plus(SpacePoint.UP.times(up))))
                .toList());
    }

    private static Stream<SpacePoint> places(Rig rig, Body body) {
        SpacePoint from = SpacePoint.over(rig.pelvis(), 0);
        Skeleton skeleton = Skeleton.of(rig, body);
        SpacePoint crown = skeleton.head().plus(SpacePoint.UP.times(0.08 * body.stature()));
        return Stream.concat(
                        Stream.of(crown),
                        Stream.of(Side.values())
                                .map(skeleton::limbs)
                                .flatMap(limbs -> Stream.of(
                                        limbs.palm().plus(limbs.fingers().times(0.07 * body.stature())),
                                        limbs.elbow(),
                                        limbs.knee(),
                                        limbs.heel(),
                                        limbs.toe())))
                .map(point -> point.minus(from));
    }
}
