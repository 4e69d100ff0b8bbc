package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** What the rows of the ribbon are, at its left edge; the counts pass under it. */
final class RibbonLegend extends Drawing {

    RibbonLegend() {
        super("ribbon-legend");
        setFocusTraversable(false);
        setMouseTransparent(true);
    }

    @Override
    protected void draw(GraphicsContext g) {
        double text = textSize();
        double half = RibbonPainter.half(text, getHeight());
        double middle = RibbonPainter.middle(text, getHeight());
        double letters = Math.clamp(half / (0.9 * text), 0.6, 1);
        g.setFill(paper());
        g.fillRect(0, 0, getWidth(), getHeight());
        label(
                g,
                Words.of("common.left_letter"),
                text * 0.9,
                middle - half / 2,
                bold(letters, Words.of("common.left_letter")),
                side(Side.LEFT));
        label(
                g,
                Words.of("common.right_letter"),
                text * 0.9,
                middle + half / 2,
                bold(letters, Words.of("common.left_letter")),
                side(Side.RIGHT));
        label(
                g,
                Words.of("ribbon.breath"),
                text * 0.3,
                middle + half + text * 1.1,
                font(0.8, Words.of("ribbon.breath")),
                soft());
    }

    private static void label(GraphicsContext g, String words, double x, double y, Font how, Color colour) {
        g.setFill(colour);
        g.setFont(how);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(words, x, y);
    }
}
