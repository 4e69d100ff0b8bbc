package app.avrel.desktop.form;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.form.Counted;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Played;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.teaching.GentlerVersion;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** The card for an entry: which posture, which side, how often, where it is said to face, and the ways in. */
final class EntryCard extends VBox {

    private final EntryEdits edits;
    private final StretchEdits stretches;
    private final Label title = Texts.wrapped("", "card-title");
    private final FieldGrid grid = new FieldGrid();
    private final ChoiceField posture;
    private final ChoiceField side;
    private final ChoiceField version;
    private final EntryField times;
    private final EntryField facing;
    private final EntryField part;
    private final EntryField number;
    private final ChoiceField counted;
    private final EntryField cycles;
    private final EntryField group;
    private final MenuButton replace = new MenuButton(Words.of("form.replace_everywhere_by"));
    private final WaysIn ways;
    private final Repeats repeats = new Repeats();
    private final JoinBox joins;

    EntryCard(Session session, StretchEdits stretches, WaysIn ways) {
        this.edits = new EntryEdits(session);
        this.stretches = stretches;
        this.ways = ways;
        this.joins = new JoinBox(session);
        getStyleClass().add("entry-card");
        posture = grid.choice(Words.of("common.posture"));
        side = grid.choice(Words.of("common.side"));
        version = grid.choice(Words.of("common.version"));
        times = grid.line(Words.of("common.times"), "1");
        facing = grid.line(Words.of("form.should_end_facing"), "1:30");
        number = grid.line(Words.of("form.hand_out_number"), "1");
        counted = grid.choice(Words.of("form.numbered"));
        cycles = grid.line(Words.of("form.cycle"), "1");
        group = grid.line(Words.of("form.group"), Words.of("form.name_taught"));
        part = grid.line(Words.of("form.part_2"), Words.of("form.name_part"));
        getChildren().addAll(title, joins, grid, replace, ways, repeats);
        replace.getStyleClass().addAll("flat", "word-button");
        Tips.give(replace, Words.of("form.put_another_posture"));
    }

    /** Joins the entry to the one before, by what is proposed first. */
    void join() {
        joins.takeFirst();
    }

    void show(Desk desk, int index) {
        Entry entry = desk.form().entries().get(index);
        Optional<Posture> recorded = desk.project().posture(entry.posture());
        String name = recorded.map(Words::name).orElse(entry.posture().key());
        String numbered =
                desk.project().numbering(desk.form()).of(desk.form()).get(index).toString();
        Texts.set(title, numbered.isEmpty() ? name : numbered + "  " + name);
        List<Posture> shelf = desk.project().postures();
        posture.show(
                shelf.stream().map(Words::name).toList(),
                recorded.map(shelf::indexOf).orElse(-1),
                at -> edits.change(
                        Words.of("form.posture"),
                        whole -> whole.withPosture(shelf.get(at).id())));
        sides(entry, recorded);
        versions(entry, recorded);
        times.show(Integer.toString(entry.times()), edits::times);
        Directions directions = desk.project().directions();
        facing.show(entry.facing().map(directions::say).orElse(""), text -> edits.facing(text, directions));
        numbers(entry, recorded);
        group.show(entry.group(), text -> {
            stretches.group(text.strip());
            return true;
        });
        replacing(entry, shelf);
        part.show(partName(desk.form(), index), text -> edits.renamePart(index, text));
        ways.show(desk, index, entry);
        repeats.show(desk, index);
        joins.show(desk, index);
    }

    private void sides(Entry entry, Optional<Posture> recorded) {
        side.show(
                sides(recorded),
                entry.played().ordinal(),
                at -> edits.change("side", whole -> whole.withPlayed(Played.values()[at])));
    }

    /** How the entry is numbered and how often its cycle is done. */
    private void numbers(Entry entry, Optional<Posture> recorded) {
        number.show(entry.number().map(String::valueOf).orElse(""), edits::number);
        List<String> asUsual = new ArrayList<>(List.of(Words.of("form.as_usual")));
        Stream.of(Counted.values()).map(Words::of).forEach(asUsual::add);
        counted.show(
                asUsual,
                entry.counted().map(way -> 1 + way.ordinal()).orElse(0),
                at -> edits.change(
                        "counted",
                        whole ->
                                whole.withCounted(at == 0 ? Optional.empty() : Optional.of(Counted.values()[at - 1]))));
        boolean hasCycle = recorded.stream().flatMap(of -> of.counts().stream()).anyMatch(Count::cycle);
        cycles.setDisable(!hasCycle && entry.cycles().isEmpty());
        cycles.show(entry.cycles().map(String::valueOf).orElse("1"), edits::cycles);
    }

    /** The posture as it is, or a gentler version of it. */
    private void versions(Entry entry, Optional<Posture> posture) {
        List<String> gentler = posture.stream()
                .flatMap(of -> of.sheet().gentler().stream())
                .map(GentlerVersion::name)
                .toList();
        List<String> words = new ArrayList<>(List.of(Words.of("form.standard")));
        words.addAll(gentler);
        version.setDisable(gentler.isEmpty() && entry.gentler().isEmpty());
        int chosen = entry.gentler().map(name -> 1 + gentler.indexOf(name)).orElse(0);
        version.show(
                words,
                chosen,
                at -> edits.change(
                        "version",
                        whole -> whole.withGentler(at == 0 ? Optional.empty() : Optional.of(words.get(at)))));
    }

    private void replacing(Entry entry, List<Posture> shelf) {
        replace.getItems()
                .setAll(shelf.stream()
                        .filter(other -> !other.id().equals(entry.posture()))
                        .map(other -> {
                            MenuItem item = Texts.item(Words.name(other));
                            item.setOnAction(_ -> stretches.replaceEverywhere(entry.posture(), other.id()));
                            return item;
                        })
                        .toList());
        replace.setDisable(shelf.size() < 2);
    }

    private static List<String> sides(Optional<Posture> posture) {
        return posture.flatMap(Posture::side)
                .map(side -> List.of(Words.of(side), Words.of(side.other())))
                .orElse(List.of(Words.of("common.as_recorded"), Words.of("common.mirrored")));
    }

    private static String partName(Form form, int index) {
        return form.parts().get(form.partOf(index)).name();
    }
}
