package app.avrel.form.hall;

import app.avrel.floor.DirectionWords;
import app.avrel.floor.Directions;
import app.avrel.floor.NamedPlace;
import app.avrel.floor.Numbers;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Doors, pillars and places as people write them; what is said is read back. */
public final class HallText {

    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?");

    private HallText() {}

    /** {@return such as {@code back wall, 6.1 m along it, 1 m wide}} */
    public static String say(Door door) {
        return door.wall().words() + ", " + Numbers.plain(door.from()) + " m along it, " + Numbers.plain(door.width())
                + " m wide";
    }

    /** {@return the door that a line means: a wall and two numbers; empty where it means none} */
    public static Optional<Door> door(String line) {
        String plain = line.toLowerCase(Locale.ROOT);
        Optional<Wall> wall = Arrays.stream(Wall.values())
                .filter(one -> plain.contains(one.words().split(" ")[0]))
                .findFirst();
        List<Double> numbers = numbers(line);
        return wall.isPresent() && numbers.size() == 2
                ? made(() -> new Door(wall.get(), numbers.get(0), numbers.get(1)))
                : Optional.empty();
    }

    /** {@return such as {@code 3 m from the left, 2 m from the front, 0.4 m wide}} */
    public static String say(Pillar pillar) {
        return Numbers.plain(pillar.fromLeft()) + " m from the left, " + Numbers.plain(pillar.fromFront())
                + " m from the front, " + Numbers.plain(pillar.width()) + " m wide";
    }

    /** {@return the pillar that a line means: three numbers; empty where it means none} */
    public static Optional<Pillar> pillar(String line) {
        List<Double> numbers = numbers(line);
        return numbers.size() == 3
                ? made(() -> new Pillar(numbers.get(0), numbers.get(1), numbers.get(2)))
                : Optional.empty();
    }

    /** {@return such as {@code window: left wall}} */
    public static String say(NamedPlace place, Hall hall) {
        return place.name() + ": " + against(hall).say(place.toward());
    }

    /**
     * {@return the place that a line means: what it is called, and a wall, a corner, an hour, a compass point or degrees;
     * empty where it means none}
     */
    public static Optional<NamedPlace> place(String line, Hall hall) {
        int at = Math.max(line.indexOf(':'), line.indexOf('='));
        if (at < 0 || line.substring(0, at).isBlank()) {
            return Optional.empty();
        }
        return against(hall).parse(line.substring(at + 1)).map(toward -> new NamedPlace(line.substring(0, at), toward));
    }

    /** Directions as they are in a hall: against its front wall. */
    private static Directions against(Hall hall) {
        return new Directions(DirectionWords.HALL, hall.front(), List.of());
    }

    private static <T> Optional<T> made(Supplier<T> making) {
        try {
            return Optional.of(making.get());
        } catch (IllegalArgumentException outOfRange) {
            return Optional.empty();
        }
    }

    private static List<Double> numbers(String line) {
        List<Double> numbers = new ArrayList<>();
        Matcher matcher = NUMBER.matcher(line);
        while (matcher.find()) {
            numbers.add(Double.parseDouble(matcher.group().replace(',', '.')));
        }
        return numbers;
    }
}
