package app.avrel.lesson;

import app.avrel.cue.CueScript;
import app.avrel.form.Occurrence;
import java.util.List;

/**
 * A segment worked out.
 *
 * @param title what it is, with its postures
 * @param stretch the occurrences it covers; empty for a free segment, or where the form has its entries no longer
 * @param opening what is said before the first repetition
 * @param script what is said along the movement
 * @param moving seconds of movement, all repetitions
 * @param speaking seconds for what is said before moving
 * @param pausing seconds of pauses
 */
public record SegmentPlan(
        Segment segment,
        String title,
        List<Occurrence> stretch,
        String opening,
        CueScript script,
        double moving,
        double speaking,
        double pausing) {

    /** {@return how long the segment takes, seconds} */
    public double seconds() {
        return moving + speaking + pausing;
    }
}
