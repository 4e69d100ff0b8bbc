package app.avrel.desktop.figure;

import app.avrel.floor.SpacePoint;

/**
 * From the hall to the picture: parallel, without a vanishing point, so that lengths can be compared.
 *
 * @param centre the place of the hall at the middle of the picture's foot
 * @param pixels per metre
 * @param x where {@code centre} is in the picture, pixels from the left
 * @param y likewise, pixels from the top
 */
record Projection(Viewpoint view, SpacePoint centre, double pixels, double x, double y) {

    /** A place in the picture, and how near the viewer it is, in pixels. */
    record Seen(double x, double y, double near) {}

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
