package app.avrel.desktop.findings;

import app.avrel.body.Body;
import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.mechanics.Rig;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.Mistake;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.Where;
import app.avrel.words.PoseFigures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Wrong beside right: how one stands as recorded and once it is mended, two figures and the numbers that differ. */
record Beside(Posture posture, Finding finding, Fix fix, Setting setting) {

    private static final double ROOM = 0.75;

    void show(StackPane over, Runnable mend) {
        Posture mended = fix.applied(posture);
        int more = mended.counts().get(fix.count()).stages().size()
                - posture.counts().get(fix.count()).stages().size();
        int stage = finding.stage().orElse(Integer.MAX_VALUE - 9);
        Pose wrong = at(posture, stage);
        Pose right = at(mended, stage + more);
        HBox figures = new HBox(
                shown("As recorded", finding.whole(), wrong, true), shown("Mended", fix.words() + ".", right, false));
        figures.getStyleClass().add("beside");
        VBox content = new VBox(figures, numbers(wrong, right));
        content.getStyleClass().add("beside-sheet");
        posture.sheet().mistakes().stream()
                .filter(mistake -> mistake.count().equals(Optional.of(fix.count())))
                .findFirst()
                .ifPresent(mistake -> content.getChildren().add(Texts.wrapped(said(mistake), "sheet-text")));
        Sheet.show(
                over,
                finding.headline(),
                content,
                List.of(new Sheet.Answer("Mend it so", mend), new Sheet.Answer("Close", () -> {})));
    }

    private static String said(Mistake mistake) {
        return "Common here: " + mistake.looksLike() + ". " + mistake.putRight();
    }

    private Pose at(Posture of, int stage) {
        Occurrence done = Unroll.posture(of, setting.posing()).occurrences().getFirst();
        return done.moments().stream()
                .filter(moment ->
                        moment.place().count() == count() && moment.place().stage() <= stage)
                .reduce((_, last) -> last)
                .map(Moment::after)
                .orElse(done.done().end());
    }

    /** The count in which it was found; a fix may lie before it. */
    private int count() {
        return finding.where() instanceof Where.InPosture(var _, var at) ? at.orElse(fix.count()) : fix.count();
    }

    private VBox shown(String title, String words, Pose pose, boolean marked) {
        Body body = setting.chosenBody();
        FigureView figure = new FigureView();
        figure.setPrefSize(330, 330);
        figure.show(new FigureView.Picture(Rig.of(pose, body), body, setting.directions(), ROOM, title));
        figure.mark(marked ? finding.spot() : Optional.empty());
        VBox box = new VBox(Texts.of(title, "section"), figure, Texts.wrapped(words, "sheet-text"));
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(340);
        return box;
    }

    private GridPane numbers(Pose wrong, Pose right) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("figures-grid");
        Map<String, String> was = PoseFigures.of(wrong, setting.chosenBody());
        Map<String, String> is = PoseFigures.of(right, setting.chosenBody());
        int row = 0;
        for (Map.Entry<String, String> entry : was.entrySet()) {
            String other = is.getOrDefault(entry.getKey(), "");
            if (!entry.getValue().equals(other)) {
                grid.addRow(
                        row++,
                        Texts.of(entry.getKey(), "field-label"),
                        Texts.of(entry.getValue(), "figure-wrong"),
                        Texts.of(other, "figure-right"));
            }
        }
        return grid;
    }
}
