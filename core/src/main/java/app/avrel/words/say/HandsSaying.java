package app.avrel.words.say;

import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import java.util.Locale;

/** What the hands do, and what they hold, in words. */
record HandsSaying(Voice voice) {

    String say(Move.OfHands move) {
        return switch (move) {
            case Move.PlaceHand hand -> place(hand);
            case Move.HoldBall ball -> ball(ball);
            case Move.RelateHands relation -> relation(relation);
            case Move.HandleProp prop -> prop(prop);
        };
    }

    private String place(Move.PlaceHand move) {
        boolean stays = move.to().at().filter(HandAt.STAYS::equals).isPresent();
        return voice.say(
                stays ? "hand.stays" : "hand",
                details(move.to()).key("hand", move.hand()).key("other", move.hand().other()).key("path", move.path()));
    }

    /** What is said of where a hand is and how it looks, as the gaps of a phrase. */
    Slots details(HandPlace to) {
        return Slots.none()
                .key("at", to.at().filter(at -> at != HandAt.STAYS))
                .key("height", to.height())
                .text("offset", to.offset().map(this::offset))
                .key("point", to.point())
                .text("sideways", to.sideways().map(this::sideways))
                .text("reach", to.reach().map(this::reach))
                .key("palm", to.palm())
                .key("fingers", to.fingers())
                .key("elbow", to.elbow())
                .key("shape", to.shape());
    }

    private String offset(HandOffset offset) {
        return voice.say(
                "offset." + offset.way().name().toLowerCase(Locale.ROOT), Slots.none().text("by", voice.length(offset.by())));
    }

    String sideways(Sideways sideways) {
        return switch (sideways) {
            case Sideways.Across(double halves) -> across(halves);
            case Sideways.Toward(Direction.OfBody(Turn turn)) ->
                voice.say("sideways.toward", Slots.none().text("direction", voice.exact() ? voice.angle(turn) : voice.direction(new Direction.OfBody(turn))));
            case Sideways.Toward(Direction.OfPosture hall) ->
                voice.say("sideways.toward", Slots.none().text("direction", voice.direction(hall)));
        };
    }

    private String across(double halves) {
        String key = halves == 1
                ? "own_side"
                : halves == 0 ? "centre" : halves == -0.9 ? "other_side" : halves == 1.5 ? "beyond" : "halves";
        return voice.has("sideways." + key)
                ? voice.say("sideways." + key, Slots.none().text("n", Numbers.plain(halves)))
                : voice.say("sideways.halves", Slots.none().text("n", Numbers.plain(halves)));
    }

    private String reach(Reach reach) {
        return switch (reach.percent()) {
            case 30 -> voice.say("reach.close");
            case 60 -> voice.say("reach.rounded");
            case 90 -> voice.say("reach.extended");
            default -> voice.say("reach.percent", Slots.none().text("percent", Integer.toString(reach.percent())));
        };
    }

    private String ball(Move.HoldBall ball) {
        return voice.say(
                "ball",
                Voice.of("hand", ball.above())
                        .key("beside", ball.beside())
                        .key("height", ball.height())
                        .text("size", voice.length(ball.size())));
    }

    private String relation(Move.RelateHands hands) {
        return voice.say(
                "relation." + hands.relation().name().toLowerCase(Locale.ROOT),
                Voice.of("hand", hands.leading())
                        .key("height", hands.height())
                        .text("gap", voice.length(hands.gap()))
                        .key("palms", hands.palm()));
    }

    private String prop(Move.HandleProp move) {
        Slots slots = Voice.of("hand", move.hand())
                .text("prop", move.prop().map(prop -> voice.word("prop", prop)).orElseGet(() -> voice.say("prop.any")))
                .key("points", move.points())
                .text("leaning", move.toward().map(this::leaning));
        return voice.say("prop." + move.act().name().toLowerCase(Locale.ROOT), slots);
    }

    private String leaning(Direction to) {
        return switch (to) {
            case Direction.OfPosture _ -> voice.direction(to);
            case Direction.OfBody(Turn turn) -> voice.exact() ? voice.angle(turn) : voice.direction(to);
        };
    }
}
