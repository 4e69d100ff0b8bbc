package app.avrel.desktop.form;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Occurrence;
import app.avrel.form.Returning;
import app.avrel.form.Track;

/** Whether a form ends where it began, and if not, after which entry it went astray. */
final class ReturnWords {

    private ReturnWords() {}

    static String of(Desk desk, Track track) {
        if (track.occurrences().isEmpty()) {
            return Words.of("form.add_postures_see");
        }
        Returning returning = Returning.of(track);
        String facing = Words.of(
                "form.ends_facing_net",
                desk.project().directions().say(track.end().facing()),
                turn(returning.netTurn().degrees()));
        if (!track.placed()) {
            return Words.of("form.where_ends_open", facing);
        }
        String ends = Words.of(
                "form.where",
                way(returning.offset().ahead(), Words.of("common.ahead"), Words.of("form.back")),
                way(returning.offset().right(), Words.of("common.right_3"), Words.of("common.left_3")));
        return facing
                + ends
                + (returning.home()
                        ? Words.of("common.full_stop")
                        : returning
                                .astray()
                                .map(done -> astray(desk, returning, done))
                                .orElseGet(() -> Words.of("common.full_stop")));
    }

    private static String astray(Desk desk, Returning returning, Occurrence since) {
        String farthest = returning
                .farthest()
                .filter(done -> done != since)
                .map(done -> Words.of(
                        "form.travels_farthest",
                        EntryLine.title(desk, done),
                        metres(done.travel().length())))
                .orElse("");
        return Words.of("form.away_since", EntryLine.title(desk, since), farthest);
    }

    private static String turn(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0
                ? "0°"
                : Words.of("form.x_to_the", size, degrees > 0 ? Words.of("common.right") : Words.of("common.left"));
    }

    private static String way(double along, String plus, String minus) {
        return metres(Math.abs(along)) + " " + (along < 0 ? minus : plus);
    }

    private static String metres(double metres) {
        return Words.of("form.m", Numbers.plain(Math.round(metres * 100) / 100.0));
    }
}
