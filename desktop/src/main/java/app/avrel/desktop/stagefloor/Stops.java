package app.avrel.desktop.stagefloor;

import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorPoint;
import app.avrel.form.Occurrence;
import app.avrel.motion.CentreOfMass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The numbers of the postures on a walk, each where its posture ends; what would lie over another is left out. */
final class Stops {

    /**
     * One of them.
     *
     * @param x where it stands in the picture, in pixels
     * @param y likewise
     */
    record Stop(int entry, String number, String name, double x, double y) {}

    private Stops() {}

    /**
     * {@return the numbers there is room for: the lit one first, then in the order of the form}
     *
     * @param apart pixels between two of them at least
     */
    static List<Stop> of(WalkPicture picture, List<Occurrence> standings, FloorScale scale, double apart) {
        List<Stop> placed = new ArrayList<>();
        standings.stream()
                .sorted(Comparator.comparing(done -> done.entry() != picture.entry()))
                .map(done -> stop(picture, done, scale, apart))
                .filter(stop -> !stop.number().isEmpty())
                .filter(stop -> placed.stream().noneMatch(other -> distance(other, stop.x(), stop.y()) < apart))
                .forEach(placed::add);
        return placed;
    }

    private static Stop stop(WalkPicture picture, Occurrence done, FloorScale scale, double apart) {
        FloorPoint at = picture.at(CentreOfMass.of(done.end().drawn(), picture.body()));
        String number =
                done.entry() < picture.numbers().size() ? picture.numbers().get(done.entry()) : "";
        return new Stop(
                done.entry(), number, Words.name(done.posture()), scale.x(at) + apart * 0.6, scale.y(at) - apart * 0.6);
    }

    private static double distance(Stop stop, double x, double y) {
        return Math.hypot(stop.x() - x, stop.y() - y);
    }

    /** {@return the stop under a point of the picture} */
    static Optional<Stop> near(List<Stop> stops, double x, double y, double within) {
        return stops.stream()
                .filter(stop -> distance(stop, x, y) < within)
                .min(Comparator.comparingDouble(stop -> distance(stop, x, y)));
    }
}
