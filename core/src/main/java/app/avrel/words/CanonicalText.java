package app.avrel.words;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootWay;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.HangingToes;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The canonical English words of a record: what one would type to get it again.
 *
 * <p>They leave nothing out and are read back as the same moves.
 */
public final class CanonicalText {

    private final Wording saying;
    private final CanonicalHands hands;

    public CanonicalText(Wording saying) {
        this.saying = saying;
        this.hands = new CanonicalHands(this);
    }

    /** {@return the line that says a count: stages parted by semicolons, moves by full stops} */
    public String line(Count count) {
        List<String> said = count.stages().stream()
                .map(this::stage)
                .filter(words -> !words.isEmpty())
                .collect(Collectors.toCollection(ArrayList::new));
        String moves = String.join("; ", said);
        String manner = manner(count);
        return moves.isEmpty() || manner.isEmpty() ? moves + manner : moves + ". " + manner;
    }

    private String stage(Stage stage) {
        return stage.moves().stream().map(this::words).collect(Collectors.joining(". "));
    }

    private static String manner(Count count) {
        List<String> said = new ArrayList<>();
        switch (count.breath()) {
            case IN -> said.add("in-breath");
            case STILL_IN -> said.add("still breathing in");
            case STILL_OUT -> said.add("still breathing out");
            case IN_THEN_OUT -> said.add("breathe in and out");
            case OUT_THEN_IN -> said.add("breathe out and in");
            case OUT -> said.add("out-breath");
            case HOLD -> said.add("hold the breath");
            case FREE -> {}
        }
        switch (count.pace()) {
            case SLOW -> said.add("slow");
            case QUICK -> said.add("quick");
            case HELD -> said.add("held");
            case EVEN -> {}
        }
        if (count.beats() != 1) {
            said.add(Numbers.plain(count.beats()) + " beats");
        }
        if (count.handsByStage()) {
            said.add("hands wait");
        }
        return String.join(", ", said);
    }

    /** {@return the words of one move} */
    public String words(Move move) {
        return switch (move) {
            case Move.Step step ->
                step.foot().word() + " foot steps " + place(step.place(), step.foot())
                        + step.landing().map(to -> ", " + landing(to)).orElse("")
                        + step.toes().map(toes -> ", " + toes(toes)).orElse("")
                        + step.way().map(way -> ", " + way(way)).orElse("");
            case Move.Slide slide ->
                slide.foot().word() + " foot slides " + place(slide.place(), slide.foot())
                        + slide.landing().map(to -> ", " + landing(to)).orElse("")
                        + slide.toes().map(toes -> ", " + toes(toes)).orElse("");
            case Move.DrawIn draw ->
                "draw the " + draw.foot().word() + " foot in, "
                        + (draw.to() == DrawnTo.BALL_BESIDE ? "ball beside the " : "hovering at the ")
                        + draw.foot().other().word() + (draw.to() == DrawnTo.BALL_BESIDE ? " foot" : " ankle");
            case Move.HalfStep half ->
                half.foot().word() + " foot half step"
                        + half.landing().map(to -> ", " + landing(to)).orElse("");
            case Move.Lower lower ->
                "lower the " + lower.foot().word() + " foot"
                        + lower.place()
                                .map(place -> " " + place(place, lower.foot()))
                                .orElse("") + ", "
                        + landing(lower.to())
                        + lower.toes().map(toes -> ", " + toes(toes)).orElse("");
            case Move.Raise raise ->
                "raise the " + raise.foot().word() + " " + raise.part().name().toLowerCase(Locale.ROOT);
            case Move.Lift lift ->
                "lift the " + lift.foot().word() + " knee"
                        + lift.knee().map(at -> " to " + the(at)).orElse("")
                        + lift.toes().map(toes -> ", " + hanging(toes)).orElse("");
            case Move.Kicking kick ->
                kick.foot().word() + " " + kick(kick.kick())
                        + kick.toward().map(to -> " " + direction(to)).orElse("")
                        + kick.height().map(at -> " at " + the(at)).orElse("");
            case Move.DrawBack back -> "pull back the " + back.foot().word() + " knee";
            case Move.Stamp stamp ->
                "stamp the " + stamp.foot().word() + " foot"
                        + stamp.place()
                                .map(place -> " " + place(place, stamp.foot()))
                                .orElse("");
            case Move.TurnFoot turn ->
                "turn the " + turn.foot().word() + " foot on its " + turn.on().word()
                        + turn.toes().map(toes -> ", " + toes(toes)).orElse("");
            case Move.Shift shift -> "shift " + shift(shift.split());
            case Move.TurnBody turn ->
                part(turn.part()) + turn.turning().map(this::turning).orElse("turns somehow");
            case Move.ChangeDepth depth -> depth(depth.depth());
            case Move.Incline incline -> incline(incline);
            case Move.PlaceHand hand -> hands.place(hand);
            case Move.HoldBall ball -> hands.ball(ball);
            case Move.RelateHands relation -> hands.relation(relation);
            case Move.HandleProp prop -> hands.prop(prop);
            case Move.Look look -> look(look.at());
        };
    }

    private String place(StepPlace place, Side foot) {
        String other = foot.other().word();
        return switch (place) {
            case StepPlace.Along along ->
                direction(along.direction())
                        + along.distance().map(length -> " " + length).orElse("")
                        + along.width().map(width -> ", " + width + " wide").orElse("");
            case StepPlace.Beside beside ->
                "beside the " + other + " foot"
                        + beside.gap().map(gap -> ", " + gap + " apart").orElse("")
                        + beside.ahead().map(CanonicalText::ahead).orElse("");
            case StepPlace.LevelWithHeel level ->
                "level with the " + other + " heel"
                        + level.width().map(width -> ", " + width + " wide").orElse("");
            case StepPlace.OnHeelLine line ->
                "on the line of the " + other + " heel"
                        + line.ahead().map(CanonicalText::ahead).orElse("");
            case StepPlace.Across across ->
                "across " + across.over().phrase()
                        + across.distance().map(length -> " " + length).orElse("");
            case StepPlace.WhereWas was -> "where the " + was.foot().word() + " foot was";
            case StepPlace.AtToes toes -> "where the " + toes.foot().word() + " toes were";
        };
    }

    private static String ahead(Length length) {
        return length.amount() < 0 ? ", " + length.negated() + " back" : ", " + length + " ahead";
    }

    private static String landing(Contact contact) {
        return switch (contact) {
            case FLAT -> "flat";
            case HEEL -> "heel first";
            case BALL -> "ball first";
            case LIFTED -> "without touching down";
        };
    }

    private String toes(Toes toes) {
        return switch (toes) {
            case Toes.Turned(double out) -> "toes " + inOrOut(out) + " " + Numbers.plain(Math.abs(out)) + "°";
            case Toes.TurnedSome(var way) -> "toes " + way.name().toLowerCase(Locale.ROOT) + " somehow";
            case Toes.AgainstPelvis(double out) -> "toes " + Numbers.plain(Math.abs(out)) + "° " + inOrOut(out);
            case Toes.Toward(Direction.OfBody(Turn turn)) ->
                turn.degrees() == 0
                        ? "toes forward"
                        : "toes toward " + Numbers.plain(turn.size()) + "° " + leftOrRight(turn);
            case Toes.Toward(Direction.OfPosture(Bearing heading)) -> "toes to " + hall(heading);
            case Toes.OutAsFarAsTheyGo _ -> "toes out as far as they go";
            case Toes.InAsFarAsTheyGo _ -> "toes in as far as they go";
        };
    }

    private static String inOrOut(double out) {
        return out < 0 ? "in" : "out";
    }

    static String leftOrRight(Turn turn) {
        return turn.degrees() < 0 ? "left" : "right";
    }

    private static String way(FootWay way) {
        return switch (way) {
            case STRAIGHT -> "in a straight line";
            case BY_THE_ANKLE, OUTWARD_ARC, INWARD_ARC -> way.phrase();
        };
    }

    private static String hanging(HangingToes toes) {
        return "toes " + toes.name().toLowerCase(Locale.ROOT);
    }

    private static String kick(Kick kick) {
        return switch (kick) {
            case TOE -> "toe kick";
            case HEEL -> "heel kick";
            case TOP_OF_FOOT -> "instep kick";
            case OUTER_SWEEP -> "foot outer sweep";
            case INNER_SWEEP -> "foot inner sweep";
        };
    }

    String direction(Direction direction) {
        return switch (direction) {
            case Direction.OfPosture(Bearing heading) -> "to " + hall(heading);
            case Direction.OfBody(Turn turn) ->
                turn.degrees() == 0
                        ? "forward"
                        : turn.degrees() == 180 ? "back" : Numbers.plain(turn.size()) + "° " + leftOrRight(turn);
        };
    }

    /** A hall heading that loses nothing: by the vocabulary where it is exact in it, in degrees otherwise. */
    String hall(Bearing ofPosture) {
        Heading heading = saying.front().of(ofPosture);
        String words = saying.directions().say(heading);
        boolean exact = saying.directions()
                .parse(words)
                .filter(read -> read.degreesFrom(heading) < 1e-9)
                .isPresent();
        boolean plain = exact && !words.contains("+") && !words.contains(" - ");
        if (plain && words.equals("front")) {
            return "the front wall";
        }
        return plain ? words : Numbers.plain(heading.degrees()) + "°";
    }

    private String shift(Split split) {
        return switch (split) {
            case Split.AsHouse house ->
                "to the house " + house.loading().word() + " share "
                        + house.heavier().word();
            case Split.Said(WeightShare share) -> {
                Side side = share.heavier();
                if (share.exact()) {
                    yield share.least(side) + " " + side.word();
                }
                yield share.least(side) + " to " + share.most(side) + " " + side.word();
            }
        };
    }

    private static String part(BodyPart part) {
        return switch (part) {
            case WHOLE -> "waist ";
            case HIPS -> "hips ";
            case CHEST -> "chest ";
        };
    }

    private String turning(Turning turning) {
        return switch (turning) {
            case Turning.By(Turn turn) -> Numbers.plain(turn.size()) + "° " + leftOrRight(turn);
            case Turning.Between(Turn least, Turn most) ->
                Numbers.plain(least.size()) + " to " + Numbers.plain(most.size()) + "° "
                        + leftOrRight(most.size() > 0 ? most : least);
            case Turning.Some(Side to) -> to.word() + " somehow";
            case Turning.To(Bearing to, Way way) ->
                "to " + hall(to)
                        + (way == Way.SHORTER ? "" : " going " + way.name().toLowerCase(Locale.ROOT));
        };
    }

    private static String depth(Depth depth) {
        return switch (depth) {
            case Depth.Sink(Optional<Length> by) ->
                "sink" + by.map(length -> " " + length).orElse("");
            case Depth.Rise(Optional<Length> by) ->
                "rise" + by.map(length -> " " + length).orElse("");
            case Depth.To(Length to) -> "sink to " + to;
            case Depth.ToFrame(var frame) -> frame.name().toLowerCase(Locale.ROOT) + " stance";
        };
    }

    private String incline(Move.Incline incline) {
        if (incline.degrees().filter(lean -> lean == 0).isPresent()) {
            return "trunk upright";
        }
        return "lean"
                + incline.degrees()
                        .map(lean -> " " + lean + "°")
                        .orElse(incline.toward().isPresent() ? " somehow" : "")
                + incline.toward().map(to -> " " + direction(to)).orElse("");
    }

    private String look(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead _ -> "look ahead";
            case Gaze.AtHand(Side hand, var aim) ->
                "look " + (aim == Gaze.AtHand.Aim.PAST ? "past" : "at") + " the " + hand.word() + " hand";
            case Gaze.Toward(Direction.OfBody(Turn turn)) ->
                "look " + Numbers.plain(turn.size()) + "° " + leftOrRight(turn);
            case Gaze.Toward(Direction.OfPosture(Bearing heading)) -> "look to " + hall(heading);
        };
    }

    static String the(Landmark landmark) {
        return landmark == Landmark.ABOVE ? landmark.word() : "the " + landmark.word();
    }
}
