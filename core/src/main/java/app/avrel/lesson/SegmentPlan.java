package app.avrel.lesson;

import app.avrel.form.Occurrence;
import java.util.List;

/**
 * A segment worked out.
 *
 * @param title what it is, with its postures
 * @param how how it is done, in a line
 * @param stretch the occurrences it covers; empty for a free segment, or where the form has its entries no longer
 * @param opening what is said before the first time
 * @param speaking seconds for that
 * @param passes each time it is done
 */
public record SegmentPlan(
        Segment segment,
        String title,
        String how,
        List<Occurrence> stretch,
        String opening,
        double speaking,
        List<Pass> passes) {

    public SegmentPlan {
        stretch = List.copyOf(stretch);
        passes = List.copyOf(passes);
    }

    /** {@return seconds of moving, every time} */
    public double moving() {
        return passes.stream().mapToDouble(Pass::seconds).sum();
    }

    /** {@return seconds of pauses} */
    public double pausing() {
        return passes.stream().mapToDouble(Pass::pausing).sum();
    }

    /** {@return how long the segment takes, seconds} */
    public double seconds() {
        return speaking + moving() + pausing();
    }
}
