package app.avrel.motion;

import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;

/**
 * The line of a stance: where the body faced when it was last made, and whether a foot has been set or turned since, so
 * that the next shift makes a new one.
 */
public record StanceLine(Bearing facing, boolean changing) {

    /** {@return the line of a stance in which one faces so} */
    public static StanceLine of(Bearing facing) {
        return new StanceLine(facing, false);
    }

    static Pose after(Pose before, Pose pose, Stage stage) {
        boolean feet = stage.moves().stream().anyMatch(MoveQuestions::setsAFoot);
        boolean shifts = stage.moves().stream().anyMatch(Move.Shift.class::isInstance);
        StanceLine was = before.line();
        StanceLine line = shifts && (feet || was.changing)
                ? new StanceLine(pose.facing(), false)
                : new StanceLine(was.facing, was.changing || feet);
        return line.equals(was) ? pose : pose.withLine(line);
    }

    StanceLine turned(Turn turn) {
        return new StanceLine(facing.plus(turn), changing);
    }
}
