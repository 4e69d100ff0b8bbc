package app.avrel.desktop.stagefloor;

import app.avrel.floor.FloorPoint;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import java.util.ArrayList;
import java.util.List;

/**
 * Where a walk leads. A long form's whole path would be a heap of lines: of it the way at large is kept, and every step
 * of what stands around the chosen entry.
 */
final class WalkPath {

    private static final int MOST_STANDINGS = 160;

    /** In a longer form, those of so many entries before and after the chosen one. */
    private static final int NEAR = 12;

    /** Corners of the way at large. */
    private static final int MOST_CORNERS = 90;

    private final WalkPicture picture;
    private final List<Occurrence> all;

    WalkPath(WalkPicture picture) {
        this.picture = picture;
        this.all = picture.track().occurrences();
    }

    private boolean isLong() {
        return all.size() > MOST_STANDINGS;
    }

    /** {@return the postures whose steps and feet are shown} */
    List<Occurrence> standings() {
        return isLong()
                ? all.stream()
                        .filter(done -> Math.abs(done.entry() - picture.entry()) <= NEAR)
                        .toList()
                : all;
    }

    /** {@return where the centre of mass is after every stage of what is shown, in order} */
    List<FloorPoint> steps() {
        List<Occurrence> shown = standings();
        List<FloorPoint> steps = new ArrayList<>();
        steps.add(
                shown.isEmpty() || shown.getFirst().moments().isEmpty()
                        ? start()
                        : centre(shown.getFirst().inHall().getFirst().before()));
        for (Occurrence done : shown) {
            for (Moment moment : done.inHall()) {
                steps.add(centre(moment.after()));
            }
        }
        return steps;
    }

    /** {@return a few places of the whole walk, in order, its ends among them; in a short form none} */
    List<FloorPoint> atLarge() {
        List<FloorPoint> places = new ArrayList<>();
        if (isLong()) {
            int apart = Math.ceilDiv(all.size(), MOST_CORNERS);
            places.add(start());
            for (int i = apart - 1; i < all.size() - 1; i += apart) {
                places.add(centre(all.get(i).end().drawn()));
            }
            places.add(end());
        }
        return places;
    }

    /** {@return places that the picture must hold} */
    List<FloorPoint> extent() {
        List<FloorPoint> places = new ArrayList<>(steps());
        places.addAll(atLarge());
        return places;
    }

    FloorPoint start() {
        return centre(picture.track().start().drawn());
    }

    FloorPoint end() {
        return all.isEmpty() ? start() : centre(all.getLast().end().drawn());
    }

    private FloorPoint centre(Pose pose) {
        return picture.at(CentreOfMass.of(pose, picture.body()));
    }
}
