package app.avrel.desktop.stagefloor;

import app.avrel.floor.FloorPoint;
import java.util.List;

/**
 * Metres to pixels.
 *
 * @param centre the place in the middle of the picture
 * @param pixels per metre
 */
record FloorScale(FloorPoint centre, double pixels, double width, double height) {

    /**
     * {@return the scale that shows all points}
     *
     * @param margin metres around them
     * @param least metres across that are shown at least
     */
    static FloorScale fitting(List<FloorPoint> points, double margin, double least, double width, double height) {
        double left = points.stream().mapToDouble(FloorPoint::right).min().orElse(0);
        double right = points.stream().mapToDouble(FloorPoint::right).max().orElse(0);
        double back = points.stream().mapToDouble(FloorPoint::ahead).min().orElse(0);
        double front = points.stream().mapToDouble(FloorPoint::ahead).max().orElse(0);
        double across = Math.max(least, right - left + 2 * margin);
        double along = Math.max(least, front - back + 2 * margin);
        FloorPoint centre = new FloorPoint((left + right) / 2, (back + front) / 2);
        return new FloorScale(centre, Math.min(width / across, height / along), width, height);
    }

    double x(FloorPoint point) {
        return width / 2 + (point.right() - centre.right()) * pixels;
    }

    /** {@return the place under a point of the picture} */
    FloorPoint place(double x, double y) {
        return new FloorPoint(centre.right() + (x - width / 2) / pixels, centre.ahead() - (y - height / 2) / pixels);
    }

    double y(FloorPoint point) {
        return height / 2 - (point.ahead() - centre.ahead()) * pixels;
    }
}
