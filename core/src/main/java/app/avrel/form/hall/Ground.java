package app.avrel.form.hall;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where in a hall a walk can start so that it keeps clear of walls and pillars: looked at every 10 cm.
 *
 * <p>Points are metres from the left wall to the right, and ahead toward the front wall, which is at 0: all are at or below
 * it.
 */
public final class Ground {

    private static final double STEP = 0.1;
    private static final double FAR = 1;

    private final Hall hall;
    private final Walk walk;
    private final int columns;
    private final int rows;
    private final double[] margins;
    private final double left;
    private final double right;
    private final double back;
    private final double ahead;

    private Ground(Hall hall, Walk walk) {
        this.hall = hall;
        this.walk = walk;
        left = walk.left();
        right = walk.right();
        back = walk.back();
        ahead = walk.ahead();
        columns = (int) Math.round(hall.width() / STEP) + 1;
        rows = (int) Math.round(hall.depth() / STEP) + 1;
        margins = new double[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                margins[row * columns + column] = walls(column * STEP, row * STEP);
            }
        }
        for (Pillar pillar : hall.pillars()) {
            walk.reached().forEach(point -> keepOff(pillar, point));
        }
    }

    /** {@return the ground for a walk as it goes in the hall} */
    public static Ground of(Hall hall, Walk walk) {
        return new Ground(hall, walk);
    }

    /** {@return the walk begun in another direction} */
    public static Walk turned(Walk walk, Turn turn) {
        return new Walk(
                walk.reached().stream()
                        .map(point -> point.turned(FloorPoint.ORIGIN, turn))
                        .toList(),
                walk.breadth());
    }

    public Hall hall() {
        return hall;
    }

    public Walk walk() {
        return walk;
    }

    /** How far the walk stays from the walls when it starts here, with the clearance taken off. */
    private double walls(double x, double y) {
        double nearest =
                Math.min(Math.min(x + left, hall.width() - x - right), Math.min(y - ahead, hall.depth() - y + back));
        return nearest - hall.clearance();
    }

    /** Starts from which one place of the walk comes near a pillar; what is further than a metre is as good as far. */
    private void keepOff(Pillar pillar, FloorPoint point) {
        double near = pillar.width() / 2 + hall.clearance() + FAR;
        int middleColumn = (int) Math.round((pillar.fromLeft() - point.right()) / STEP);
        int middleRow = (int) Math.round((pillar.fromFront() + point.ahead()) / STEP);
        int around = (int) Math.ceil(near / STEP);
        for (int row = Math.max(0, middleRow - around); row <= Math.min(rows - 1, middleRow + around); row++) {
            for (int column = Math.max(0, middleColumn - around);
                    column <= Math.min(columns - 1, middleColumn + around);
                    column++) {
                double off = pillar.distance(column * STEP + point.right(), row * STEP - point.ahead());
                int cell = row * columns + column;
                margins[cell] = Math.min(margins[cell], off - hall.clearance());
            }
        }
    }

    private double at(int column, int row) {
        boolean inside = column >= 0 && column < columns && row >= 0 && row < rows;
        return inside ? margins[row * columns + column] : -1;
    }

    /** {@return the start that keeps farthest from everything; empty where the walk does not fit} */
    public Optional<FloorPoint> best() {
        int best = 0;
        for (int i = 1; i < margins.length; i++) {
            best = margins[i] > margins[best] + 1e-9 ? i : best;
        }
        return margins[best] < -1e-9
                ? Optional.empty()
                : Optional.of(new FloorPoint(best % columns * STEP, -(best / columns) * STEP));
    }

    /** {@return metres from one learner to the next so that none reaches into another, all moving at once} */
    public double leastSpacing() {
        return Math.ceil((walk.breadth() + hall.clearance()) / STEP - 1e-9) * STEP;
    }

    /** {@return the places of as many learners as fit, the first nearest the front on the left} */
    public List<FloorPoint> learners() {
        double metres = Math.max(hall.spacing().orElse(0.0), leastSpacing());
        int apart = (int) Math.round(metres / STEP);
        List<FloorPoint> most = List.of();
        for (int column = 0; column < apart; column++) {
            for (int row = 0; row < apart; row++) {
                List<FloorPoint> places = lattice(column, row, apart);
                most = places.size() > most.size() ? places : most;
            }
        }
        return most;
    }

    private List<FloorPoint> lattice(int fromColumn, int fromRow, int apart) {
        boolean staggered = hall.arrangement() == Arrangement.STAGGERED;
        int down = staggered ? (int) Math.ceil(apart * Math.sqrt(0.75) - 1e-9) : apart;
        List<FloorPoint> places = new ArrayList<>();
        boolean odd = false;
        for (int row = fromRow; row < rows; row += down) {
            int shift = staggered && odd ? (apart + 1) / 2 : 0;
            for (int column = (fromColumn + shift) % apart; column < columns; column += apart) {
                if (at(column, row) >= -1e-9) {
                    places.add(new FloorPoint(column * STEP, -row * STEP));
                }
            }
            odd = !odd;
        }
        return places;
    }
}
