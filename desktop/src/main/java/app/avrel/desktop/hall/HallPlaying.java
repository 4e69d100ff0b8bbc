package app.avrel.desktop.hall;

import app.avrel.desktop.figure.Player;
import app.avrel.desktop.parts.Click;
import java.util.List;

/** Goes through counts in the hall: by steps, or playing with its beats heard and its words said ahead. */
final class HallPlaying implements Player.Shown {

    /** Seconds before a count at which its words are said. */
    private static final double LEAD = 1.5;

    /** Beats that are counted before one begins to move. */
    static final int COUNT_IN = 4;

    private final List<HallCount> counts;
    private final HallScreen screen;
    private final HallVoice voice;
    private final Player player = new Player(this);
    private final Click click = new Click(Click.BEAT);
    private boolean loops;
    private boolean countsIn;
    private int spoken = -1;
    private HallTempo pace = HallTempo.USUAL;
    private List<Double> lengths;
    private int at;
    private int lastBeat = -1;

    HallPlaying(List<HallCount> counts, HallScreen screen, HallVoice voice, int from) {
        this.counts = counts;
        this.screen = screen;
        this.voice = voice;
        lengths = pace.seconds(counts);
        at = Math.clamp(from, 0, Math.max(0, counts.size() - 1));
    }

    /** {@return the count one is at, from 0} */
    int at() {
        return at;
    }

    HallTempo pace() {
        return pace;
    }

    void pace(HallTempo changed) {
        pace = changed;
        lengths = pace.seconds(counts);
    }

    /** {@return whether one posture is now played over and over} */
    boolean loop() {
        loops = !loops;
        return loops;
    }

    /** {@return whether beats are now counted before one begins} */
    boolean countIn() {
        countsIn = !countsIn;
        return countsIn;
    }

    void stop() {
        player.stop();
    }

    void close() {
        player.stop();
        click.close();
        voice.close();
    }

    void standAt(HallCount count) {
        at = counts.indexOf(count);
        stand();
    }

    /** Shows the words of the count one is at once more. */
    void again() {
        if (!counts.isEmpty()) {
            text(at);
        }
    }

    /** Steps on, or back. */
    void go(int by) {
        player.stop();
        at = Math.clamp(at + by, 0, Math.max(0, counts.size() - 1));
        stand();
    }

    /** Plays on from where one is, or stops. */
    void play() {
        if (player.running()) {
            player.stop();
        } else if (!counts.isEmpty()) {
            int from = at == counts.size() - 1 ? 0 : at;
            text(from);
            screen.begin(counts.get(from));
            player.play(from, countsIn ? COUNT_IN * pace.secondsABeat() : 0);
        }
    }

    /** Shows the end of the count that one is at. */
    void stand() {
        if (counts.isEmpty()) {
            screen.nothing();
            return;
        }
        text(at);
        screen.end(counts.get(at));
    }

    private void text(int count) {
        screen.text(
                counts.get(count),
                count + 1 < counts.size() ? counts.get(count + 1).words() : "");
    }

    /** Beats before the first count: their number is seen, and each is heard. */
    @Override
    public void before(double seconds) {
        int beatsLeft = (int) Math.ceil(seconds / pace.secondsABeat() - 1e-9);
        if (tick(-beatsLeft)) {
            screen.countIn(beatsLeft);
        }
        screen.beat(1 - seconds / pace.secondsABeat() / COUNT_IN, COUNT_IN);
    }

    /** {@return whether another beat begins; it is heard} */
    private boolean tick(int beat) {
        boolean begins = beat != lastBeat;
        if (begins) {
            lastBeat = beat;
            click.play();
        }
        return begins;
    }

    @Override
    public void at(int count, double share) {
        if (count != at) {
            if (loops && !counts.get(count).posture().equals(counts.get(at).posture())) {
                player.play(firstOf(at));
                return;
            }
            at = count;
            lastBeat = -1;
        }
        speakAhead(count, share);
        text(count);
        HallCount shown = counts.get(count);
        int beats = (int) Math.ceil(shown.moments().getFirst().count().beats());
        tick((int) (share * beats));
        screen.playing(shown, share, beats);
    }

    private int firstOf(int count) {
        int first = count;
        while (first > 0
                && counts.get(first - 1).posture().equals(counts.get(count).posture())) {
            first--;
        }
        return first;
    }

    /** The words of the next count are said before it begins; those of the first at once. */
    private void speakAhead(int count, double share) {
        int due = seconds(count) * (1 - share) <= LEAD ? count + 1 : count;
        if (due > spoken && due < counts.size() || due < spoken - 1) {
            spoken = due;
            voice.say(counts.get(due).words());
        }
    }

    @Override
    public double seconds(int count) {
        return lengths.get(count);
    }

    @Override
    public int counts() {
        return counts.size();
    }

    @Override
    public void ended() {
        lastBeat = -1;
        stand();
    }
}
