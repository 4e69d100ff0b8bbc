package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Bearing;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.mechanics.Margins;
import app.avrel.mechanics.Segments;
import app.avrel.mechanics.Stand;
import app.avrel.mechanics.Support;
import app.avrel.motion.Pose;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/**
 * What a body stands on, and how far it is from tipping in eight directions: the outline of the support, and from the
 * centre of mass a spoke to its edge each way, the shortest one standing out.
 */
record BalancePainter(GraphicsContext g, FloorScale scale, Color ink, Color weakest) {

    /** {@return whether enough is known of a pose to speak of its balance} */
    static boolean known(Pose pose) {
        return pose.weight().exact()
                && pose.left().heel().known()
                && pose.right().heel().known()
                && pose.drop().known();
    }

    void paint(Pose pose, Body body) {
        Stand stand = Stand.of(pose);
        Support support = Support.of(stand, body);
        FloorPoint centre = stand.centreOfMass(body);
        Margins margins = margins(stand, support, body);
        outline(support);
        for (int eighth = 0; eighth < Margins.DIRECTIONS; eighth++) {
            boolean shortest = eighth == margins.weakest();
            Bearing way = stand.facing().plus(new Turn(45.0 * eighth));
            FloorPoint edge = centre.plus(way.vector(margins.distances().get(eighth)));
            Color color = shortest ? weakest : ink;
            double dot = shortest ? 5 : 3;
            g.setStroke(color);
            g.setLineWidth(shortest ? 3.5 : 1.6);
            g.strokeLine(scale.x(centre), scale.y(centre), scale.x(edge), scale.y(edge));
            g.setFill(color);
            g.fillOval(scale.x(edge) - dot, scale.y(edge) - dot, 2 * dot, 2 * dot);
        }
    }

    private void outline(Support support) {
        double[] x = support.corners().stream().mapToDouble(scale::x).toArray();
        double[] y = support.corners().stream().mapToDouble(scale::y).toArray();
        g.setFill(ink.deriveColor(0, 1, 1, 0.07));
        g.fillPolygon(x, y, x.length);
        g.setStroke(ink);
        g.setLineWidth(1.4);
        g.strokePolygon(x, y, x.length);
    }

    private static Margins margins(Stand stand, Support support, Body body) {
        return Margins.of(
                support,
                stand.centreOfMass(body),
                stand.facing(),
                Segments.of(stand, body).height());
    }

    /** {@return where the body tips most easily, in words and numbers} */
    static String words(Pose pose, Body body, Directions directions) {
        if (!known(pose)) {
            return Words.of("stagefloor.balance_feet_weight");
        }
        Stand stand = Stand.of(pose);
        Margins margins = margins(stand, Support.of(stand, body), body);
        int weakest = margins.weakest();
        double distance = margins.distances().get(weakest);
        String way = directions.say(Heading.FRONT.of(stand.facing().plus(new Turn(45.0 * weakest))));
        if (distance < 0) {
            return Words.of("stagefloor.beyond_support_toward", way);
        }
        return Words.of(
                "stagefloor.weakest_toward_cm",
                way,
                Numbers.whole(distance * 100),
                Numbers.whole(margins.pushes().get(weakest) * 100));
    }
}
