package app.avrel.desktop.form;

import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;

/** What can be done in the form room, with its keys. */
final class FormCommands {

    private final Session session;
    private final FormList list;
    private final FormStage stage;
    private final StretchEdits stretches;
    private final EntryCard card;

    FormCommands(Session session, FormList list, FormStage stage, StretchEdits stretches, EntryCard card) {
        this.session = session;
        this.list = list;
        this.stage = stage;
        this.stretches = stretches;
        this.card = card;
    }

    List<Command> all() {
        return Stream.of(ofEntries(), ofWalk(), ofOrder()).flatMap(List::stream).toList();
    }

    List<Command> ofEntries() {
        return List.of(
                Command.of(Words.of("form.add_posture_form"), KeyCode.M, "Ctrl", list::openAdd),
                Command.of(Words.of("form.move_chosen_up"), KeyCode.UP, "Alt", () -> stretches.nudge(-1)),
                Command.of(Words.of("form.move_chosen_down"), KeyCode.DOWN, "Alt", () -> stretches.nudge(1)),
                Command.of(Words.of("form.copy_chosen_after"), KeyCode.D, "Ctrl", stretches::duplicate),
                Command.of(Words.of("form.copy_chosen_mirrored"), KeyCode.D, "Ctrl+Shift", stretches::appendMirrored),
                Command.of(Words.of("form.do_chosen_on"), KeyCode.O, "Ctrl+Shift", stretches::mirror),
                Command.of(Words.of("form.take_out_chosen"), KeyCode.DELETE, "Ctrl", stretches::takeOut));
    }

    List<Command> ofWalk() {
        return List.of(
                Command.of(Words.of("form.play_form_or"), KeyCode.F6, "", stage::play),
                Command.of(Words.of("form.halls"), KeyCode.H, "Ctrl+Shift", stage::openHalls),
                Command.of(Words.of("form.directions_count_by"), KeyCode.I, "Ctrl+Shift", stage::openDirections),
                Command.of(Words.of("form.totals"), KeyCode.T, "Ctrl", stage::openTotals),
                Command.of(Words.of("form.close_form"), KeyCode.L, "Alt", stage::openClosing),
                Command.of(Words.of("form.compare_side_by"), KeyCode.E, "Ctrl", stage::openCompare));
    }

    private List<Command> ofOrder() {
        return List.of(
                Command.of(Words.of("form.new_part"), KeyCode.P, "Ctrl+Shift", list::addPart),
                Command.of(Words.of("form.new_form"), KeyCode.N, "Ctrl+Shift", list::addForm),
                Command.of(Words.of("form.entry_before"), KeyCode.PAGE_UP, "", () -> step(-1))
                        .repeating(),
                Command.of(Words.of("form.entry_after"), KeyCode.PAGE_DOWN, "", () -> step(1))
                        .repeating(),
                Command.of(Words.of("form.next_open_join"), KeyCode.F7, "", this::nextOpenJoin),
                Command.of(Words.of("form.join_first"), KeyCode.PERIOD, "Ctrl", card::join));
    }

    private void step(int by) {
        session.choose(session.choice().withEntry(session.choice().entry() + by));
    }

    private void nextOpenJoin() {
        List<Integer> all = session.desk().get().formTrack().occurrences().stream()
                .filter(done -> !done.join().fits())
                .map(done -> done.entry())
                .toList();
        int now = session.choice().entry();
        all.stream()
                .filter(at -> at > now)
                .findFirst()
                .or(() -> all.stream().findFirst())
                .ifPresent(at -> session.choose(session.choice().withEntry(at)));
    }
}
