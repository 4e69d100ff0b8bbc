package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Fonts;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.project.Setting;
import app.avrel.words.reading.LineReading;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** What a line was understood to say, in the line's language, with what the house adds to it in italics. */
final class ReadBack extends HBox {

    private static final double SEEN = 0.005;

    private final TextFlow said = new TextFlow();
    private final Button waiting;

    /** @param record records what is read back: Enter, or a press on the words that say it is not recorded yet */
    ReadBack(Runnable record) {
        waiting = Buttons.words(Words.of("common.not_recorded_yet"), Words.of("postures.record_line"), record);
        waiting.getStyleClass().setAll("button", "not-recorded");
        waiting.setFocusTraversable(false);
        getStyleClass().add("read-back");
        HBox.setHgrow(said, Priority.ALWAYS);
        waiting.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(said, waiting);
        clear();
    }

    /** As high as its words: in a low window it gives no room away, and nothing lies over them. */
    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    void clear() {
        said.getChildren().clear();
        waiting.setVisible(false);
    }

    /**
     * Shows a reading.
     *
     * @param exact says moves in the line's language so that they read back
     */
    void show(LineReading reading, Saying exact, Setting setting) {
        List<Text> texts = new ArrayList<>();
        if (!reading.stages().isEmpty()) {
            texts.add(text(exact.line(reading.count()), "read-back-said"));
            String usual = Words.listed(assumed(reading, setting));
            if (!usual.isEmpty()) {
                texts.add(text(Words.of("postures.houses_usual", usual), "read-back-assumed"));
            }
        }
        said.getChildren().setAll(texts);
        waiting.setVisible(!reading.stages().isEmpty());
        waiting.setText(
                reading.recordable() ? Words.of("common.not_recorded_yet") : Words.of("postures.not_recorded_yet"));
    }

    private static Text text(String words, String styleClass) {
        Text text = new Text(words);
        text.getStyleClass().add(styleClass);
        if (Fonts.chinese(words)) {
            text.getStyleClass().add("chinese");
        }
        return text;
    }

    /** {@return what of a pose was not said but is the house's usual, in few words} */
    private static List<String> assumed(LineReading reading, Setting setting) {
        Pose pose = reading.after();
        List<String> words = new ArrayList<>();
        List<StepPlace.Along> steps = reading.moves().stream()
                .filter(Move.Step.class::isInstance)
                .map(move -> ((Move.Step) move).place())
                .filter(StepPlace.Along.class::isInstance)
                .map(StepPlace.Along.class::cast)
                .toList();
        if (!steps.isEmpty()) {
            Spacing spacing = Spacing.of(pose);
            double feet = spacing.length() / setting.chosenBody().footLength();
            double wide = spacing.width() / setting.chosenBody().shoulderWidth();
            if (Math.abs(feet) > SEEN && steps.getLast().distance().isEmpty()) {
                words.add(counted("postures.foot_lengths_long", feet));
            }
            if (Math.abs(wide) > SEEN && steps.getLast().width().isEmpty()) {
                words.add(counted("postures.shoulder_widths_wide", wide));
            }
        }
        if (pose.drop().assumed()) {
            double fists = pose.drop().value() / setting.chosenBody().fist();
            words.add(counted("postures.hips_fists_lower", fists));
        }
        return words;
    }

    /** So many of a measure, to a tenth: of one in its own words. */
    private static String counted(String key, double many) {
        String said = Numbers.plain(Numbers.tenths(Math.abs(many)));
        return Words.of(said.equals("1") ? key + ".one" : key, said);
    }
}
