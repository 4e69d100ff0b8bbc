package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Something that takes a while: how far it is, a way to give it up, and in the end what came of it. */
public final class ProgressSheet {

    /** What is worked at, away from the window's own thread. */
    @FunctionalInterface
    public interface Work {

        /**
         * Does it.
         *
         * @param progress is told the share that is done, 0 to 1
         * @param stopped is asked whether to give up
         * @return what came of it, in words
         */
        String done(DoubleConsumer progress, BooleanSupplier stopped);
    }

    private ProgressSheet() {}

    /**
     * Begins the work under a sheet of its own.
     *
     * @param working what the sheet is headed while it lasts
     * @param about what is being made, such as the name of a file
     * @param title what is headed what came of it
     */
    public static void run(StackPane over, String working, String about, String title, Work work) {
        AtomicBoolean stopped = new AtomicBoolean();
        ProgressBar bar = new ProgressBar(0);
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setAccessibleText(working);
        VBox content = new VBox(Texts.wrapped(about, "sheet-text"), bar);
        content.getStyleClass().add("make-sheet");
        Sheet progress = Sheet.show(
                over, working, content, List.of(new Sheet.Answer(Words.of("common.cancel"), () -> stopped.set(true))));
        progress.parentProperty().addListener((_, _, parent) -> stopped.compareAndSet(false, parent == null));
        DoubleConsumer shown = share -> Platform.runLater(() -> bar.setProgress(share));
        new BackgroundTask().ask(() -> work.done(shown, stopped::get), said -> {
            progress.close();
            Sheet.tell(over, title, said);
        });
    }
}
