package app.avrel.words;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.motion.Performer;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Crossing;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;

/** Two to four English words for an action. */
final class Prompt {

    private final Wording saying;

    Prompt(Wording saying) {
        this.saying = saying;
    }

    String words(Move move) {
        return switch (move) {
            case Move.Step step -> step.foot().word() + " " + place(step);
            case Move.Slide slide -> slide.foot().word() + " foot slides";
            case Move.DrawIn draw -> "draw " + draw.foot().word() + " in";
            case Move.HalfStep half -> half.foot().word() + " half step";
            case Move.Lower lower -> lower.foot().word() + " " + lowered(lower.to());
            case Move.Raise raise -> raise.foot().word() + (raise.part() == FootPart.HEEL ? " heel up" : " toes up");
            case Move.Lift lift -> lift.foot().word() + " knee up";
            case Move.Kicking kick -> kick.foot().word() + " " + kick(kick.kick());
            case Move.DrawBack back -> back.foot().word() + " foot back";
            case Move.Stamp stamp -> "stamp " + stamp.foot().word();
            case Move.TurnFoot turn ->
                turn.foot().word() + " " + turn.toes().map(Prompt::toes).orElse("foot turns");
            case Move.Shift shift -> shift(shift.split());
            case Move.TurnBody turn -> turnBody(turn);
            case Move.ChangeDepth depth -> depth(depth.depth());
            case Move.Incline incline ->
                incline.degrees().filter(lean -> lean == 0).isPresent() ? "trunk upright" : "lean a little";
            case Move.RelateHands hands -> hands.relation().phrase();
            case Move.HandleProp prop ->
                prop.act().word() + " " + prop.prop().map(thing -> thing.word()).orElse("prop");
            case Move.PlaceHand hand -> hand(hand.hand(), hand.to());
            case Move.HoldBall ball -> "ball, " + ball.above().word() + " above";
            case Move.Look look -> look(look.at());
        };
    }

    private String place(Move.Step step) {
        return switch (step.place()) {
            case StepPlace.Along along -> landing(step) + direction(along.direction());
            case StepPlace.Beside _ -> "beside";
            case StepPlace.LevelWithHeel _ -> "foot level";
            case StepPlace.OnHeelLine _ -> "onto the line";
            case StepPlace.Across across -> across.over() == Crossing.IN_FRONT ? "foot across" : "foot across behind";
            case StepPlace.WhereWas _, StepPlace.AtToes _ -> "foot into place";
        };
    }

    private static String landing(Move.Step step) {
        return step.landing()
                .map(contact -> switch (contact) {
                    case HEEL -> "heel ";
                    case BALL -> "ball ";
                    case FLAT, LIFTED -> "foot ";
                })
                .orElse("foot ");
    }

    private String direction(Direction direction) {
        return switch (direction) {
            case Direction.OfPosture(Bearing heading) -> "to " + saying.heading(heading);
            case Direction.OfBody(Turn turn) -> {
                double size = turn.size();
                yield size < 45 ? "forward" : size > 135 ? "back" : turn.degrees() < 0 ? "out left" : "out right";
            }
        };
    }

    private static String kick(Kick kick) {
        return switch (kick) {
            case TOE -> "toe kick";
            case HEEL -> "heel kick";
            case TOP_OF_FOOT -> "top-of-foot kick";
            case OUTER_SWEEP -> "outer sweep";
            case INNER_SWEEP -> "inner sweep";
        };
    }

    private static String lowered(Contact to) {
        return switch (to) {
            case FLAT -> "foot flat";
            case HEEL -> "heel down";
            case BALL -> "ball down";
            case LIFTED -> "foot held";
        };
    }

    private static String toes(Toes toes) {
        return switch (toes) {
            case Toes.Turned(double out) -> out < 0 ? "toes in" : "toes out";
            case Toes.TurnedSome(var way) -> way == Toes.TurnedSome.Way.IN ? "toes in" : "toes out";
            case Toes.AgainstPelvis(double out) -> out < 0 ? "toes in" : "toes out";
            case Toes.Toward _ -> "foot turns";
            case Toes.OutAsFarAsTheyGo _ -> "toes out";
            case Toes.InAsFarAsTheyGo _ -> "toes in";
        };
    }

    private String shift(Split split) {
        WeightShare share = Performer.share(split, saying.rules());
        if (share.equals(WeightShare.UNKNOWN)) {
            return "weight shifts";
        }
        Side heavier = share.heavier();
        if (!share.exact()) {
            return "more " + heavier.word();
        }
        int percent = share.least(heavier);
        return switch (percent) {
            case 50 -> "weight even";
            case 100 -> "all " + heavier.word();
            default -> percent + " " + heavier.word();
        };
    }

    private String turnBody(Move.TurnBody turn) {
        String part = switch (turn.part()) {
            case WHOLE -> "turn";
            case HIPS -> "hips";
            case CHEST -> "chest";
        };
        return turn.turning()
                .map(turning -> switch (turning) {
                    case Turning.By(Turn by) ->
                        part + (by.degrees() < 0 ? " left " : " right ") + Numbers.whole(by.size());
                    case Turning.Between(Turn least, Turn most) ->
                        part
                                + (least.degrees() + most.degrees() < 0 ? " left " : " right ")
                                + Numbers.whole((least.size() + most.size()) / 2);
                    case Turning.Some(Side to) -> part + " " + to.word();
                    case Turning.To to ->
                        (turn.part() == BodyPart.WHOLE ? "face " : part + " to ") + saying.heading(to.heading());
                })
                .orElse(part + " round");
    }

    private static String depth(Depth depth) {
        return switch (depth) {
            case Depth.Sink _ -> "sink down";
            case Depth.Rise _ -> "rise up";
            case Depth.To(var drop) -> drop.amount() == 0 ? "stand up" : "settle down";
            case Depth.ToFrame(var frame) ->
                switch (frame) {
                    case HIGH -> "stand high";
                    case MEDIUM -> "medium height";
                    case LOW -> "sit low";
                };
        };
    }

    private static String hand(Side side, HandPlace place) {
        return place.height()
                .map(height -> side.word() + " hand " + height.word())
                .or(() -> place.palm().map(palm -> side.word() + " palm " + facing(palm)))
                .orElse(side.word() + " hand");
    }

    private static String facing(Palm palm) {
        return switch (palm) {
            case TO_THE_LEFT -> "faces left";
            case TO_THE_RIGHT -> "faces right";
            case TO_THE_OTHER_HAND -> "faces hand";
            case TO_THE_OTHER_FOREARM -> "faces forearm";
            case TO_THE_OTHER_ELBOW -> "faces elbow";
            case UP, DOWN, IN, OUT, FORWARD, BACK -> palm.word();
        };
    }

    private String look(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead _ -> "eyes ahead";
            case Gaze.AtHand(Side hand, var _) -> "eyes " + hand.word() + " hand";
            case Gaze.Toward(var direction) -> "eyes " + direction(direction);
        };
    }
}
