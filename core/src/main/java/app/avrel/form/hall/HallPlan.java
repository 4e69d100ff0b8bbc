package app.avrel.form.hall;

import app.avrel.body.Body;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.Track;
import java.util.List;
import java.util.Optional;

/**
 * A form in a hall.
 *
 * @param turned how the form is begun against the front wall, to the right positive
 * @param asked whether that is the way that was asked for; otherwise the form fits only so
 * @param walk as it goes in the hall
 * @param start where to start; empty where the form does not fit in any of four directions
 * @param spacing metres from one learner to the next
 * @param learners where as many as fit start; the hall's middle where none does
 * @param seen for each part of the form, from where the instructor is seen longest, the best place first
 * @param away entries, from 0, in which most of the time most have their back to the middle of the front
 */
public record HallPlan(
        Hall hall,
        Turn turned,
        boolean asked,
        Walk walk,
        Optional<FloorPoint> start,
        double spacing,
        List<FloorPoint> learners,
        List<List<Sightlines.Seen>> seen,
        List<Integer> away) {

    private static final double[] WAYS = {0, 90, 180, 270};

    public HallPlan {
        learners = List.copyOf(learners);
        seen = List.copyOf(seen);
        away = List.copyOf(away);
    }

    /**
     * {@return the plan}
     *
     * @param track as it begins facing the front of the form
     * @param facing how the form's front is turned against the front wall
     */
    public static HallPlan of(Hall hall, Form form, Track track, Body body, Turn facing) {
        Walk walk = Walk.of(track, body);
        for (double way : WAYS) {
            Turn turned = facing.plus(Turn.right(way));
            Ground ground = Ground.of(hall, Ground.turned(walk, turned));
            if (ground.best().isPresent()) {
                return of(ground, form, track.turned(turned), body, turned, way == 0);
            }
        }
        return of(Ground.of(hall, Ground.turned(walk, facing)), form, track.turned(facing), body, facing, true);
    }

    private static HallPlan of(Ground ground, Form form, Track track, Body body, Turn turned, boolean asked) {
        Hall hall = ground.hall();
        List<FloorPoint> learners = ground.learners();
        double spacing = Math.max(hall.spacing().orElse(0.0), ground.leastSpacing());
        List<FloorPoint> watching =
                learners.isEmpty() ? List.of(new FloorPoint(hall.width() / 2, -hall.depth() / 2)) : learners;
        Sightlines lines = new Sightlines(body, watching);
        List<Integer> away = lines.turnedAway(track, Lookout.in(hall).getFirst().at());
        return new HallPlan(
                hall,
                turned,
                asked,
                ground.walk(),
                ground.best(),
                spacing,
                learners,
                lines.parts(form, track, hall),
                away);
    }

    public boolean fits() {
        return start.isPresent();
    }

    /** {@return where a place of the walk comes to lie in the hall for one who starts at {@code from}} */
    public FloorPoint inHall(FloorPoint ofTrack, FloorPoint from) {
        FloorPoint at = ofTrack.turned(FloorPoint.ORIGIN, turned);
        return new FloorPoint(from.right() + at.right(), from.ahead() + at.ahead());
    }

    /** {@return where one starts, or the hall's middle where the form does not fit} */
    public FloorPoint from() {
        return start.orElse(new FloorPoint(hall.width() / 2, -hall.depth() / 2));
    }
}
