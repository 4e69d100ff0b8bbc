package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.words.Words;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import javafx.application.Platform;
import javafx.scene.layout.StackPane;

/**
 * What nobody thought of: it is said, the work goes on and is kept, and a log is written where its user can find it.
 *
 * <p>The record is changed as a whole or not at all, so whatever failed has changed nothing by halves.
 */
final class UnexpectedErrors implements Thread.UncaughtExceptionHandler {

    private final StackPane over;
    private final Path log;
    private boolean told;

    private UnexpectedErrors(StackPane over, Path log) {
        this.over = over;
        this.log = log;
    }

    /** Watches over every thread from now on. */
    static void watch(StackPane over, Path log) {
        Thread.setDefaultUncaughtExceptionHandler(new UnexpectedErrors(over, log));
    }

    @Override
    public void uncaughtException(Thread thread, Throwable error) {
        System.getLogger("avrel").log(System.Logger.Level.ERROR, "unexpected error in " + thread.getName(), error);
        write(thread, error);
        Platform.runLater(this::tell);
    }

    private void write(Thread thread, Throwable error) {
        StringWriter trace = new StringWriter();
        error.printStackTrace(new PrintWriter(trace, true));
        try {
            Files.createDirectories(log.getParent());
            Files.writeString(
                    log,
                    Instant.now() + " in " + thread.getName() + "\n" + trace + "\n",
                    StandardOpenOption.CREATE,
                    StandardOpenOption.APPEND);
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "cannot write " + log, e);
        }
    }

    /** Once in a run: what fails at every key would otherwise ask at every key. */
    private void tell() {
        if (told) {
            return;
        }
        told = true;
        Sheet.tell(over, Words.of("shell.something_went_wrong"), Words.of("shell.you_did_last", log));
    }
}
