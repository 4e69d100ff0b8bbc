package app.avrel.form.hall;

import app.avrel.body.Body;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.form.Track;
import app.avrel.motion.HallPose;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * From where the instructor is seen while all do the form at once: seen is who stands within 80° of where a learner faces.
 */
public final class Sightlines {

    private static final double SEEN = Math.cos(Math.toRadians(80));

    private final Body body;
    private final List<FloorPoint> learners;

    public Sightlines(Body body, List<FloorPoint> learners) {
        this.body = body;
        this.learners = List.copyOf(learners);
    }

    /**
     * How long an instructor is seen from a place.
     *
     * @param share of the time, 0 to 1, over all learners
     */
    public record Seen(Lookout from, double share) {}

    /** {@return for each part of the form, the places with the share of its time, the best first} */
    public List<List<Seen>> parts(Form form, Track track, Hall hall) {
        List<List<Seen>> parts = new ArrayList<>();
        for (int part = 0; part < form.parts().size(); part++) {
            int at = part;
            List<Occurrence> done = track.occurrences().stream()
                    .filter(one -> form.partOf(one.entry()) == at)
                    .toList();
            parts.add(seen(done, hall));
        }
        return parts;
    }

    /** {@return the places with the share of the time of some occurrences, the best first} */
    public List<Seen> seen(List<Occurrence> done, Hall hall) {
        return Lookout.in(hall).stream()
                .map(place -> new Seen(place, share(done, place.at())))
                .sorted(Comparator.comparingDouble(Seen::share).reversed())
                .toList();
    }

    /** {@return the share of the time of some occurrences in which someone at a place is seen, 0 to 1} */
    public double share(List<Occurrence> done, FloorPoint instructor) {
        double seen = 0;
        double all = 0;
        for (Occurrence one : done) {
            for (Moment moment : one.moments()) {
                double lasts = Playing.measures(moment.count())
                        * moment.count().times().lasts(moment.place().stage());
                all += lasts;
                seen += lasts * share(one.hall(moment.after(), moment.place().section()), instructor);
            }
        }
        return all == 0 ? 1 : seen / all;
    }

    private double share(HallPose pose, FloorPoint instructor) {
        FloorPoint middle = pose.centreOfMass(body);
        FloorVector moved = middle.minus(FloorPoint.ORIGIN);
        FloorVector ahead = pose.facing().vector(1);
        int seeing = 0;
        for (FloorPoint start : learners) {
            double right = instructor.right() - start.right() - moved.right();
            double forward = instructor.ahead() - start.ahead() - moved.ahead();
            double along = right * ahead.right() + forward * ahead.ahead();
            seeing += along + 1e-9 >= SEEN * Math.sqrt(right * right + forward * forward) ? 1 : 0;
        }
        return learners.isEmpty() ? 1 : seeing / (double) learners.size();
    }

    /** {@return the entries, from 0, in which most of the time most have their back to someone at a place} */
    public List<Integer> turnedAway(Track track, FloorPoint instructor) {
        return track.occurrences().stream()
                .filter(one -> share(List.of(one), instructor) < 0.5)
                .map(Occurrence::entry)
                .distinct()
                .toList();
    }
}
