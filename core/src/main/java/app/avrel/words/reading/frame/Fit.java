package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Heading;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Pace;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a frame made of a clause: its moves, what it asks and refuses, what it says of the count, and what it cost. */
public final class Fit {

    private final List<Move> moves = new ArrayList<>();
    private final List<Stage> stages = new ArrayList<>();
    private final List<Asked> questions = new ArrayList<>();
    private final List<Asked> refusals = new ArrayList<>();
    private final List<String> holds = new ArrayList<>();
    private CountManner manner = CountManner.UNSAID;
    private Optional<Heading> heading = Optional.empty();
    private boolean noted;
    private Optional<Side> about = Optional.empty();
    private boolean passes;
    private boolean carries;
    private double cost;
    private long used;
    private @Nullable Frame frame;

    public static Fit of(Move... moves) {
        return of(List.of(moves));
    }

    static Fit of(List<Move> moves) {
        Fit fit = new Fit();
        fit.moves.addAll(moves);
        return fit;
    }

    /** Does once more what a count did, stage by stage. */
    static Fit again(Count count) {
        Fit fit = new Fit();
        fit.stages.addAll(count.stages());
        boolean breathes = count.breath() != Breath.FREE;
        fit.manner = new CountManner(
                breathes ? Optional.of(count.breath()) : Optional.empty(),
                count.pace() == Pace.EVEN ? Optional.empty() : Optional.of(count.pace()),
                count.beats() == 1 ? Optional.empty() : Optional.of(count.beats()),
                count.arrival());
        return fit;
    }

    static Fit of(CountManner manner) {
        Fit fit = new Fit();
        fit.manner = manner;
        return fit;
    }

    Fit costs(double more) {
        cost += more;
        return this;
    }

    Fit ask(String word, String key, Map<String, String> gaps, String... answers) {
        questions.add(new Asked(word, key, gaps, List.of(answers)));
        return costs(Costs.QUESTION);
    }

    Fit ask(String word, String key, String... answers) {
        return ask(word, key, Map.of(), answers);
    }

    Fit refuse(String word, String key, Map<String, String> gaps) {
        refusals.add(new Asked(word, key, gaps, List.of()));
        return costs(Costs.REFUSAL);
    }

    /** Notes a reading that 0.1 had no field for. */
    Fit holds(String what) {
        holds.add(what);
        return this;
    }

    /** Nothing of it is recorded: its words stay with the count as a note. */
    Fit noted() {
        noted = true;
        return this;
    }

    /** {@return whether its words are kept as a note and nothing else} */
    public boolean stays() {
        return noted;
    }

    /** A foot of which nothing moves is spoken of. */
    Fit about(Side foot) {
        about = Optional.of(foot);
        return this;
    }

    /** The hand goes past the other arm: it is not with it afterwards. */
    Fit passing(boolean by) {
        passes = by;
        return this;
    }

    /** A prop is spoken of beside the hand: it is that hand which holds it. */
    Fit carrying(boolean prop) {
        carries = prop;
        return this;
    }

    Fit heading(Optional<Heading> hall) {
        heading = hall;
        return this;
    }

    Fit by(Frame reading) {
        frame = reading;
        return this;
    }

    /** {@return the frame that read it} */
    Optional<Frame> frame() {
        return Optional.ofNullable(frame);
    }

    Fit used(long phrases) {
        used = phrases;
        return this;
    }

    public List<Move> moves() {
        return moves;
    }

    /** {@return whole stages that another count had and that are done again} */
    public List<Stage> stages() {
        return stages;
    }

    public List<Asked> questions() {
        return questions;
    }

    public List<Asked> refusals() {
        return refusals;
    }

    public List<String> holds() {
        return holds;
    }

    public CountManner manner() {
        return manner;
    }

    public double cost() {
        return cost;
    }

    /** {@return whether the phrase of the clause at this place was taken} */
    public boolean uses(int index) {
        return (used & 1L << index) != 0;
    }

    /** The hand that goes somewhere, or round. */
    private static Optional<Side> goes(Move move) {
        return switch (move) {
            case Move.PlaceHand hand -> Optional.of(hand.hand());
            case Move.Circle circle -> Optional.of(circle.hand());
            default -> Optional.empty();
        };
    }

    /** Palms that lie together, or hold a ball: what goes on from there is of both. */
    private static boolean joined(Move move) {
        return move instanceof Move.HoldBall
                || move instanceof Move.RelateHands relate && relate.relation() == HandRelation.PALMS_TOGETHER;
    }

    /** {@return what is known afterwards} */
    public Situation after(Situation before) {
        Situation now = about.isPresent() ? before.withLastFoot(about) : before;
        for (Move move : moves) {
            now = now.after(move);
        }
        boolean asksHowFar = moves.isEmpty() && frame instanceof TurnBodyFrame;
        now = asksHowFar ? now.withTopic(Situation.Topic.TURN) : now;
        now = carries && now.lastHand().isPresent() ? now.withHolder(now.lastHand()) : now;
        List<Side> hands =
                moves.stream().flatMap(move -> goes(move).stream()).distinct().toList();
        boolean touching = !passes
                && moves.stream()
                        .anyMatch(move -> move instanceof Move.PlaceHand(var _, HandPlace to, var _)
                                && to.at().filter(HandAt::ofOtherArm).isPresent()
                                && to.offset().isEmpty());
        now = hands.isEmpty() ? now : now.withBothHands(hands.size() == 2 || touching);
        now = moves.stream().anyMatch(Fit::joined)
                ? now.withBothHands(true).withLastHand(now.lastHand().or(() -> Optional.of(Side.RIGHT)))
                : now;
        List<Side> feet = moves.stream()
                .filter(Move.OfFoot.class::isInstance)
                .map(move -> ((Move.OfFoot) move).foot())
                .distinct()
                .toList();
        now = feet.isEmpty() ? now : now.withBothFeet(feet.size() == 2);
        Optional<Heading> said = heading;
        boolean turns = moves.stream().anyMatch(Move.TurnBody.class::isInstance);
        return said.isPresent() || turns ? now.withLastHeading(said) : now;
    }
}
