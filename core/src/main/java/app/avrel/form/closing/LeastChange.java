package app.avrel.form.closing;

/**
 * The smallest changes whose effects add up to what is wanted, or come nearest to it: least squares, and of as good ones
 * the least, by the normal equations with a little damping.
 */
final class LeastChange {

    private static final double DAMPING = 1e-9;

    private LeastChange() {}

    /**
     * {@return the changes, one for each effect}
     *
     * @param effects for each change, what one of it adds to each sum
     * @param units for each change, how much of it is as large as the unit of another
     * @param wanted what each sum should become
     */
    static double[] of(double[][] effects, double[] units, double[] wanted) {
        int n = effects.length;
        double[][] normal = new double[n][n + 1];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                normal[i][j] = dot(effects[i], effects[j]) * units[i] * units[j];
            }
            normal[i][i] += DAMPING;
            normal[i][n] = dot(effects[i], wanted) * units[i];
        }
        double[] scaled = solved(normal);
        for (int i = 0; i < n; i++) {
            scaled[i] *= units[i];
        }
        return scaled;
    }

    /** Degrees weigh as a sixtieth of a metre. */
    private static double dot(double[] one, double[] other) {
        return one[0] * other[0] + one[1] * other[1] + one[2] * other[2] / 3600;
    }

    /** Gauss's elimination with the largest pivot. */
    private static double[] solved(double[][] rows) {
        int n = rows.length;
        for (int column = 0; column < n; column++) {
            int pivot = column;
            for (int row = column + 1; row < n; row++) {
                pivot = Math.abs(rows[row][column]) > Math.abs(rows[pivot][column]) ? row : pivot;
            }
            double[] swapped = rows[column];
            rows[column] = rows[pivot];
            rows[pivot] = swapped;
            for (int row = column + 1; row < n; row++) {
                double times = rows[row][column] / rows[column][column];
                for (int k = column; k <= n; k++) {
                    rows[row][k] -= times * rows[column][k];
                }
            }
        }
        double[] solution = new double[n];
        for (int row = n - 1; row >= 0; row--) {
            double sum = rows[row][n];
            for (int k = row + 1; k < n; k++) {
                sum -= rows[row][k] * solution[k];
            }
            solution[row] = sum / rows[row][row];
        }
        return solution;
    }
}
