package app.avrel.form;

import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a form ends where it began, and where it went astray.
 *
 * @param offset from the middle between the heels at the start to that at the end
 * @param netTurn all turning, whole turns kept
 * @param astray from which occurrence on the walk was never near its start again; empty where it ends near it
 * @param farthest the occurrence since then that travels farthest, the first of those as far
 */
public record Returning(FloorVector offset, Turn netTurn, Optional<Occurrence> astray, Optional<Occurrence> farthest) {

    /** Nearer than half a metre is as good as there. */
    public static final double NEAR = 0.5;

    /** {@return how a track returns} */
    public static Returning of(Track track) {
        List<Occurrence> all = track.occurrences();
        int since = all.size();
        while (since > 0 && away(track, all.get(since - 1))) {
            since--;
        }
        List<Occurrence> stretch = all.subList(since, all.size());
        return new Returning(
                track.offset(),
                track.netTurn(),
                stretch.stream().findFirst(),
                stretch.stream().max(Comparator.comparingLong(Returning::micrometres)));
    }

    /** What is as far but for rounding is as far: the first of them is named. */
    private static long micrometres(Occurrence done) {
        return Math.round(done.travel().length() * 1e6);
    }

    private static boolean away(Track track, Occurrence done) {
        return done.end().middle().distance(track.start().middle()) > NEAR;
    }

    /** {@return whether it ends where it began, within half a metre} */
    public boolean home() {
        return offset.length() <= NEAR;
    }

    /** {@return whether it ends facing as it began, within a degree, whole turns aside} */
    public boolean facesAsItBegan() {
        return Math.abs(Math.IEEEremainder(netTurn.degrees(), 360)) <= 1;
    }
}
