package app.avrel.form;

import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import java.util.ArrayList;
import java.util.List;

/**
 * One stage of a performance, in the frame of its section: the pose before, what moved, the pose after.
 *
 * @param place which count and stage this is
 * @param count the whole count that the stage belongs to
 */
public record Moment(Place place, Count count, Stage stage, Pose before, Pose after) {

    /** {@return moments in order, parted into their counts} */
    public static List<List<Moment>> byCount(List<Moment> moments) {
        List<List<Moment>> counts = new ArrayList<>();
        for (Moment moment : moments) {
            if (counts.isEmpty() || !counts.getLast().getFirst().place().sameCount(moment.place())) {
                counts.add(new ArrayList<>());
            }
            counts.getLast().add(moment);
        }
        return counts;
    }

    /**
     * Where in a performance.
     *
     * @param section the way in or the posture itself
     * @param count within the section, from 0
     * @param stage within the count, from 0
     */
    public record Place(Section section, int count, int stage) {

        /** {@return whether both stand in the same count} */
        public boolean sameCount(Place other) {
            return section == other.section && count == other.count;
        }
    }

    /** A count belongs to the way in or to the posture itself. */
    public enum Section {
        LINK,
        POSTURE
    }
}
