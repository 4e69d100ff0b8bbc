package app.avrel.desktop.fitter;

import app.avrel.body.Body;
import app.avrel.floor.Numbers;
import app.avrel.mechanics.StanceFit;

/** A length and width in centimetres, inches, foot-lengths and shoulder widths. */
final class FitWords {

    private static final double INCH = 0.0254;

    private FitWords() {}

    static String size(StanceFit.Cell cell, Body body) {
        return Numbers.whole(cell.length() * 100) + " cm long (" + Numbers.whole(cell.length() / INCH) + " in, "
                + tenths(cell.length() / body.footLength()) + " foot-lengths), " + Numbers.whole(cell.width() * 100)
                + " cm wide (" + Numbers.whole(cell.width() / INCH) + " in, "
                + tenths(cell.width() / body.shoulderWidth()) + " shoulder widths)";
    }

    static String centimetres(StanceFit.Cell cell) {
        return Numbers.whole(cell.length() * 100) + " × " + Numbers.whole(cell.width() * 100) + " cm";
    }

    static String inches(StanceFit.Cell cell) {
        return Numbers.whole(cell.length() / INCH) + " × " + Numbers.whole(cell.width() / INCH) + " in";
    }

    static String ownMeasure(StanceFit.Cell cell, Body body) {
        return tenths(cell.length() / body.footLength()) + " × " + tenths(cell.width() / body.shoulderWidth());
    }

    private static String tenths(double number) {
        return Numbers.plain(Math.round(number * 10) / 10.0);
    }
}
