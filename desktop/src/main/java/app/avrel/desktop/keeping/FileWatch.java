package app.avrel.desktop.keeping;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.Opened;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** Looks every few seconds whether somebody else has changed the file, such as a folder kept alike on two machines. */
public final class FileWatch {

    private static final Duration EACH = Duration.seconds(3);

    private final Session session;
    private final StackPane over;
    private final ChangedSheet.Answers answers;
    private Optional<Opened> told = Optional.empty();

    public FileWatch(Session session, StackPane over, ChangedSheet.Answers answers) {
        this.session = session;
        this.over = over;
        this.answers = answers;
        session.file().addListener((_, _, _) -> told = Optional.empty());
    }

    /** Looks from now on, as long as the window is there. */
    public void start() {
        Timeline looking = new Timeline(new KeyFrame(EACH, _ -> look()));
        looking.setCycleCount(Animation.INDEFINITE);
        over.sceneProperty().addListener((_, _, scene) -> {
            if (scene == null) {
                looking.stop();
            }
        });
        looking.play();
    }

    /** Looks now; what was told is not told again, and nothing is told while another sheet is open. */
    public void look() {
        if (!session.touchedThere() || over.getChildren().getLast() instanceof Sheet) {
            return;
        }
        Optional<Opened> theirs = session.changedThere();
        if (theirs.isPresent() && !theirs.equals(told)) {
            told = theirs;
            tell(theirs.get());
        }
    }

    private void tell(Opened theirs) {
        if (session.dirty() || !(theirs instanceof Opened.Read read)) {
            ChangedSheet.open(session, over, theirs, answers);
            return;
        }
        String file = session.file().get().map(Path::toString).orElse("");
        Sheet.show(
                over,
                Words.of("keeping.changed_there"),
                Texts.wrapped(Words.of("keeping.read_again_text", file), "sheet-text"),
                List.of(
                        new Sheet.Answer(
                                Words.of("keeping.read_again"),
                                () -> session.takeTheirs(Words.of("keeping.taking_theirs"), read)),
                        new Sheet.Answer(Words.of("keeping.not_now"), () -> {})));
    }
}
