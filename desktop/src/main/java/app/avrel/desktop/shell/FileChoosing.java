package app.avrel.desktop.shell;

import java.nio.file.Path;
import java.util.Optional;

/** Asks for files; an interface, because not every platform has the dialogs. */
public interface FileChoosing {

    Optional<Path> toOpen();

    /** {@return a file of plain text or a table} */
    Optional<Path> toRead();

    Optional<Path> toSave(String suggested);

    /** {@return a file for notes as plain text} */
    Optional<Path> toWriteNotes(String suggested);

    /** {@return a file for a script: text, Markdown, a table, captions; its ending says which} */
    Optional<Path> toWriteScript(String suggested);

    /** {@return a file for sound} */
    Optional<Path> toWriteSound(String suggested);

    /** {@return a file for a sheet: PDF, Markdown, a calendar or a picture; its ending says which} */
    Optional<Path> toWriteSheet(String suggested);

    /** {@return a file for the project with all that is made of it} */
    Optional<Path> toWriteBundle(String suggested);

    /** {@return a file for a table} */
    Optional<Path> toWrite(String suggested);
}
