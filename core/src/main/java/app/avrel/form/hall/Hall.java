package app.avrel.form.hall;

import app.avrel.floor.Heading;
import app.avrel.floor.NamedPlace;
import app.avrel.floor.Numbers;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A rectangular room to practise in.
 *
 * @param name as shown
 * @param width metres from the left wall to the right one, 2 to 100
 * @param depth metres from the front wall to the back one, 2 to 100
 * @param front the compass bearing of the front wall: 0 is north
 * @param clearance metres kept free around hands and feet, 0 to 2
 * @param arrangement how the class stands
 * @param spacing metres from one learner to the next; empty takes as little as the form allows
 * @param places what directions are called by here: each with its direction, against the front wall
 */
@RecordBuilder
public record Hall(
        String name,
        double width,
        double depth,
        Heading front,
        double clearance,
        List<Door> doors,
        List<Pillar> pillars,
        Arrangement arrangement,
        Optional<Double> spacing,
        List<NamedPlace> places)
        implements HallBuilder.With {

    static final double LONGEST = 100;

    public Hall {
        check("a hall must be wide", width, 2, LONGEST);
        check("a hall must be deep", depth, 2, LONGEST);
        check("the clearance must be", clearance, 0, 2);
        clearance += 0.0;
        spacing.ifPresent(metres -> check("the spacing must be", metres, 0.5, 10));
        doors = List.copyOf(doors);
        pillars = List.copyOf(pillars);
        places = List.copyOf(places);
    }

    /** {@return an empty hall of this size, its front to the north, 30 cm kept free} */
    public static Hall of(String name, double width, double depth) {
        return new Hall(
                name,
                width,
                depth,
                Heading.FRONT,
                0.3,
                List.of(),
                List.of(),
                Arrangement.STAGGERED,
                Optional.empty(),
                List.of());
    }

    static void check(String what, double metres, double least, double most) {
        if (!(metres >= least && metres <= most)) {
            throw new IllegalArgumentException(
                    "%s %s to %s m, but was %s m".formatted(what, plain(least), plain(most), plain(metres)));
        }
    }

    private static String plain(double number) {
        return Numbers.plain(number);
    }

    /**
     * {@return what directions are called by here: its places, and its door where there is but one, seen from the middle}
     *
     * @param door what a door is called
     */
    public List<NamedPlace> called(String door) {
        return doors.size() == 1
                ? Stream.concat(
                                places.stream(),
                                Stream.of(new NamedPlace(door, doors.getFirst().seenFromTheMiddle(this))))
                        .toList()
                : places;
    }

    public Hall withSize(double newWidth, double newDepth) {
        return new Hall(name, newWidth, newDepth, front, clearance, doors, pillars, arrangement, spacing, places);
    }

    public Hall withClass(Arrangement changed, Optional<Double> metres) {
        return new Hall(name, width, depth, front, clearance, doors, pillars, changed, metres, places);
    }
}
