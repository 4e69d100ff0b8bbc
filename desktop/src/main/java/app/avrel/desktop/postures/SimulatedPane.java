package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.mechanics.Scales;
import app.avrel.mechanics.SimulatedScales;
import app.avrel.mechanics.TwoScales;
import app.avrel.motion.Pose;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/**
 * A simulated pair of scales: somebody stands on it in the chosen count, and it shows what it shows several times a
 * second. How they sway, err and drift can be set.
 */
final class SimulatedPane extends VBox {

    private static final double SHOWS_MILLIS = 200;
    private static final double KILOGRAMS = 70;

    private final Pose pose;
    private final Consumer<TwoScales> told;
    private final ToggleButton on = new ToggleButton(Words.of("postures.simulated_scales"));
    private final FieldGrid grid = new FieldGrid();
    private final Slider sway = slider(Words.of("postures.sway_points"), 0, 12, 3);
    private final Slider error = slider(Words.of("postures.error_more_left"), -25, 25, 6);
    private final Slider drift = slider(Words.of("postures.drift_left_points"), -10, 10, 1);
    private final Timeline showing = new Timeline(new KeyFrame(Duration.millis(SHOWS_MILLIS), _ -> show()));
    private double seconds;

    SimulatedPane(Pose pose, Consumer<TwoScales> told) {
        this.pose = pose;
        this.told = told;
        getStyleClass().add("simulated-scales");
        showing.setCycleCount(Animation.INDEFINITE);
        on.getStyleClass().setAll("pill");
        on.setAccessibleText(Words.of("postures.simulated_scales_somebody"));
        on.setOnAction(_ -> toggle());
        getChildren().addAll(on, Texts.wrapped(Words.of("postures.without_scales_at"), "quiet"), grid);
        grid.setVisible(false);
        grid.setManaged(false);
    }

    private Slider slider(String label, double least, double most, double value) {
        Slider slider = new Slider(least, most, value);
        slider.setBlockIncrement(1);
        slider.setAccessibleText(label);
        grid.node(label, slider);
        return slider;
    }

    private void toggle() {
        grid.setVisible(on.isSelected());
        grid.setManaged(on.isSelected());
        if (on.isSelected()) {
            seconds = 0;
            show();
            showing.play();
        } else {
            stop();
        }
    }

    private void show() {
        seconds += SHOWS_MILLIS / 1000;
        Scales scales = new SimulatedScales(
                new SimulatedScales.Standing(
                        KILOGRAMS,
                        pose.weight().middle(Side.LEFT),
                        sway.getValue(),
                        error.getValue(),
                        drift.getValue()),
                1);
        told.accept(scales.at(seconds));
    }

    /** Steps down: nothing is shown any longer. */
    void stop() {
        showing.stop();
    }
}
