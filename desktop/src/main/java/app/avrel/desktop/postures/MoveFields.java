package app.avrel.desktop.postures;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.FootWay;
import app.avrel.posture.move.HangingToes;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Toes;
import app.avrel.words.DepthText;
import app.avrel.words.HandText;
import app.avrel.words.SplitText;
import app.avrel.words.ToesText;
import app.avrel.words.TurningText;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Stream;

/** The fields that each move has on the card, in and out. */
public final class MoveFields {

    static final String UNSAID = "–";

    private final Wording saying;

    public MoveFields(Wording saying) {
        this.saying = saying;
    }

    /** {@return the fields of a move, in order} */
    public List<MoveField> of(Move move) {
        return switch (move) {
            case Move.Step step -> step(step);
            case Move.DrawIn draw ->
                List.of(
                        foot(draw.foot(), side -> new Move.DrawIn(side, draw.to())),
                        oneOf(
                                Words.of("common.to"),
                                List.of(Words.of("postures.ball_beside"), Words.of("postures.hovering")),
                                draw.to().ordinal(),
                                at -> new Move.DrawIn(draw.foot(), DrawnTo.values()[at])));
            case Move.Slide slide -> new FreeFootFields(saying).slide(slide);
            case Move.Kicking kick -> new FreeFootFields(saying).kick(kick);
            case Move.DrawBack back -> List.of(foot(back.foot(), Move.DrawBack::new));
            case Move.Stamp stamp -> new FreeFootFields(saying).stamp(stamp);
            case Move.HalfStep half ->
                List.of(
                        foot(half.foot(), side -> new Move.HalfStep(side, half.landing())),
                        lands(half.landing(), landing -> new Move.HalfStep(half.foot(), landing)));
            case Move.Incline incline -> new RelatedFields(saying).incline(incline);
            case Move.RelateHands hands -> new RelatedFields(saying).relation(hands);
            case Move.Circle circle -> CircleFields.of(circle);
            case Move.HandleProp prop -> new RelatedFields(saying).prop(prop);
            case Move.Lower lower -> lower(lower);
            case Move.Raise raise ->
                List.of(
                        foot(raise.foot(), side -> new Move.Raise(side, raise.part(), raise.height())),
                        oneOf(
                                Words.of("postures.raise"),
                                List.of(Words.of("postures.heel"), Words.of("postures.toes")),
                                raise.part().ordinal(),
                                at -> new Move.Raise(raise.foot(), FootPart.values()[at], raise.height())),
                        offTheFloor(raise.height(), off -> new Move.Raise(raise.foot(), raise.part(), off)));
            case Move.Lift lift ->
                List.of(
                        foot(lift.foot(), side -> new Move.Lift(side, lift.knee(), lift.toes(), lift.height())),
                        landmark(
                                Words.of("postures.knee_at"),
                                lift.knee(),
                                knee -> new Move.Lift(lift.foot(), knee, lift.toes(), lift.height())),
                        choice(
                                Words.of("postures.toes_2"),
                                HangingToes.values(),
                                toes -> Words.of(toes)
                                        .substring(Words.of("postures.toes_3").length()),
                                lift.toes(),
                                toes -> new Move.Lift(lift.foot(), lift.knee(), toes, lift.height())),
                        offTheFloor(lift.height(), off -> new Move.Lift(lift.foot(), lift.knee(), lift.toes(), off)));
            case Move.TurnFoot turn -> turnFoot(turn);
            case Move.Shift shift ->
                List.of(line(
                        Words.of("common.to"),
                        SplitText.say(shift.split()),
                        Words.of("postures.70_left_even"),
                        text -> SplitText.parse(text).map(Move.Shift::new)));
            case Move.TurnBody turn -> turnBody(turn);
            case Move.ChangeDepth depth ->
                List.of(line(
                        Words.of("postures.depth"),
                        DepthText.say(depth.depth()),
                        Words.of("postures.sink_1_fist"),
                        text -> DepthText.parse(text).map(Move.ChangeDepth::new)));
            case Move.PlaceHand hand -> HandFields.of(hand, saying);
            case Move.HoldBall ball -> new RelatedFields(saying).ball(ball);
            case Move.Look look ->
                List.of(line(
                        Words.of("postures.at"),
                        HandText.say(look.at(), saying),
                        Words.of("postures.ahead_left_hand"),
                        text -> HandText.gaze(text, saying).map(Move.Look::new)));
        };
    }

    private List<MoveField> step(Move.Step step) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(
                foot(step.foot(), side -> new Move.Step(side, step.place(), step.landing(), step.toes(), step.way())));
        StepPlaceFields places = new StepPlaceFields(saying);
        fields.addAll(places.of(
                step.place(), place -> new Move.Step(step.foot(), place, step.landing(), step.toes(), step.way())));
        fields.add(lands(
                step.landing(), landing -> new Move.Step(step.foot(), step.place(), landing, step.toes(), step.way())));
        fields.add(
                toes(step.toes(), toes -> new Move.Step(step.foot(), step.place(), step.landing(), toes, step.way())));
        fields.add(choice(
                Words.of("postures.way_2"),
                FootWay.values(),
                Words::of,
                step.way(),
                way -> new Move.Step(step.foot(), step.place(), step.landing(), step.toes(), way)));
        return fields;
    }

    private static MoveField offTheFloor(Optional<Length> height, Function<Optional<Length>, Move> change) {
        return length(Words.of("postures.off_the_floor"), height, Words.of("postures.1_fist"), change);
    }

    private static MoveField lands(Optional<Contact> landing, Function<Optional<Contact>, Move> change) {
        return choice(Words.of("postures.lands"), Contact.values(), MoveFields::landing, landing, change);
    }

    private static String landing(Contact contact) {
        return switch (contact) {
            case FLAT -> "flat";
            case HEEL -> Words.of("postures.heel_first");
            case BALL -> Words.of("postures.ball_first");
            case LIFTED -> Words.of("postures.not_down");
        };
    }

    private List<MoveField> lower(Move.Lower lower) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(foot(lower.foot(), side -> new Move.Lower(side, lower.to(), lower.place(), lower.toes())));
        fields.add(oneOf(
                Words.of("postures.until"),
                List.of("flat", Words.of("postures.on_heel"), Words.of("postures.on_ball")),
                lower.to().ordinal(),
                at -> new Move.Lower(lower.foot(), Contact.values()[at], lower.place(), lower.toes())));
        fields.addAll(new FreeFootFields(saying)
                .placed(lower.place(), place -> new Move.Lower(lower.foot(), lower.to(), place, lower.toes())));
        fields.add(toes(lower.toes(), toes -> new Move.Lower(lower.foot(), lower.to(), lower.place(), toes)));
        return fields;
    }

    private List<MoveField> turnFoot(Move.TurnFoot turn) {
        return List.of(
                foot(turn.foot(), side -> new Move.TurnFoot(side, turn.on(), turn.toes())),
                oneOf(
                        Words.of("postures.on_its"),
                        Stream.of(Pivot.values()).map(Words::of).toList(),
                        turn.on().ordinal(),
                        at -> new Move.TurnFoot(turn.foot(), Pivot.values()[at], turn.toes())),
                toes(turn.toes(), toes -> new Move.TurnFoot(turn.foot(), turn.on(), toes)));
    }

    private List<MoveField> turnBody(Move.TurnBody turn) {
        return List.of(
                oneOf(
                        Words.of("common.turns"),
                        List.of(
                                Words.of("postures.body"),
                                Words.of("postures.hips_chest_them"),
                                Words.of("postures.chest_alone")),
                        turn.part().ordinal(),
                        at -> new Move.TurnBody(BodyPart.values()[at], turn.turning())),
                line(
                        Words.of("postures.by_or"),
                        turn.turning()
                                .map(turning -> TurningText.say(turning, saying))
                                .orElse(""),
                        Words.of("postures.45_right"),
                        unsaidOr(
                                text -> TurningText.parse(text, saying),
                                turning -> new Move.TurnBody(turn.part(), turning))));
    }

    MoveField toes(Optional<Toes> toes, Function<Optional<Toes>, Move> change) {
        return line(
                Words.of("postures.toes_2"),
                toes.map(value -> ToesText.say(value, saying)).orElse(""),
                Words.of("postures.forward_out_45"),
                unsaidOr(text -> ToesText.parse(text, saying), change));
    }

    static MoveField foot(Side foot, Function<Side, Move> change) {
        return oneOf(
                Words.of("postures.foot"),
                List.of(Words.of("common.left"), Words.of("common.right")),
                foot.ordinal(),
                at -> change.apply(Side.values()[at]));
    }

    static MoveField landmark(String label, Optional<Landmark> at, Function<Optional<Landmark>, Move> change) {
        List<String> words = Arrays.stream(Landmark.values()).map(Words::of).toList();
        return maybe(
                label, words, at.map(Landmark::ordinal), i -> change.apply(i.map(index -> Landmark.values()[index])));
    }

    static MoveField length(
            String label, Optional<Length> length, String example, Function<Optional<Length>, Move> change) {
        return line(label, length.map(Length::toString).orElse(""), example, unsaidOr(Length::parse, change));
    }

    static MoveField oneOf(String label, List<String> words, int chosen, IntFunction<Move> change) {
        return new MoveField.OneOf(label, words, chosen, change);
    }

    /** A choice with "not said" before the words. */
    static MoveField maybe(
            String label, List<String> words, Optional<Integer> chosen, Function<Optional<Integer>, Move> change) {
        List<String> all = Stream.concat(Stream.of(UNSAID), words.stream()).toList();
        return oneOf(
                label,
                all,
                chosen.map(i -> i + 1).orElse(0),
                at -> change.apply(at == 0 ? Optional.empty() : Optional.of(at - 1)));
    }

    /** A choice among the constants of an enum, or nothing said. */
    static <E> MoveField choice(
            String label,
            E[] values,
            Function<E, String> word,
            Optional<E> chosen,
            Function<Optional<E>, Move> change) {
        List<E> all = List.of(values);
        return maybe(
                label, all.stream().map(word).toList(), chosen.map(all::indexOf), at -> change.apply(at.map(all::get)));
    }

    static MoveField line(String label, String text, String example, Function<String, Optional<Move>> change) {
        return new MoveField.Line(label, text, example, change);
    }

    /** An empty line is not said; any other must be understood. */
    static <T> Function<String, Optional<Move>> unsaidOr(
            Function<String, Optional<T>> parse, Function<Optional<T>, Move> change) {
        return text -> text.isBlank()
                ? Optional.of(change.apply(Optional.empty()))
                : parse.apply(text).map(value -> change.apply(Optional.of(value)));
    }
}
