package app.avrel.desktop.postures;

import app.avrel.body.Length;
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
import app.avrel.words.reading.FieldText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The fields that each move has on the card, in and out. */
public final class MoveFields {

    private final FieldText said;

    /** @param said how values are said and read, in the window's language */
    public MoveFields(FieldText said) {
        this.said = said;
    }

    /** {@return the fields of a move, in order} */
    public List<MoveField> of(Move move) {
        return switch (move) {
            case Move.Step step -> step(step);
            case Move.DrawIn draw -> drawIn(draw);
            case Move.Slide slide -> new FreeFootFields(said).slide(slide);
            case Move.Kicking kick -> new FreeFootFields(said).kick(kick);
            case Move.DrawBack back -> List.of(Fields.foot(back.foot(), Move.DrawBack::new));
            case Move.Stamp stamp -> new FreeFootFields(said).stamp(stamp);
            case Move.HalfStep half -> halfStep(half);
            case Move.Incline incline -> new RelatedFields(said).incline(incline);
            case Move.RelateHands hands -> new RelatedFields(said).relation(hands);
            case Move.Circle circle -> CircleFields.of(circle);
            case Move.HandleProp prop -> new RelatedFields(said).prop(prop);
            case Move.Lower lower -> lower(lower);
            case Move.Raise raise -> raise(raise);
            case Move.Lift lift -> lift(lift);
            case Move.TurnFoot turn -> turnFoot(turn);
            case Move.Shift shift -> shift(shift);
            case Move.TurnBody turn -> turnBody(turn);
            case Move.ChangeDepth depth -> depth(depth);
            case Move.PlaceHand hand -> HandFields.of(hand, said);
            case Move.HoldBall ball -> new RelatedFields(said).ball(ball);
            case Move.Look look -> look(look);
        };
    }

    private static List<MoveField> drawIn(Move.DrawIn draw) {
        return List.of(
                Fields.foot(draw.foot(), side -> new Move.DrawIn(side, draw.to())),
                Fields.oneOf(
                        Words.of("common.to"),
                        List.of(Words.of("postures.ball_beside"), Words.of("postures.hovering")),
                        draw.to().ordinal(),
                        at -> new Move.DrawIn(draw.foot(), DrawnTo.values()[at])));
    }

    private static List<MoveField> halfStep(Move.HalfStep half) {
        return List.of(
                Fields.foot(half.foot(), side -> new Move.HalfStep(side, half.landing())),
                lands(half.landing(), landing -> new Move.HalfStep(half.foot(), landing)));
    }

    private List<MoveField> raise(Move.Raise raise) {
        return List.of(
                Fields.foot(raise.foot(), side -> new Move.Raise(side, raise.part(), raise.height())),
                Fields.oneOf(
                        Words.of("postures.raise"),
                        List.of(Words.of("postures.heel"), Words.of("postures.toes")),
                        raise.part().ordinal(),
                        at -> new Move.Raise(raise.foot(), FootPart.values()[at], raise.height())),
                offTheFloor(raise.height(), off -> new Move.Raise(raise.foot(), raise.part(), off)));
    }

    private List<MoveField> lift(Move.Lift lift) {
        return List.of(
                Fields.foot(lift.foot(), lift::withFoot),
                Fields.landmark(Words.of("postures.knee_at"), lift.knee(), lift::withKnee),
                Fields.choice(
                        Words.of("postures.toes_2"),
                        HangingToes.values(),
                        toes -> Words.of(toes)
                                .substring(Words.of("postures.toes_3").length()),
                        lift.toes(),
                        lift::withToes),
                offTheFloor(lift.height(), lift::withHeight));
    }

    private List<MoveField> shift(Move.Shift shift) {
        return List.of(Fields.line(
                Words.of("common.to"),
                said.say(shift.split()),
                Words.of("postures.70_left_even"),
                text -> said.split(text).map(Move.Shift::new)));
    }

    private List<MoveField> depth(Move.ChangeDepth depth) {
        return List.of(Fields.line(
                Words.of("postures.depth"),
                said.say(depth.depth()),
                Words.of("postures.sink_1_fist"),
                text -> said.depth(text).map(Move.ChangeDepth::new)));
    }

    private List<MoveField> look(Move.Look look) {
        return List.of(Fields.line(
                Words.of("postures.at"),
                said.say(look.at()),
                Words.of("postures.ahead_left_hand"),
                text -> said.gaze(text).map(Move.Look::new)));
    }

    private List<MoveField> step(Move.Step step) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(Fields.foot(step.foot(), step::withFoot));
        fields.addAll(new StepPlaceFields(said).of(step.place(), step::withPlace));
        fields.add(lands(step.landing(), step::withLanding));
        fields.add(toes(step.toes(), step::withToes));
        fields.add(Fields.choice(Words.of("postures.way_2"), FootWay.values(), Words::of, step.way(), step::withWay));
        return fields;
    }

    private MoveField offTheFloor(Optional<Length> height, Function<Optional<Length>, Move> change) {
        return Fields.length(said, Words.of("postures.off_the_floor"), height, Words.of("postures.1_fist"), change);
    }

    private static MoveField lands(Optional<Contact> landing, Function<Optional<Contact>, Move> change) {
        return Fields.choice(Words.of("postures.lands"), Contact.values(), MoveFields::landing, landing, change);
    }

    private static String landing(Contact contact) {
        return switch (contact) {
            case FLAT -> Words.of(Contact.FLAT);
            case HEEL -> Words.of("postures.heel_first");
            case BALL -> Words.of("postures.ball_first");
            case LIFTED -> Words.of("postures.not_down");
        };
    }

    private List<MoveField> lower(Move.Lower lower) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(Fields.foot(lower.foot(), side -> new Move.Lower(side, lower.to(), lower.place(), lower.toes())));
        fields.add(Fields.oneOf(
                Words.of("postures.until"),
                List.of(Words.of(Contact.FLAT), Words.of("postures.on_heel"), Words.of("postures.on_ball")),
                lower.to().ordinal(),
                at -> new Move.Lower(lower.foot(), Contact.values()[at], lower.place(), lower.toes())));
        fields.addAll(new FreeFootFields(said)
                .placed(lower.place(), place -> new Move.Lower(lower.foot(), lower.to(), place, lower.toes())));
        fields.add(toes(lower.toes(), toes -> new Move.Lower(lower.foot(), lower.to(), lower.place(), toes)));
        return fields;
    }

    private List<MoveField> turnFoot(Move.TurnFoot turn) {
        return List.of(
                Fields.foot(turn.foot(), side -> new Move.TurnFoot(side, turn.on(), turn.toes())),
                Fields.oneOf(
                        Words.of("postures.on_its"),
                        Stream.of(Pivot.values()).map(Words::of).toList(),
                        turn.on().ordinal(),
                        at -> new Move.TurnFoot(turn.foot(), Pivot.values()[at], turn.toes())),
                toes(turn.toes(), toes -> new Move.TurnFoot(turn.foot(), turn.on(), toes)));
    }

    private List<MoveField> turnBody(Move.TurnBody turn) {
        return List.of(
                Fields.oneOf(
                        Words.of("common.turns"),
                        List.of(
                                Words.of("postures.body"),
                                Words.of("postures.hips_chest_them"),
                                Words.of("postures.chest_alone")),
                        turn.part().ordinal(),
                        at -> new Move.TurnBody(BodyPart.values()[at], turn.turning())),
                Fields.line(
                        Words.of("postures.by_or"),
                        turn.turning().map(said::say).orElse(""),
                        Words.of("postures.45_right"),
                        Fields.unsaidOr(said::turning, turning -> new Move.TurnBody(turn.part(), turning))));
    }

    MoveField toes(Optional<Toes> toes, Function<Optional<Toes>, Move> change) {
        return Fields.line(
                Words.of("postures.toes_2"),
                toes.map(said::say).orElse(""),
                Words.of("postures.forward_out_45"),
                Fields.unsaidOr(said::toes, change));
    }
}
