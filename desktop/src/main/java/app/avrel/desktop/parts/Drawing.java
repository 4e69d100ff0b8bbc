package app.avrel.desktop.parts;

import app.avrel.body.Side;
import java.util.List;
import javafx.application.Platform;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.transform.Scale;

/**
 * Something drawn by hand on a canvas that fills it. Its colours are the theme's roles, set by the style sheet, so that
 * light and dark need no code.
 */
public abstract class Drawing extends Region {

    private final Canvas canvas = new Canvas();
    private final Runnable beforeFrame = this::beforeFrame;
    private boolean stale;

    /** Whether it is drawn in the time before the next frame, once: the frame then only has to paint it. */
    private boolean early;

    private double beyond;

    private final StyledPens pens = new StyledPens(this);

    protected Drawing(String styleClass) {
        getStyleClass().addAll("drawing", styleClass);
        canvas.setManaged(false);
        getChildren().add(canvas);
        setFocusTraversable(true);
        sceneProperty().addListener((_, before, after) -> {
            if (before != null) {
                before.removePreLayoutPulseListener(beforeFrame);
            }
            if (after != null) {
                after.addPreLayoutPulseListener(beforeFrame);
            }
        });
        focusedProperty().addListener(_ -> requestLayout());
        setOnMousePressed(_ -> requestFocus());
    }

    /** Draws so many pixels more on either side, for what is going to be pushed into sight. */
    protected final void beyond(double pixels) {
        if (beyond != pixels) {
            beyond = pixels;
            canvas.setWidth(getWidth() + 2 * beyond);
        }
        push(0);
    }

    /** Pushes what is drawn to the right, without drawing it anew. */
    protected final void push(double pixels) {
        canvas.setTranslateX(pixels - beyond);
    }

    /** Stretches what is drawn sideways about a place, and pushes it, without drawing it anew. */
    protected final void stretch(double times, double about, double pixels) {
        canvas.getTransforms().setAll(new Scale(times, 1, about + beyond, 0));
        push(pixels);
    }

    @Override
    protected final void layoutChildren() {
        canvas.setWidth(getWidth() + 2 * beyond);
        canvas.setHeight(getHeight());
        redraw();
    }

    /** Shows what has changed with the next frame, once, and without a layout of the whole window. */
    protected final void refresh() {
        stale = true;
        Platform.requestNextPulse();
        if (!early) {
            early = true;
            Platform.runLater(this::drawWhatIsStale);
        }
    }

    private void beforeFrame() {
        early = false;
        drawWhatIsStale();
    }

    private void drawWhatIsStale() {
        if (stale) {
            redraw();
        }
    }

    /** Draws everything anew. */
    protected final void redraw() {
        stale = false;
        canvas.getTransforms().clear();
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth() + 2 * beyond, getHeight());
        if (getWidth() > 1 && getHeight() > 1) {
            draw(g);
        }
    }

    /** Draws onto an empty canvas of this region's size. */
    protected abstract void draw(GraphicsContext g);

    final StyledPens styled() {
        return pens;
    }

    /** {@return what this is drawn with, for those who paint a part of it} */
    protected final Pens pens() {
        return pens;
    }

    protected final Color ink() {
        return pens.ink();
    }

    protected final Color soft() {
        return pens.soft();
    }

    protected final Color line() {
        return pens.line();
    }

    protected final Color paper() {
        return pens.paper();
    }

    protected final Color panel() {
        return pens.panel();
    }

    protected final Color side(Side side) {
        return pens.side(side);
    }

    protected final Color accent() {
        return pens.accent();
    }

    protected final Color caution() {
        return pens.caution();
    }

    /** {@return the size of plain text, in pixels} */
    protected final double textSize() {
        return pens.textSize();
    }

    /** {@return the font of plain text, at a multiple of its size; Chinese text gets its own} */
    protected final Font font(double times, String words) {
        return pens.font(times, words);
    }

    protected final Font bold(double times, String words) {
        return pens.bold(times, words);
    }

    /** {@return how wide the words are in a font, in pixels} */
    protected static double width(String words, Font font) {
        return Pens.width(words, font);
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return StyledPens.ALL;
    }
}
