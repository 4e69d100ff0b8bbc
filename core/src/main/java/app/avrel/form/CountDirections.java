package app.avrel.form;

import app.avrel.body.Side;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.motion.Estimate;
import app.avrel.motion.HallPose;
import app.avrel.posture.count.Count;
import java.util.List;

/**
 * Where everything points after a count, in the hall.
 *
 * @param place the last stage of the count
 * @param count the count itself
 * @param facing of the chest
 * @param hips of the pelvis
 * @param left where the left toes point; drawn where not known
 * @param right where the right toes point; drawn where not known
 * @param turned in this count, to the right positive
 * @param running all turning since the form began, whole turns kept
 */
public record CountDirections(
        Moment.Place place,
        Count count,
        Heading facing,
        Heading hips,
        Estimate<Heading> left,
        Estimate<Heading> right,
        Turn turned,
        Turn running) {

    /** {@return the bearings after every count of an occurrence, its way in first} */
    public static List<CountDirections> of(Track track, Occurrence done) {
        return done.ends().stream().map(end -> after(track, done, end)).toList();
    }

    private static CountDirections after(Track track, Occurrence done, Moment end) {
        HallPose seen = done.hall(end.after(), end.place().section());
        Moment begin = done.moments().stream()
                .filter(moment -> moment.place().sameCount(end.place()))
                .findFirst()
                .orElse(end);
        Turn now = end.after().chest().value();
        return new CountDirections(
                end.place(),
                end.count(),
                seen.facing(),
                seen.pelvis(),
                seen.toes(Side.LEFT),
                seen.toes(Side.RIGHT),
                now.minus(begin.before().chest().value()),
                seen.turned().minus(track.start().turned()));
    }
}
