package app.avrel.desktop.ribbon;

import app.avrel.desktop.parts.Pens;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Writes on the ribbon: labels, and the names of postures, shortened to the room there is. */
final class RibbonLetters {

    private final GraphicsContext g;
    private final RibbonScale scale;
    private final Pens pens;
    private final List<RibbonCell> cells;
    private final ShortNames names;

    RibbonLetters(GraphicsContext g, RibbonScale scale, Pens pens, List<RibbonCell> cells) {
        this.g = g;
        this.scale = scale;
        this.pens = pens;
        this.cells = cells;
        names = new ShortNames(cells.stream()
                .map(RibbonCell::group)
                .filter(name -> !name.isEmpty())
                .toList());
    }

    void label(String words, double x, double y, Font how, Color colour) {
        g.setFill(colour);
        g.setFont(how);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(words, x, y);
    }

    /** A posture's name over its first cell, where the words of the counts stand below. */
    void over(int i, double x) {
        double text = scale.text();
        String name = cells.get(i).group();
        double room = groupEnd(i) - x - text * 0.4;
        label(shortened(name, room, 0.9), x, text * 0.85, pens.font(0.9, name), pens.soft());
    }

    /** A posture's name in the place of the words, from some way down to the bottom. */
    void instead(int i, double x, boolean chosen, double under, double height) {
        double text = scale.text();
        double room = groupEnd(i) - x - text * 0.4;
        double top = under + text * 2.4;
        int most = (int) Math.max(1, (height - top) / (text * 1.2));
        if (room < text * 1.2) {
            return;
        }
        String[] lines = named(cells.get(i).group(), room / (text * 0.44), most);
        for (int l = 0; l < lines.length; l++) {
            Font how = chosen ? pens.bold(0.88, lines[l]) : pens.font(0.88, lines[l]);
            label(lines[l], x, top + l * text * 1.2, how, chosen ? pens.accent() : pens.ink());
        }
    }

    /** The whole name where there is room for it, or else the word that only this posture has. */
    private String[] named(String name, double letters, int most) {
        String[] whole = Wrapping.brief(name, letters, most);
        if (String.join(" ", whole).length() >= name.length()) {
            return whole;
        }
        String word = names.of(name);
        return word.isEmpty() ? new String[0] : Wrapping.brief(word, letters, 1);
    }

    private double groupEnd(int i) {
        for (int next = i + 1; next < cells.size(); next++) {
            if (!cells.get(next).group().isEmpty()) {
                return scale.left(next);
            }
        }
        return scale.right(cells.size() - 1);
    }

    private String shortened(String words, double room, double size) {
        return Wrapping.lines(words, room / (scale.text() * size * 0.54), 1)[0];
    }
}
