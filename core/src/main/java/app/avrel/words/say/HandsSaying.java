package app.avrel.words.say;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What the hands do, and what they hold, in words. */
record HandsSaying(Voice voice) {

    /** What the body has one of on each side. */
    private static final Set<Landmark> PAIRED =
            EnumSet.of(Landmark.KNEE, Landmark.THIGH, Landmark.HIP, Landmark.SHOULDER, Landmark.EAR, Landmark.TEMPLE);

    private static final Set<Landmark> CENTRAL =
            EnumSet.of(Landmark.NAVEL, Landmark.SOLAR_PLEXUS, Landmark.CHEST, Landmark.CHIN, Landmark.BROW);

    String say(Move.OfHands move) {
        return switch (move) {
            case Move.PlaceHand hand -> place(hand);
            case Move.HoldBall ball -> ball(ball);
            case Move.RelateHands relation -> relation(relation);
            case Move.Circle circle -> circle(circle);
            case Move.HandleProp prop -> prop(prop);
        };
    }

    private String place(Move.PlaceHand move) {
        return voice.exact() ? exactly(move) : goes(List.of(move), HandWay.unseen(move.to()));
    }

    private String exactly(Move.PlaceHand move) {
        boolean stays = move.to().at().filter(HandAt.STAYS::equals).isPresent();
        return voice.say(
                stays ? "hand.stays" : "hand",
                details(move.to())
                        .key("hand", move.hand())
                        .key("other", move.hand().other())
                        .key("path", move.path()));
    }

    /** What is said of where a hand is and how it looks, as the gaps of a phrase. */
    Slots details(HandPlace to) {
        return Slots.none()
                .key("at", to.at().filter(at -> at != HandAt.STAYS))
                .key("height", to.height())
                .text("offset", to.offset().map(this::offset))
                .key("point", to.point())
                .text("sideways", to.sideways().map(this::sideways))
                .text("reach", to.reach().map(reach -> reach(reach, false)))
                .key("palm", to.palm())
                .key("fingers", to.fingers())
                .key("thumb", to.thumb())
                .key("elbow", to.elbow())
                .key("shape", to.shape());
    }

    /**
     * {@return a hand, or both, going somewhere}
     *
     * @param moves one hand's, or both hands' that do the same
     */
    String goes(List<Move.PlaceHand> moves, HandWay way) {
        Move.PlaceHand move = moves.getFirst();
        boolean both = moves.size() > 1;
        HandPlace to = move.to();
        Slots slots = details(to)
                .key("hand", move.hand())
                .text("where", to.height().map(height -> where(height, both)))
                .text("against", to.at().filter(at -> at != HandAt.STAYS).map(at -> against(at, move.hand(), both)))
                .text("who", both ? voice.say("who.both") : who(move.hand()))
                .text("palms", both ? voice.say("palms.both") : voice.word("palm_of", move.hand()))
                .text(
                        "rest",
                        rest(
                                to,
                                both,
                                way == HandWay.LOOKS && looksOnly(to),
                                way == HandWay.FORWARD || way == HandWay.BACK,
                                move.path()));
        return voice.say(key(to, way, both), slots);
    }

    /** A height, of which the body has two where both hands go there: to the hips. */
    private String where(Landmark height, boolean both) {
        String one = voice.has(named("at_height", height)) ? "at_height" : "height";
        return voice.word(both && voice.has(named(one + "s", height)) ? one + "s" : one, height);
    }

    private static String named(String noun, Enum<?> value) {
        return noun + "." + value.name().toLowerCase(Locale.ROOT);
    }

    /** A knee or a foot by its side, where one hand goes there. */
    private String against(HandAt at, Side hand, boolean both) {
        Optional<String> limb = both ? Optional.empty() : limb(at, hand);
        return limb.filter(voice::has).map(voice::say).orElseGet(() -> voice.word("at", at));
    }

    private static Optional<String> limb(HandAt at, Side hand) {
        return switch (at) {
            case OWN_KNEE -> Optional.of("at.knee." + hand.word());
            case OTHER_KNEE -> Optional.of("at.knee." + hand.other().word());
            case OWN_FOOT -> Optional.of("at.foot." + hand.word());
            case OTHER_FOOT -> Optional.of("at.foot." + hand.other().word());
            case STAYS, OTHER_HAND, OTHER_WRIST, OTHER_FOREARM, OTHER_ELBOW -> Optional.empty();
        };
    }

    private String who(Side hand) {
        return voice.has("the_hand.left") ? voice.word("the_hand", hand) : voice.word("hand", hand);
    }

    private String key(HandPlace to, HandWay way, boolean both) {
        boolean high = to.height().isPresent() || way == HandWay.AT;
        String goes = "hand.goes." + way.name().toLowerCase(Locale.ROOT);
        return switch (way) {
            case STAYS -> "hand.stays";
            case LOOKS -> looks(to, both);
            case THERE -> high ? presses(to, goes) : looks(to, both);
            case UP, DOWN, FORWARD, BACK, OUT, IN, AT -> presses(to, goes);
        };
    }

    /** A palm that leads has a verb of its own: it pushes forward, presses down, lifts. */
    private String presses(HandPlace to, String goes) {
        String own = goes
                + to.palm()
                        .map(palm -> ".palm_" + palm.name().toLowerCase(Locale.ROOT))
                        .orElse("");
        return voice.has(own) ? own : goes;
    }

    private String looks(HandPlace to, boolean both) {
        if (to.palm().isPresent() && looksOnly(to) || to.palm().isPresent() && voice.register() == Register.CALL) {
            return "hand.looks.palm";
        }
        if (to.equals(HandPlace.UNSAID.withElbow(to.elbow())) && voice.register() == Register.CALL) {
            return both ? "hand.looks.elbows" : "hand.looks.elbow";
        }
        boolean shaped = to.shape().isPresent()
                && (to.equals(HandPlace.UNSAID.withShape(to.shape())) || voice.register() == Register.CALL);
        return shaped ? both ? "hand.looks.shapes" : "hand.looks.shape" : "hand.looks";
    }

    private static boolean looksOnly(HandPlace to) {
        return to.equals(HandPlace.UNSAID.withPalm(to.palm()));
    }

    /** What else is said, each after a comma. */
    private String rest(HandPlace to, boolean both, boolean palmSaid, boolean inTheVerb, Optional<HandPath> path) {
        if (voice.register() == Register.CALL) {
            return "";
        }
        Slots slots = details(to).key("path", path);
        List<String> said = new ArrayList<>();
        to.offset().ifPresent(offset -> said.add(offset(offset)));
        to.point().ifPresent(point -> said.add(voice.word("measured", point)));
        to.sideways().filter(side -> !usual(side, to, both)).ifPresent(side -> said.add(sideways(side)));
        to.reach().filter(_ -> !inTheVerb).ifPresent(reach -> said.add(reach(reach, both)));
        if (to.palm().isPresent() && !palmSaid) {
            said.add(voice.say(both ? "detail.palms" : "detail.palm", slots));
        }
        to.fingers().ifPresent(_ -> said.add(voice.say("detail.fingers", slots)));
        to.thumb().ifPresent(_ -> said.add(voice.say(both ? "detail.thumbs" : "detail.thumb", slots)));
        to.elbow().ifPresent(_ -> said.add(voice.say(both ? "detail.elbows" : "detail.elbow", slots)));
        to.shape()
                .ifPresent(shape -> said.add(voice.word(both && voice.has("shapes.open") ? "shapes" : "shape", shape)));
        path.ifPresent(way -> said.add(voice.word("path", way)));
        return said.stream()
                .map(detail -> voice.say("detail", Slots.none().text("detail", detail)))
                .collect(Collectors.joining());
    }

    /** Where a hand is at that height anyway: by its own hip, in front of the navel. */
    private boolean usual(Sideways side, HandPlace to, boolean both) {
        boolean own = side.equals(Sideways.OWN_SIDE)
                && (both || to.height().filter(PAIRED::contains).isPresent());
        boolean centre = side.equals(Sideways.CENTRE)
                && voice.register() == Register.GUIDE
                && to.height().filter(CENTRAL::contains).isPresent();
        return own || centre;
    }

    private String offset(HandOffset offset) {
        return voice.say(
                "offset." + offset.way().name().toLowerCase(Locale.ROOT),
                Slots.none().text("by", voice.length(offset.by())));
    }

    String sideways(Sideways sideways) {
        return switch (sideways) {
            case Sideways.Across(double halves) -> across(halves);
            case Sideways.Toward(Direction.OfBody(Turn turn)) when turn.degrees() == 0 -> voice.say("sideways.forward");
            case Sideways.Toward(Direction.OfBody(Turn turn))
            when Math.abs(turn.degrees()) == 180 -> voice.say("sideways.back");
            case Sideways.Toward(Direction.OfBody(Turn turn)) ->
                voice.say(
                        "sideways.toward",
                        Slots.none()
                                .text(
                                        "direction",
                                        voice.exact()
                                                ? voice.angle(turn)
                                                : voice.direction(new Direction.OfBody(turn))));
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

    private String reach(Reach reach, boolean both) {
        String stem = both && voice.has("reaches.extended") ? "reaches." : "reach.";
        return switch (reach.percent()) {
            case 30 -> voice.say("reach.close");
            case 60 -> voice.say(stem + "rounded");
            case 90 -> voice.say(stem + "extended");
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
                Slots.none()
                        .key("hand", hands.leading())
                        .key("height", hands.height())
                        .text("gap", voice.length(hands.gap()))
                        .key("palms", hands.palm()));
    }

    private String circle(Move.Circle move) {
        return voice.say(
                "circle",
                Voice.of("hand", move.hand())
                        .key("size", move.size())
                        .key("sense", move.sense())
                        .text(
                                "times",
                                move.times()
                                        .filter(often -> often > 1)
                                        .map(often -> voice.say(
                                                "circle.times", Slots.none().text("n", Integer.toString(often))))));
    }

    private String prop(Move.HandleProp move) {
        Slots slots = Voice.of("hand", move.hand())
                .text("prop", move.prop().map(prop -> voice.word("prop", prop)).orElseGet(() -> voice.say("prop.any")))
                .key("points", move.points())
                .text("leaning", move.toward().map(this::leaning))
                .key("rests", move.rests());
        return voice.say("prop." + move.act().name().toLowerCase(Locale.ROOT), slots);
    }

    private String leaning(Direction to) {
        return switch (to) {
            case Direction.OfPosture _ -> voice.direction(to);
            case Direction.OfBody(Turn turn) -> voice.angle(turn);
        };
    }
}
