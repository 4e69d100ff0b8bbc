package app.avrel.desktop.parts;

import app.avrel.body.Side;
import java.util.List;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableDoubleProperty;
import javafx.css.SimpleStyleableObjectProperty;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import javafx.scene.transform.Scale;

/**
 * Something drawn by hand on a canvas that fills it. Its colours are the theme's roles, set by the style sheet, so that
 * light and dark need no code.
 */
public abstract class Drawing extends Region {

    private static final StyleablePropertyFactory<Drawing> CSS =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());

    private static final CssMetaData<Drawing, Color> INK = color("-ink", s -> s.ink);
    private static final CssMetaData<Drawing, Color> SOFT = color("-soft", s -> s.soft);
    private static final CssMetaData<Drawing, Color> LINE = color("-line", s -> s.line);
    private static final CssMetaData<Drawing, Color> PAPER = color("-paper", s -> s.paper);
    private static final CssMetaData<Drawing, Color> PANEL = color("-panel", s -> s.panel);
    private static final CssMetaData<Drawing, Color> LEFT = color("-left", s -> s.left);
    private static final CssMetaData<Drawing, Color> RIGHT = color("-right", s -> s.right);
    private static final CssMetaData<Drawing, Color> ACCENT = color("-accent", s -> s.accent);
    private static final CssMetaData<Drawing, Color> CAUTION = color("-caution", s -> s.caution);
    private static final CssMetaData<Drawing, Number> TEXT = CSS.createSizeCssMetaData("-text", s -> s.text, 15.0);

    private static final List<CssMetaData<? extends Styleable, ?>> ALL = CSS.getCssMetaData();

    private final SimpleStyleableObjectProperty<Color> ink = role(INK);
    private final SimpleStyleableObjectProperty<Color> soft = role(SOFT);
    private final SimpleStyleableObjectProperty<Color> line = role(LINE);
    private final SimpleStyleableObjectProperty<Color> paper = role(PAPER);
    private final SimpleStyleableObjectProperty<Color> panel = role(PANEL);
    private final SimpleStyleableObjectProperty<Color> left = role(LEFT);
    private final SimpleStyleableObjectProperty<Color> right = role(RIGHT);
    private final SimpleStyleableObjectProperty<Color> accent = role(ACCENT);
    private final SimpleStyleableObjectProperty<Color> caution = role(CAUTION);
    private final SimpleStyleableDoubleProperty text = new SimpleStyleableDoubleProperty(TEXT, this, "text", 15.0);

    private final Canvas canvas = new Canvas();
    private final Runnable beforeFrame = this::beforeFrame;
    private boolean stale;

    /** Whether it is drawn in the time before the next frame, once: the frame then only has to paint it. */
    private boolean early;

    private double beyond;

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
        text.addListener(_ -> requestLayout());
        focusedProperty().addListener(_ -> requestLayout());
        setOnMousePressed(_ -> requestFocus());
    }

    private static CssMetaData<Drawing, Color> color(String name, Function<Drawing, StyleableProperty<Color>> of) {
        return CSS.createColorCssMetaData(name, of, Color.BLACK);
    }

    private SimpleStyleableObjectProperty<Color> role(CssMetaData<Drawing, Color> of) {
        SimpleStyleableObjectProperty<Color> property =
                new SimpleStyleableObjectProperty<>(of, this, "role", Color.BLACK);
        property.addListener(_ -> requestLayout());
        return property;
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

    protected final Color ink() {
        return ink.get();
    }

    protected final Color soft() {
        return soft.get();
    }

    protected final Color line() {
        return line.get();
    }

    protected final Color paper() {
        return paper.get();
    }

    protected final Color panel() {
        return panel.get();
    }

    protected final Color side(Side side) {
        return side == Side.LEFT ? left.get() : right.get();
    }

    protected final Color accent() {
        return accent.get();
    }

    protected final Color caution() {
        return caution.get();
    }

    /** {@return the size of plain text, in pixels} */
    protected final double textSize() {
        return text.get();
    }

    /** {@return the font of plain text, at a multiple of its size; Chinese text gets its own} */
    protected final Font font(double times, String words) {
        return Font.font(Fonts.familyFor(words, Fonts.TEXT), text.get() * times);
    }

    protected final Font bold(double times, String words) {
        return Font.font(Fonts.familyFor(words, Fonts.TEXT), FontWeight.BOLD, text.get() * times);
    }

    /** {@return how wide the words are in a font, in pixels} */
    protected static double width(String words, Font font) {
        Text measured = new Text(words);
        measured.setFont(font);
        return measured.getLayoutBounds().getWidth();
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return ALL;
    }
}
