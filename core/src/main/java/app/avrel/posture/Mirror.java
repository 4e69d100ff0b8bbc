package app.avrel.posture;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.label.Language;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.SideWords;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.CircleSense;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.Mistake;
import app.avrel.posture.teaching.PostureSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The other side: left for right, and every turn and direction the other way round. Mirroring twice changes nothing. */
public final class Mirror {

    private Mirror() {}

    public static Posture of(Posture posture) {
        return posture.withSide(posture.side().map(Side::other))
                .withStart(posture.start().withPose(of(posture.start().pose())))
                .withCounts(otherCounts(posture))
                .withOtherSide(differences(posture))
                .withSheet(of(posture.sheet()))
                .withEnd(of(posture.end()));
    }

    /** Mirrored, except those that are recorded for the other side. */
    private static List<Count> otherCounts(Posture posture) {
        List<Count> counts = new ArrayList<>(counts(posture.counts()));
        for (SideDifference difference : posture.otherSide()) {
            if (difference.count() < counts.size()) {
                counts.set(difference.count(), difference.instead());
            }
        }
        return counts;
    }

    /** Seen from the other side, this side's counts are the ones that differ. */
    private static List<SideDifference> differences(Posture posture) {
        return posture.otherSide().stream()
                .map(difference -> difference.count() < posture.counts().size()
                        ? new SideDifference(
                                difference.count(), posture.counts().get(difference.count()))
                        : difference)
                .toList();
    }

    private static PostureSheet of(PostureSheet sheet) {
        return sheet.withMistakes(sheet.mistakes().stream()
                        .map(mistake -> new Mistake(
                                swapped(mistake.looksLike()),
                                swapped(mistake.why()),
                                swapped(mistake.putRight()),
                                mistake.count(),
                                mistake.shown().map(Mirror::of)))
                        .toList())
                .withCautions(sheet.cautions().stream().map(Mirror::swapped).toList())
                .withGentler(sheet.gentler().stream()
                        .map(gentler -> new GentlerVersion(
                                gentler.name(), gentler.from(), gentler.to(), counts(gentler.counts())))
                        .toList());
    }

    private static String swapped(String words) {
        return SideWords.swapped(words, Language.ENGLISH);
    }

    public static List<Count> counts(List<Count> counts) {
        return counts.stream().map(Mirror::of).toList();
    }

    public static Count of(Count count) {
        List<Stage> stages = count.stages().stream()
                .map(stage ->
                        stage.withMoves(stage.moves().stream().map(Mirror::of).toList()))
                .toList();
        return count.withStages(stages)
                .withWords(count.words().stream()
                        .map(own -> swapped(own, count.stages(), stages))
                        .toList());
    }

    private static OwnWords swapped(OwnWords own, List<Stage> stages, List<Stage> mirrored) {
        OwnWords swapped = own.withText(SideWords.swapped(own.text(), own.language()));
        boolean fresh = own.over().isPresent() && !own.outdated(stages);
        return fresh ? swapped.writtenFor(mirrored) : swapped;
    }

    public static Move of(Move move) {
        return switch (move) {
            case Move.Step step ->
                new Move.Step(
                        step.foot().other(),
                        of(step.place()),
                        step.landing(),
                        step.toes().map(Mirror::of),
                        step.way());
            case Move.Slide slide ->
                new Move.Slide(
                        slide.foot().other(),
                        of(slide.place()),
                        slide.landing(),
                        slide.toes().map(Mirror::of));
            case Move.DrawIn draw -> new Move.DrawIn(draw.foot().other(), draw.to());
            case Move.HalfStep half -> new Move.HalfStep(half.foot().other(), half.landing());
            case Move.Lower lower ->
                new Move.Lower(
                        lower.foot().other(),
                        lower.to(),
                        lower.place().map(Mirror::of),
                        lower.toes().map(Mirror::of));
            case Move.Raise raise -> new Move.Raise(raise.foot().other(), raise.part(), raise.height());
            case Move.Lift lift -> new Move.Lift(lift.foot().other(), lift.knee(), lift.toes(), lift.height());
            case Move.Kicking kick ->
                new Move.Kicking(kick.foot().other(), kick.kick(), kick.toward().map(Mirror::of), kick.height());
            case Move.DrawBack back -> new Move.DrawBack(back.foot().other());
            case Move.Stamp stamp ->
                new Move.Stamp(stamp.foot().other(), stamp.place().map(Mirror::of));
            case Move.TurnFoot turn ->
                new Move.TurnFoot(turn.foot().other(), turn.on(), turn.toes().map(Mirror::of));
            case Move.Shift shift -> new Move.Shift(of(shift.split()));
            case Move.TurnBody turn ->
                new Move.TurnBody(turn.part(), turn.turning().map(Mirror::of));
            case Move.ChangeDepth(var depth) -> new Move.ChangeDepth(mirrored(depth));
            case Move.Incline incline ->
                new Move.Incline(incline.degrees(), incline.toward().map(Mirror::of));
            case Move.PlaceHand hand -> new Move.PlaceHand(hand.hand().other(), of(hand.to()), hand.path());
            case Move.HoldBall ball ->
                new Move.HoldBall(
                        ball.above().other(),
                        ball.height(),
                        ball.size(),
                        ball.beside().map(Side::other));
            case Move.RelateHands hands ->
                new Move.RelateHands(
                        hands.relation(),
                        hands.leading().map(Side::other),
                        hands.height(),
                        hands.gap(),
                        hands.palm().map(Mirror::of));
            case Move.Circle circle ->
                new Move.Circle(
                        circle.hand().other(),
                        circle.sense().map(CircleSense::mirrored),
                        circle.size(),
                        circle.times());
            case Move.HandleProp prop ->
                new Move.HandleProp(
                        prop.hand().other(),
                        prop.act(),
                        prop.prop(),
                        prop.points().map(Mirror::of),
                        prop.toward().map(Mirror::of),
                        prop.rests());
            case Move.Look look -> new Move.Look(of(look.at()));
        };
    }

    static StartPose of(StartPose pose) {
        return new StartPose(
                /* left= */ pose.right(),
                /* right= */ pose.left(),
                pose.leftAhead().map(length -> length.negated()),
                pose.width(),
                pose.weight().mirrored(),
                pose.drop(),
                pose.hips().mirrored(),
                of(pose.rightHand()),
                of(pose.leftHand()),
                pose.prop().map(Mirror::of),
                pose.gaze().map(Mirror::of),
                pose.incline());
    }

    static HeldProp of(HeldProp held) {
        return new HeldProp(
                held.prop(),
                held.held().other(),
                held.state(),
                held.points().map(Mirror::of),
                held.toward().map(Mirror::of),
                held.rests());
    }

    static EndClaim of(EndClaim end) {
        return end.withWeight(end.weight().map(Mirror::of))
                .withFacing(end.facing().map(Bearing::mirrored));
    }

    static StepPlace of(StepPlace place) {
        return switch (place) {
            case StepPlace.Along along -> new StepPlace.Along(of(along.direction()), along.distance(), along.width());
            case StepPlace.Beside beside -> beside;
            case StepPlace.LevelWithHeel level -> level;
            case StepPlace.OnHeelLine line -> line;
            case StepPlace.Across across -> across;
            case StepPlace.WhereWas was -> new StepPlace.WhereWas(was.foot().other());
            case StepPlace.AtToes toes -> new StepPlace.AtToes(toes.foot().other());
        };
    }

    static Toes of(Toes toes) {
        return switch (toes) {
            case Toes.Toward toward -> new Toes.Toward(of(toward.direction()));
            case Toes.Turned turned -> turned;
            case Toes.TurnedSome some -> some;
            case Toes.AgainstPelvis against -> against;
            case Toes.OutAsFarAsTheyGo out -> out;
            case Toes.InAsFarAsTheyGo in -> in;
        };
    }

    public static Direction of(Direction direction) {
        return switch (direction) {
            case Direction.OfBody(Turn turn) -> new Direction.OfBody(turn.degrees() == 180 ? turn : turn.mirrored());
            case Direction.OfPosture(Bearing heading) -> new Direction.OfPosture(heading.mirrored());
        };
    }

    static Split of(Split split) {
        return switch (split) {
            case Split.Said said -> new Split.Said(said.share().mirrored());
            case Split.AsHouse house ->
                new Split.AsHouse(house.loading(), house.heavier().other());
        };
    }

    static Turning of(Turning turning) {
        return switch (turning) {
            case Turning.By(Turn turn) -> new Turning.By(turn.mirrored());
            case Turning.Between(Turn least, Turn most) -> new Turning.Between(least.mirrored(), most.mirrored());
            case Turning.Some(Side to) -> new Turning.Some(to.other());
            case Turning.To(Bearing heading, var way) -> new Turning.To(heading.mirrored(), way.mirrored());
        };
    }

    static Gaze of(Gaze gaze) {
        return switch (gaze) {
            case Gaze.Ahead ahead -> ahead;
            case Gaze.AtHand(Side hand, var aim) -> new Gaze.AtHand(hand.other(), aim);
            case Gaze.Toward(Direction direction) -> new Gaze.Toward(of(direction));
        };
    }

    static HandPlace of(HandPlace place) {
        Optional<Sideways> sideways = place.sideways().map(across -> switch (across) {
            case Sideways.Across same -> same;
            case Sideways.Toward(Direction direction) -> new Sideways.Toward(of(direction));
        });
        return place.withSideways(sideways)
                .withPalm(place.palm().map(Mirror::of))
                .withFingers(place.fingers().map(Mirror::of))
                .withThumb(place.thumb().map(Mirror::of))
                .withElbow(place.elbow().map(Mirror::of));
    }

    private static Depth mirrored(Depth depth) {
        return switch (depth) {
            case Depth.Sink sink -> sink;
            case Depth.Rise rise -> rise;
            case Depth.To to -> to;
            case Depth.ToFrame frame -> frame;
            case Depth.UntilKneeMeetsCalf(var knee) -> new Depth.UntilKneeMeetsCalf(knee.map(Side::other));
        };
    }

    private static Pointing of(Pointing pointing) {
        return switch (pointing) {
            case TO_THE_LEFT -> Pointing.TO_THE_RIGHT;
            case TO_THE_RIGHT -> Pointing.TO_THE_LEFT;
            case UP, DOWN, FORWARD, BACK, IN, OUT, ACROSS -> pointing;
        };
    }

    private static Palm of(Palm palm) {
        return switch (palm) {
            case TO_THE_LEFT -> Palm.TO_THE_RIGHT;
            case TO_THE_RIGHT -> Palm.TO_THE_LEFT;
            case UP, DOWN, IN, OUT, FORWARD, BACK, TO_THE_OTHER_HAND, TO_THE_OTHER_FOREARM, TO_THE_OTHER_ELBOW -> palm;
        };
    }
}
