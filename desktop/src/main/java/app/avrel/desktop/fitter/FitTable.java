package app.avrel.desktop.fitter;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.mechanics.StanceFit;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/** The best fit of a stance for every body and learner, a row each. */
final class FitTable extends GridPane {

    FitTable() {
        getStyleClass().add("figures-grid");
    }

    void show(List<StanceFit> fits) {
        getChildren().clear();
        String[] heads = {
            "",
            Words.of("fitter.best"),
            Words.of("fitter.inches"),
            Words.of("fitter.feet_shoulders"),
            Words.of("fitter.lengths_fit_so")
        };
        for (int i = 0; i < heads.length; i++) {
            add(Texts.of(heads[i], "field-label"), i, 0);
        }
        for (int i = 0; i < fits.size(); i++) {
            row(i + 1, fits.get(i));
        }
    }

    private void row(int row, StanceFit fit) {
        Optional<StanceFit.Cell> best = fit.best();
        Label label = Texts.of(fit.body().label(), "figure-right");
        label.setMinWidth(Region.USE_PREF_SIZE);
        addRow(
                row,
                label,
                Texts.of(best.map(FitWords::centimetres).orElse(Words.of("fitter.none_so_deep")), "fit-cell"),
                Texts.of(best.map(FitWords::inches).orElse("–"), "fit-cell"),
                Texts.of(best.map(cell -> FitWords.ownMeasure(cell, fit.body())).orElse("–"), "fit-cell"),
                Texts.of(
                        best.flatMap(cell -> fit.fitting(cell.width()))
                                .map(lengths -> Words.of(
                                        "fitter.cm_2",
                                        Numbers.whole(lengths.shortest() * 100),
                                        Numbers.whole(lengths.longest() * 100)))
                                .orElse("–"),
                        "fit-cell"));
    }
}
