package app.avrel.desktop.fitter;

import app.avrel.body.Body;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.mechanics.StanceFit;

/** A length and width in centimetres, inches, foot-lengths and shoulder widths. */
final class FitWords {

    private static final double INCH = 0.0254;

    private FitWords() {}

    static String size(StanceFit.Cell cell, Body body) {
        return Words.of(
                "fitter.cm_long",
                Numbers.whole(cell.length() * 100),
                Numbers.whole(cell.length() / INCH),
                tenths(cell.length() / body.footLength()),
                Numbers.whole(cell.width() * 100),
                Numbers.whole(cell.width() / INCH),
                tenths(cell.width() / body.shoulderWidth()));
    }

    static String centimetres(StanceFit.Cell cell) {
        return Words.of("fitter.cm", Numbers.whole(cell.length() * 100), Numbers.whole(cell.width() * 100));
    }

    static String inches(StanceFit.Cell cell) {
        return Words.of("fitter.x_x_in", Numbers.whole(cell.length() / INCH), Numbers.whole(cell.width() / INCH));
    }

    static String ownMeasure(StanceFit.Cell cell, Body body) {
        return tenths(cell.length() / body.footLength()) + " × " + tenths(cell.width() / body.shoulderWidth());
    }

    private static String tenths(double number) {
        return Numbers.plain(Math.round(number * 10) / 10.0);
    }
}
