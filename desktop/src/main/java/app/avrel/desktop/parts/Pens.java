package app.avrel.desktop.parts;

import app.avrel.body.Side;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** What is drawn with: the colours of the theme, and text in its size. A picture lends them to those who paint it. */
public interface Pens {

    Color ink();

    Color soft();

    Color line();

    Color paper();

    Color panel();

    Color side(Side side);

    Color accent();

    Color caution();

    /** {@return the size of plain text, in pixels} */
    double textSize();

    /** {@return the font of plain text, at a multiple of its size; Chinese text gets its own} */
    Font font(double times, String words);

    Font bold(double times, String words);

    /** {@return how wide the words are in a font, in pixels} */
    static double width(String words, Font font) {
        Text measured = new Text(words);
        measured.setFont(font);
        return measured.getLayoutBounds().getWidth();
    }
}
