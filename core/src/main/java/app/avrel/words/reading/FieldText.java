package app.avrel.words.reading;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What stands in a field, in a language's words: what a line says of a whole move, without what every such move begins
 * with. It is read as that line is, so that fields and lines have one grammar.
 */
public final class FieldText {

    private static final Body ANYBODY = Body.ofStature(1.7);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, ANYBODY);
    private static final Length FIST = new Length(1, LengthUnit.FIST);

    private final Wording saying;
    private final Language language;
    private final Saying words;

    /** Texts of one language, in the hall's vocabulary of directions. */
    public FieldText(Language language, Wording saying) {
        this.language = language;
        this.saying = saying;
        this.words = Saying.exact(language, saying);
    }

    /**
     * A kind of value, and the move that stands for it.
     *
     * @param of the value that a move says; empty where it says another
     * @param samples values by twos: the lines of two differ from where the value begins, that of the first two is not shown
     */
    private record Kind<T>(Function<T, Move> move, Function<Move, Optional<T>> of, List<T> samples) {}

    private static final Kind<Split> SPLIT = new Kind<>(
            Move.Shift::new,
            move -> move instanceof Move.Shift(var split) ? Optional.of(split) : Optional.empty(),
            List.of(Split.on(Side.LEFT, 70), Split.on(Side.RIGHT, 60)));

    private static final Kind<Turning> TURNING = new Kind<>(
            turning -> new Move.TurnBody(BodyPart.WHOLE, Optional.of(turning)),
            move -> move instanceof Move.TurnBody(var _, var turning) ? turning : Optional.empty(),
            List.of(new Turning.By(new Turn(30)), new Turning.To(new Bearing(180), Way.SHORTER)));

    private static final Kind<Depth> DEPTH = new Kind<>(
            Move.ChangeDepth::new,
            move -> move instanceof Move.ChangeDepth(var depth) ? Optional.of(depth) : Optional.empty(),
            List.of(
                    new Depth.Sink(Optional.empty()),
                    new Depth.Rise(Optional.empty()),
                    new Depth.Sink(Optional.of(FIST)),
                    new Depth.Sink(Optional.of(new Length(20, LengthUnit.CENTIMETRE)))));

    private static final Kind<Gaze> GAZE = new Kind<>(
            Move.Look::new,
            move -> move instanceof Move.Look(var gaze) ? Optional.of(gaze) : Optional.empty(),
            List.of(new Gaze.Toward(Direction.LEFT), new Gaze.AtHand(Side.RIGHT, Gaze.AtHand.Aim.AT)));

    private static final Kind<Toes> TOES = new Kind<>(
            toes -> new Move.TurnFoot(Side.LEFT, Pivot.HEEL, Optional.of(toes)),
            move -> move instanceof Move.TurnFoot(var _, var _, var toes) ? toes : Optional.empty(),
            List.of(new Toes.Turned(30), new Toes.AgainstPelvis(30)));

    private static final Kind<Direction> DIRECTION = new Kind<>(
            to -> new Move.Step(
                    Side.LEFT,
                    new StepPlace.Along(to, Optional.empty(), Optional.empty()),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty()),
            move -> move instanceof Move.Step step && step.place() instanceof StepPlace.Along(var to, var _, var _)
                    ? Optional.of(to)
                    : Optional.empty(),
            List.of(Direction.FORWARD, Direction.wrapping(30)));

    private static final Kind<Sideways> SIDEWAYS = new Kind<>(
            across -> hand(HandPlace.UNSAID.withHeight(Landmark.CHEST).withSideways(across)),
            move -> move instanceof Move.PlaceHand(var _, var to, var _) ? to.sideways() : Optional.empty(),
            List.of(Sideways.CENTRE, new Sideways.Toward(Direction.LEFT)));

    private static final Kind<Reach> REACH = new Kind<>(
            reach -> hand(HandPlace.UNSAID.withHeight(Landmark.CHEST).withReach(reach)),
            move -> move instanceof Move.PlaceHand(var _, var to, var _) ? to.reach() : Optional.empty(),
            List.of(new Reach(30), new Reach(90), new Reach(75), new Reach(80)));

    private static final Kind<Length> LENGTH = new Kind<>(
            by -> new Move.ChangeDepth(new Depth.Sink(Optional.of(by))),
            move -> move instanceof Move.ChangeDepth(Depth.Sink(var by)) ? by : Optional.empty(),
            List.of(FIST, new Length(20, LengthUnit.CENTIMETRE)));

    private static Move hand(HandPlace to) {
        return new Move.PlaceHand(Side.LEFT, to, Optional.empty());
    }

    public String say(Split split) {
        return say(SPLIT, split);
    }

    public Optional<Split> split(String text) {
        return parse(SPLIT, text);
    }

    public String say(WeightShare share) {
        return say(SPLIT, new Split.Said(share));
    }

    /** {@return the share that a text writes; empty where it writes none, or leaves it to the house} */
    public Optional<WeightShare> share(String text) {
        return split(text)
                .flatMap(split -> split instanceof Split.Said(var share) ? Optional.of(share) : Optional.empty());
    }

    public String say(Turning turning) {
        return say(TURNING, turning);
    }

    public Optional<Turning> turning(String text) {
        return parse(TURNING, text);
    }

    public String say(Depth depth) {
        return say(DEPTH, depth);
    }

    public Optional<Depth> depth(String text) {
        return parse(DEPTH, text);
    }

    public String say(Gaze gaze) {
        return say(GAZE, gaze);
    }

    public Optional<Gaze> gaze(String text) {
        return parse(GAZE, text);
    }

    public String say(Toes toes) {
        return say(TOES, toes);
    }

    public Optional<Toes> toes(String text) {
        return parse(TOES, text);
    }

    public String say(Direction direction) {
        return say(DIRECTION, direction);
    }

    public Optional<Direction> direction(String text) {
        return parse(DIRECTION, text);
    }

    public String say(Sideways sideways) {
        return say(SIDEWAYS, sideways);
    }

    public Optional<Sideways> sideways(String text) {
        return parse(SIDEWAYS, text);
    }

    public String say(Reach reach) {
        return say(REACH, reach);
    }

    public Optional<Reach> reach(String text) {
        return parse(REACH, text);
    }

    /** {@return a length; one below nothing, such as feet that cross, with a minus} */
    public String say(Length length) {
        return length.amount() < 0 ? "-" + say(LENGTH, length.negated()) : say(LENGTH, length);
    }

    public Optional<Length> length(String text) {
        String said = text.strip();
        return said.startsWith("-") || said.startsWith("−")
                ? parse(LENGTH, said.substring(1)).map(Length::negated)
                : parse(LENGTH, said);
    }

    private <T> String say(Kind<T> kind, T value) {
        String whole = words.words(kind.move().apply(value));
        String begins = begins(kind, 0);
        return whole.startsWith(begins) ? whole.substring(begins.length()) : whole;
    }

    /** What the lines of two samples begin with: for the first two, what every line of this kind begins with. */
    private <T> String begins(Kind<T> kind, int first) {
        String one = words.words(kind.move().apply(kind.samples().get(first)));
        String other = words.words(kind.move().apply(kind.samples().get(first + 1)));
        int same = 0;
        while (same < Math.min(one.length(), other.length()) && one.charAt(same) == other.charAt(same)) {
            same++;
        }
        boolean spaced = one.indexOf(' ') >= 0;
        return one.substring(0, spaced ? one.lastIndexOf(' ', Math.max(0, same - 1)) + 1 : same);
    }

    private <T> Optional<T> parse(Kind<T> kind, String text) {
        String said = text.strip();
        if (said.isEmpty()) {
            return Optional.empty();
        }
        for (int i = 0; i < kind.samples().size(); i += 2) {
            Optional<T> read = read(kind, begins(kind, i) + said);
            if (read.isPresent()) {
                return read;
            }
        }
        return read(kind, said);
    }

    private <T> Optional<T> read(Kind<T> kind, String line) {
        LineReading reading = new Line(language, saying, ANYBODY).read(line, STANDING);
        return reading.understood() && reading.moves().size() == 1
                ? kind.of().apply(reading.moves().getFirst())
                : Optional.empty();
    }
}
