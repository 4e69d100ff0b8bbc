package app.avrel.desktop.shell;

import app.avrel.desktop.cues.ScriptFiles;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.print.Exports;
import app.avrel.desktop.print.PrintSheet;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import javafx.scene.layout.StackPane;

/** What leaves the window as a file or on paper: sheets, the calendar of a course, pictures. */
final class Paper {

    private final Session session;
    private final FileChoosing choosing;
    private final StackPane root;
    private final Supplier<RoomName> room;

    Paper(Session session, FileChoosing choosing, StackPane root, Supplier<RoomName> room) {
        this.session = session;
        this.choosing = choosing;
        this.root = root;
        this.room = room;
    }

    /** Chooses what to print: of the posture or form on the desk, or of the lesson in the rooms that are about lessons. */
    void print() {
        RoomName at = room.get();
        boolean lesson = at == RoomName.LESSONS || at == RoomName.LOG || at == RoomName.CUES;
        PrintSheet.open(session, root, lesson, choosing::toWriteSheet);
    }

    void calendar() {
        export("course.ics", Exports::calendar);
    }

    /** The ribbon of the form where one is in its room, floor and figure of a count elsewhere. */
    void pictures() {
        if (room.get() == RoomName.FORM) {
            export("form.svg", Exports::formRibbon);
        } else {
            export("count.svg", Exports::pictures);
        }
    }

    private void export(String suggested, BiFunction<Desk, Path, Optional<String>> writing) {
        choosing.toWriteSheet(suggested)
                .flatMap(path -> writing.apply(session.desk().get(), path))
                .ifPresent(trouble -> Sheet.tell(root, Words.of("common.did_not_work"), trouble));
    }

    /** {@return where a script or its sound goes, and where one comes from} */
    ScriptFiles scripts() {
        return new ScriptFiles() {
            @Override
            public Optional<Path> toWrite(String suggested) {
                return choosing.toWriteScript(suggested);
            }

            @Override
            public Optional<Path> toWriteSound(String suggested) {
                return choosing.toWriteSound(suggested);
            }

            @Override
            public Optional<Path> toRead() {
                return choosing.toRead();
            }
        };
    }
}
