package app.avrel.desktop.form;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Played;
import app.avrel.posture.Posture;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** The menu of the postures that can be added to a form, each as it can be played. */
final class AddMenu extends MenuButton {

    private final Session session;
    private List<Posture> offered = List.of();

    AddMenu(Session session) {
        super(Words.of("form.add"));
        this.session = session;
        getStyleClass().addAll("flat", "word-button");
        Tips.give(this, Words.of("form.add_posture_after"));
    }

    /** Offers these postures; the menu is made anew only where they are others. */
    void offer(List<Posture> postures) {
        if (offered != postures) {
            offered = postures;
            getItems().setAll(offered.stream().flatMap(this::items).toList());
            setDisable(offered.isEmpty());
        }
    }

    void open() {
        requestFocus();
        show();
    }

    private Stream<MenuItem> items(Posture posture) {
        Stream<MenuItem> recorded = Stream.of(item(posture, Played.AS_RECORDED));
        return posture.mirroring() == Posture.Mirroring.BOTH_SIDES
                ? Stream.concat(recorded, Stream.of(item(posture, Played.OTHER_SIDE)))
                : recorded;
    }

    private MenuItem item(Posture posture, Played played) {
        Optional<Side> side = played.of(posture).side();
        boolean mirrored = side.isEmpty() && played == Played.OTHER_SIDE;
        String name = Words.sided(Words.name(posture), side);
        MenuItem item = Texts.item(mirrored ? name + Words.of("form.mirrored") : name);
        item.setOnAction(_ -> add(posture, played));
        return item;
    }

    private void add(Posture posture, Played played) {
        Choice choice = session.choice();
        session.apply(
                FormEdits.entry(choice.form(), choice.entry(), posture.id(), played),
                choice.withEntry(choice.entry() + 1));
    }
}
