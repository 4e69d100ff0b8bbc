package app.avrel.desktop.shell;

import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;

/** What can be done anywhere, whichever room one is in. */
record ShellCommands(Shell shell, Session session, FileActions files) {

    /** {@return what a room has, and then all that there is everywhere, in the order they are listed} */
    List<Command> after(List<Command> room) {
        return Stream.of(room, undoing(), rooms(), leaving(), projects(), laidOver(), lists(), looks())
                .flatMap(List::stream)
                .toList();
    }

    /** One step back, and on again. */
    private List<Command> undoing() {
        return List.of(
                Command.of(Words.of("shell.undo"), KeyCode.Z, "Ctrl", session::undo)
                        .repeating()
                        .underSheets(),
                Command.of(Words.of("shell.redo"), KeyCode.Z, "Ctrl+Shift", session::redo)
                        .repeating()
                        .underSheets(),
                Command.of(Words.of("shell.redo"), KeyCode.Y, "Ctrl", session::redo)
                        .repeating()
                        .underSheets());
    }

    /** To another room. */
    private List<Command> rooms() {
        return List.of(
                Command.of(Words.of("common.postures"), KeyCode.DIGIT1, "Ctrl", () -> shell.go(RoomName.POSTURES)),
                Command.of(Words.of("common.form"), KeyCode.DIGIT2, "Ctrl", () -> shell.go(RoomName.FORM)),
                Command.of(Words.of("common.lessons"), KeyCode.DIGIT3, "Ctrl", () -> shell.go(RoomName.LESSONS)),
                Command.of(Words.of("shell.cues"), KeyCode.DIGIT4, "Ctrl", () -> shell.go(RoomName.CUES)),
                Command.of(Words.of("shell.log"), KeyCode.DIGIT5, "Ctrl", () -> shell.go(RoomName.LOG)));
    }

    /** What leaves the window on paper or as a file, and finding anything in it. */
    private List<Command> leaving() {
        return List.of(
                Command.of(Words.of("shell.sheet_or_hand"), KeyCode.P, "Ctrl", shell.paper()::print),
                Command.of(Words.of("shell.export_courses_days"), KeyCode.C, "Ctrl+Alt", shell.paper()::calendar),
                Command.of(Words.of("shell.export_floor_figure"), KeyCode.V, "Ctrl+Alt", shell.paper()::pictures),
                Command.of(Words.of("shell.find_anything_2"), KeyCode.K, "Ctrl", shell.sheets()::find));
    }

    /** A project begun, opened, saved, as it was earlier. */
    private List<Command> projects() {
        return List.of(
                Command.of(Words.of("common.new_project"), KeyCode.N, "Ctrl", files::create),
                Command.of(Words.of("shell.open_project"), KeyCode.O, "Ctrl", files::open),
                Command.of(Words.of("shell.save"), KeyCode.S, "Ctrl", files::save),
                Command.of(Words.of("shell.save_as_2"), KeyCode.S, "Ctrl+Shift", files::saveAs),
                Command.of(Words.of("keeping.earlier_states"), KeyCode.H, "Ctrl+Alt", files::earlier));
    }

    /** What is laid over the window. */
    private List<Command> laidOver() {
        return List.of(
                Command.of(Words.of("common.settings"), KeyCode.COMMA, "Ctrl", shell.sheets()::settings),
                Command.of(Words.of("common.learners"), KeyCode.U, "Ctrl", shell.sheets()::learners),
                Command.of(
                        Words.of("shell.findings"),
                        KeyCode.F8,
                        "",
                        () -> shell.findings().toggle()),
                Command.of(
                                Words.of("shell.next_finding"),
                                KeyCode.F9,
                                "",
                                () -> shell.findings().next())
                        .repeating(),
                Command.of(Words.of("shell.hall_full_screen"), KeyCode.F11, "", shell.hall()::open));
    }

    /** Lists, notes, tables and other projects, in and out. */
    private List<Command> lists() {
        return List.of(
                Command.of(Words.of("common.import_list_names"), KeyCode.B, "Ctrl+Shift", files::bringIn),
                Command.of(Words.of("common.read_notes"), KeyCode.N, "Ctrl+Alt", files::readNotes),
                Command.of(Words.of("shell.import_from_another_project"), KeyCode.F, "Ctrl+Shift", files::bringOver),
                Command.of(Words.of("shell.export_csv_one_row"), KeyCode.E, "Ctrl+Shift", files::entriesOut),
                Command.of(Words.of("shell.export_csv_one"), KeyCode.K, "Ctrl+Shift", files::countsOut),
                Command.of(Words.of("shell.import_csv_2"), KeyCode.J, "Ctrl+Shift", files::tableIn));
    }

    /** Help, the end, and how the window looks. */
    private List<Command> looks() {
        return List.of(
                Command.of(Words.of("common.help"), KeyCode.F1, "", shell.sheets()::help),
                Command.of(Words.of("shell.quit"), KeyCode.Q, "Ctrl", files::quit),
                Command.of(
                        Words.of("shell.light_or_dark"),
                        KeyCode.L,
                        "Ctrl+Shift",
                        () -> shell.appearance().turnDarkOrLight()),
                Command.of(
                                Words.of("shell.larger_text"),
                                KeyCode.EQUALS,
                                "Ctrl",
                                () -> shell.appearance().resize(1))
                        .underSheets(),
                Command.of(
                                Words.of("shell.smaller_text"),
                                KeyCode.MINUS,
                                "Ctrl",
                                () -> shell.appearance().resize(-1))
                        .underSheets());
    }
}
