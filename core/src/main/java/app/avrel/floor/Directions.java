package app.avrel.floor;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Says headings in one vocabulary and reads them in all four.
 *
 * <p>A heading more than 5° off the nearest compass point or place in the hall is said with its degrees, as in
 * {@code north-east + 12°} (plus is clockwise). The clock is said to ten minutes, which is 5°.
 *
 * @param words the vocabulary in which headings are said
 * @param startFaces the compass bearing that the form starts to face, degrees clockwise from north
 * @param places things in the hall that directions are called by
 */
@RecordBuilder
public record Directions(DirectionWords words, Heading startFaces, List<NamedPlace> places)
        implements DirectionsBuilder.With {

    /** The clock face, starting north. */
    public static final Directions CLOCK = new Directions(DirectionWords.CLOCK, Heading.FRONT, List.of());

    private static final double CLOSE = 5;
    private static final Pattern CLOCK_TIME =
            Pattern.compile("(\\d{1,2})(?::(\\d{2}))?(?: ?o'?clock)?", Pattern.CASE_INSENSITIVE);
    private static final Pattern ANGLE = Pattern.compile("(-?\\d+(?:\\.\\d+)?) ?(?:°|degrees?|deg)");
    private static final Pattern WITH_ANGLE = Pattern.compile("(.+?) ([+-]) ?(\\d+(?:\\.\\d+)?)°?");

    public Directions {
        places = List.copyOf(places);
    }

    /** {@return the thing of the hall that a heading points at, within 5°} */
    public Optional<NamedPlace> place(Heading heading) {
        return places.stream()
                .filter(place -> place.toward().degreesFrom(heading) <= CLOSE)
                .min(Comparator.comparingDouble(place -> place.toward().degreesFrom(heading)));
    }

    /** {@return the heading in this vocabulary} */
    public String say(Heading heading) {
        return switch (words) {
            case DEGREES -> Numbers.whole(heading.degrees()) + "°";
            case CLOCK -> clock(heading);
            case COMPASS -> nearest(heading.plus(new Turn(startFaces.degrees())), DirectionWords.COMPASS_POINTS);
            case HALL ->
                place(heading).map(NamedPlace::name).orElseGet(() -> nearest(heading, DirectionWords.HALL_PLACES));
        };
    }

    private static String clock(Heading heading) {
        int minutes = (int) (Math.round(heading.degrees() / 5) * 10) % 720;
        int hour = minutes / 60 == 0 ? 12 : minutes / 60;
        return minutes % 60 == 0 ? Integer.toString(hour) : String.format(Locale.ROOT, "%d:%02d", hour, minutes % 60);
    }

    private static String nearest(Heading heading, List<String> eight) {
        int index = (int) Math.round(heading.degrees() / 45) % 8;
        double off = new Heading(index * 45).turnTo(heading).degrees();
        String word = eight.get(index);
        if (Math.abs(off) <= CLOSE) {
            return word;
        }
        return word + (off > 0 ? " + " : " - ") + Numbers.whole(Math.abs(off)) + "°";
    }

    /**
     * {@return the heading said by {@code text} in any of the four vocabularies, or nothing where it is none}
     *
     * <p>A bare number from 1 to 12 is an hour; degrees need their sign or word.
     */
    public Optional<Heading> parse(String text) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        return angle(said).or(() -> hour(said)).or(() -> place(said)).or(() -> placeWithAngle(said));
    }

    private static Optional<Heading> angle(String said) {
        Matcher matcher = ANGLE.matcher(said);
        return matcher.matches()
                ? Optional.of(Heading.wrapping(Double.parseDouble(matcher.group(1))))
                : Optional.empty();
    }

    private static Optional<Heading> hour(String said) {
        Matcher matcher = CLOCK_TIME.matcher(said);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        int hour = Integer.parseInt(matcher.group(1));
        int minute = matcher.group(2) == null ? 0 : Integer.parseInt(matcher.group(2));
        return hour >= 1 && hour <= 12 && minute < 60
                ? Optional.of(Heading.wrapping(hour * 30 + minute / 2.0))
                : Optional.empty();
    }

    private Optional<Heading> place(String said) {
        String plain = said.replace('-', ' ').replaceFirst("^the ", "");
        Optional<NamedPlace> named = places.stream()
                .filter(place ->
                        place.name().equalsIgnoreCase(said) || place.name().equalsIgnoreCase(plain))
                .findFirst();
        if (named.isPresent()) {
            return named.map(NamedPlace::toward);
        }
        for (int i = 0; i < 8; i++) {
            if (plain.equals(DirectionWords.COMPASS_POINTS.get(i).replace('-', ' '))) {
                return Optional.of(Heading.wrapping(i * 45 - startFaces.degrees()));
            }
            String place = DirectionWords.HALL_PLACES.get(i);
            if (plain.equals(place) || (plain + " wall").equals(place) || plain.equals(place + " wall")) {
                return Optional.of(new Heading(i * 45));
            }
        }
        return Optional.empty();
    }

    private Optional<Heading> placeWithAngle(String said) {
        Matcher matcher = WITH_ANGLE.matcher(said);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        double off = Double.parseDouble(matcher.group(3)) * (matcher.group(2).equals("+") ? 1 : -1);
        return place(matcher.group(1)).map(heading -> heading.plus(new Turn(off)));
    }
}
