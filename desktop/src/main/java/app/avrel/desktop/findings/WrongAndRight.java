package app.avrel.desktop.findings;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.Mistake;
import app.avrel.project.Setting;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A common mistake beside what is right, where moves show it. */
public record WrongAndRight(Posture posture, Mistake mistake, Setting setting) {

    /** Lays both over the window. {@return whether there is anything to show} */
    public boolean show(StackPane over) {
        Optional<Posture> wrongly = posture.wrongly(mistake);
        if (wrongly.isEmpty()) {
            return false;
        }
        int count = mistake.count().orElseThrow();
        PosePair pair = new PosePair(
                side(Words.of("findings.not_so"), mistake.looksLike(), wrongly.get(), count),
                side(Words.of("findings.but_so"), mistake.putRight(), posture, count),
                setting);
        VBox content = pair.shown(true);
        if (!mistake.why().isBlank()) {
            content.getChildren().add(Texts.wrapped(Words.of("findings.why_matters", mistake.why()), "sheet-text"));
        }
        content.getStyleClass().add("table-sheet");
        Sheet.show(
                over,
                Words.of("common.count_4", Words.name(posture), count + 1),
                content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
        return true;
    }

    private PosePair.Side side(String title, String words, Posture of, int count) {
        Occurrence done = Unroll.posture(of, setting.posing()).occurrences().getFirst();
        List<Moment> moments = done.moments().stream()
                .filter(moment -> moment.place().count() == count)
                .toList();
        return new PosePair.Side(
                title, words, moments.getFirst().before(), moments.getLast().after(), Optional.empty());
    }
}
