package app.avrel.desktop.form;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.posture.Gentler;
import app.avrel.posture.Posture;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The card for an entry: which posture, which side, how often, where it is said to face, and the ways in. */
final class EntryCard extends VBox {

    private final Session session;
    private final Label title = Texts.wrapped("", "card-title");
    private final FieldGrid grid = new FieldGrid();
    private final ChoiceField posture;
    private final ChoiceField side;
    private final ChoiceField version;
    private final EntryField times;
    private final EntryField facing;
    private final EntryField part;
    private final WaysIn ways;
    private final Repeats repeats = new Repeats();

    EntryCard(Session session, WaysIn ways) {
        this.session = session;
        this.ways = ways;
        getStyleClass().add("entry-card");
        posture = grid.choice("Posture");
        side = grid.choice("Side");
        version = grid.choice("Version");
        times = grid.line("Times", "1");
        facing = grid.line("Said to face", "1:30");
        part = grid.line("Part", "a name for this part");
        getChildren().addAll(title, grid, ways, repeats);
    }

    void show(Session.Desk desk, int index) {
        Entry entry = desk.form().entries().get(index);
        Optional<Posture> recorded = desk.project().posture(entry.posture());
        String name = recorded.map(Posture::name).orElse(entry.posture().key());
        Texts.set(title, (index + 1) + "  " + name);
        List<Posture> shelf = desk.project().postures();
        posture.show(
                shelf.stream().map(Posture::name).toList(),
                shelf.indexOf(recorded.orElse(null)),
                at -> change("posture", whole -> whole.withPosture(shelf.get(at).id())));
        side.show(
                sides(recorded),
                entry.played().ordinal(),
                at -> change("side", whole -> whole.withPlayed(Played.values()[at])));
        versions(entry, recorded);
        times.show(Integer.toString(entry.times()), this::takeTimes);
        Directions directions = desk.project().setting().directions();
        facing.show(entry.facing().map(directions::say).orElse(""), text -> takeFacing(text, directions));
        part.show(partName(desk.form(), index), text -> renamePart(index, text));
        ways.show(desk, index, entry);
        repeats.show(desk, index);
    }

    /** The posture as it is, or a gentler version of it. */
    private void versions(Entry entry, Optional<Posture> posture) {
        List<String> gentler = posture.stream()
                .flatMap(of -> of.sheet().gentler().stream())
                .map(Gentler::name)
                .toList();
        List<String> words = new ArrayList<>(List.of("as it is"));
        words.addAll(gentler);
        version.setDisable(gentler.isEmpty() && entry.gentler().isEmpty());
        int chosen = entry.gentler().map(name -> 1 + gentler.indexOf(name)).orElse(0);
        version.show(
                words,
                chosen,
                at -> change(
                        "version",
                        whole -> whole.withGentler(at == 0 ? Optional.empty() : Optional.of(words.get(at)))));
    }

    private static List<String> sides(Optional<Posture> posture) {
        return posture.flatMap(Posture::side)
                .map(side -> List.of(side.word(), side.other().word()))
                .orElse(List.of("as recorded", "mirrored"));
    }

    private boolean takeTimes(String text) {
        if (!text.strip().matches("[1-9]\\d?")) {
            return false;
        }
        change("times", entry -> entry.times(Integer.parseInt(text.strip())));
        return true;
    }

    private boolean takeFacing(String text, Directions directions) {
        Optional<Heading> said = text.isBlank() ? Optional.empty() : directions.parse(text);
        if (said.isEmpty() && !text.isBlank()) {
            return false;
        }
        change("facing", entry -> entry.withFacing(said));
        return true;
    }

    private static String partName(Form form, int index) {
        return form.parts().get(partOf(form, index)).name();
    }

    private static int partOf(Form form, int index) {
        int before = 0;
        for (int p = 0; p < form.parts().size(); p++) {
            before += form.parts().get(p).entries().size();
            if (index < before) {
                return p;
            }
        }
        return form.parts().size() - 1;
    }

    private boolean renamePart(int index, String text) {
        session.apply(Edit.running(
                "Rename a part",
                session.choice().form() + "/part/" + index,
                project -> project.changeForm(session.choice().form(), form -> {
                    List<Part> parts = new ArrayList<>(form.parts());
                    int at = partOf(form, index);
                    parts.set(at, parts.get(at).withName(text.strip()));
                    return form.withParts(parts);
                })));
        return true;
    }

    private void change(String field, UnaryOperator<Entry> edit) {
        var choice = session.choice();
        session.apply(Edit.running(
                "Change an entry",
                choice.form() + "/" + choice.entry() + "/" + field,
                project -> project.changeForm(choice.form(), form -> form.change(choice.entry(), edit))));
    }
}
