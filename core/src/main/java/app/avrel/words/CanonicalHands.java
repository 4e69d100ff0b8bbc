package app.avrel.words;

import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;

/** The canonical English words for hands and props. */
final class CanonicalHands {

    private final CanonicalText said;

    CanonicalHands(CanonicalText said) {
        this.said = said;
    }

    String place(Move.PlaceHand move) {
        HandPlace to = move.to();
        List<String> words = new ArrayList<>();
        boolean stays = to.at().filter(HandAt.STAYS::equals).isPresent();
        words.add(move.hand().word() + " hand" + (stays ? " stays where it is" : ""));
        to.at().filter(at -> at != HandAt.STAYS).ifPresent(at -> words.add(at(at)));
        to.height().ifPresent(height -> words.add("at " + CanonicalText.the(height)));
        to.offset().ifPresent(offset -> words.add(offset(offset)));
        to.point().ifPresent(point -> words.add(point(point)));
        to.sideways().ifPresent(sideways -> words.add(sideways(sideways)));
        to.reach().ifPresent(reach -> words.add(reach(reach)));
        to.palm().ifPresent(palm -> words.add(palm("palm", palm)));
        to.fingers().ifPresent(way -> words.add("fingers " + pointing(way)));
        to.elbow().ifPresent(way -> words.add("elbow " + pointing(way)));
        to.shape().ifPresent(shape -> words.add(shape.word()));
        move.path().ifPresent(path -> words.add(path(path)));
        return String.join(", ", words);
    }

    private static String at(HandAt at) {
        return switch (at) {
            case OTHER_ELBOW -> "at the other elbow";
            case STAYS, OTHER_HAND, OTHER_WRIST, OTHER_FOREARM, OWN_KNEE, OTHER_KNEE, OWN_FOOT, OTHER_FOOT ->
                at.phrase();
        };
    }

    private static String offset(HandOffset offset) {
        return offset.by().map(length -> length + " ").orElse("") + offset.way().word() + " it";
    }

    private static String point(HandPoint point) {
        return switch (point) {
            case PALM -> "measured at the palm";
            case FINGERTIPS -> "measured at the fingertips";
            case WRIST -> "measured at the wrist";
            case ELBOW -> "measured at the elbow";
        };
    }

    private String sideways(Sideways sideways) {
        return switch (sideways) {
            case Sideways.Across(double halves) -> across(halves);
            case Sideways.Toward(Direction.OfBody(Turn turn)) ->
                "out " + Numbers.plain(turn.size()) + "° " + CanonicalText.leftOrRight(turn);
            case Sideways.Toward(Direction.OfPosture ofPosture) -> "out " + said.direction(ofPosture);
        };
    }

    private static String across(double halves) {
        if (halves == 1) {
            return "own side";
        }
        if (halves == 0) {
            return "centre line";
        }
        return Numbers.plain(halves) + " shoulder halves";
    }

    private static String reach(Reach reach) {
        return switch (reach.percent()) {
            case 30 -> "close in";
            case 60 -> "rounded";
            case 90 -> "extended";
            default -> "reaching " + reach.percent() + " percent";
        };
    }

    private static String palm(String word, Palm palm) {
        return switch (palm) {
            case TO_THE_OTHER_HAND -> word + " facing the other hand";
            case TO_THE_OTHER_FOREARM -> word + " facing the other forearm";
            case TO_THE_OTHER_ELBOW -> word + " facing the other elbow";
            case UP, DOWN, IN, OUT, FORWARD, BACK, TO_THE_LEFT, TO_THE_RIGHT -> word + " " + palm.word();
        };
    }

    private static String pointing(Pointing way) {
        return way == Pointing.ACROSS ? "across" : way.word();
    }

    private static String path(HandPath path) {
        return path == HandPath.DIRECT ? "directly" : path.phrase();
    }

    String ball(Move.HoldBall ball) {
        return "hold a ball"
                + ball.beside().map(side -> " at the " + side.word() + " side").orElse("")
                + ball.height().map(at -> " at " + CanonicalText.the(at)).orElse("")
                + ball.size().map(size -> ", " + size + " wide").orElse("") + ", "
                + ball.above().word()
                + " hand above";
    }

    String relation(Move.RelateHands hands) {
        String phrase = switch (hands.relation()) {
            case PASSING_INSIDE -> "hands pass each other";
            case STACKED -> "hands stacked";
            case APART -> "hands side by side";
            case CROSSED_WRISTS,
                    WRIST_ON_WRIST,
                    PALM_UNDER_ELBOW,
                    HEELS_OF_PALMS_TOGETHER,
                    PALMS_TOGETHER,
                    FOLDED_FOREARMS -> hands.relation().phrase();
        };
        return phrase
                + hands.height().map(at -> " at " + CanonicalText.the(at)).orElse("")
                + hands.gap().map(gap -> ", " + gap + " apart").orElse("")
                + ", " + hands.leading().word() + " inside"
                + hands.palm().map(palm -> ", " + palm("palms", palm)).orElse("");
    }

    String prop(Move.HandleProp move) {
        String thing = "the " + move.prop().map(prop -> prop.word()).orElse("prop");
        String hand = move.hand().word() + " hand";
        String done = switch (move.act()) {
            case TAKE -> "take up " + thing + " with the " + hand;
            case OPEN -> "open " + thing + " with the " + hand;
            case CLOSE -> "close " + thing + " with the " + hand;
            case TURN -> "turn " + thing + " with the " + hand;
            case PASS -> "pass " + thing + " to the " + hand;
            case PUT_AWAY -> "put away " + thing + " with the " + hand;
        };
        return done
                + move.points().map(way -> ", pointing " + pointing(way)).orElse("")
                + move.toward().map(to -> ", leaning " + leaning(to)).orElse("");
    }

    private String leaning(Direction to) {
        return switch (to) {
            case Direction.OfPosture _ -> said.direction(to);
            case Direction.OfBody(Turn turn) -> Numbers.plain(turn.size()) + "° " + CanonicalText.leftOrRight(turn);
        };
    }
}
