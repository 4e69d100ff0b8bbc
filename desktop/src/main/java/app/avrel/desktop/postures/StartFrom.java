package app.avrel.desktop.postures;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Unroll;
import app.avrel.motion.Starting;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.StartPose;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** A menu of every posture, as the end of which this one may start. */
final class StartFrom {

    private final MenuButton from = new MenuButton(Words.of("postures.as_another_ends"));
    private final BiConsumer<Posture, StartPose> take;

    /** @param take makes a pose the start of a posture */
    StartFrom(BiConsumer<Posture, StartPose> take) {
        this.take = take;
        from.getStyleClass().addAll("flat", "word-button");
    }

    MenuButton button() {
        return from;
    }

    /** Offers every posture's end as the start of this one: the usual way to make a join fit. */
    void show(Desk desk, Posture posture) {
        from.getItems()
                .setAll(desk.project().postures().stream()
                        .flatMap(other -> items(desk, posture, other))
                        .toList());
    }

    private Stream<MenuItem> items(Desk desk, Posture posture, Posture other) {
        MenuItem same = item(Words.name(other), posture, () -> ending(desk, other));
        MenuItem mirrored = item(
                Words.of("postures.other_side_2", Words.name(other)), posture, () -> ending(desk, Mirror.of(other)));
        return other.side().isPresent() ? Stream.of(same, mirrored) : Stream.of(same);
    }

    private MenuItem item(String words, Posture posture, Supplier<StartPose> pose) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(_ -> take.accept(posture, pose.get()));
        return item;
    }

    private static StartPose ending(Desk desk, Posture other) {
        var posing = desk.project().setting().posing();
        return Starting.startingFrom(Unroll.posture(other, posing).end().own(), posing.body());
    }
}
