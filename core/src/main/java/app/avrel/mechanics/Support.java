package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * What a body stands on: the hull of the outlines of all parts that touch, whatever they bear.
 *
 * @param corners clockwise seen from above, the first not repeated; empty where nothing touches
 * @param area square metres
 */
public record Support(List<FloorPoint> corners, double area) {

    private static final GeometryFactory SHAPES = new GeometryFactory();

    public Support {
        corners = List.copyOf(corners);
    }

    /** {@return the support of a stand} */
    public static Support of(Stand stand, Body body) {
        return around(Stream.concat(stand.left().outline(body).stream(), stand.right().outline(body).stream())
                .toList());
    }

    /** {@return the hull of any points} */
    public static Support around(List<FloorPoint> points) {
        Coordinate[] all = points.stream()
                .map(point -> new Coordinate(point.right(), point.ahead()))
                .toArray(Coordinate[]::new);
        Geometry hull = new ConvexHull(all, SHAPES).getConvexHull();
        Coordinate[] ring = hull.getCoordinates();
        List<FloorPoint> corners = new ArrayList<>();
        Arrays.stream(ring)
                .limit(Math.max(0, ring.length - 1))
                .forEach(corner -> corners.add(new FloorPoint(corner.x, corner.y)));
        return new Support(corners, hull.getArea());
    }

    /**
     * {@return metres from a point to the edge in a direction; negative where the point lies outside beyond that edge,
     * infinite where there is no support}
     */
    public double distance(FloorPoint from, Bearing direction) {
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            FloorPoint corner = corners.get(i);
            FloorVector edge = corners.get((i + 1) % corners.size()).minus(corner);
            Bearing outward = edge.bearing().plus(new Turn(-90));
            double towards = direction.vector(1).along(outward);
            if (towards > 1e-12) {
                nearest = Math.min(nearest, corner.minus(from).along(outward) / towards);
            }
        }
        return nearest;
    }

    /** {@return metres from a point to the nearest edge; negative outside} */
    public double inside(FloorPoint point) {
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            FloorPoint corner = corners.get(i);
            Bearing outward = corners.get((i + 1) % corners.size())
                    .minus(corner)
                    .bearing()
                    .plus(new Turn(-90));
            nearest = Math.min(nearest, corner.minus(point).along(outward));
        }
        return corners.isEmpty() ? Double.NEGATIVE_INFINITY : nearest;
    }
}
