package app.avrel.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What nobody thought of is said once, and written down where it can be found. */
@ExtendWith(ApplicationExtension.class)
class UnexpectedErrorsTest {

    @TempDir
    private Path folder;

    private final Thread.UncaughtExceptionHandler before = Thread.getDefaultUncaughtExceptionHandler();
    private StackPane over;

    @Start
    void open(Stage stage) {
        over = new StackPane();
        over.getStyleClass().add("avrel");
        stage.setScene(new Scene(over, 800, 600));
        stage.show();
    }

    @AfterEach
    void asItWas() {
        Thread.setDefaultUncaughtExceptionHandler(before);
    }

    private static void fail(String why) throws InterruptedException {
        Thread failing = Thread.ofPlatform().name("failing").start(() -> {
            throw new IllegalStateException(why);
        });
        failing.join();
        WaitForAsyncUtils.waitForFxEvents();
    }

    private long told() {
        return over.lookupAll(".label").stream()
                .filter((Node node) -> node instanceof Label label
                        && label.getText() != null
                        && label.getText().startsWith("Something went wrong"))
                .count();
    }

    @Test
    void itIsSaidOnceAndEveryTimeWrittenDown() throws Exception {
        Path log = folder.resolve("state").resolve("errors.log");
        UnexpectedErrors.watch(over, log);
        fail("the first");
        fail("the second");
        assertThat(told()).isEqualTo(1);
        assertThat(Files.readString(log))
                .contains("in failing")
                .contains("IllegalStateException: the first")
                .contains("IllegalStateException: the second");
        assertThat(over.lookupAll(".label").stream()
                        .filter(Label.class::isInstance)
                        .map(node -> ((Label) node).getText()))
                .anyMatch(text ->
                        text != null && text.contains(log.toString()) && text.contains("Your work is still here"));
    }
}
