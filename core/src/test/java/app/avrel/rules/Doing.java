package app.avrel.rules;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Turn;
import app.avrel.posture.BodyPart;
import app.avrel.posture.Contact;
import app.avrel.posture.Depth;
import app.avrel.posture.Direction;
import app.avrel.posture.Move;
import app.avrel.posture.Split;
import app.avrel.posture.StepPlace;
import app.avrel.posture.Toes;
import app.avrel.posture.Turning;
import java.util.Optional;

/** What is done in the small postures of these tests. */
final class Doing {

    private Doing() {}

    static Move shift(Side foot, int percent) {
        return new Move.Shift(Split.on(foot, percent));
    }

    static Move sink(double fists) {
        return new Move.ChangeDepth(new Depth.To(Length.fists(fists)));
    }

    /** The left foot forward, heel first. */
    static Move step(double footLengths, double shoulderWidths, double toesOut) {
        StepPlace place = new StepPlace.Along(
                Direction.FORWARD,
                Optional.of(Length.footLengths(footLengths)),
                Optional.of(Length.shoulderWidths(shoulderWidths)));
        return new Move.Step(Side.LEFT, place, Optional.of(Contact.HEEL), Optional.of(new Toes.Turned(toesOut)));
    }

    /** The left foot down. */
    static Move flat() {
        return new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty());
    }

    static Move turn(BodyPart part, double degrees) {
        return new Move.TurnBody(part, Optional.of(new Turning.By(new Turn(degrees))));
    }
}
