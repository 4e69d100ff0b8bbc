package app.avrel.mechanics;

import app.avrel.floor.SpacePoint;

/** The joint between two bones whose other ends are given. */
final class TwoBones {

    private TwoBones() {}

    /**
     * {@return the joint, bent toward a pole}
     *
     * <p>Where the ends are further apart than the bones are long together, it lies on the straight way between them.
     *
     * @param pole which way it bends; its part along the way between the ends does not count
     */
    static SpacePoint between(SpacePoint from, SpacePoint to, double first, double second, SpacePoint pole) {
        SpacePoint way = to.minus(from);
        double far = Math.clamp(way.length(), Math.abs(first - second) + 1e-6, first + second);
        SpacePoint along = way.unit(new SpacePoint(0, 0, -1));
        double at = (first * first - second * second + far * far) / (2 * far);
        double out = Math.sqrt(Math.max(0, first * first - at * at));
        SpacePoint bend = pole.across(along).unit(along.cross(SpacePoint.UP).unit(new SpacePoint(0, 1, 0)));
        return from.plus(along.times(at)).plus(bend.times(out));
    }
}
