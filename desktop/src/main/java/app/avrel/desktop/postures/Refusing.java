package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Click;
import app.avrel.desktop.parts.Once;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.util.Duration;

/** Shows and sounds that a line was not taken: its edge is marked for a moment, and the system's sound for it is made. */
final class Refusing {

    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");
    private static final double MARKED_MILLIS = 700;

    private final TextField field;

    /** Made when it is first needed: opening a line of sound takes its time. */
    private final Supplier<Click> sound = Once.of(() -> new Click(Click.REFUSED));

    Refusing(TextField field) {
        this.field = field;
    }

    void show() {
        field.pseudoClassStateChanged(REFUSED, true);
        sound.get().play();
        PauseTransition over = new PauseTransition(Duration.millis(MARKED_MILLIS));
        over.setOnFinished(_ -> field.pseudoClassStateChanged(REFUSED, false));
        over.play();
    }
}
