package app.avrel.form;

import app.avrel.motion.Pose;
import app.avrel.posture.Count;
import app.avrel.posture.Stage;

/**
 * One stage of a track: the pose before, what moved, the pose after.
 *
 * @param place which count and stage this is
 * @param count the whole count that the stage belongs to
 */
public record Moment(Place place, Count count, Stage stage, Pose before, Pose after) {

    /**
     * Where in a track.
     *
     * @param occurrence which posture, counted from 0 through the whole form
     * @param section the way in or the posture itself
     * @param count within the section, from 0
     * @param stage within the count, from 0
     */
    public record Place(int occurrence, Section section, int count, int stage) {

        /** {@return whether both stand in the same count} */
        public boolean sameCount(Place other) {
            return occurrence == other.occurrence && section == other.section && count == other.count;
        }
    }

    /** A count belongs to the way in or to the posture itself. */
    public enum Section {
        LINK,
        POSTURE
    }
}
