package app.avrel.words.say;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.words.Wording;
import java.util.Locale;
import java.util.Optional;

/** The small words that every move needs: lengths, angles and directions, in one language and register. */
record Voice(PhraseBook book, Register register, Wording saying) {

    private static final double EXACTLY = 1e-9;
    private static final double CLOSE = 5;

    boolean exact() {
        return register == Register.EXACT;
    }

    String say(String key, Slots slots) {
        return book.say(register, key, slots);
    }

    String say(String key) {
        return book.say(register, key);
    }

    boolean has(String key) {
        return book.has(register, key);
    }

    /** {@return a word of the book for a constant, such as {@code landing.heel}} */
    String word(String noun, Enum<?> value) {
        return say(noun + "." + value.name().toLowerCase(Locale.ROOT));
    }

    /** Slots with a side and the other side. */
    static Slots of(String name, Side side) {
        return Slots.none().key(name, side).key("other", side.other());
    }

    String length(Length length) {
        String unit = "length." + length.unit().name().toLowerCase(Locale.ROOT);
        double size = Math.abs(length.amount());
        if (length.amount() == 0.5 && has(unit + ".half")) {
            return say(unit + ".half");
        }
        String key = (exact() ? size : length.amount()) == 1 && has(unit + ".one") ? unit + ".one" : unit;
        return say(
                key,
                Slots.none()
                        .text("n", Numbers.plain(exact() || register == Register.EXPLAIN ? length.amount() : size)));
    }

    Optional<String> length(Optional<Length> length) {
        return length.map(this::length);
    }

    String degrees(double degrees) {
        double size = Math.abs(degrees);
        return exact() ? Numbers.plain(size) : Numbers.whole(size);
    }

    /** {@return an angle to a side, such as {@code 30° left}} */
    String angle(Turn turn) {
        return say("angle", degreesTo(turn));
    }

    private Slots degreesTo(Turn turn) {
        return Slots.none().text("degrees", degrees(turn.degrees())).key("side", side(turn));
    }

    static Side side(Turn turn) {
        return turn.degrees() < 0 ? Side.LEFT : Side.RIGHT;
    }

    /** {@return a direction as it follows a verb} */
    String direction(Direction direction) {
        return switch (direction) {
            case Direction.OfPosture(Bearing heading) ->
                say("direction.hall", Slots.none().text("heading", hall(heading)));
            case Direction.OfBody(Turn turn) -> ofBody(turn);
        };
    }

    private String ofBody(Turn turn) {
        if (turn.degrees() == 0) {
            return say("direction.forward");
        }
        if (turn.size() == 180) {
            return say("direction.back");
        }
        String eighth = "direction.eighth." + Math.floorMod(Math.round(turn.degrees() / 45), 8);
        double off = Math.abs(turn.degrees() - 45 * Math.round(turn.degrees() / 45));
        boolean near = off <= (register == Register.EXPLAIN ? EXACTLY : CLOSE);
        return near && has(eighth) ? say(eighth) : say("direction.angle", degreesTo(turn));
    }

    /** {@return a heading of the hall: by the vocabulary where it is exact in it, in degrees otherwise} */
    String hall(Bearing ofPosture) {
        Heading heading = saying.front().of(ofPosture);
        return switch (saying.directions().words()) {
            case DEGREES -> inDegrees(heading);
            case CLOCK -> clock(heading);
            case COMPASS ->
                eighth(
                        "compass.",
                        heading.plus(new Turn(saying.directions().startFaces().degrees())),
                        heading);
            case HALL -> eighth("place.", heading, heading);
        };
    }

    private String inDegrees(Heading heading) {
        return say("heading.degrees", Slots.none().text("degrees", degrees(heading.degrees())));
    }

    private String clock(Heading heading) {
        String time = saying.directions().withWords(DirectionWords.CLOCK).say(heading);
        double said = saying.directions().parse(time).orElseThrow().degreesFrom(heading);
        if (exact() && said > EXACTLY) {
            return inDegrees(heading);
        }
        String[] parts = time.split(":");
        boolean one = parts[0].equals("1") && has("heading.clock.one");
        String key = parts.length > 1 ? "heading.clock.minutes" : "heading.clock";
        Slots slots = Slots.none().text("hour", parts[0]).text("minutes", parts.length > 1 ? parts[1] : "");
        return say(one ? key + ".one" : key, slots);
    }

    private String eighth(String key, Heading heading, Heading ofHall) {
        int index = (int) Math.round(heading.degrees() / 45) % 8;
        double off = new Heading(index * 45).degreesFrom(heading);
        return off < (exact() ? EXACTLY : CLOSE) ? say(key + index) : inDegrees(ofHall);
    }

    String height(Landmark landmark) {
        return word("height", landmark);
    }
}
