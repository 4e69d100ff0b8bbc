package app.avrel.cue.hear;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRules;
import app.avrel.motion.Performer;
import app.avrel.posture.Mirror;
import app.avrel.posture.hand.CircleSense;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;

/**
 * How what is heard stands to what is recorded: the same with less said of it, or the same kind of move with something
 * that differs.
 */
final class Agreement {

    /** Degrees within which two directions are heard as one. */
    private static final double NEAR = 23;

    /** Metres of rising or sinking that are noticed. */
    private static final double MOVED = 0.005;

    /** The share of the stature that a hand clearly rises or sinks by. */
    private static final double CLEARLY = 0.06;

    private static final int FURTHER = 20;
    private static final Optional<Sideways> FORWARD = Optional.of(new Sideways.Toward(Direction.FORWARD));
    private static final Optional<Sideways> BACKWARD = Optional.of(new Sideways.Toward(Direction.BACK));

    private final HouseRules rules;
    private final Heading front;

    /** @param front the hall heading that the front of what is recorded faces; what is heard counts from the hall's own */
    Agreement(HouseRules rules, Heading front) {
        this.rules = rules;
        this.front = front;
    }

    /** {@return whether a move that was heard is one that is recorded, perhaps with less said of it} */
    boolean fits(Move heard, ToSay.Recorded recorded) {
        return sided(heard, recorded.move())
                && kin(heard, recorded.move())
                && differs(heard, recorded.move())
                        .or(() -> way(heard, recorded))
                        .isEmpty();
    }

    /** {@return what differs between two moves of one kind; empty where they are of different kinds, or fit} */
    Optional<SlipKind> slip(Move heard, ToSay.Recorded recorded) {
        if (!kin(heard, recorded.move()) || fits(heard, recorded)) {
            return Optional.empty();
        }
        boolean mirrored = fits(Mirror.of(heard), recorded)
                || otherLimb(heard).filter(other -> fits(other, recorded)).isPresent();
        if (mirrored) {
            return Optional.of(SlipKind.SIDE);
        }
        return sided(heard, recorded.move())
                ? differs(heard, recorded.move()).or(() -> way(heard, recorded))
                : Optional.empty();
    }

    /** {@return whether the same, said of the other hand, fits} */
    boolean otherHandFits(Move heard, ToSay.Recorded recorded) {
        return fits(Mirror.of(heard), recorded)
                || otherLimb(heard).filter(other -> fits(other, recorded)).isPresent();
    }

    /** What really happens: whether the body rises or sinks, whether an arm reaches out or is drawn back. */
    private static Optional<SlipKind> way(Move heard, ToSay.Recorded recorded) {
        return switch (heard) {
            case Move.ChangeDepth(var depth) -> {
                double sinks = recorded.after().drop().value()
                        - recorded.before().drop().value();
                boolean crossed =
                        depth instanceof Depth.Sink && sinks < -MOVED || depth instanceof Depth.Rise && sinks > MOVED;
                yield crossed ? Optional.of(SlipKind.UP_DOWN) : Optional.empty();
            }
            case Move.PlaceHand(var hand, var to, var _)
            when to.height().isEmpty() -> {
                int further = reach(recorded.after().hand(hand))
                        - reach(recorded.before().hand(hand));
                boolean out = to.sideways().equals(FORWARD) && further <= -FURTHER;
                boolean back = to.sideways().equals(BACKWARD) && further >= FURTHER;
                yield out || back ? Optional.of(SlipKind.DIRECTION) : Optional.empty();
            }
            default -> Optional.empty();
        };
    }

    /** {@return which way a hand goes that is said to go to a height, where it clearly goes up or down} */
    static Optional<Heard.Going> going(Move heard, ToSay.Recorded recorded) {
        if (!(heard instanceof Move.PlaceHand(var hand, var to, var _))
                || to.height().isEmpty()) {
            return Optional.empty();
        }
        Optional<Landmark> from = recorded.before().hand(hand).height();
        Optional<Landmark> at = recorded.after().hand(hand).height();
        double rises = at.map(Landmark::shareOfStature).orElse(0.0)
                - from.map(Landmark::shareOfStature).orElse(0.0);
        return from.isEmpty() || at.isEmpty() || Math.abs(rises) < CLEARLY
                ? Optional.empty()
                : Optional.of(rises > 0 ? Heard.Going.UP : Heard.Going.DOWN);
    }

    private static int reach(HandPlace place) {
        return place.reach().map(reach -> reach.percent()).orElse(60);
    }

    /** The same said of the other foot or hand, its directions as they are. */
    private static Optional<Move> otherLimb(Move heard) {
        return switch (heard) {
            case Move.Step step ->
                Optional.of(new Move.Step(step.foot().other(), step.place(), step.landing(), step.toes(), step.way()));
            case Move.Slide slide ->
                Optional.of(new Move.Slide(slide.foot().other(), slide.place(), slide.landing(), slide.toes()));
            case Move.Lower lower ->
                Optional.of(new Move.Lower(lower.foot().other(), lower.to(), lower.place(), lower.toes()));
            case Move.PlaceHand hand ->
                Optional.of(new Move.PlaceHand(hand.hand().other(), hand.to(), hand.path()));
            default -> Optional.empty();
        };
    }

    private static boolean sided(Move heard, Move recorded) {
        return heard instanceof Move.HandleProp || MoveQuestions.side(heard).equals(MoveQuestions.side(recorded));
    }

    /** Whether both are one kind of move: a step and a slide are, a foot set down flat and a step are not. */
    private static boolean kin(Move heard, Move recorded) {
        boolean depth = heard instanceof Move.ChangeDepth && recorded instanceof Move.ChangeDepth;
        boolean steps = (heard instanceof Move.Step || heard instanceof Move.Slide)
                && (recorded instanceof Move.Step || recorded instanceof Move.Slide);
        return depth || steps || heard.getClass() == recorded.getClass();
    }

    private Optional<SlipKind> differs(Move heard, Move recorded) {
        return switch (heard) {
            case Move.Step step
            when recorded instanceof Move.Step other ->
                places(Optional.of(step.place()), Optional.of(other.place()))
                        .or(() -> landing(step.landing(), other.landing()))
                        .or(() -> toes(step.toes(), other.toes()));
            case Move.Slide slide
            when recorded instanceof Move.Slide other ->
                places(Optional.of(slide.place()), Optional.of(other.place()))
                        .or(() -> landing(slide.landing(), other.landing()))
                        .or(() -> toes(slide.toes(), other.toes()));
            case Move.Step _, Move.Slide _ -> Optional.empty();
            case Move.Lower lower
            when recorded instanceof Move.Lower other ->
                (lower.to() == other.to() ? Optional.<SlipKind>empty() : Optional.of(SlipKind.PART))
                        .or(() -> places(lower.place(), other.place()))
                        .or(() -> toes(lower.toes(), other.toes()));
            case Move.TurnFoot turn when recorded instanceof Move.TurnFoot other -> toes(turn.toes(), other.toes());
            case Move.Raise raise
            when recorded instanceof Move.Raise other ->
                raise.part() == other.part() ? Optional.empty() : Optional.of(SlipKind.PART);
            case Move.DrawIn draw when recorded instanceof Move.DrawIn _ -> Optional.empty();
            case Move.Shift shift when recorded instanceof Move.Shift other -> share(shift, other);
            case Move.TurnBody turn
            when recorded instanceof Move.TurnBody other -> turned(turn.turning(), other.turning());
            case Move.ChangeDepth depth
            when recorded instanceof Move.ChangeDepth other -> upDown(depth.depth(), other.depth());
            case Move.PlaceHand hand when recorded instanceof Move.PlaceHand other -> hand(hand.to(), other.to());
            case Move.Kicking kick
            when recorded instanceof Move.Kicking other ->
                kick.kick() == other.kick() ? Optional.empty() : Optional.of(SlipKind.PART);
            case Move.HoldBall ball
            when recorded instanceof Move.HoldBall other ->
                ball.above() == other.above() ? Optional.empty() : Optional.of(SlipKind.SIDE);
            case Move.RelateHands hands
            when recorded instanceof Move.RelateHands other ->
                hands.relation() != other.relation()
                        ? Optional.of(SlipKind.HAND)
                        : told(hands) && differ(hands.leading(), other.leading())
                                ? Optional.of(SlipKind.SIDE)
                                : Optional.empty();
            case Move.Circle circle
            when recorded instanceof Move.Circle other ->
                differ(sense(circle), sense(other)) ? Optional.of(SlipKind.DIRECTION) : Optional.empty();
            case Move.HandleProp prop
            when recorded instanceof Move.HandleProp other ->
                prop.act() == other.act() ? Optional.empty() : Optional.of(SlipKind.HAND);
            case Move.Look look
            when recorded instanceof Move.Look other ->
                looks(look.at(), other.at()) ? Optional.empty() : Optional.of(SlipKind.DIRECTION);
            case Move.Lower _,
                    Move.TurnFoot _,
                    Move.Raise _,
                    Move.DrawIn _,
                    Move.HalfStep _,
                    Move.Lift _,
                    Move.Kicking _,
                    Move.DrawBack _,
                    Move.Stamp _,
                    Move.Shift _,
                    Move.TurnBody _,
                    Move.ChangeDepth _,
                    Move.Incline _,
                    Move.PlaceHand _,
                    Move.HoldBall _,
                    Move.RelateHands _,
                    Move.Circle _,
                    Move.HandleProp _,
                    Move.Look _ -> Optional.empty();
        };
    }

    /** Outward is one way round for the right hand and the other for the left. */
    private static Optional<CircleSense> sense(Move.Circle circle) {
        return circle.sense().map(sense -> sense.seenBy(circle.hand()));
    }

    private boolean looks(Gaze heard, Gaze recorded) {
        return heard.equals(recorded)
                || heard instanceof Gaze.Toward(Direction one)
                        && recorded instanceof Gaze.Toward(Direction two)
                        && near(one, two)
                || heard instanceof Gaze.AtHand(Side one, var _)
                        && recorded instanceof Gaze.AtHand(Side two, var _)
                        && one == two;
    }

    /** Whether a heading of the hall that was heard is one that is recorded from the posture's front. */
    private boolean same(Bearing heard, Bearing recorded) {
        return front.of(recorded).degreesFrom(Heading.wrapping(heard.degrees())) <= NEAR;
    }

    private static Optional<SlipKind> landing(Optional<Contact> heard, Optional<Contact> recorded) {
        return heard.isEmpty() || recorded.isEmpty() || heard.equals(recorded)
                ? Optional.empty()
                : Optional.of(SlipKind.PART);
    }

    private Optional<SlipKind> places(Optional<StepPlace> heard, Optional<StepPlace> recorded) {
        boolean differ = heard.isPresent()
                && recorded.isPresent()
                && switch (heard.get()) {
                    case StepPlace.Along along ->
                        recorded.get() instanceof StepPlace.Along other && !near(along.direction(), other.direction());
                    case StepPlace.Across across ->
                        recorded.get() instanceof StepPlace.Across other && across.over() != other.over();
                    case StepPlace.WhereWas _,
                            StepPlace.AtToes _,
                            StepPlace.Beside _,
                            StepPlace.LevelWithHeel _,
                            StepPlace.OnHeelLine _ -> false;
                };
        return differ ? Optional.of(SlipKind.DIRECTION) : Optional.empty();
    }

    private boolean near(Direction heard, Direction recorded) {
        if (heard instanceof Direction.OfPosture(Bearing said)
                && recorded instanceof Direction.OfPosture(Bearing real)) {
            return same(said, real);
        }
        if (heard instanceof Direction.OfBody(Turn one) && recorded instanceof Direction.OfBody(Turn two)) {
            return Math.abs(Math.IEEEremainder(one.degrees() - two.degrees(), 360)) <= NEAR;
        }
        return heard.getClass() != recorded.getClass() || heard.equals(recorded);
    }

    private static Optional<SlipKind> toes(Optional<Toes> heard, Optional<Toes> recorded) {
        if (heard.isEmpty() || recorded.isEmpty() || heard.equals(recorded)) {
            return Optional.empty();
        }
        Optional<Boolean> said = out(heard.get());
        Optional<Boolean> real = out(recorded.get());
        return said.isPresent() && real.isPresent() && !said.equals(real)
                ? Optional.of(SlipKind.DIRECTION)
                : Optional.empty();
    }

    /** Whether toes turn out; empty where they point to a direction or straight on. */
    private static Optional<Boolean> out(Toes toes) {
        return switch (toes) {
            case Toes.Turned(double out) -> Optional.of(out > 0);
            case Toes.AgainstPelvis(double out) -> out == 0 ? Optional.empty() : Optional.of(out > 0);
            case Toes.TurnedSome(var way) -> Optional.of(way == Toes.TurnedSome.Way.OUT);
            case Toes.OutAsFarAsTheyGo _ -> Optional.of(true);
            case Toes.InAsFarAsTheyGo _ -> Optional.of(false);
            case Toes.Toward _ -> Optional.empty();
        };
    }

    private Optional<SlipKind> share(Move.Shift heard, Move.Shift recorded) {
        WeightShare said = Performer.share(heard.split(), rules);
        WeightShare real = Performer.share(recorded.split(), rules);
        boolean within = said.leastLeft() <= real.mostLeft() && real.leastLeft() <= said.mostLeft();
        boolean onto = said.heavier() == real.heavier()
                && (!said.exact() || said.least(said.heavier()) != 50)
                && real.least(real.heavier()) > 50;
        if (within || onto) {
            return Optional.empty();
        }
        return Optional.of(
                said.heavier() == real.heavier() || said.equals(WeightShare.EVEN) || real.equals(WeightShare.EVEN)
                        ? SlipKind.AMOUNT
                        : SlipKind.SIDE);
    }

    private Optional<SlipKind> turned(Optional<Turning> heard, Optional<Turning> recorded) {
        if (heard.isEmpty() || recorded.isEmpty() || heard.equals(recorded)) {
            return Optional.empty();
        }
        Optional<Side> said = side(heard.get());
        Optional<Side> real = side(recorded.get());
        if (said.isPresent() && real.isPresent()) {
            boolean amount = heard.get() instanceof Turning.By(Turn one)
                    && recorded.get() instanceof Turning.By(Turn two)
                    && Math.abs(one.size() - two.size()) > NEAR;
            return !said.equals(real)
                    ? Optional.of(SlipKind.SIDE)
                    : amount ? Optional.of(SlipKind.AMOUNT) : Optional.empty();
        }
        boolean elsewhere = heard.get() instanceof Turning.To one
                && recorded.get() instanceof Turning.To two
                && !same(one.heading(), two.heading());
        return elsewhere ? Optional.of(SlipKind.DIRECTION) : Optional.empty();
    }

    private static Optional<Side> side(Turning turning) {
        return switch (turning) {
            case Turning.By(Turn by) -> Optional.of(by.degrees() < 0 ? Side.LEFT : Side.RIGHT);
            case Turning.Between(Turn least, Turn most) ->
                Optional.of((most.size() > 0 ? most : least).degrees() < 0 ? Side.LEFT : Side.RIGHT);
            case Turning.Some(Side to) -> Optional.of(to);
            case Turning.To _ -> Optional.empty();
        };
    }

    /** Whether it matters which hand leads. */
    private static boolean told(Move.RelateHands hands) {
        return hands.relation() != HandRelation.APART && hands.relation() != HandRelation.PALMS_TOGETHER;
    }

    private static Optional<SlipKind> upDown(Depth heard, Depth recorded) {
        boolean crossed = heard instanceof Depth.Sink && recorded instanceof Depth.Rise
                || heard instanceof Depth.Rise && recorded instanceof Depth.Sink;
        return crossed ? Optional.of(SlipKind.UP_DOWN) : Optional.empty();
    }

    private static Optional<SlipKind> hand(HandPlace heard, HandPlace recorded) {
        boolean differ = differ(heard.height(), recorded.height())
                || differ(heard.at(), recorded.at())
                || differ(heard.palm(), recorded.palm())
                || differ(heard.fingers(), recorded.fingers())
                || differ(heard.elbow(), recorded.elbow());
        return differ ? Optional.of(SlipKind.HAND) : Optional.empty();
    }

    private static <T> boolean differ(Optional<T> heard, Optional<T> recorded) {
        return heard.isPresent() && recorded.isPresent() && !heard.equals(recorded);
    }
}
