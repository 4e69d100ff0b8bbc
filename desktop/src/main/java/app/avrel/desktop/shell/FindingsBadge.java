package app.avrel.desktop.shell;

import app.avrel.desktop.parts.AfterPicture;
import app.avrel.desktop.parts.BackgroundTask;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;

/** How much there is to be looked at in the project, as a button that shows it. */
final class FindingsBadge extends Button {

    /** Postures and entries of forms together, from which on the window does not wait for the number. */
    private static final int LARGE = 1500;

    private static final PseudoClass SOME = PseudoClass.getPseudoClass("some");

    private final AfterPicture afterPicture = new AfterPicture(this);
    private final BackgroundTask counting = new BackgroundTask();
    private boolean seen;

    FindingsBadge(Runnable open) {
        getStyleClass().addAll("flat", "word-button", "findings-badge");
        Tips.give(this, Words.of("shell.findings_f8"));
        setOnAction(_ -> open.run());
    }

    /**
     * Counts; the first time, and in a large project, without keeping the window waiting.
     *
     * @param typing whether something is typed: then the picture comes first
     */
    void show(Desk desk, boolean typing) {
        if (!seen) {
            afterPicture.onceSeen(() -> {
                seen = true;
                behind(desk);
            });
        } else if (large(desk)) {
            behind(desk);
        } else {
            counting.forget();
            afterPicture.when(typing, () -> counted(desk.survey().serious().size()));
        }
    }

    private void behind(Desk desk) {
        counting.ask(() -> desk.survey().serious().size(), this::counted);
    }

    private static boolean large(Desk desk) {
        return desk.project().postures().size()
                        + desk.project().forms().stream()
                                .mapToInt(form -> form.entries().size())
                                .sum()
                > LARGE;
    }

    private void counted(int serious) {
        setText(serious == 0 ? Words.of("shell.no_problems") : Integer.toString(serious));
        pseudoClassStateChanged(SOME, serious > 0);
        setAccessibleText(serious == 1 ? Words.of("shell.1_finding") : Words.of("shell.findings_2", serious));
    }
}
