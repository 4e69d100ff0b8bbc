package app.avrel.desktop.form;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.FormClaim;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Totals;
import app.avrel.form.Track;
import app.avrel.house.HouseRules;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.value.ChangeListener;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What the form and each of its parts add up to, and what is said of them. */
final class TotalsSheet {

    private static final double LEAST_TEMPO = 0.2;

    private final Session session;
    private final GridPane grid = new GridPane();
    private final Label breath = Texts.wrapped("", "sheet-text");
    private final EntryField tempo = new EntryField(Words.of("common.seconds_per_beat"), "4", _ -> false);
    private final ChoiceField rules = new ChoiceField(Words.of("form.house_rules_form"));
    private final List<EntryField> postures = new ArrayList<>();
    private final List<EntryField> counts = new ArrayList<>();
    private final List<EntryField> facings = new ArrayList<>();
    private double secondsABeat = 4;

    private TotalsSheet(Session session) {
        this.session = session;
        grid.getStyleClass().add("totals-grid");
    }

    static void open(Session session, StackPane over) {
        TotalsSheet totals = new TotalsSheet(session);
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
        session.desk().addListener(listener);
        totals.show(session.desk().get());
        Sheet sheet = Sheet.show(
                over,
                Words.of("form.totals_3", session.desk().get().form().name()),
                content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
        sheet.parentProperty().addListener((_, _, parent) -> {
            if (parent == null) {
                session.desk().removeListener(listener);
            }
        });
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
        List<Integer> used = new ArrayList<>(desk.project().numbering(form).used(form));
        for (int part = 0; part < form.parts().size(); part++) {
            int at = part;
            String name = form.parts().get(part).name();
            names.add(name.isEmpty() ? Words.of("form.part_3", part + 1) : name);
            totals.add(Totals.of(
                    track.occurrences().stream()
                            .filter(done -> form.partOf(done.entry()) == at)
                            .toList(),
                    body));
        }
        if (totals.size() == 1) {
            names.clear();
            totals.clear();
            used.clear();
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

    private void fill(List<String> names, List<Totals> totals, List<Integer> used, Form form) {
        boolean same = grid.getColumnCount() == names.size() + 1 && !postures.isEmpty();
        if (!same) {
            grid.getChildren().clear();
            postures.clear();
            counts.clear();
            facings.clear();
        } else {
            grid.getChildren().removeIf(node -> !(node instanceof EntryField));
        }
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
        row = row(row, Words.of("form.lasts"), totals, of -> lasts(of.seconds(secondsABeat)));
        row = row(row, Words.of("form.on_left_leg"), totals, of -> percent(of.share(Side.LEFT)));
        row = row(row, Words.of("form.on_right_leg"), totals, of -> percent(of.share(Side.RIGHT)));
        row = row(row, Words.of("form.on_one_leg"), totals, of -> share(of, of.oneLegged()));
        row = row(row, Words.of("form.longest_on_one"), totals, of -> lasts(of.longestOneLegged() * secondsABeat));
        row = row(row, Words.of("form.low"), totals, of -> share(of, of.low()));
        row = row(row, Words.of("form.kicks"), totals, of -> Integer.toString(of.kicks()));
        row = row(row, Words.of("form.turns_left"), totals, of -> Numbers.whole(of.turnedLeft()) + "°");
        row = row(row, Words.of("form.turns_right"), totals, of -> Numbers.whole(of.turnedRight()) + "°");
        claims(row, form, names.size());
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

    /** What a hand-out says: checked against what is recorded. */
    private void claims(int row, Form form, int columns) {
        grid.add(Texts.of(Words.of("form.said_postures"), "field-label"), 0, row);
        grid.add(Texts.of(Words.of("form.said_counts"), "field-label"), 0, row + 1);
        grid.add(Texts.of(Words.of("form.said_ends_facing"), "field-label"), 0, row + 2);
        Directions directions = session.project().directions();
        for (int i = 0; i < columns; i++) {
            if (postures.size() <= i) {
                postures.add(new EntryField(Words.of("form.number_postures_as"), "27", _ -> false));
                counts.add(new EntryField(Words.of("form.number_counts_as"), "153", _ -> false));
                grid.add(postures.get(i), i + 1, row);
                facings.add(new EntryField(Words.of("form.facing_at_end"), "12", _ -> false));
                grid.add(counts.get(i), i + 1, row + 1);
                grid.add(facings.get(i), i + 1, row + 2);
            }
            int part = i == columns - 1 ? -1 : i;
            FormClaim claim = part < 0 ? form.claim() : form.parts().get(part).claim();
            postures.get(i).show(said(claim.postures()), text -> take(text, part, (of, many) -> of.withPostures(many)));
            counts.get(i).show(said(claim.counts()), text -> take(text, part, (of, many) -> of.withCounts(many)));
            facings.get(i).show(claim.facing().map(directions::say).orElse(""), text -> facing(text, part, directions));
        }
    }

    private static String said(Optional<Integer> many) {
        return many.map(String::valueOf).orElse("");
    }

    private interface With {
        FormClaim with(FormClaim claim, Optional<Integer> many);
    }

    private boolean take(String text, int part, With with) {
        if (!text.isBlank() && !text.strip().matches("\\d{1,5}")) {
            return false;
        }
        Optional<Integer> many = text.isBlank() ? Optional.empty() : Optional.of(Integer.valueOf(text.strip()));
        claim(part, claim -> with.with(claim, many));
        return true;
    }

    private boolean facing(String text, int part, Directions directions) {
        Optional<Heading> said = text.isBlank() ? Optional.empty() : directions.parse(text);
        if (said.isEmpty() && !text.isBlank()) {
            return false;
        }
        claim(part, claim -> claim.withFacing(said));
        return true;
    }

    /** Changes what is said of a part, or of the whole where that is below 0. */
    private void claim(int part, UnaryOperator<FormClaim> edit) {
        UnaryOperator<Form> inForm = form -> {
            if (part < 0) {
                return form.withClaim(edit.apply(form.claim()));
            }
            List<Part> parts = new ArrayList<>(form.parts());
            parts.set(part, parts.get(part).withClaim(edit.apply(parts.get(part).claim())));
            return form.withParts(parts);
        };
        session.apply(Edit.running(
                Words.of("form.say_total"),
                session.choice().form() + "/said/" + part,
                project -> project.changeForm(session.choice().form(), inForm)));
    }

    private static String lasts(double seconds) {
        long whole = Math.round(seconds);
        return whole < 60 ? Words.of("form.s", whole) : Words.of("form.min_s", whole / 60, whole % 60);
    }

    private static String percent(double share) {
        return Numbers.whole(share * 100) + " %";
    }

    private static String share(Totals totals, double measures) {
        return totals.measures() == 0 ? "–" : percent(measures / totals.measures());
    }

    /** Where one breathes in twice running, or out. */
    private static String breaths(Desk desk, Track track) {
        List<String> places = new ArrayList<>();
        Breath before = Breath.FREE;
        for (Occurrence done : track.occurrences()) {
            List<Count> all = new ArrayList<>(done.link().counts());
            all.addAll(done.done().countsDone());
            for (Count count : all) {
                if (count.breath().repeats(before)) {
                    places.add(EntryLine.title(desk, done));
                }
                before = count.breath();
            }
        }
        return places.isEmpty()
                ? Words.of("form.breathing_out_alternates")
                : Words.of(
                        "form.same_breath_twice",
                        String.join("; ", places.stream().distinct().toList()));
    }
}
