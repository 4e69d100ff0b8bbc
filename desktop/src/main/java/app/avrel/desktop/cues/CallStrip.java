package app.avrel.desktop.cues;

import app.avrel.cue.Call;
import app.avrel.cue.Cue;
import app.avrel.desktop.ribbon.Ribbon;
import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;

/** The calls of a posture under its ribbon, each where one begins to say it, as wide as it takes to say or to read. */
final class CallStrip extends Region {

    private static final PseudoClass LATE = PseudoClass.getPseudoClass("late");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double GAP = 4;
    private static final double SMALLEST = 14;

    private final Ribbon ribbon;
    private final List<Call> calls = new ArrayList<>();
    private List<Cue> cues = List.of();

    CallStrip(Ribbon ribbon) {
        this.ribbon = ribbon;
        getStyleClass().add("call-strip");
        ribbon.widthProperty().addListener(_ -> requestLayout());
    }

    /** Shows the calls of these counts, one of which is chosen. */
    void show(List<Cue> shown, @Nullable Cue chosen) {
        cues = shown;
        calls.clear();
        getChildren().clear();
        for (Cue cue : shown) {
            for (Call call : cue.calls()) {
                Label label = new Label(call.words());
                label.getStyleClass().add("call");
                label.pseudoClassStateChanged(LATE, call.late() > 0.5);
                label.pseudoClassStateChanged(CHOSEN, cue.equals(chosen));
                calls.add(call);
                getChildren().add(label);
            }
        }
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        for (int i = 0; i < calls.size(); i++) {
            Region label = (Region) getChildren().get(i);
            double from = x(calls.get(i).at());
            double next = next(i);
            double wanted = Math.max(x(calls.get(i).end()) - from, label.prefWidth(-1));
            double width = Math.clamp(wanted, SMALLEST, Math.max(SMALLEST, next - from));
            double height = label.prefHeight(-1);
            double top = row(calls.get(i)) * (height + GAP);
            label.setVisible(top + height <= getHeight() + GAP);
            label.resizeRelocate(from, top, width, height);
        }
    }

    /** Names and moves stand in the first row, what is called beside them in the second. */
    private static int row(Call call) {
        return switch (call.kind()) {
            case NAME, MOVE -> 0;
            case BREATH, NUMBER, ORDINAL -> 1;
        };
    }

    /** Where the next call of the same row begins. */
    private double next(int call) {
        for (int i = call + 1; i < calls.size(); i++) {
            if (row(calls.get(i)) == row(calls.get(call))) {
                return x(calls.get(i).at()) - GAP;
            }
        }
        return getWidth();
    }

    /** Where a time stands along the ribbon; before its first count a little to the left of it. */
    private double x(double seconds) {
        for (int i = 0; i < cues.size(); i++) {
            Cue cue = cues.get(i);
            if (seconds < cue.start() + cue.length() || i == cues.size() - 1) {
                double share = Math.clamp((seconds - cue.start()) / cue.length(), 0, 1);
                return ribbon.at(i, share);
            }
        }
        return 0;
    }

    private double rows(int many) {
        return getChildren().isEmpty() ? 0 : many * (((Region) getChildren().getFirst()).prefHeight(-1) + GAP) + GAP;
    }

    @Override
    protected double computePrefHeight(double width) {
        return rows(2);
    }

    /** Where there is little height, names and moves have it, and what is called beside them gives way. */
    @Override
    protected double computeMinHeight(double width) {
        return rows(1);
    }
}
