package app.avrel.desktop.stagefloor;

import java.util.ArrayList;
import java.util.List;

/** The outline of a right sole, seen from above. */
final class SoleShape {

    /** Along from the heel in foot-lengths, across in foot-breadths with the little toe's side positive. */
    static final double[][] OUTLINE = {
        {0.00, 0.00},
        {0.03, 0.22},
        {0.14, 0.33},
        {0.38, 0.33},
        {0.62, 0.45},
        {0.78, 0.47},
        {0.90, 0.36},
        {0.97, 0.12},
        {1.00, -0.14},
        {0.97, -0.34},
        {0.86, -0.46},
        {0.72, -0.48},
        {0.52, -0.28},
        {0.32, -0.24},
        {0.14, -0.31},
        {0.03, -0.20}
    };

    private static final int STEPS = 6;
    private static final List<double[]> SMOOTH = smooth();

    private SoleShape() {}

    /** {@return the corners of the part of the sole between two shares of its length} */
    static List<double[]> between(double from, double to) {
        return cut(cut(SMOOTH, from, 1), to, -1);
    }

    /** The part that is on one side of a line across the foot: Sutherland and Hodgman's way. */
    private static List<double[]> cut(List<double[]> corners, double line, int sign) {
        List<double[]> kept = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            double[] here = corners.get(i);
            double[] next = corners.get((i + 1) % corners.size());
            double in = sign * (here[0] - line);
            double then = sign * (next[0] - line);
            if (in >= 0) {
                kept.add(here);
            }
            if (in * then < 0) {
                double share = in / (in - then);
                kept.add(new double[] {line, here[1] + (next[1] - here[1]) * share});
            }
        }
        return kept;
    }

    /** The outline as a smooth curve through its corners, in short straight pieces. */
    private static List<double[]> smooth() {
        List<double[]> points = new ArrayList<>();
        int n = OUTLINE.length;
        for (int i = 0; i < n; i++) {
            for (int step = 0; step < STEPS; step++) {
                double t = (double) step / STEPS;
                points.add(new double[] {curve(i, 0, t), curve(i, 1, t)});
            }
        }
        return List.copyOf(points);
    }

    /** Catmull and Rom's curve. */
    private static double curve(int i, int axis, double t) {
        int n = OUTLINE.length;
        double before = OUTLINE[(i + n - 1) % n][axis];
        double from = OUTLINE[i][axis];
        double to = OUTLINE[(i + 1) % n][axis];
        double after = OUTLINE[(i + 2) % n][axis];
        return 0.5
                * (2 * from
                        + (to - before) * t
                        + (2 * before - 5 * from + 4 * to - after) * t * t
                        + (3 * from - before - 3 * to + after) * t * t * t);
    }
}
