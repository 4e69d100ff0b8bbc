package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.form.Link;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.WayIn;
import app.avrel.posture.Posture;
import app.avrel.posture.count.CueLevel;
import app.avrel.rules.Where;
import app.avrel.words.CountWords;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** Where a posture comes in the chosen form, and by which way: what stands before its own counts. */
final class WaysHere extends VBox {

    private final Consumer<Where> go;

    WaysHere(Consumer<Where> go) {
        this.go = go;
        getStyleClass().add("ways-in");
    }

    void show(Desk desk, Posture posture) {
        List<Occurrence> all = desk.formTrack().occurrences();
        List<Occurrence> here = all.stream()
                .filter(done -> done.posture().id().equals(posture.id()))
                .toList();
        getChildren().setAll(Texts.of(Words.of("postures.ways_2"), "section"));
        if (here.isEmpty()) {
            getChildren()
                    .add(Texts.wrapped(
                            Words.of("postures.does_not_have", desk.form().name()), "quiet"));
        }
        here.forEach(done -> getChildren().add(way(desk, all, done)));
    }

    private Button way(Desk desk, List<Occurrence> all, Occurrence done) {
        int index = all.indexOf(done);
        String number = (index + 1) + "  ";
        String from = index == 0
                ? Words.of("postures.begins_form")
                : Words.of("postures.after", Words.name(all.get(index - 1).posture()));
        Button button = Buttons.words(
                number + from + ": " + words(desk, done),
                Words.of("postures.open_place_form"),
                () -> go.accept(new Where.InForm(desk.form().id(), done.entry(), Optional.empty())));
        button.getStyleClass().add("way-count");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setWrapText(true);
        return button;
    }

    private static String words(Desk desk, Occurrence done) {
        Link link = done.link();
        if (link.counts().isEmpty()) {
            return Words.of("postures.directly");
        }
        CountWords words = new CountWords(Words.language(), desk.saying(done, Moment.Section.LINK));
        String said = link.counts().stream()
                .map(count -> words.say(count, CueLevel.PROMPT))
                .collect(Collectors.joining(" · "));
        return name(desk.form(), done, link) + said;
    }

    private static String name(Form form, Occurrence done, Link link) {
        WayIn way = form.entries().get(done.entry()).ways().get(done.repeat());
        return switch (way) {
            case WayIn.Own _ -> "";
            case WayIn.Shared _ -> Words.of("postures.shared", link.name());
        };
    }
}
