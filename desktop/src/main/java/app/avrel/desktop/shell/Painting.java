package app.avrel.desktop.shell;

import java.io.PrintStream;

/** How the window is painted: set before anything of it is loaded. */
public final class Painting {

    /** Frames a second at most: what a key changes waits no longer than this for its frame. */
    private static final String FRAMES = "120";

    /** Lines of smoothing a pixel, as a power of two: twice as many take half as long again, and no eye sees them. */
    private static final String SMOOTHING = "2";

    /** What the toolkit says at every start of the number of frames; nobody asked. */
    private static final String CHATTER = "Setting PULSE_DURATION";

    private Painting() {}

    public static void prepare() {
        set("javafx.animation.pulse", FRAMES);
        set("prism.marlin.subPixel_log2_Y", SMOOTHING);
        System.setErr(new PrintStream(System.err, true) {
            @Override
            public void println(String line) {
                if (line == null || !line.startsWith(CHATTER)) {
                    super.println(line);
                }
            }
        });
    }

    /** What is asked for on the command line holds. */
    private static void set(String property, String value) {
        if (System.getProperty(property) == null) {
            System.setProperty(property, value);
        }
    }
}
