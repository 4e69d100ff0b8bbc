package app.avrel.desktop.exchange;

import app.avrel.desktop.parts.ProgressSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.files.bundle.Bundle;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Writes the project with its pictures, what is called, and its sounds as one file. */
public final class BundleSheet {

    private BundleSheet() {}

    /**
     * Asks what goes in, then where to, and writes it.
     *
     * @param where asks for the file
     */
    public static void open(Project project, StackPane over, Supplier<Optional<Path>> where) {
        Optional<Voice> voice = Voices.of(Words.language()).stream().findFirst();
        CheckBox sound = new CheckBox(Words.of("exchange.bundle_sound"));
        sound.setDisable(voice.isEmpty());
        VBox content = new VBox(Texts.wrapped(Words.of("exchange.bundle_about"), "sheet-text"), sound);
        if (voice.isEmpty()) {
            content.getChildren().add(Texts.wrapped(Words.of("cues.no_voice"), "quiet"));
        }
        content.getStyleClass().add("make-sheet");
        Sheet.show(
                over,
                Words.of("exchange.bundle"),
                content,
                List.of(
                        new Sheet.Answer(
                                Words.of("exchange.bundle_write"),
                                () -> where.get()
                                        .ifPresent(to -> write(
                                                new Bundle(
                                                        project,
                                                        Words.language(),
                                                        sound.isSelected() ? voice : Optional.empty()),
                                                over,
                                                to))),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }

    private static void write(Bundle bundle, StackPane over, Path to) {
        ProgressSheet.run(
                over,
                Words.of("exchange.bundle_working"),
                to.getFileName().toString(),
                Words.of("exchange.bundle"),
                (progress, stopped) -> written(bundle, to, progress, stopped));
    }

    private static String written(Bundle bundle, Path to, DoubleConsumer progress, BooleanSupplier stopped) {
        try {
            boolean done = bundle.write(to, progress, stopped);
            return Words.of(done ? "exchange.bundle_written" : "exchange.bundle_given_up", to);
        } catch (IOException failed) {
            return Words.of("common.cannot_be_written", to);
        }
    }
}
