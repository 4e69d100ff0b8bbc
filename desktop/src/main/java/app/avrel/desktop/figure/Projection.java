package app.avrel.desktop.figure;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Rig;

/**
 * From the hall to the picture: parallel, without a vanishing point, so that lengths can be compared.
 *
 * @param centre the place of the hall at the middle of the picture's foot
 * @param pixels per metre
 * @param x where {@code centre} is in the picture, pixels from the left
 * @param y likewise, pixels from the top
 */
record Projection(Viewpoint view, SpacePoint centre, double pixels, double x, double y) {

    /** Metres from the pelvis to the edge of the ground that is drawn. */
    static final double RING = 0.5;

    /** Metres about the pelvis that are always seen: the ground with its names. */
    private static final double LEAST = 0.58;

    private static final double MARGIN = 0.05;

    /** A place in the picture, and how near the viewer it is, in pixels. */
    record Seen(double x, double y, double near) {}

    /**
     * {@return how a figure is seen so that it fills its room}
     *
     * @param reach what there must be room for
     * @param head pixels at the top that are kept for words
     */
    static Projection fitting(Viewpoint view, Rig rig, Reach reach, double width, double height, double head) {
        SpacePoint centre = SpacePoint.over(rig.pelvis(), 0);
        Projection unit = new Projection(view, SpacePoint.over(FloorPoint.ORIGIN, 0), 1, 0, 0);
        double up = Math.toRadians(view.height());
        double low = RING * Math.sin(up) + 0.06;
        double top = 0;
        double across = LEAST;
        for (SpacePoint point : reach.points()) {
            Seen seen = unit.of(point);
            top = Math.max(top, -seen.y());
            low = Math.max(low, seen.y());
            across = Math.max(across, Math.abs(seen.x()));
        }
        double pixels = Math.min((height - head) / (top + low + 2 * MARGIN), width / (2 * (across + MARGIN)));
        double spare = height - head - (top + low + 2 * MARGIN) * pixels;
        double foot = height - (low + MARGIN) * pixels - Math.max(0, spare) / 2;
        return new Projection(view, centre, pixels, width / 2, foot);
    }

    Seen of(SpacePoint point) {
        SpacePoint from = point.minus(centre);
        SpacePoint viewer = SpacePoint.along(view.from().degrees());
        SpacePoint right = SpacePoint.along(view.from().degrees() - 90);
        double level = from.dot(viewer);
        double up = Math.toRadians(view.height());
        double across = from.dot(right) * (view.mirrored() ? -1 : 1);
        double high = from.up() * Math.cos(up) - level * Math.sin(up);
        double near = level * Math.cos(up) + from.up() * Math.sin(up);
        return new Seen(x + across * pixels, y - high * pixels, near * pixels);
    }

    /** {@return how much a way of one metre points at the viewer, -1 to 1} */
    double toViewer(SpacePoint unit) {
        double up = Math.toRadians(view.height());
        return unit.dot(SpacePoint.along(view.from().degrees())) * Math.cos(up) + unit.up() * Math.sin(up);
    }
}
