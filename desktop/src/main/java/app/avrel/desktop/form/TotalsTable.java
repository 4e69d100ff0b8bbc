package app.avrel.desktop.form;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Breaths;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Totals;
import app.avrel.form.Track;
import app.avrel.house.HouseRules;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.beans.value.ChangeListener;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What the form and each of its parts add up to, and what is said of them. */
final class TotalsTable {

    private static final double LEAST_TEMPO = 0.2;

    private final Session session;
    private final GridPane grid = new GridPane();
    private final Label breath = Texts.wrapped("", "sheet-text");
    private final EntryField tempo = new EntryField(Words.of("common.seconds_per_beat"), "4", _ -> false);
    private final ChoiceField rules = new ChoiceField(Words.of("form.house_rules_form"));
    private final ClaimFields claims;
    private double secondsABeat = 4;

    private TotalsTable(Session session) {
        this.session = session;
        claims = new ClaimFields(session, grid);
        grid.getStyleClass().add("totals-grid");
    }

    /** {@return what the form adds up to, kept so as long as it is shown} */
    static Region of(Session session) {
        TotalsTable totals = new TotalsTable(session);
        HBox tempo = new HBox(
                Texts.of(Words.of("common.seconds_per_beat"), "field-label"),
                totals.tempo,
                Texts.of(Words.of("common.house_rules"), "field-label"),
                totals.rules);
        tempo.getStyleClass().add("tempo-row");
        Scroller wide = new Scroller(totals.grid);
        wide.setFitToWidth(false);
        VBox content = new VBox(tempo, wide, totals.breath);
        content.getStyleClass().add("table-sheet");
        totals.tempo.show("4", text -> totals.tempo(text));
        ChangeListener<Desk> listener = (_, _, desk) -> totals.show(desk);
        content.parentProperty().addListener((_, _, parent) -> {
            session.desk().removeListener(listener);
            if (parent != null) {
                session.desk().addListener(listener);
                totals.show(session.desk().get());
            }
        });
        return content;
    }

    private boolean tempo(String text) {
        try {
            double seconds = Double.parseDouble(text.strip().replace(',', '.'));
            if (!(seconds >= LEAST_TEMPO && seconds <= 60)) {
                return false;
            }
            secondsABeat = seconds;
            show(session.desk().get());
            return true;
        } catch (NumberFormatException notANumber) {
            return false;
        }
    }

    private void show(Desk desk) {
        Form form = desk.form();
        Track track = desk.formTrack();
        Body body = desk.project().setting().chosenBody();
        List<String> names = new ArrayList<>();
        List<Totals> totals = new ArrayList<>();
        List<Integer> used = new ArrayList<>();
        if (form.parts().size() > 1) {
            used.addAll(desk.project().numbering(form).used(form));
            for (int part = 0; part < form.parts().size(); part++) {
                int at = part;
                String name = form.parts().get(part).name();
                names.add(name.isEmpty() ? Words.of("form.part_3", part + 1) : name);
                Stream<Occurrence> done = track.occurrences().stream().filter(one -> form.partOf(one.entry()) == at);
                totals.add(Totals.of(done.toList(), body));
            }
        }
        names.add(Words.of("form.whole_2"));
        totals.add(Totals.of(track.occurrences(), body));
        used.add(desk.project().numbering(form).used(form).stream()
                .mapToInt(Integer::intValue)
                .sum());
        fill(names, totals, used, form);
        breath.setText(breaths(desk, track));
        rules(desk, form);
    }

    /** A form may be done by other house rules than the project's: a short version, another school's. */
    private void rules(Desk desk, Form form) {
        List<HouseRules> sets = new ArrayList<>(HouseRules.presets());
        form.rules().filter(own -> !sets.contains(own)).ifPresent(sets::add);
        List<String> names = new ArrayList<>(List.of(
                Words.of("form.projects", desk.project().setting().rules().name())));
        sets.forEach(set -> names.add(set.name()));
        rules.show(names, form.rules().map(own -> 1 + sets.indexOf(own)).orElse(0), at -> {
            Optional<HouseRules> chosen = at == 0 ? Optional.empty() : Optional.of(sets.get(at - 1));
            session.apply(Edit.of(
                    Words.of("form.choose_forms_house"),
                    project -> project.changeForm(form.id(), of -> of.withRules(chosen))));
        });
    }

    /** Takes the numbers away; the fields of what is said to be so stay while there are as many columns. */
    private void clear(int columns) {
        boolean same = grid.getColumnCount() == columns + 1 && !claims.empty();
        if (!same) {
            grid.getChildren().clear();
            claims.clear();
        } else {
            grid.getChildren().removeIf(node -> !(node instanceof EntryField));
        }
    }

    private void fill(List<String> names, List<Totals> totals, List<Integer> used, Form form) {
        clear(names.size());
        for (int i = 0; i < names.size(); i++) {
            grid.add(Texts.of(names.get(i), "section"), i + 1, 0);
        }
        int row = 1;
        row = numbers(
                row,
                Words.of("form.postures_as_numbered"),
                used.stream().map(String::valueOf).toList());
        row = row(row, Words.of("common.counts"), totals, of -> Integer.toString(of.counts()));
        row = row(row, Words.of("common.beats"), totals, of -> Numbers.plain(of.beats()));
        row = row(row, Words.of("form.lasts"), totals, of -> TotalWords.lasts(of.seconds(secondsABeat)));
        row = load(row, totals);
        claims.show(row, form, names.size());
    }

    /** What the legs bear and how far one turns. {@return the row after} */
    private int load(int first, List<Totals> totals) {
        int row = first;
        row = row(row, Words.of("form.on_left_leg"), totals, of -> TotalWords.percent(of.share(Side.LEFT)));
        row = row(row, Words.of("form.on_right_leg"), totals, of -> TotalWords.percent(of.share(Side.RIGHT)));
        row = row(row, Words.of("form.on_one_leg"), totals, of -> TotalWords.share(of, of.oneLegged()));
        row = row(
                row,
                Words.of("form.longest_on_one"),
                totals,
                of -> TotalWords.lasts(of.longestOneLegged() * secondsABeat));
        row = row(row, Words.of("form.low"), totals, of -> TotalWords.share(of, of.low()));
        row = row(row, Words.of("form.kicks"), totals, of -> Integer.toString(of.kicks()));
        row = row(row, Words.of("form.turns_left"), totals, of -> Numbers.whole(of.turnedLeft()) + "°");
        row = row(row, Words.of("form.turns_right"), totals, of -> Numbers.whole(of.turnedRight()) + "°");
        return row;
    }

    private int row(int row, String name, List<Totals> totals, Function<Totals, String> value) {
        return numbers(row, name, totals.stream().map(value).toList());
    }

    private int numbers(int row, String name, List<String> values) {
        grid.add(Texts.of(name, "field-label"), 0, row);
        for (int i = 0; i < values.size(); i++) {
            grid.add(Texts.of(values.get(i), "total"), i + 1, row);
        }
        return row + 1;
    }

    /** Where one breathes in twice running, or out. */
    private static String breaths(Desk desk, Track track) {
        List<String> places = Breaths.repeated(track).stream()
                .map(done -> EntryLine.title(desk, done))
                .distinct()
                .toList();
        return places.isEmpty()
                ? Words.of("form.breathing_out_alternates")
                : Words.of("form.same_breath_twice", String.join("; ", places));
    }
}
