package app.avrel.rules.check;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;

/** What is done in the small postures of these tests. */
public final class Performed {

    private Performed() {}

    public static Move shift(Side foot, int percent) {
        return new Move.Shift(Split.on(foot, percent));
    }

    public static Move sink(double fists) {
        return new Move.ChangeDepth(new Depth.To(Length.fists(fists)));
    }

    /** The left foot forward, heel first. */
    public static Move step(double footLengths, double shoulderWidths, double toesOut) {
        StepPlace place = new StepPlace.Along(
                Direction.FORWARD,
                Optional.of(Length.footLengths(footLengths)),
                Optional.of(Length.shoulderWidths(shoulderWidths)));
        return new Move.Step(
                Side.LEFT, place, Optional.of(Contact.HEEL), Optional.of(new Toes.Turned(toesOut)), Optional.empty());
    }

    /** The left foot down. */
    public static Move flat() {
        return new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty(), Optional.empty());
    }

    public static Move turn(BodyPart part, double degrees) {
        return new Move.TurnBody(part, Optional.of(new Turning.By(new Turn(degrees))));
    }
}
