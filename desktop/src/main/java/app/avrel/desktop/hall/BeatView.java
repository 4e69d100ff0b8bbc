package app.avrel.desktop.hall;

import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.ArcType;

/** The beat: a disc that fills as the count goes on, one ring for each beat. */
final class BeatView extends Drawing {

    private double share;
    private int beats = 1;

    BeatView() {
        super("beat");
        setAccessibleText(Words.of("hall.beat"));
    }

    void show(double newShare, int newBeats) {
        share = newShare;
        beats = Math.max(1, newBeats);
        refresh();
    }

    @Override
    protected void draw(GraphicsContext g) {
        double size = Math.min(getWidth(), getHeight()) - 6;
        double x = (getWidth() - size) / 2;
        double y = (getHeight() - size) / 2;
        double within = share * beats - Math.floor(Math.min(share * beats, beats - 1e-9));
        double pulse = Math.max(0, 1 - within * 4);
        g.setFill(panel());
        g.fillOval(x, y, size, size);
        g.setFill(accent().deriveColor(0, 1, 1, 0.35 + 0.65 * pulse));
        g.fillArc(x, y, size, size, 90, -360 * share, ArcType.ROUND);
        g.setStroke(accent());
        g.setLineWidth(2 + 5 * pulse);
        g.strokeOval(x, y, size, size);
    }
}
