package app.avrel.desktop.ribbon;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.paint.Color;

/** The load of very many counts as one band: at each pixel that of the count that stands there. */
record DenseBand(GraphicsContext g, RibbonScale scale, double middle, double half) {

    private static final int CLEAR = 0;

    /** Pixel by pixel: thousands of little columns are painted at once. */
    void paint(List<RibbonCell> cells, int first, int past, Color left, Color right) {
        int from = (int) Math.floor(Math.max(scale.left(first), scale.margin()));
        int to = (int) Math.ceil(Math.min(scale.right(past - 1), scale.width()));
        int side = (int) Math.ceil(half);
        if (to <= from) {
            return;
        }
        int[] pixels = new int[(to - from) * 2 * side];
        int cell = first;
        for (int x = from; x < to; x++) {
            while (cell < past - 1 && scale.right(cell) < x + 0.5) {
                cell++;
            }
            double share = cells.get(cell).stages().getLast().to() / 100;
            column(pixels, x - from, to - from, side, share, argb(left), argb(right));
        }
        g.getPixelWriter()
                .setPixels(
                        from,
                        (int) Math.rint(middle) - side,
                        to - from,
                        2 * side,
                        PixelFormat.getIntArgbInstance(),
                        pixels,
                        0,
                        to - from);
    }

    private void column(int[] pixels, int x, int width, int side, double share, int left, int right) {
        long above = Math.round(half * share);
        long below = Math.round(half * (1 - share));
        for (int y = 0; y < 2 * side; y++) {
            int colour = y < side ? left : right;
            pixels[y * width + x] = y >= side - above && y < side + below ? colour : CLEAR;
        }
    }

    private static int argb(Color colour) {
        return (int) Math.round(colour.getOpacity() * 255) << 24
                | (int) Math.round(colour.getRed() * 255) << 16
                | (int) Math.round(colour.getGreen() * 255) << 8
                | (int) Math.round(colour.getBlue() * 255);
    }
}
