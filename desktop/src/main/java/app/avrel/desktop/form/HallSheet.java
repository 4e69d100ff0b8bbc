package app.avrel.desktop.form;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Compass;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.hall.Arrangement;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallText;
import app.avrel.project.Project;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.value.ChangeListener;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The halls of a project. Every change is made at once and can be undone. */
final class HallSheet {

    private final Session session;
    private final HallChoice choice;
    private final ChoiceField which = new ChoiceField(Words.of("form.hall"));
    private final FieldGrid grid = new FieldGrid();
    private final EntryField name;
    private final EntryField width;
    private final EntryField depth;
    private final ChoiceField front;
    private final EntryField clearance;
    private final LinesField doors =
            new LinesField(Words.of("form.doors"), Words.of("form.back_wall"), Words.of("form.wall_two_numbers"));
    private final LinesField pillars =
            new LinesField(Words.of("form.pillars"), Words.of("form.3_m_from"), Words.of("form.three_numbers"));
    private final LinesField places =
            new LinesField(Words.of("form.places"), Words.of("form.window_left_wall"), Words.of("form.name_direction"));
    private final ChoiceField arrangement;
    private final EntryField spacing;
    private final VBox none = new VBox(Texts.wrapped(Words.of("form.no_hall_yet"), "empty"));

    private HallSheet(Session session, HallChoice choice) {
        this.session = session;
        this.choice = choice;
        name = grid.line(Words.of("common.name"), Words.of("form.mill_room"));
        width = grid.line(Words.of("form.width_m"), "9");
        depth = grid.line(Words.of("form.front_back_m"), "6.5");
        front = grid.choice(Words.of("form.front_wall"));
        clearance = grid.line(Words.of("form.kept_free_around"), "30");
        grid.node(Words.of("form.doors"), doors);
        grid.node(Words.of("form.pillars"), pillars);
        grid.node(Words.of("form.places"), places);
        arrangement = grid.choice(Words.of("form.learners_stand"));
        spacing = grid.line(Words.of("form.metres_apart"), Words.of("form.as_little_as"));
    }

    static void open(Session session, HallChoice choice, StackPane over) {
        HallSheet halls = new HallSheet(session, choice);
        HBox buttons = new HBox(
                Buttons.words(Words.of("form.add_hall"), Words.of("form.add_hall_8"), halls::add),
                Buttons.words(Words.of("form.remove_hall"), Words.of("form.remove_hall_from"), halls::takeOut));
        VBox content = new VBox(halls.which, halls.none, halls.grid, buttons);
        content.getStyleClass().add("hall-sheet");
        ChangeListener<Desk> listener = (_, _, desk) -> halls.show(desk.project());
        session.desk().addListener(listener);
        halls.show(session.project());
        Sheet sheet = Sheet.show(
                over, Words.of("form.halls"), content, List.of(new Sheet.Answer(Words.of("common.done"), () -> {})));
        sheet.parentProperty().addListener((_, _, parent) -> {
            if (parent == null) {
                session.desk().removeListener(listener);
            }
        });
    }

    private void show(Project project) {
        Optional<Hall> chosen = choice.of(project);
        grid.setVisible(chosen.isPresent());
        grid.setManaged(chosen.isPresent());
        none.setVisible(chosen.isEmpty());
        none.setManaged(chosen.isEmpty());
        which.setVisible(project.halls().size() > 1);
        which.setManaged(project.halls().size() > 1);
        which.show(project.halls().stream().map(Hall::name).toList(), choice.at(project), at -> {
            choice.choose(at);
            session.choose(session.choice());
            show(session.project());
        });
        chosen.ifPresent(this::show);
    }

    private void show(Hall hall) {
        name.show(hall.name(), text -> !text.isBlank() && change("name", of -> of.withName(text.strip())));
        number(width, hall.width(), (of, metres) -> of.withSize(metres, of.depth()));
        number(depth, hall.depth(), (of, metres) -> of.withSize(of.width(), metres));
        front.show(
                Compass.bearings(),
                Compass.bearing(hall.front()),
                at -> change(Words.of("common.front"), of -> of.withFront(Compass.bearing(at))));
        number(clearance, hall.clearance() * 100, (of, cm) -> of.withClearance(cm / 100));
        doors.show(
                hall.doors().stream().map(HallText::say).toList(),
                lines -> all(lines, HallText::door, (of, found) -> of.withDoors(found)));
        pillars.show(
                hall.pillars().stream().map(HallText::say).toList(),
                lines -> all(lines, HallText::pillar, (of, found) -> of.withPillars(found)));
        places.show(
                hall.places().stream().map(place -> HallText.say(place, hall)).toList(),
                lines -> all(lines, line -> HallText.place(line, hall), (of, found) -> of.withPlaces(found)));
        arrangement.show(
                Arrays.stream(Arrangement.values()).map(Words::of).toList(),
                hall.arrangement().ordinal(),
                at -> change("class", of -> of.withClass(Arrangement.values()[at], of.spacing())));
        spacing.show(
                hall.spacing().map(Numbers::plain).orElse(""),
                text -> text.isBlank()
                        ? change("spacing", of -> of.withClass(of.arrangement(), Optional.empty()))
                        : taken("spacing", text, (of, metres) -> of.withClass(of.arrangement(), Optional.of(metres))));
    }

    private interface With<T> {
        Hall with(Hall hall, T value);
    }

    private void number(EntryField field, double shown, With<Double> with) {
        field.show(Numbers.plain(Math.round(shown * 100) / 100.0), text -> taken("size", text, with));
    }

    private boolean taken(String field, String text, With<Double> with) {
        try {
            double number = Double.parseDouble(text.strip().replace(',', '.'));
            Hall possible = with.with(choice.of(session.project()).orElseThrow(), number);
            return change(field, _ -> possible);
        } catch (IllegalArgumentException notPossible) {
            return false;
        }
    }

    private <T> boolean all(List<String> lines, Function<String, Optional<T>> read, With<List<T>> with) {
        List<T> found = lines.stream()
                .filter(line -> !line.isBlank())
                .map(read)
                .flatMap(Optional::stream)
                .toList();
        boolean understood =
                found.size() == lines.stream().filter(line -> !line.isBlank()).count();
        return understood && change("things", of -> with.with(of, found));
    }

    private boolean change(String field, UnaryOperator<Hall> edit) {
        session.apply(HallEdits.change(choice.at(session.project()), field, edit));
        return true;
    }

    private void add() {
        choice.choose(session.project().halls().size());
        session.apply(HallEdits.add());
        name.field().requestFocus();
        name.field().selectAll();
    }

    private void takeOut() {
        int at = choice.at(session.project());
        if (choice.of(session.project()).isPresent()) {
            choice.choose(0);
            session.apply(HallEdits.remove(at));
        }
    }
}
