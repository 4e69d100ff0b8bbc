package app.avrel.desktop.figure;

import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/**
 * From where one looks at the figure.
 *
 * @param from the heading of the hall in which the viewer stands, seen from the figure
 * @param height degrees the eye is above level, -10 to 90
 * @param mirrored whether sides are exchanged in the picture
 */
public record Viewpoint(Heading from, double height, boolean mirrored) {

    private static final double LEVEL = 9;

    public static final Viewpoint FRONT = new Viewpoint(Heading.FRONT, LEVEL, false);
    public static final Viewpoint BACK = new Viewpoint(new Heading(180), LEVEL, false);
    public static final Viewpoint LEFT = new Viewpoint(new Heading(270), LEVEL, false);
    public static final Viewpoint RIGHT = new Viewpoint(new Heading(90), LEVEL, false);
    public static final Viewpoint ABOVE = new Viewpoint(new Heading(180), 90, false);

    public Viewpoint {
        if (!(height >= -10 && height <= 90)) {
            throw new IllegalArgumentException("the eye must be -10 to 90 degrees above level, but was " + height);
        }
    }

    /** {@return the same, gone round by so many degrees and raised by so many} */
    public Viewpoint moved(double round, double up) {
        return new Viewpoint(Heading.wrapping(from.degrees() + round), Math.clamp(height + up, -10, 90), mirrored);
    }

    /** {@return another place to look from, mirrored as this one is} */
    public Viewpoint at(Viewpoint place) {
        return new Viewpoint(place.from, place.height, mirrored);
    }

    public Viewpoint mirror() {
        return new Viewpoint(from, height, !mirrored);
    }

    /** {@return the place in words, such as {@code from the front}} */
    public String words() {
        String words = height > 70 ? Words.of("figure.from_above") : Words.of("figure.from", side());
        return mirrored ? Words.of("figure.mirrored", words) : words;
    }

    private String side() {
        int eighth = (int) Math.round(from.degrees() / 45) % 8;
        return switch (eighth) {
            case 0 -> Words.of("figure.front");
            case 1 -> Words.of("figure.front_right");
            case 2 -> Words.of("figure.right");
            case 3 -> Words.of("figure.back_right");
            case 4 -> Words.of("common.behind");
            case 5 -> Words.of("figure.back_left");
            case 6 -> Words.of("figure.left");
            default -> Words.of("figure.front_left");
        };
    }

    /** {@return from where one looks after a key: the first letters of the sides, M for the mirror, comma and full stop} */
    Optional<Viewpoint> by(KeyCode key) {
        return switch (key) {
            case F -> Optional.of(at(Viewpoint.FRONT));
            case B -> Optional.of(at(Viewpoint.BACK));
            case L -> Optional.of(at(Viewpoint.LEFT));
            case R -> Optional.of(at(Viewpoint.RIGHT));
            case A -> Optional.of(at(Viewpoint.ABOVE));
            case M -> Optional.of(mirror());
            case COMMA -> Optional.of(moved(-15, 0));
            case PERIOD -> Optional.of(moved(15, 0));
            default -> Optional.empty();
        };
    }
}
