package app.avrel.samples;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.house.HouseRule;
import app.avrel.house.Stance;
import app.avrel.label.Language;
import app.avrel.posture.EndClaim;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.PostureName;
import app.avrel.posture.SideDifference;
import app.avrel.posture.Start;
import app.avrel.posture.StartFoot;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Arrival;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.Pace;
import app.avrel.posture.count.Repeated;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.CircleSense;
import app.avrel.posture.hand.CircleSize;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.hand.PropRest;
import app.avrel.posture.hand.PropState;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Crossing;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.FootWay;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.HangingToes;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.Mistake;
import app.avrel.posture.teaching.PostureSheet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Records made up at random from a seed, for laws that hold whatever is recorded. */
public final class Samples {

    private final Random random;

    private static final LengthUnit[] OF_THE_BODY = {
        LengthUnit.FIST, LengthUnit.FOOT_LENGTH, LengthUnit.SHOULDER_WIDTH, LengthUnit.HAND_SPAN
    };

    private boolean bodyMeasures;

    public Samples(long seed) {
        random = new Random(seed);
    }

    /** {@return these samples, with every length in a measure of the body} */
    public Samples inBodyMeasures() {
        bodyMeasures = true;
        return this;
    }

    public int number(int least, int most) {
        return least + random.nextInt(most - least + 1);
    }

    public boolean chance(double share) {
        return random.nextDouble() < share;
    }

    public <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    @SafeVarargs
    public final <T> T one(T... of) {
        return of[random.nextInt(of.length)];
    }

    public <T> Optional<T> maybe(Supplier<T> value) {
        return chance(0.8) ? Optional.of(value.get()) : Optional.empty();
    }

    public <T> List<T> several(int least, int most, Supplier<T> each) {
        return Stream.generate(each).limit(number(least, most)).toList();
    }

    public Side side() {
        return one(Side.values());
    }

    /** {@return a heading to five degrees: that is what every vocabulary can say} */
    public Bearing heading() {
        return new Bearing(5.0 * number(0, 71));
    }

    /** {@return a heading of the hall, to five degrees} */
    public Heading facing() {
        return new Heading(5.0 * number(0, 71));
    }

    public Turn turn() {
        return new Turn(5.0 * number(-36, 36));
    }

    public Length length() {
        LengthUnit unit = bodyMeasures ? one(OF_THE_BODY) : one(LengthUnit.values());
        double amount = unit == LengthUnit.CENTIMETRE || unit == LengthUnit.INCH ? number(1, 80) : number(1, 10) / 4.0;
        return new Length(amount, unit);
    }

    public WeightShare share() {
        int least = number(0, 100);
        return chance(0.8) ? WeightShare.left(least) : new WeightShare(least, number(least, 100));
    }

    public Split split() {
        return chance(0.8) ? new Split.Said(share()) : new Split.AsHouse(one(Split.Loading.values()), side());
    }

    public Direction direction() {
        return chance(0.6) ? new Direction.OfBody(new Turn(5.0 * number(-35, 36))) : new Direction.OfPosture(heading());
    }

    public StepPlace place() {
        return switch (number(0, 5)) {
            case 0 -> new StepPlace.Beside(maybe(this::length), maybe(this::length));
            case 1 -> new StepPlace.LevelWithHeel(maybe(this::length));
            case 2 -> new StepPlace.OnHeelLine(maybe(() -> chance(0.5) ? length() : length().negated()));
            default ->
                new StepPlace.Along(
                        direction(), maybe(this::length), maybe(() -> chance(0.8) ? length() : length().negated()));
        };
    }

    public Toes toes() {
        return switch (number(0, 5)) {
            case 5 -> new Toes.TurnedSome(one(Toes.TurnedSome.Way.values()));
            case 0 -> new Toes.Turned(5 * number(-18, 18));
            case 1 -> new Toes.AgainstPelvis(5 * number(-18, 18));
            case 2 -> new Toes.OutAsFarAsTheyGo();
            case 3 -> new Toes.InAsFarAsTheyGo();
            default -> new Toes.Toward(direction());
        };
    }

    public Turning turning() {
        return switch (number(0, 9)) {
            case 0 -> new Turning.Some(side());
            case 1 -> {
                double sign = chance(0.5) ? 1 : -1;
                int least = number(1, 8);
                yield new Turning.Between(new Turn(sign * 5 * least), new Turn(sign * 5 * number(least + 1, 18)));
            }
            case 2, 3, 4 -> new Turning.To(heading(), one(Way.values()));
            default -> new Turning.By(turn());
        };
    }

    public HandPlace hand() {
        return HandPlace.UNSAID
                .withHeight(maybe(() -> one(Landmark.values())))
                .withSideways(maybe(() -> chance(0.7)
                        ? one(Sideways.OWN_SIDE, Sideways.CENTRE, Sideways.OTHER_SIDE, Sideways.BEYOND)
                        : new Sideways.Toward(direction())))
                .withReach(maybe(() -> new Reach(number(0, 100))))
                .withPalm(maybe(() -> one(Palm.values())))
                .withShape(maybe(() -> one(HandShape.values())));
    }

    /** {@return a move of a foot} */
    public Move footMove() {
        return switch (number(0, 7)) {
            case 0 -> new Move.DrawIn(side(), one(DrawnTo.values()));
            case 1 -> new Move.HalfStep(side(), Optional.empty());
            case 2 ->
                new Move.Lower(
                        side(),
                        one(Contact.FLAT, Contact.HEEL, Contact.BALL),
                        chance(0.3) ? Optional.of(place()) : Optional.empty(),
                        chance(0.3) ? Optional.of(toes()) : Optional.empty());
            case 3 -> new Move.Raise(side(), one(FootPart.values()), offTheFloor());
            case 4 ->
                new Move.Lift(
                        side(),
                        maybe(() -> one(Landmark.KNEE, Landmark.HIP, Landmark.NAVEL)),
                        Optional.empty(),
                        offTheFloor());
            case 5 -> new Move.TurnFoot(side(), one(Pivot.values()), maybe(this::toes));
            default ->
                new Move.Step(side(), place(), maybe(() -> one(Contact.values())), maybe(this::toes), Optional.empty());
        };
    }

    /** {@return a move of a foot through the air, along the floor, or across} */
    public Move freeFootMove() {
        Side foot = side();
        return switch (number(0, 6)) {
            case 0 -> new Move.Slide(foot, place(), maybe(() -> one(Contact.FLAT, Contact.BALL)), maybe(this::toes));
            case 1 ->
                new Move.Kicking(
                        foot,
                        one(Kick.values()),
                        maybe(this::direction),
                        maybe(() -> one(Landmark.KNEE, Landmark.HIP)));
            case 2 -> new Move.DrawBack(foot);
            case 3 -> new Move.Stamp(foot, maybe(this::place));
            case 4 -> new Move.HalfStep(foot, maybe(() -> one(Contact.BALL, Contact.FLAT, Contact.HEEL)));
            case 5 ->
                new Move.Lift(
                        foot,
                        maybe(() -> one(Landmark.KNEE, Landmark.HIP)),
                        maybe(() -> one(HangingToes.values())),
                        offTheFloor());
            default ->
                new Move.Step(
                        foot,
                        chance(0.5)
                                ? new StepPlace.Across(one(Crossing.values()), maybe(this::length))
                                : chance(0.5) ? new StepPlace.WhereWas(side()) : new StepPlace.AtToes(side()),
                        maybe(() -> one(Contact.FLAT, Contact.HEEL, Contact.BALL)),
                        maybe(this::toes),
                        maybe(() -> one(FootWay.values())));
        };
    }

    /** {@return a hand's place with all that can be said of it} */
    public HandPlace fullHand() {
        HandPlace place = hand();
        return place.withSideways(
                        maybe(() -> chance(0.5) ? new Sideways.Across(number(-20, 30) / 10.0) : Sideways.OWN_SIDE))
                .withPoint(place.height().flatMap(_ -> maybe(() -> one(HandPoint.values()))))
                .withFingers(maybe(() -> one(Pointing.values())))
                .withThumb(chance(0.3) ? Optional.of(one(Pointing.values())) : Optional.empty())
                .withElbow(maybe(() -> one(Pointing.values())))
                .withAt(maybe(() -> one(HandAt.values())));
    }

    /** {@return a hand's place so far above, below or before what it is placed against} */
    public HandPlace offsetHand() {
        return fullHand().withOffset(maybe(() -> new HandOffset(one(HandOffset.Way.values()), maybe(this::length))));
    }

    /** Of hands one above the other it is said which; of others it may be left open. */
    private Move relation(HandRelation relation) {
        boolean said = relation == HandRelation.STACKED || relation == HandRelation.PALM_UNDER_ELBOW || chance(0.7);
        return new Move.RelateHands(
                relation,
                said ? Optional.of(side()) : Optional.empty(),
                maybe(() -> one(Landmark.NAVEL, Landmark.CHEST, Landmark.CHIN)),
                maybe(this::length),
                maybe(() -> one(Palm.values())));
    }

    private Move circle() {
        return new Move.Circle(
                side(),
                maybe(() -> one(CircleSense.values())),
                maybe(() -> one(CircleSize.values())),
                chance(0.3) ? Optional.of(number(2, 9)) : Optional.empty());
    }

    private Optional<Length> offTheFloor() {
        return chance(0.3)
                ? Optional.of(one(Length.fists(1), Length.fists(0.5), Length.fists(0.75)))
                : Optional.empty();
    }

    /** {@return a move of both hands, of a prop or of the trunk} */
    public Move relatedMove() {
        return switch (number(0, 5)) {
            case 5 -> circle();
            case 0 -> relation(one(HandRelation.values()));
            case 1 ->
                new Move.HandleProp(
                        side(),
                        one(PropAct.values()),
                        maybe(() -> one(Prop.values())),
                        maybe(() -> one(Pointing.values())),
                        maybe(this::direction),
                        chance(0.3) ? Optional.of(one(PropRest.values())) : Optional.empty());
            case 2 ->
                new Move.Incline(
                        maybe(() -> number(1, 12) * 5),
                        chance(0.5) ? Optional.empty() : Optional.of(new Direction.OfBody(new Turn(45))));
            case 3 ->
                new Move.HoldBall(
                        side(),
                        maybe(() -> one(Landmark.NAVEL, Landmark.CHEST)),
                        maybe(this::length),
                        maybe(this::side));
            default ->
                new Move.PlaceHand(
                        side(), chance(0.2) ? offsetHand() : fullHand(), maybe(() -> one(HandPath.values())));
        };
    }

    /** {@return any move} */
    public Move move() {
        return switch (number(0, 12)) {
            case 10 -> freeFootMove();
            case 11, 12 -> relatedMove();
            case 0, 1, 2 -> footMove();
            case 3, 4 -> new Move.Shift(split());
            case 5 -> new Move.TurnBody(one(BodyPart.values()), maybe(this::turning));
            case 6 -> new Move.ChangeDepth(depth());
            case 7 -> new Move.PlaceHand(side(), hand(), Optional.empty());
            case 8 ->
                new Move.HoldBall(
                        side(), maybe(() -> one(Landmark.NAVEL, Landmark.CHEST)), Optional.empty(), Optional.empty());
            default -> new Move.Look(gaze());
        };
    }

    public Depth depth() {
        return switch (number(0, 4)) {
            case 0 -> new Depth.Sink(maybe(this::length));
            case 3 -> new Depth.UntilKneeMeetsCalf(maybe(this::side));
            case 1 -> new Depth.Rise(maybe(this::length));
            case 2 -> new Depth.To(length());
            default -> new Depth.ToFrame(one(Depth.Frame.values()));
        };
    }

    public Gaze gaze() {
        return switch (number(0, 2)) {
            case 0 -> Gaze.AHEAD;
            case 1 -> new Gaze.AtHand(side(), one(Gaze.AtHand.Aim.values()));
            default -> new Gaze.Toward(direction());
        };
    }

    public Stage stage() {
        return Stage.of(several(0, 4, this::move));
    }

    public Count count() {
        List<OwnWords> words = chance(0.2)
                ? List.of(
                        OwnWords.of(one(Language.values()), one(CueLevel.values()), "left palm over, right palm under")
                                .withTime(chance(0.3) ? Optional.of(number(1, 4)) : Optional.empty()))
                : List.of();
        List<Stage> stages = several(1, 3, this::stage);
        return new Count(
                chance(0.15) ? onTheirBeats(stages) : stages,
                number(3, 6) - 2,
                one(Pace.values()),
                one(Breath.values()),
                words.stream()
                        .map(own -> chance(0.5) ? own.writtenFor(stages) : own)
                        .toList(),
                chance(0.1) ? "mind the knee" : "",
                chance(0.2) ? Optional.of(one(Arrival.values())) : Optional.empty(),
                chance(0.2) ? Optional.of(Repeated.CYCLE) : Optional.empty());
    }

    private static List<Stage> onTheirBeats(List<Stage> stages) {
        return IntStream.range(0, stages.size())
                .mapToObj(at -> stages.get(at).on(1 + at))
                .toList();
    }

    public StartPose startPose() {
        return new StartPose(
                new StartFoot(5 * number(-6, 12), one(Contact.FLAT, Contact.HEEL, Contact.BALL)),
                StartFoot.flat(5 * number(-6, 12)),
                maybe(() -> Length.footLengths(number(-8, 8) / 4.0)),
                maybe(() -> Length.shoulderWidths(number(0, 6) / 4.0)),
                share(),
                chance(0.8) ? Optional.of(Length.fists(number(0, 6) / 2.0)) : Optional.empty(),
                new Turn(number(-30, 30)),
                hand(),
                hand(),
                chance(0.2) ? Optional.of(heldProp()) : Optional.empty(),
                maybe(this::gaze),
                maybe(() -> number(0, 30)));
    }

    private HeldProp heldProp() {
        return new HeldProp(
                one(Prop.values()),
                side(),
                one(PropState.values()),
                maybe(() -> one(Pointing.values())),
                maybe(this::direction),
                maybe(() -> one(PropRest.values())));
    }

    public Start start() {
        return chance(0.8) ? new Start.Recorded(startPose()) : new Start.Carried(startPose());
    }

    /** {@return what a teacher may know of a posture} */
    public PostureSheet sheet() {
        return PostureSheet.EMPTY
                .withImage(one("", "a gate that swings"))
                .withPurpose(one("", "a push to the ribs, met and led past"))
                .withOtherNames(several(0, 1, () -> "the old name"))
                .withBefore(several(0, 2, () -> one("standing", "the half step")))
                .withMistakes(several(
                        0,
                        2,
                        () -> new Mistake("left knee falls in", "", "turn it out", maybe(() -> 1), maybe(this::count))))
                .withCautions(several(0, 1, () -> "mind the right knee"))
                .withGentler(several(0, 1, () -> new GentlerVersion("high", 0, 1, several(1, 2, this::count))));
    }

    /** {@return a posture whose other side may differ in its second count} */
    public Posture twoSided(String id) {
        Posture posture = posture(id);
        return posture.counts().size() > 1 && chance(0.5)
                ? posture.withOtherSide(List.of(new SideDifference(1, count())))
                : posture;
    }

    public Posture posture(String id) {
        List<PostureName> names = List.of(
                new PostureName(
                        one(Language.values()), "Posture " + id, Optional.empty(), maybe(() -> "how a gate is shut")),
                PostureName.chinese("姿势", "zīshì"));
        EndClaim end = new EndClaim(
                maybe(() -> one(Stance.values())), maybe(this::split), maybe(this::heading), maybe(() -> number(0, 9)));
        List<Count> counts = several(0, 6, this::count);
        return new Posture(
                new PostureId(id),
                names,
                maybe(this::side),
                one(Posture.Mirroring.values()),
                start(),
                counts,
                end,
                chance(0.2) ? "after rain, slower" : "",
                chance(0.5) ? Optional.of(sheet()) : Optional.empty(),
                List.of(),
                chance(0.2) ? Map.of(HouseRule.EMPTY_SHARE, number(1, 30)) : Map.of());
    }
}
