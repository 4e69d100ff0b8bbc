package app.avrel.form.closing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class LeastChangeTest {

    private static final Offset<Double> EXACT = Offset.offset(1e-5);

    @Test
    void oneChangeGoesAsFarAsItIsWanted() {
        double[] by = LeastChange.of(new double[][] {{0, 1, 0}}, new double[] {0.1}, new double[] {0, 0.3, 0});
        assertThat(by[0]).isCloseTo(0.3, EXACT);
    }

    @Test
    void twoThatDoTheSameShareIt() {
        double[] by = LeastChange.of(
                new double[][] {{1, 0, 0}, {1, 0, 0}}, new double[] {0.1, 0.1}, new double[] {0.4, 0, 0});
        assertThat(by[0]).isCloseTo(0.2, EXACT);
        assertThat(by[1]).isCloseTo(0.2, EXACT);
    }

    @Test
    void whatCannotBeReachedIsComeNearest() {
        double[] by = LeastChange.of(new double[][] {{1, 0, 0}}, new double[] {1}, new double[] {0.5, 9, 0});
        assertThat(by[0]).isCloseTo(0.5, EXACT);
    }

    @Test
    void threeIndependentOnesReachAnything() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            double[][] effects = new double[3][3];
            double[] wanted = new double[3];
            for (int row = 0; row < 3; row++) {
                wanted[row] = random.nextGaussian();
                for (int column = 0; column < 3; column++) {
                    effects[row][column] = random.nextGaussian() + (row == column ? 3 : 0);
                }
                effects[row][2] *= 60;
            }
            wanted[2] *= 60;
            double[] by = LeastChange.of(effects, new double[] {0.1, 0.1, 6}, wanted);
            for (int sum = 0; sum < 3; sum++) {
                double reached = 0;
                for (int change = 0; change < 3; change++) {
                    reached += effects[change][sum] * by[change];
                }
                assertThat(reached).isCloseTo(wanted[sum], Offset.offset(1e-3 * (sum == 2 ? 60 : 1)));
            }
        }
    }
}
