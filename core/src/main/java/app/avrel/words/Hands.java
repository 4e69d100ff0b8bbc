package app.avrel.words;

import app.avrel.floor.Numbers;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Where a hand is, in words. */
public final class Hands {

    private Hands() {}

    /** {@return what is said of the hand, such as {@code chest height, on the centre line, palm in}} */
    public static String say(HandPlace place, Wording saying) {
        String said = Stream.of(
                        place.height().map(height -> point(place) + height.word() + " height"),
                        place.at().map(at -> at.phrase()),
                        place.sideways().map(sideways -> sideways(sideways, saying)),
                        place.reach().map(Hands::reach),
                        place.palm().map(palm -> "palm " + palm.word()),
                        place.fingers().map(way -> "fingers " + way.word()),
                        place.thumb().map(way -> "thumb " + way.word()),
                        place.elbow().map(way -> "elbow " + way.word()),
                        place.shape().map(shape -> shape.word()))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
        return said.isEmpty() ? "not said yet" : said;
    }

    private static String point(HandPlace place) {
        return place.point()
                .filter(point -> point != HandPoint.PALM)
                .map(point -> point.word() + " at ")
                .orElse("");
    }

    /** {@return the hand's height and palm only, for small places} */
    public static String brief(HandPlace place) {
        List<String> said = Stream.of(
                        place.height().map(height -> height.word()),
                        place.palm().map(palm -> "palm " + palm.word()),
                        place.shape().map(shape -> shape.word()))
                .flatMap(Optional::stream)
                .toList();
        return said.isEmpty() ? "not said yet" : String.join(", ", said);
    }

    static String sideways(Sideways sideways, Wording saying) {
        return switch (sideways) {
            case Sideways.Across(double halves) -> across(halves);
            case Sideways.Toward(var direction) -> saying.direction(direction);
        };
    }

    private static String across(double halves) {
        if (halves == 1) {
            return "on its own side";
        }
        if (halves == 0) {
            return "on the centre line";
        }
        if (halves == -0.9) {
            return "across at the other shoulder";
        }
        if (halves == 1.5) {
            return "beyond the shoulder";
        }
        return Numbers.plain(halves) + " shoulder halves to its own side";
    }

    private static String reach(Reach reach) {
        return switch (reach.percent()) {
            case 30 -> "close";
            case 60 -> "rounded";
            case 90 -> "extended";
            default -> "reaching " + reach.percent() + "% of the arm";
        };
    }
}
