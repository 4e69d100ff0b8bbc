package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.form.Track;
import app.avrel.form.hall.HallPlan;
import app.avrel.motion.Pose;
import java.util.List;
import java.util.Optional;

/**
 * What a walk shows.
 *
 * @param track as it begins facing the front of the form
 * @param plan in a hall; empty where there is no hall, or it is not worked out yet
 * @param entry the one that is lit
 * @param part the one whose lookout is shown
 * @param front what the direction at the top is called
 * @param numbers of the entries, in order, as the school counts
 */
public record WalkPicture(
        Track track, Body body, Optional<HallPlan> plan, int entry, int part, String front, List<String> numbers) {

    public WalkPicture {
        numbers = List.copyOf(numbers);
    }

    /** {@return the same of another track, in no hall} */
    public WalkPicture alone(Track walked) {
        return new WalkPicture(walked, body, Optional.empty(), entry, part, front, numbers);
    }

    /** {@return a place of the walk, in the hall where there is one} */
    FloorPoint at(FloorPoint ofTrack) {
        return plan.map(in -> in.inHall(ofTrack, in.from())).orElse(ofTrack);
    }

    /** {@return a pose of the walk, in the hall where there is one} */
    Pose at(Pose ofTrack) {
        return plan.map(in -> ofTrack.turned(FloorPoint.ORIGIN, in.turned())
                        .moved(new FloorVector(in.from().right(), in.from().ahead())))
                .orElse(ofTrack);
    }
}
