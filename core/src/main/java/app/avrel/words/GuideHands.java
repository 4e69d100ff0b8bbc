package app.avrel.words;

import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;

/** Plain English sentences for hands, props and eyes. */
final class GuideHands {

    private final Wording saying;

    GuideHands(Wording saying) {
        this.saying = saying;
    }

    String place(Move.PlaceHand hand) {
        return "The " + hand.hand().word() + " hand: " + Hands.say(hand.to(), saying)
                + hand.path().map(path -> ", " + path.phrase()).orElse("") + ".";
    }

    String ball(Move.HoldBall ball) {
        return "Hold a ball"
                + ball.beside().map(side -> " at the " + side.word() + " side").orElse("")
                + ball.size().map(size -> " of " + Lengths.say(size)).orElse("")
                + ball.height().map(at -> " at " + at.word() + " height").orElse("") + ", "
                + ball.above().word() + " hand above.";
    }

    String relate(Move.RelateHands hands) {
        boolean alike = hands.relation() == HandRelation.APART || hands.relation() == HandRelation.PALMS_TOGETHER;
        return "Both hands: " + hands.relation().phrase()
                + hands.height().map(at -> " at " + at.word() + " height").orElse("")
                + hands.gap()
                        .map(gap -> ", " + Lengths.say(gap) + " between them")
                        .orElse("")
                + (alike
                        ? ""
                        : ", the " + hands.leading().word() + " one "
                                + hands.relation().leading())
                + hands.palm().map(palm -> ", palms " + palm.word()).orElse("") + ".";
    }

    String prop(Move.HandleProp move) {
        String thing = "the " + move.prop().map(prop -> prop.word()).orElse("prop");
        String hand = move.hand().word() + " hand";
        String done = switch (move.act()) {
            case TAKE -> "Take " + thing + " in the " + hand;
            case OPEN -> "Open " + thing + " with the " + hand;
            case CLOSE -> "Close " + thing + " with the " + hand;
            case TURN -> "Turn " + thing + " with the " + hand;
            case PASS -> "Pass " + thing + " to the " + hand;
            case PUT_AWAY -> "Put " + thing + " away with the " + hand;
        };
        return done
                + move.points().map(way -> ", pointing " + way.word()).orElse("")
                + move.toward()
                        .map(to -> (move.act() == PropAct.TURN ? ", leaning " : ", ") + saying.direction(to))
                        .orElse("")
                + ".";
    }

    String look(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead _ -> "Look straight ahead, seeing wide.";
            case Gaze.AtHand(var hand, var aim) ->
                "Look "
                        + (aim == Gaze.AtHand.Aim.PAST
                                ? "past the " + hand.word() + " fingertips."
                                : "at the " + hand.word() + " hand.");
            case Gaze.Toward(var direction) -> "Look " + saying.direction(direction) + ".";
        };
    }
}
