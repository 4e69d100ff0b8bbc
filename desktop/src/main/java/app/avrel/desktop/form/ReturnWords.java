package app.avrel.desktop.form;

import app.avrel.desktop.session.Session;
import app.avrel.floor.Numbers;
import app.avrel.form.Occurrence;
import app.avrel.form.Returning;
import app.avrel.form.Track;

/** Whether a form ends where it began, and if not, after which entry it went astray. */
final class ReturnWords {

    private ReturnWords() {}

    static String of(Session.Desk desk, Track track) {
        if (track.occurrences().isEmpty()) {
            return "Add postures to see where they lead.";
        }
        Returning returning = Returning.of(track);
        String facing = "Ends facing "
                + desk.project().setting().directions().say(track.end().facing()) + ", net turn "
                + turn(returning.netTurn().degrees());
        if (!track.placed()) {
            return facing + ". Where it ends is open: a distance or a width is not said.";
        }
        String ends = ", " + way(returning.offset().ahead(), "ahead", "back") + " and "
                + way(returning.offset().right(), "to the right", "to the left") + " of where it began";
        return facing
                + ends
                + (returning.home()
                        ? "."
                        : returning
                                .astray()
                                .map(done -> astray(desk, returning, done))
                                .orElse("."));
    }

    private static String astray(Session.Desk desk, Returning returning, Occurrence since) {
        String farthest = returning
                .farthest()
                .filter(done -> done != since)
                .map(done -> "; " + EntryLine.title(desk, done) + " travels farthest, "
                        + metres(done.travel().length()))
                .orElse("");
        return ": away since " + EntryLine.title(desk, since) + farthest + ".";
    }

    private static String turn(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0 ? "0°" : size + "° to the " + (degrees > 0 ? "right" : "left");
    }

    private static String way(double along, String plus, String minus) {
        return metres(Math.abs(along)) + " " + (along < 0 ? minus : plus);
    }

    private static String metres(double metres) {
        return Numbers.plain(Math.round(metres * 100) / 100.0) + " m";
    }
}
