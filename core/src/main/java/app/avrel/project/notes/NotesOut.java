package app.avrel.project.notes;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import app.avrel.posture.StartFoot;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes postures as plain notes that can be read in again: a heading with the names, then a line a count. */
public final class NotesOut {

    private final Saying said;
    private final StringBuilder out = new StringBuilder();

    private NotesOut(Project project) {
        said = Saying.exact(
                Language.ENGLISH,
                new Wording(
                        project.directions(), Heading.FRONT, project.setting().rules()));
    }

    /** {@return the postures of a project as notes, in the order of its shelf} */
    public static String of(Project project) {
        NotesOut notes = new NotesOut(project);
        notes.out.append("form: ").append(project.forms().getFirst().name()).append("\n");
        project.postures().forEach(notes::posture);
        return notes.out.toString();
    }

    private void posture(Posture posture) {
        out.append("\n# ")
                .append(posture.names().stream().map(PostureName::written).collect(Collectors.joining(" / ")))
                .append("\n");
        if (!posture.start().pose().equals(StartPose.SHOULDER_WIDE)) {
            out.append("start: ")
                    .append(said.line(
                            Count.of(Stage.of(leadingTo(posture.start().pose())))))
                    .append("\n");
        }
        posture.note()
                .lines()
                .filter(line -> !line.isBlank())
                .forEach(line -> out.append("note: ").append(line).append("\n"));
        for (int i = 0; i < posture.counts().size(); i++) {
            Count count = posture.counts().get(i);
            out.append(i + 1).append(". ").append(said.line(count)).append("\n");
            if (!count.note().isBlank()) {
                String note = count.note().lines().collect(Collectors.joining(" "));
                out.append("   note: ").append(note).append("\n");
            }
        }
    }

    /** {@return the moves that lead from shoulder-wide to a start} */
    private static List<Move> leadingTo(StartPose start) {
        List<Move> moves = new ArrayList<>();
        boolean placed = start.leftAhead().isPresent() || start.width().isPresent();
        if (placed) {
            moves.add(new Move.Step(
                    Side.LEFT,
                    new StepPlace.Along(Direction.FORWARD, start.leftAhead(), start.width()),
                    contact(start.left()),
                    Optional.empty(),
                    Optional.empty()));
        }
        List.of(Side.LEFT, Side.RIGHT).forEach(side -> {
            StartFoot foot = side == Side.LEFT ? start.left() : start.right();
            if (foot.toesOut() != 0) {
                moves.add(new Move.TurnFoot(side, Pivot.HEEL, Optional.of(new Toes.AgainstPelvis(foot.toesOut()))));
            }
        });
        moves.add(new Move.Shift(new Split.Said(start.weight())));
        start.drop().ifPresent(drop -> moves.add(new Move.ChangeDepth(new Depth.To(drop))));
        if (start.hips().size() > 0) {
            moves.add(new Move.TurnBody(BodyPart.HIPS, Optional.of(new Turning.By(start.hips()))));
        }
        moves.add(new Move.PlaceHand(Side.LEFT, start.leftHand(), Optional.empty()));
        moves.add(new Move.PlaceHand(Side.RIGHT, start.rightHand(), Optional.empty()));
        start.gaze().ifPresent(gaze -> moves.add(new Move.Look(gaze)));
        start.incline().ifPresent(lean -> moves.add(new Move.Incline(Optional.of(lean), Optional.empty())));
        return moves;
    }

    private static Optional<Contact> contact(StartFoot foot) {
        return Optional.of(foot.contact());
    }
}
