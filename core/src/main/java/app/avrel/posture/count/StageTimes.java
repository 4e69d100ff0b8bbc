package app.avrel.posture.count;

import java.util.Arrays;

/**
 * When each stage of a count begins and ends, in shares of the count from 0 to 1.
 *
 * <p>A stage of which the beat is said begins there; those between share the time evenly. Before the first stage nothing
 * moves; a beat said out of order, or past the end of the count, gives way.
 */
public final class StageTimes {

    private final double[] begins;

    private StageTimes(double[] begins) {
        this.begins = begins;
    }

    static StageTimes of(Count count) {
        int many = count.stages().size();
        double[] begins = new double[many + 1];
        Arrays.fill(begins, Double.NaN);
        begins[many] = 1;
        double last = 0;
        for (int stage = 0; stage < many; stage++) {
            if (count.stages().get(stage).on().isPresent()) {
                last = Math.clamp((count.stages().get(stage).on().get() - 1) / count.beats(), last, 1);
                begins[stage] = last;
            }
        }
        begins[0] = Double.isNaN(begins[0]) ? 0 : begins[0];
        for (int stage = 1; stage < many; stage++) {
            if (Double.isNaN(begins[stage])) {
                int next = stage;
                while (Double.isNaN(begins[next])) {
                    next++;
                }
                begins[stage] = begins[stage - 1] + (begins[next] - begins[stage - 1]) / (next - stage + 1);
            }
        }
        return new StageTimes(begins);
    }

    /** {@return the share of the count at which a stage begins} */
    public double begins(int stage) {
        return begins[stage];
    }

    /** {@return the share of the count at which a stage ends} */
    public double ends(int stage) {
        return begins[stage + 1];
    }

    /** {@return the share of the count that a stage takes} */
    public double lasts(int stage) {
        return begins[stage + 1] - begins[stage];
    }

    /** {@return the stage that is under way at a share of the count; the first before it begins} */
    public int at(double share) {
        int stage = 0;
        while (stage + 2 < begins.length && begins[stage + 1] <= share) {
            stage++;
        }
        return stage;
    }

    /** {@return how much of a stage is done at a share of the count, 0 to 1} */
    public double within(int stage, double share) {
        double lasts = lasts(stage);
        return lasts <= 0 ? (share < begins[stage] ? 0 : 1) : Math.clamp((share - begins[stage]) / lasts, 0, 1);
    }
}
