package app.avrel.desktop.form;

import app.avrel.desktop.figure.Player;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.stagefloor.WalkView;
import app.avrel.form.Moment;
import app.avrel.form.Playing;
import java.util.List;
import java.util.Optional;

/** Plays the form: the body goes along the walk, and the playhead along the ribbon. */
final class FormPlaying implements Player.Shown {

    private static final double SECONDS_A_BEAT = 1;

    private final Session session;
    private final WalkView walk;
    private final Ribbon ribbon;
    private final Player player = new Player(this);
    private Optional<List<Played>> counts = Optional.empty();

    FormPlaying(Session session, WalkView walk, Ribbon ribbon) {
        this.session = session;
        this.walk = walk;
        this.ribbon = ribbon;
    }

    /** The form has changed: its counts are parted anew when it is played next. */
    void changed() {
        counts = Optional.empty();
    }

    /** A count of an entry, as it is drawn in the hall. */
    private record Played(int entry, List<Moment> moments) {}

    /** The form's counts, parted when they are first played after a change. */
    private List<Played> all() {
        List<Played> all = counts.orElseGet(() ->
                session.desk().get().survey().track(session.choice().form()).orElseThrow().occurrences().stream()
                        .flatMap(done ->
                                Moment.byCount(done.inHall()).stream().map(count -> new Played(done.entry(), count)))
                        .toList());
        counts = Optional.of(all);
        return all;
    }

    /** Plays on from the first count of the chosen entry, or stops. */
    void play() {
        if (player.running()) {
            player.stop();
            return;
        }
        List<Played> all = all();
        for (int at = 0; at < all.size(); at++) {
            if (all.get(at).entry() >= session.choice().entry()) {
                player.play(at);
                return;
            }
        }
    }

    @Override
    public void at(int count, double share) {
        walk.playing(Optional.of(playing(count).pose(share)));
        ribbon.playhead(count + share);
    }

    private Playing playing(int count) {
        return new Playing(
                all().get(count).moments(), session.project().setting().chosenBody());
    }

    @Override
    public double seconds(int count) {
        return playing(count).seconds(SECONDS_A_BEAT);
    }

    @Override
    public int counts() {
        return all().size();
    }

    @Override
    public void ended() {
        walk.playing(Optional.empty());
        ribbon.playhead(-1);
    }
}
