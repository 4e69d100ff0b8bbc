package app.avrel.rules.join;

import app.avrel.body.Side;
import app.avrel.floor.Turn;
import app.avrel.form.Mismatch;
import app.avrel.motion.Directed;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Drafts of a posture's last count that end with the weight, the hands and the feet as the next posture wants them. */
final class EndFixes {

    private EndFixes() {}

    /**
     * {@return a draft with the moves in the last stage, and one with a stage of their own; none where a foot must step}
     *
     * @param front where the next posture's front is, seen from this one's
     */
    static Stream<Count> of(Count last, List<Mismatch> open, StartPose wanted, Turn front) {
        List<Move> moves = new ArrayList<>();
        for (Mismatch mismatch : open) {
            Optional<Move> move = move(mismatch, wanted, front);
            if (move.isEmpty()) {
                return Stream.empty();
            }
            moves.add(move.get());
        }
        return Stream.of(merged(last, moves), after(last, moves));
    }

    private static Optional<Move> move(Mismatch mismatch, StartPose wanted, Turn front) {
        return switch (mismatch) {
            case Mismatch.Weight(var _, var share) -> Optional.of(new Move.Shift(new Split.Said(share)));
            case Mismatch.Hand(Side hand, var _, HandPlace place) ->
                Optional.of(new Move.PlaceHand(hand, Directed.turned(place, front), Optional.empty()));
            case Mismatch.Touch(Side foot, Contact arrived, Contact contact) ->
                Optional.of(LinkMoves.touch(foot, arrived == Contact.LIFTED, contact));
            case Mismatch.ToesOut(Side foot, double arrived, double out) ->
                Optional.of(new Move.TurnFoot(
                        foot,
                        Pivot.HEEL,
                        Optional.of(new Toes.Turned(Math.clamp(Math.round(out - arrived), -180, 180)))));
            case Mismatch.Drop _ -> wanted.drop().map(drop -> new Move.ChangeDepth(new Depth.To(drop)));
            case Mismatch.Incline(int _, int wantedDegrees) ->
                Optional.of(new Move.Incline(Optional.of(wantedDegrees), Optional.empty()));
            case Mismatch.Eyes(var _, Gaze gaze) -> Optional.of(new Move.Look(Directed.turned(gaze, front)));
            case Mismatch.Held _, Mismatch.Length _, Mismatch.Width _, Mismatch.Chest _ -> Optional.empty();
        };
    }

    /** Moves of the same kind and part in the last stage give way; the others are added to it. */
    private static Count merged(Count last, List<Move> moves) {
        return last.changing(last.stages().size() - 1, kept -> {
            kept.removeIf(old -> moves.stream().anyMatch(move -> replaces(move, old)));
            kept.addAll(moves);
        });
    }

    private static boolean replaces(Move move, Move old) {
        return move instanceof Move.Shift && old instanceof Move.Shift
                || move instanceof Move.PlaceHand one
                        && old instanceof Move.PlaceHand other
                        && one.hand() == other.hand()
                || move instanceof Move.ChangeDepth && old instanceof Move.ChangeDepth;
    }

    private static Count after(Count last, List<Move> moves) {
        List<Stage> stages = new ArrayList<>(last.stages());
        stages.add(Stage.of(moves));
        return last.withStages(stages);
    }
}
