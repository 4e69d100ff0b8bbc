package app.avrel.form.closing;

import app.avrel.floor.FloorVector;
import app.avrel.form.Track;

/**
 * How the end of a form differs from its start.
 *
 * @param right metres that it ends to the right of where it began
 * @param ahead metres that it ends ahead of it
 * @param turned degrees that it ends turned, -180 to 180, to the right positive
 */
public record Gap(double right, double ahead, double turned) {

    /** Metres that nobody sees: what lengths in hundredths of a unit leave. */
    private static final double PLACE = 0.02;

    private static final double TURN = 1;

    /** {@return the gap of a track} */
    public static Gap of(Track track) {
        FloorVector offset = track.offset();
        return new Gap(
                offset.right(),
                offset.ahead(),
                Math.IEEEremainder(track.netTurn().degrees(), 360));
    }

    /** {@return metres from where it began} */
    public double distance() {
        return Math.hypot(right, ahead);
    }

    /** {@return whether it ends where and as it began, within two centimetres and a degree} */
    public boolean closed() {
        return distance() <= PLACE && Math.abs(turned) <= TURN;
    }
}
