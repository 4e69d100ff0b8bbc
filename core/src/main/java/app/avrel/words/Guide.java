package app.avrel.words;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.motion.Performer;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Locale;
import java.util.Optional;

/** One plain English sentence for an action, with every number. */
final class Guide {

    private final Wording saying;
    private final GuideHands hands;

    Guide(Wording saying) {
        this.saying = saying;
        this.hands = new GuideHands(saying);
    }

    String sentence(Move move) {
        return switch (move) {
            case Move.Step step -> step(step);
            case Move.Slide slide ->
                "Slide " + place(slide.place()).formatted(slide.foot().word())
                        + slide.landing().map(to -> ", " + landing(to)).orElse("")
                        + slide.toes().map(toes -> ", " + toes(toes)).orElse("") + ".";
            case Move.DrawIn draw -> drawIn(draw);
            case Move.HalfStep half ->
                "Bring the " + half.foot().word() + " foot up half a step and set it down "
                        + down(half.landing().orElse(Contact.FLAT)) + ".";
            case Move.Lower lower -> lower(lower);
            case Move.Raise raise ->
                "Raise the " + raise.foot().word() + (raise.part() == FootPart.HEEL ? " heel." : " toes.");
            case Move.Lift lift ->
                "Lift the " + lift.foot().word() + " knee"
                        + lift.knee().map(to -> " to " + to.word() + " height").orElse("")
                        + lift.toes().map(toes -> ", " + toes.phrase()).orElse("") + ".";
            case Move.Kicking kick -> kick(kick);
            case Move.DrawBack back -> "Draw the " + back.foot().word() + " foot back, knee raised.";
            case Move.Stamp stamp ->
                "Stamp the " + stamp.foot().word() + " foot down flat"
                        + stamp.place().map(place -> " " + bare(place)).orElse("") + ".";
            case Move.TurnFoot turn ->
                "Turn the " + turn.foot().word() + " foot on its " + turn.on().word()
                        + turn.toes().map(toes -> ", " + toes(toes)).orElse("") + ".";
            case Move.Shift shift -> shift(shift.split());
            case Move.TurnBody turn -> turnBody(turn);
            case Move.ChangeDepth depth -> depth(depth.depth());
            case Move.Incline incline -> incline(incline);
            case Move.PlaceHand hand -> hands.place(hand);
            case Move.HoldBall ball -> hands.ball(ball);
            case Move.RelateHands related -> hands.relate(related);
            case Move.HandleProp prop -> hands.prop(prop);
            case Move.Look look -> hands.look(look.at());
        };
    }

    private String step(Move.Step step) {
        return "Step " + place(step.place()).formatted(step.foot().word())
                + step.landing().map(contact -> ", " + landing(contact)).orElse("")
                + step.toes().map(toes -> ", " + toes(toes)).orElse("")
                + step.way().map(way -> ", " + way.phrase()).orElse("") + ".";
    }

    private String kick(Move.Kicking kick) {
        return "Kick with the " + kick.foot().word() + " foot: " + kick.kick().phrase()
                + kick.toward().map(to -> " " + saying.direction(to)).orElse("")
                + kick.height().map(at -> " at " + at.word() + " height").orElse("") + ".";
    }

    private String incline(Move.Incline incline) {
        if (incline.degrees().filter(lean -> lean == 0).isPresent()) {
            return "Bring the trunk upright.";
        }
        return "Incline the trunk"
                + incline.degrees().map(lean -> " " + lean + "°").orElse("")
                + incline.toward().map(to -> " " + saying.direction(to)).orElse("") + ".";
    }

    /** A place without naming the foot again. */
    private String bare(StepPlace place) {
        return place(place)
                .replace(" with the %s foot", "")
                .replace("with the %s foot", "")
                .strip();
    }

    /** Where a foot goes, with a gap for its side. */
    private String place(StepPlace place) {
        return switch (place) {
            case StepPlace.Along along ->
                saying.direction(along.direction()) + " with the %s foot"
                        + along.distance().map(length -> ", " + signed(length)).orElse("")
                        + along.width().map(width -> ", " + width(width)).orElse("");
            case StepPlace.Beside beside ->
                "with the %s foot to beside the other"
                        + beside.gap()
                                .map(gap -> ", " + Lengths.say(gap) + " between them")
                                .orElse("")
                        + beside.ahead()
                                .map(length -> ", " + Lengths.say(length)
                                        + (length.amount() < 0 ? " behind it" : " ahead of it"))
                                .orElse("");
            case StepPlace.LevelWithHeel level ->
                "with the %s foot, heels level"
                        + level.width().map(width -> ", " + width(width)).orElse("");
            case StepPlace.OnHeelLine line ->
                "with the %s foot onto the line of the other heel"
                        + line.ahead()
                                .map(length ->
                                        ", " + Lengths.say(length) + (length.amount() < 0 ? " behind" : " ahead"))
                                .orElse("");
            case StepPlace.Across across ->
                "across " + across.over().phrase() + " with the %s foot"
                        + across.distance().map(length -> ", " + signed(length)).orElse("");
            case StepPlace.WhereWas was ->
                "with the %s foot to where the " + was.foot().word() + " foot was";
            case StepPlace.AtToes at ->
                "with the %s foot to where the " + at.foot().word() + " toes were";
        };
    }

    private static String signed(Length length) {
        return (length.amount() < 0 ? "minus " : "") + Lengths.say(length);
    }

    private static String width(Length width) {
        if (width.amount() == 0) {
            return "heels on one line";
        }
        return width.amount() < 0 ? "crossing by " + Lengths.say(width) : Lengths.say(width) + " wide";
    }

    private static String landing(Contact contact) {
        return switch (contact) {
            case FLAT -> "landing flat";
            case HEEL -> "heel first";
            case BALL -> "ball first";
            case LIFTED -> "without touching down";
        };
    }

    String toes(Toes toes) {
        return switch (toes) {
            case Toes.Turned(double out) -> "toes " + inOrOut(out) + " by " + Numbers.plain(Math.abs(out)) + "°";
            case Toes.TurnedSome(var way) -> "toes " + way.name().toLowerCase(Locale.ROOT);
            case Toes.AgainstPelvis(double out) ->
                out == 0 ? "toes straight with the hips" : "toes " + Numbers.plain(Math.abs(out)) + "° " + inOrOut(out);
            case Toes.Toward(var direction) -> "toes pointing " + saying.direction(direction);
            case Toes.OutAsFarAsTheyGo _ -> "toes out as far as they go";
            case Toes.InAsFarAsTheyGo _ -> "toes in as far as they go";
        };
    }

    private static String inOrOut(double out) {
        return out < 0 ? "in" : "out";
    }

    private static String drawIn(Move.DrawIn draw) {
        String foot = draw.foot().word();
        String other = draw.foot().other().word();
        return draw.to() == DrawnTo.BALL_BESIDE
                ? "Draw the " + foot + " foot in beside the " + other + ", on its ball."
                : "Draw the " + foot + " foot in to hover at the " + other + " ankle.";
    }

    private static String down(Contact contact) {
        return contact == Contact.FLAT ? "flat" : contact.phrase();
    }

    private String lower(Move.Lower lower) {
        String foot = lower.foot().word();
        String to = lower.place().map(place -> " " + bare(place)).orElse("");
        return ("Lower the " + foot + " foot" + to + " until it is " + down(lower.to())
                        + lower.toes().map(toes -> ", " + toes(toes)).orElse("") + ".")
                .replace("  ", " ")
                .replace(" ,", ",");
    }

    private String shift(Split split) {
        WeightShare share = Performer.share(split, saying.rules());
        String manner = switch (split) {
            case Split.Said _ -> "";
            case Split.AsHouse house -> ", the house's " + house.loading().word() + " share";
        };
        return sentence(share, manner);
    }

    private static String sentence(WeightShare share, String manner) {
        if (!share.exact()) {
            return share.equals(WeightShare.UNKNOWN)
                    ? "Shift the weight."
                    : "Shift the weight to between " + share.leastLeft() + " and " + share.mostLeft()
                            + " percent on the left.";
        }
        int left = share.leastLeft();
        return switch (left) {
            case 100 -> "Shift all the weight onto the left foot" + manner + ".";
            case 0 -> "Shift all the weight onto the right foot" + manner + ".";
            case 50 -> "Share the weight evenly" + manner + ".";
            default ->
                left > 50
                        ? "Shift the weight to " + left + " left, " + (100 - left) + " right" + manner + "."
                        : "Shift the weight to " + (100 - left) + " right, " + left + " left" + manner + ".";
        };
    }

    private String turnBody(Move.TurnBody turn) {
        String part = switch (turn.part()) {
            case WHOLE -> "body";
            case HIPS -> "hips";
            case CHEST -> "chest";
        };
        return "Turn the " + part + turn.turning().map(this::turning).orElse("") + ".";
    }

    private String turning(Turning turning) {
        return switch (turning) {
            case Turning.By(Turn by) ->
                " " + Numbers.plain(by.size()) + "° to the " + (by.degrees() < 0 ? "left" : "right");
            case Turning.Between(Turn least, Turn most) ->
                " " + Numbers.plain(least.size()) + " to " + Numbers.plain(most.size()) + "° to the "
                        + (least.degrees() + most.degrees() < 0 ? "left" : "right");
            case Turning.Some(Side to) -> " to the " + to.word();
            case Turning.To(Bearing to, Way way) ->
                " to face " + saying.heading(to)
                        + switch (way) {
                            case SHORTER -> "";
                            case LEFT -> ", going round to the left";
                            case RIGHT -> ", going round to the right";
                        };
        };
    }

    private static String depth(Depth depth) {
        return switch (depth) {
            case Depth.Sink(Optional<Length> by) ->
                "Sink" + by.map(length -> " " + Lengths.say(length)).orElse("") + ".";
            case Depth.Rise(Optional<Length> by) ->
                "Rise" + by.map(length -> " " + Lengths.say(length)).orElse("") + ".";
            case Depth.To(Length to) ->
                to.amount() == 0 ? "Rise to standing." : "Come to " + Lengths.say(to) + " below standing.";
            case Depth.ToFrame(var frame) -> "Come to " + frame.name().toLowerCase(Locale.ROOT) + " height.";
        };
    }
}
