package app.avrel.cue.hear;

import app.avrel.posture.move.Move;
import java.util.List;

/**
 * Lays the pieces of a script along the counts of a form, in order: each where it agrees best, and as a whole.
 *
 * <p>A piece that fits what is recorded draws strongly, one that is nearly so draws a little; passing over counts costs a
 * little, for not every count need be said. What has been said of a count already draws no second time.
 */
final class Laying {

    private static final double FITS = 3;
    private static final double NEARLY = 0.9;
    private static final double SAID_ALREADY = -1;
    private static final double STRANGE = -1.5;
    private static final double BREATH = 0.8;
    private static final double WRONG_BREATH = -0.3;
    private static final double NAMED = 6;
    private static final double MISNAMED = -4;
    private static final double NUMBERED = 1.2;
    private static final double MISNUMBERED = -1.3;

    /** Where the breath is called after the movement, as the script began to do it, it belongs to what came before. */
    private static final double BREATH_AHEAD = 1.2;

    private static final double PASSED_OVER = 0.12;
    private static final double PER_SECOND = 0.02;

    /** What one line says belongs to one count. */
    private static final double LEFT_MID_LINE = 1.5;

    private static final long BREATH_SAID = 1L << 63;
    private static final long NUMBER_SAID = 1L << 62;
    private static final int MOST = 60;

    private final List<Heard> pieces;
    private final List<ToSay> counts;

    Laying(List<Heard> pieces, List<ToSay> counts) {
        this.pieces = pieces;
        this.counts = counts;
    }

    /** {@return for each piece the count it is said of} */
    int[] lay() {
        int n = pieces.size();
        int m = counts.size();
        double[] best = new double[m];
        long[] said = new long[m];
        for (int k = 0; k < m; k++) {
            best[k] = -PASSED_OVER * k;
        }
        int[][] from = new int[n][m];
        boolean breathLast = breathLast();
        for (int i = 0; i < n; i++) {
            double[] next = new double[m];
            long[] nextSaid = new long[m];
            boolean midLine = i > 0
                    && pieces.get(i).line() > 0
                    && pieces.get(i).line() == pieces.get(i - 1).line();
            double along = Double.NEGATIVE_INFINITY;
            int alongFrom = 0;
            for (int k = 0; k < m; k++) {
                Score stay = score(pieces.get(i), counts.get(k), said[k]);
                Score fresh = score(pieces.get(i), counts.get(k), 0);
                double staying = best[k] + stay.value();
                double coming = along
                        + fresh.value()
                        - (midLine ? LEFT_MID_LINE : 0)
                        - (breathLast && pieces.get(i).breathOnly() ? BREATH_AHEAD : 0);
                boolean stays = staying >= coming;
                next[k] = stays ? staying : coming;
                nextSaid[k] = stays ? said[k] | stay.said() : fresh.said();
                from[i][k] = stays ? k : alongFrom;
                if (best[k] > along) {
                    along = best[k];
                    alongFrom = k;
                }
                along -= PASSED_OVER;
            }
            best = next;
            said = nextSaid;
        }
        return back(best, from);
    }

    /** Whether the first breath is called after the first movement. */
    private boolean breathLast() {
        for (Heard piece : pieces) {
            if (piece.breathOnly() || !piece.moves().isEmpty()) {
                return !piece.breathOnly();
            }
        }
        return false;
    }

    private int[] back(double[] best, int[][] from) {
        int[] at = new int[pieces.size()];
        int k = 0;
        for (int i = 1; i < best.length; i++) {
            k = best[i] > best[k] ? i : k;
        }
        for (int i = pieces.size() - 1; i >= 0; i--) {
            at[i] = k;
            k = from[i][k];
        }
        return at;
    }

    /** How well a piece is said of a count, and which of its moves are said with it. */
    private record Score(double value, long said) {}

    private Score score(Heard piece, ToSay count, long before) {
        double value = 0;
        long said = 0;
        List<ToSay.Recorded> recorded = count.moves();
        for (Move move : piece.moves()) {
            double most = STRANGE;
            long which = 0;
            for (int r = 0; r < Math.min(recorded.size(), MOST); r++) {
                boolean fits = count.agreement().fits(move, recorded.get(r));
                boolean nearly =
                        !fits && count.agreement().slip(move, recorded.get(r)).isPresent();
                boolean again = (before & 1L << r) != 0;
                double here = fits ? again ? again(move) : FITS : nearly && !again ? NEARLY : STRANGE;
                if (here > most) {
                    most = here;
                    which = fits || nearly ? 1L << r : 0;
                }
            }
            value += most;
            said |= which;
        }
        return beside(piece, count, before, value, said);
    }

    /** Of a hand more can be said; a foot steps once. */
    private static double again(Move move) {
        return move instanceof Move.PlaceHand ? FITS / 2 : SAID_ALREADY;
    }

    private static Score beside(Heard piece, ToSay count, long before, double moves, long moved) {
        double value = moves;
        long said = moved;
        if (piece.breath().isPresent()) {
            boolean fits = piece.breath().get().begins() == count.breath().begins();
            value += fits ? (before & BREATH_SAID) != 0 ? SAID_ALREADY : BREATH : WRONG_BREATH;
            said |= BREATH_SAID;
        }
        value += count.ownWords(piece.text()) ? FITS : 0;
        if (piece.name().isPresent()) {
            boolean here = piece.name().get().equals(count.done().posture().id());
            value += here ? count.first() ? NAMED : NAMED / 2 : MISNAMED;
        }
        if (piece.number().isPresent()) {
            boolean fits = piece.number().getAsInt() == count.number() && (before & NUMBER_SAID) == 0;
            value += fits ? NUMBERED : MISNUMBERED;
            said |= NUMBER_SAID;
        }
        if (piece.time().isPresent()) {
            value += piece.time().getAsInt() == count.time() && count.first() ? NUMBERED : MISNUMBERED;
        }
        if (piece.seconds().isPresent()) {
            value -= PER_SECOND * Math.abs(piece.seconds().getAsDouble() - count.start());
        }
        return new Score(value, said);
    }
}
