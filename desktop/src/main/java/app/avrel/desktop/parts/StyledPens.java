package app.avrel.desktop.parts;

import app.avrel.body.Side;
import java.util.List;
import java.util.function.Function;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableDoubleProperty;
import javafx.css.SimpleStyleableObjectProperty;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;

/** The colours and the text size that the style sheet gives a picture; what it gives anew is drawn anew. */
final class StyledPens implements Pens {

    private static final StyleablePropertyFactory<Drawing> CSS =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());

    private static final CssMetaData<Drawing, Color> INK = color("-ink", drawing -> drawing.styled().ink);
    private static final CssMetaData<Drawing, Color> SOFT = color("-soft", drawing -> drawing.styled().soft);
    private static final CssMetaData<Drawing, Color> LINE = color("-line", drawing -> drawing.styled().line);
    private static final CssMetaData<Drawing, Color> PAPER = color("-paper", drawing -> drawing.styled().paper);
    private static final CssMetaData<Drawing, Color> PANEL = color("-panel", drawing -> drawing.styled().panel);
    private static final CssMetaData<Drawing, Color> LEFT = color("-left", drawing -> drawing.styled().left);
    private static final CssMetaData<Drawing, Color> RIGHT = color("-right", drawing -> drawing.styled().right);
    private static final CssMetaData<Drawing, Color> ACCENT = color("-accent", drawing -> drawing.styled().accent);
    private static final CssMetaData<Drawing, Color> CAUTION = color("-caution", drawing -> drawing.styled().caution);
    private static final CssMetaData<Drawing, Number> TEXT =
            CSS.createSizeCssMetaData("-text", drawing -> drawing.styled().text, 15.0);

    static final List<CssMetaData<? extends Styleable, ?>> ALL = CSS.getCssMetaData();

    private final SimpleStyleableObjectProperty<Color> ink;
    private final SimpleStyleableObjectProperty<Color> soft;
    private final SimpleStyleableObjectProperty<Color> line;
    private final SimpleStyleableObjectProperty<Color> paper;
    private final SimpleStyleableObjectProperty<Color> panel;
    private final SimpleStyleableObjectProperty<Color> left;
    private final SimpleStyleableObjectProperty<Color> right;
    private final SimpleStyleableObjectProperty<Color> accent;
    private final SimpleStyleableObjectProperty<Color> caution;
    private final SimpleStyleableDoubleProperty text;

    StyledPens(Drawing drawing) {
        ink = role(drawing, INK);
        soft = role(drawing, SOFT);
        line = role(drawing, LINE);
        paper = role(drawing, PAPER);
        panel = role(drawing, PANEL);
        left = role(drawing, LEFT);
        right = role(drawing, RIGHT);
        accent = role(drawing, ACCENT);
        caution = role(drawing, CAUTION);
        text = new SimpleStyleableDoubleProperty(TEXT, drawing, "text", 15.0);
        text.addListener(_ -> drawing.requestLayout());
    }

    private static CssMetaData<Drawing, Color> color(String name, Function<Drawing, StyleableProperty<Color>> of) {
        return CSS.createColorCssMetaData(name, of, Color.BLACK);
    }

    private static SimpleStyleableObjectProperty<Color> role(Drawing drawing, CssMetaData<Drawing, Color> of) {
        SimpleStyleableObjectProperty<Color> property =
                new SimpleStyleableObjectProperty<>(of, drawing, "role", Color.BLACK);
        property.addListener(_ -> drawing.requestLayout());
        return property;
    }

    @Override
    public Color ink() {
        return ink.get();
    }

    @Override
    public Color soft() {
        return soft.get();
    }

    @Override
    public Color line() {
        return line.get();
    }

    @Override
    public Color paper() {
        return paper.get();
    }

    @Override
    public Color panel() {
        return panel.get();
    }

    @Override
    public Color side(Side side) {
        return side == Side.LEFT ? left.get() : right.get();
    }

    @Override
    public Color accent() {
        return accent.get();
    }

    @Override
    public Color caution() {
        return caution.get();
    }

    @Override
    public double textSize() {
        return text.get();
    }

    @Override
    public Font font(double times, String words) {
        return Font.font(Fonts.familyFor(words, Fonts.TEXT), text.get() * times);
    }

    @Override
    public Font bold(double times, String words) {
        return Font.font(Fonts.familyFor(words, Fonts.TEXT), FontWeight.BOLD, text.get() * times);
    }
}
