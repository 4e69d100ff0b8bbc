package app.avrel.desktop.figure;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Runs through counts in time; whoever shows them is told at each frame where it is. */
public final class Player extends AnimationTimer {

    /** Is told where playing is. */
    public interface Shown {

        /**
         * @param count from 0
         * @param share of the count that is over, 0 to 1
         */
        void at(int count, double share);

        /**
         * One is still being counted in.
         *
         * @param seconds until the first count begins
         */
        default void before(double seconds) {}

        /** {@return how long a count takes, in seconds} */
        double seconds(int count);

        /** {@return how many counts there are} */
        int counts();

        /** Playing has come to the end or was stopped. */
        void ended();
    }

    /** No eye needs more than sixty pictures a second, however often the window could be painted. */
    private static final long LEAST_NANOS = 12_000_000;

    private final Shown shown;
    private int count;
    private double into;
    private long last;
    private boolean running;

    public Player(Shown shown) {
        this.shown = shown;
    }

    public boolean running() {
        return running;
    }

    /** Plays from the beginning of a count. */
    public void play(int from) {
        play(from, 0);
    }

    /** Plays from the beginning of a count, after some seconds of counting in. */
    public void play(int from, double lead) {
        count = Math.max(0, from);
        into = -lead;
        last = 0;
        running = true;
        start();
    }

    /** Where the system asks for less motion, each count stands at its end instead of moving there. */
    private static boolean calm() {
        return Platform.getPreferences().isReducedMotion();
    }

    @Override
    public void stop() {
        super.stop();
        if (running) {
            running = false;
            shown.ended();
        }
    }

    @Override
    public void handle(long now) {
        if (last != 0 && now - last < LEAST_NANOS) {
            return;
        }
        into += last == 0 ? 0 : Math.min(0.1, (now - last) / 1e9);
        last = now;
        if (into < 0) {
            shown.before(-into);
            return;
        }
        while (count < shown.counts() && into >= shown.seconds(count)) {
            into -= shown.seconds(count);
            count++;
        }
        if (count >= shown.counts()) {
            stop();
        } else {
            shown.at(count, calm() ? 1 : into / shown.seconds(count));
        }
    }
}
