package app.avrel.desktop.postures;

import app.avrel.desktop.fitter.FitterSheet;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.floor.Turn;
import app.avrel.form.Moment;
import app.avrel.project.Holder;
import app.avrel.words.PoseAngles;
import javafx.scene.Parent;
import javafx.scene.layout.StackPane;

/** What one does in the room besides choosing: play, go from count to count, add, measure, turn. */
final class PostureActs {

    private final Session session;
    private final PostureStage stage;
    private final StageHands hands;
    private final Parent room;

    /** @param room whose window sheets open over */
    PostureActs(Session session, PostureStage stage, StageHands hands, Parent room) {
        this.session = session;
        this.stage = stage;
        this.hands = hands;
        this.room = room;
    }

    private StackPane over() {
        return (StackPane) room.getScene().getRoot();
    }

    void copyPicture() {
        SheetCopy.picture(session, room);
    }

    void play() {
        if (stage.player().running()) {
            stage.player().stop();
        } else if (stage.counts() > 0) {
            int count = session.choice().count();
            boolean last = count >= stage.counts() - 1;
            stage.player().play(last ? 0 : count);
        }
    }

    void step(int by) {
        session.choose(session.choice()
                .withCount(Math.max(Choice.START, session.choice().count() + by)));
    }

    void fit() {
        FitterSheet.open(session, over());
    }

    void angles() {
        Desk desk = session.desk().get();
        desk.posture()
                .flatMap(posture -> desk.occurrence(posture.id()))
                .map(done -> done.moments().stream()
                        .filter(moment ->
                                moment.place().count() <= desk.choice().count())
                        .reduce((_, last) -> last)
                        .map(Moment::after)
                        .orElse(done.done().begins()))
                .ifPresent(pose -> AnglesSheet.open(
                        PoseAngles.of(pose, desk.project().setting().chosenBody()), over()));
    }

    void scales() {
        ScalesSheet.open(session, over(), hands::weight);
    }

    void restage(double turn) {
        session.stage(session.desk().get().staging().plus(new Turn(turn)));
    }

    /** {@return the act, done only where a count is chosen} */
    Runnable onCount(Runnable action) {
        return () -> {
            if (session.choice().count() != Choice.START
                    && session.desk().get().posture().isPresent()) {
                action.run();
            }
        };
    }

    void insert() {
        session.desk().get().posture().ifPresent(posture -> {
            int at = session.choice().count() + 1;
            session.apply(
                    CountEdits.insert(new Holder.OfPosture(posture.id()), at),
                    session.choice().withCount(at));
        });
    }
}
