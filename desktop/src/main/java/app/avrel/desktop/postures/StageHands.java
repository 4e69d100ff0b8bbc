package app.avrel.desktop.postures;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.stagefloor.FloorEdits;
import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.move.Pivot;
import app.avrel.project.Edit;

/** What is taken hold of on floor and figure becomes a move of the chosen count, one step to undo each. */
final class StageHands implements FloorEdits {

    private final Session session;

    StageHands(Session session) {
        this.session = session;
    }

    @Override
    public void step(Side foot, FloorPoint heel) {
        change(
                Words.of("postures.move_foot"),
                (hands, at, count) -> hands.step(count, foot, at.inverse().of(heel)));
    }

    @Override
    public void turn(Side foot, Pivot on, Heading toes) {
        change(Words.of("postures.turn_foot"), (hands, at, count) -> hands.turn(count, foot, on, at.from(toes)));
    }

    @Override
    public void weight(int leftPercent) {
        change(Words.of("postures.shift_weight"), (_, _, count) -> HandsOn.weight(count, leftPercent));
    }

    void hand(Side hand, Landmark height) {
        change(Words.of("postures.place_hand"), (_, _, count) -> HandsOn.hand(count, hand, height));
    }

    /** What hands make of a count, given where its own frame stands in the hall. */
    private interface Change {
        Count to(HandsOn hands, Placement at, Count count);
    }

    private void change(String name, Change change) {
        if (!session.settled()) {
            return;
        }
        Desk desk = session.desk().get();
        int count = desk.choice().count();
        desk.posture()
                .filter(posture -> count >= 0 && count < posture.counts().size())
                .ifPresent(posture -> change(name, desk, posture, count, change));
    }

    private void change(String name, Desk desk, Posture posture, int count, Change change) {
        Occurrence done = desk.occurrence(posture.id()).orElseThrow();
        Pose end = done.moments().stream()
                .filter(moment -> moment.place().count() == count)
                .reduce((_, last) -> last)
                .map(Moment::after)
                .orElse(done.done().begins());
        HandsOn hands = new HandsOn(end, desk.project().setting().chosenBody());
        session.apply(Edit.of(
                name,
                project -> project.changePosture(
                        posture.id(),
                        whole -> whole.withCounts(
                                Counts.change(whole.counts(), count, one -> change.to(hands, done.at(), one))))));
    }
}
