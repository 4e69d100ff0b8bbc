package app.avrel.words.say;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.motion.Performer;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import java.util.Locale;
import java.util.Optional;

/** What the trunk and the eyes do, in words. */
record TrunkSaying(Voice voice) {

    private static final int EVEN = 50;

    /** So many percent less are felt. */
    private static final int LEAST_EASED = 5;

    String say(Move.OfTrunk move) {
        return switch (move) {
            case Move.Shift shift -> shift(shift.split());
            case Move.TurnBody turn -> turn(turn);
            case Move.ChangeDepth depth -> depth(depth.depth());
            case Move.Incline incline -> incline(incline);
        };
    }

    private String shift(Split split) {
        if (split instanceof Split.AsHouse(var loading, var heavier) && voice.exact()) {
            return voice.say("shift.house." + loading.name().toLowerCase(Locale.ROOT), Voice.of("heavy", heavier));
        }
        WeightShare share = Performer.share(split, voice.saying().rules());
        Side heavier = share.heavier();
        Slots slots = Voice.of("heavy", heavier)
                .text("least", Integer.toString(share.least(heavier)))
                .text("most", Integer.toString(share.most(heavier)))
                .text("rest", Integer.toString(100 - share.least(heavier)));
        return voice.say(kind(share, heavier), slots);
    }

    /** A share told after another: less of it on the same foot is no shift to that foot. */
    String shift(Split split, WeightShare before, WeightShare after) {
        Side heavier = after.heavier();
        int least = after.least(heavier);
        boolean eases = after.exact() && least > EVEN && before.least(heavier) >= least + LEAST_EASED;
        return eases && voice.has("shift.less")
                ? voice.say("shift.less", Voice.of("heavy", heavier).text("least", Integer.toString(least)))
                : shift(split);
    }

    private String kind(WeightShare share, Side heavier) {
        if (voice.exact()) {
            return share.exact() ? "shift.share" : "shift.range";
        }
        if (share.equals(WeightShare.UNKNOWN)) {
            return "shift.somehow";
        }
        if (!share.exact()) {
            return share.least(heavier) == 51 && share.most(heavier) == 100 ? "shift.more" : "shift.range";
        }
        return switch (share.least(heavier)) {
            case 100 -> "shift.all";
            case 50 -> "shift.even";
            default -> "shift.share";
        };
    }

    private String turn(Move.TurnBody turn) {
        String part = turn.part().name().toLowerCase(Locale.ROOT);
        Slots slots = Slots.none().key("part", turn.part());
        return turn.turning()
                .map(turning -> switch (turning) {
                    case Turning.By(Turn by) ->
                        voice.say(
                                "turn.by",
                                slots.key("side", Voice.side(by)).text("degrees", voice.degrees(by.degrees())));
                    case Turning.Between(Turn least, Turn most) ->
                        voice.say(
                                "turn.between",
                                slots.key("side", Voice.side(most.size() > 0 ? most : least))
                                        .text("least", voice.degrees(least.degrees()))
                                        .text("most", voice.degrees(most.degrees())));
                    case Turning.Some(Side to) -> voice.say("turn.some", slots.key("side", to));
                    case Turning.To(Bearing to, Way way) ->
                        voice.say(
                                way == Way.SHORTER ? "turn.to." + part : "turn.to.going." + part,
                                slots.text("heading", voice.hall(to)).key("way", way));
                })
                .orElseGet(() -> voice.say("turn.somehow", slots));
    }

    private String depth(Depth depth) {
        return switch (depth) {
            case Depth.Sink(var by) -> voice.say("depth.sink", Slots.none().text("by", voice.length(by)));
            case Depth.Rise(var by) -> voice.say("depth.rise", Slots.none().text("by", voice.length(by)));
            case Depth.To(var to) ->
                to.amount() == 0 && voice.has("depth.standing")
                        ? voice.say("depth.standing")
                        : voice.say("depth.to", Slots.none().text("to", voice.length(to)));
            case Depth.ToFrame(var frame) -> voice.word("depth.frame", frame);
            case Depth.UntilKneeMeetsCalf(var knee) ->
                voice.say(
                        knee.isPresent() ? "depth.knee_meets_calf" : "depth.rear_knee_meets_calf",
                        Slots.none().key("side", knee));
        };
    }

    private String incline(Move.Incline incline) {
        if (incline.degrees().equals(Optional.of(0))) {
            return voice.say("incline.upright");
        }
        String key = incline.degrees().isEmpty() && incline.toward().isPresent() ? "incline.somehow" : "incline";
        return voice.say(
                key,
                Slots.none()
                        .text("degrees", incline.degrees().map(degrees -> Integer.toString(degrees)))
                        .text("toward", incline.toward().map(voice::direction)));
    }

    String look(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead _ -> voice.say("look.ahead");
            case Gaze.AtHand(Side hand, var aim) ->
                voice.say("look." + aim.name().toLowerCase(Locale.ROOT), Voice.of("hand", hand));
            case Gaze.Toward(var direction) ->
                voice.say("look.toward", Slots.none().text("direction", aside(direction)));
        };
    }

    /** A direction by its angle, for "look forward" is another look. */
    private String aside(Direction direction) {
        return voice.exact() && direction instanceof Direction.OfBody(Turn turn)
                ? voice.angle(turn)
                : voice.direction(direction);
    }
}
