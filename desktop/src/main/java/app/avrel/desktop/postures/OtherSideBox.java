package app.avrel.desktop.postures;

import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.motion.Pose;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.SideDifference;
import app.avrel.posture.count.Count;
import app.avrel.project.Edit;
import app.avrel.project.Setting;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How a count goes on the other side: the mirror, unless it is typed otherwise. */
final class OtherSideBox extends VBox {

    private final Session session;
    private final EntryField words =
            new EntryField(Words.of("postures.other_side_words"), Words.of("postures.as_mirror"), _ -> false);
    private final Label state = Texts.wrapped("", "quiet");

    OtherSideBox(Session session) {
        this.session = session;
        getStyleClass().add("other-side");
        getChildren().addAll(Texts.of(Words.of("postures.other_side"), "section"), words, state);
    }

    void show(Posture posture, int count) {
        boolean taught = posture.mirroring() == Posture.Mirroring.BOTH_SIDES
                && posture.side().isPresent();
        setVisible(taught);
        setManaged(taught);
        if (!taught || count < 0 || count >= posture.counts().size()) {
            return;
        }
        Wording saying = session.desk().get().saying();
        Posture other = Mirror.of(posture);
        words.show(
                Saying.exact(Words.language(), saying).line(other.counts().get(count)),
                text -> take(text, posture, other, count, saying));
        state.setText(differences(posture));
    }

    private static String differences(Posture posture) {
        String counts = Words.listed(posture.otherSide().stream()
                .map(difference -> Integer.toString(difference.count() + 1))
                .sorted()
                .toList());
        return counts.isEmpty()
                ? Words.of("postures.mirror_every_count")
                : Words.of("postures.not_mirror_count", counts);
    }

    private boolean take(String text, Posture posture, Posture other, int count, Wording saying) {
        if (text.isBlank()) {
            record(posture, count, List.of());
            return true;
        }
        Setting setting = session.project().setting();
        LineReading reading = new Line(Words.language(), saying, setting.chosenBody())
                .knowing(setting.taught())
                .read(text, before(other, count, setting));
        if (!reading.understood()) {
            return false;
        }
        Count instead = reading.over(other.counts().get(count));
        boolean mirror =
                instead.stages().equals(Mirror.of(posture.counts().get(count)).stages());
        record(posture, count, mirror ? List.of() : List.of(new SideDifference(count, instead)));
        return true;
    }

    private void record(Posture posture, int count, List<SideDifference> difference) {
        List<SideDifference> all = new ArrayList<>(posture.otherSide().stream()
                .filter(some -> some.count() != count)
                .toList());
        all.addAll(difference);
        session.apply(Edit.running(
                Words.of("postures.change_other_side"),
                posture.id() + "/other/" + count,
                project -> project.changePosture(posture.id(), whole -> whole.withOtherSide(all))));
    }

    private static Pose before(Posture other, int count, Setting setting) {
        Occurrence done = Unroll.posture(other, setting.posing()).occurrences().getFirst();
        return done.moments().stream()
                .filter(moment -> moment.place().count() < count)
                .reduce((_, last) -> last)
                .map(Moment::after)
                .orElse(done.done().begins());
    }
}
