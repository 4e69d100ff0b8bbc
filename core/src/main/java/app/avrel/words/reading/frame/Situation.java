package app.avrel.words.reading.frame;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Turning;
import app.avrel.words.Wording;
import app.avrel.words.lexicon.Term;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What is known where a clause begins: how one stands, and what was spoken of last.
 *
 * @param weight as the line has shared it so far
 * @param lifted the foot in the air, as far as the line has come
 * @param lastFoot the foot spoken of last
 * @param lastHand the hand spoken of last
 * @param lastPlace where that hand went
 * @param bothHands whether both hands were spoken of
 * @param bothFeet whether both feet were spoken of last
 * @param raised the heel or the toes of the foot spoken of last, where they are off the floor
 * @param lastHeading the direction of the hall spoken of last
 * @param topic what the clause before was about
 * @param hears whether one only listens: what is not said is left open instead of asked for
 * @param earlier the counts that were recorded before this line, in order
 * @param ahead the foot that a step of this line has left in front; empty where none has
 * @param turn the turn of the body by an angle that this line spoke of last
 * @param holder the hand that holds a prop, as far as the line has come
 * @param last the move that was read last
 */
@RecordBuilder
public record Situation(
        Wording saying,
        Body body,
        Pose pose,
        WeightShare weight,
        Optional<Side> lifted,
        Optional<Side> lastFoot,
        Optional<Side> lastHand,
        Optional<HandPlace> lastPlace,
        boolean bothHands,
        boolean bothFeet,
        Optional<FootPart> raised,
        Optional<Heading> lastHeading,
        Topic topic,
        boolean hears,
        List<Earlier> earlier,
        Optional<Side> ahead,
        Optional<Move.TurnBody> turn,
        Optional<Side> holder,
        Optional<Move> last)
        implements SituationBuilder.With {

    /** What a line spoke of last. */
    public enum Topic {
        NOTHING,
        WEIGHT,
        FOOT,
        HAND,
        TURN,
        BODY,
        EYES,
        PROP
    }

    /** How much ahead a heel is at least, in metres, to be the front one. */
    private static final double AHEAD = 0.05;

    private static final int LIGHT = 30;

    /** The share of a step, along the facing, from which on it leaves a foot in front. */
    private static final double LEAST_ALONG = 0.4;

    /** {@return what is known before a line is read} */
    public static Situation before(Wording saying, Body body, Pose pose) {
        boolean left = pose.left().contact() == Contact.LIFTED;
        boolean right = pose.right().contact() == Contact.LIFTED;
        Optional<Side> lifted = left == right ? Optional.empty() : Optional.of(left ? Side.LEFT : Side.RIGHT);
        return new Situation(
                saying,
                body,
                pose,
                pose.weight(),
                lifted,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Optional.empty(),
                Optional.empty(),
                Topic.NOTHING,
                false,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                pose.prop().map(carried -> carried.held()),
                Optional.empty());
    }

    /** {@return what is known once one stands so} */
    public Situation standing(Pose after) {
        Situation fresh = before(saying, body, after);
        return new Situation(
                saying,
                body,
                after,
                after.weight(),
                fresh.lifted,
                lastFoot,
                lastHand,
                lastPlace,
                bothHands,
                bothFeet,
                raised,
                lastHeading,
                topic,
                hears,
                earlier,
                Optional.empty(),
                turn,
                fresh.holder.or(() -> holder),
                last);
    }

    /** {@return whether the body was turned last} */
    boolean turned() {
        return topic == Topic.TURN;
    }

    /** {@return whether what follows turns along: the body was turned last, or a foot} */
    boolean turning() {
        return turned() || last.filter(Move.TurnFoot.class::isInstance).isPresent();
    }

    /** {@return what is known after a move was read} */
    Situation after(Move move) {
        Situation next = withTopic(topic(move))
                .withRaised(stillRaised(move))
                .withLast(Optional.of(move))
                .remembering(move);
        if (move instanceof Move.OfFoot foot) {
            boolean air = MoveQuestions.inTheAir(move);
            boolean turns = move instanceof Move.TurnFoot;
            boolean down = lifted.equals(Optional.of(foot.foot())) && !air && !turns;
            return air ? next.withLifted(Optional.of(foot.foot())) : down ? next.withLifted(Optional.empty()) : next;
        }
        return next;
    }

    /** Toes that are lifted stay so while the foot turns on its heel, or the body turns; a step on the heel leaves them up. */
    private Optional<FootPart> stillRaised(Move move) {
        return switch (move) {
            case Move.Raise raise -> Optional.of(raise.part());
            case Move.Step step -> offTheFloor(step.landing());
            case Move.Slide slide -> offTheFloor(slide.landing());
            case Move.Lower lower -> offTheFloor(Optional.of(lower.to()));
            case Move.TurnFoot turned when lastFoot.equals(Optional.of(turned.foot())) -> raised;
            case Move.TurnBody _, Move.Look _ -> raised;
            default -> Optional.empty();
        };
    }

    private static Optional<FootPart> offTheFloor(Optional<Contact> landing) {
        return landing.flatMap(part -> Optional.ofNullable(
                switch (part) {
                    case HEEL -> FootPart.TOES;
                    case BALL -> FootPart.HEEL;
                    default -> null;
                }));
    }

    private static Topic topic(Move move) {
        return switch (move) {
            case Move.OfFoot _ -> Topic.FOOT;
            case Move.Shift _ -> Topic.WEIGHT;
            case Move.TurnBody _ -> Topic.TURN;
            case Move.ChangeDepth _, Move.Incline _ -> Topic.BODY;
            case Move.HandleProp _ -> Topic.PROP;
            case Move.OfHands _ -> Topic.HAND;
            case Move.Look _ -> Topic.EYES;
        };
    }

    private Situation remembering(Move move) {
        return switch (move) {
            case Move.Step(Side foot, StepPlace.Along(Direction direction, var _, var _), var _, var _, var _) ->
                withLastFoot(Optional.of(foot))
                        .withLastHeading(Optional.of(hall(direction)))
                        .withAhead(inFront(foot, direction));
            case Move.OfFoot foot -> withLastFoot(Optional.of(foot.foot()));
            case Move.Shift(Split.Said(WeightShare share)) -> withWeight(share);
            case Move.Shift(Split.AsHouse(var _, Side heavier)) -> withWeight(WeightShare.on(heavier, 60, 100));
            case Move.PlaceHand hand -> withLastHand(Optional.of(hand.hand())).withLastPlace(Optional.of(hand.to()));
            case Move.Circle circle -> withLastHand(Optional.of(circle.hand()));
            case Move.HandleProp prop -> withLastHand(Optional.of(prop.hand())).withHolder(Optional.of(prop.hand()));
            case Move.TurnBody body
            when body.turning()
                    .filter(turning -> !(turning instanceof Turning.To))
                    .isPresent() -> withTurn(Optional.of(body));
            case Move.RelateHands _, Move.HoldBall _, Move.OfTrunk _, Move.Look _ -> this;
        };
    }

    /** Which foot is in front once one has stepped that way; as before where it is to the side. */
    private Optional<Side> inFront(Side foot, Direction direction) {
        double off = switch (direction) {
            case Direction.OfPosture(Bearing bearing) ->
                bearing.degrees() - pose.facing().degrees();
            case Direction.OfBody(Turn turn) -> turn.degrees();
        };
        double along = Math.cos(Math.toRadians(off));
        return Math.abs(along) < LEAST_ALONG ? ahead : Optional.of(along > 0 ? foot : foot.other());
    }

    /** {@return the foot that bears nearly nothing, where there is one} */
    Optional<Side> light() {
        return lifted.or(() -> {
            Side heavy = weight.heavier();
            return weight.most(heavy.other()) <= LIGHT ? Optional.of(heavy.other()) : Optional.empty();
        });
    }

    /** {@return the foot that is ahead along the facing, where one is} */
    Optional<Side> front() {
        return ahead.or(this::standsInFront);
    }

    private Optional<Side> standsInFront() {
        double lead =
                pose.left().heel().value().minus(pose.right().heel().value()).along(pose.facing());
        return Math.abs(lead) < AHEAD ? Optional.empty() : Optional.of(lead > 0 ? Side.LEFT : Side.RIGHT);
    }

    /** {@return the foot that a word means here} */
    Optional<Side> foot(Term.Who who) {
        return switch (who) {
            case LEFT -> Optional.of(Side.LEFT);
            case RIGHT -> Optional.of(Side.RIGHT);
            case FRONT -> front();
            case REAR -> front().map(Side::other);
            case LIGHT -> light();
            case HEAVY -> light().map(Side::other);
            case OTHER -> lastFoot.map(Side::other);
            case IT -> lifted.or(() -> lastFoot).or(this::light);
            case BOTH, OWN -> Optional.empty();
        };
    }

    /** {@return the hand that a word means here} */
    Optional<Side> hand(Term.Who who) {
        return switch (who) {
            case LEFT -> Optional.of(Side.LEFT);
            case RIGHT -> Optional.of(Side.RIGHT);
            case OTHER -> lastHand.map(Side::other);
            case IT -> lastHand;
            case FRONT -> front();
            case REAR -> front().map(Side::other);
            case LIGHT, HEAVY, BOTH, OWN -> Optional.empty();
        };
    }

    /** {@return a length in this body's shoulder widths, to a hundredth} */
    double shoulderWidths(Length length) {
        return Math.round(body.metres(length) / body.shoulderWidth() * 100) / 100.0;
    }

    private Heading hall(Direction direction) {
        return switch (direction) {
            case Direction.OfPosture(Bearing bearing) -> saying.front().of(bearing);
            case Direction.OfBody(Turn turn) -> saying.front().of(pose.facing().plus(turn));
        };
    }

    /** {@return a heading of the hall against the posture's front} */
    Bearing ofPosture(Heading hall) {
        return saying.bearing(hall);
    }
}
