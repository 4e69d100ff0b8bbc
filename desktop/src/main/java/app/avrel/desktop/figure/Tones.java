package app.avrel.desktop.figure;

import javafx.scene.paint.Color;

/**
 * The figure's colours, from the roles of the theme.
 *
 * @param edge of everything
 */
record Tones(Color cloth, Color left, Color right, Color skin, Color hair, Color edge, Color ground, Color ink) {

    static Tones of(Color paper, Color panel, Color ink, Color left, Color right) {
        boolean dark = paper.getBrightness() < 0.5;
        Color cloth = panel.interpolate(ink, dark ? 0.34 : 0.16);
        return new Tones(
                cloth,
                cloth.interpolate(left, 0.62),
                cloth.interpolate(right, 0.62),
                dark ? right.interpolate(ink, 0.45) : paper.interpolate(right, 0.26),
                dark ? paper.interpolate(ink, 0.10) : ink.interpolate(paper, 0.22),
                ink.deriveColor(0, 1, 1, 0.55),
                ink.deriveColor(0, 1, 1, 0.10),
                ink);
    }
}
