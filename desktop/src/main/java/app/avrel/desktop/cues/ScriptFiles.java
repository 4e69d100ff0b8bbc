package app.avrel.desktop.cues;

import java.nio.file.Path;
import java.util.Optional;

/** Asks for the files of scripts. */
public interface ScriptFiles {

    /** {@return where to write a script; its ending says in which form} */
    Optional<Path> toWrite(String suggested);

    /** {@return where to write sound} */
    Optional<Path> toWriteSound(String suggested);

    /** {@return a script that was said} */
    Optional<Path> toRead();
}
