package app.avrel.words;

import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRules;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What is needed to say a record in words: the vocabulary, the hall heading of the posture's front, the house rules.
 *
 * @param front the hall heading against which the record's headings count
 */
@RecordBuilder
public record Wording(Directions directions, Heading front, HouseRules rules) implements WordingBuilder.With {

    /** {@return a bearing of the posture in the hall's words, such as {@code 1:30}} */
    public String heading(Bearing bearing) {
        return directions.say(front.of(bearing));
    }

    /** {@return a direction of the hall as the posture records it} */
    public Bearing bearing(Heading hall) {
        return hall.from(front);
    }

    /** {@return a direction as it follows a verb, such as {@code forward} or {@code toward 1:30}} */
    public String direction(Direction direction) {
        return switch (direction) {
            case Direction.OfBody(Turn turn) -> ofBody(turn.degrees());
            case Direction.OfPosture(Bearing bearing) -> "toward " + heading(bearing);
        };
    }

    private static String ofBody(double degrees) {
        String side = degrees < 0 ? "left" : "right";
        double size = Math.abs(degrees);
        if (size == 0) {
            return "forward";
        }
        if (size == 180) {
            return "back";
        }
        if (size == 90) {
            return "to the " + side;
        }
        if (size == 45) {
            return "diagonally forward " + side;
        }
        if (size == 135) {
            return "diagonally back " + side;
        }
        return Numbers.plain(size) + "° " + side + " of forward";
    }
}
