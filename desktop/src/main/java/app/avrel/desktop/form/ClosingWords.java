package app.avrel.desktop.form;

import app.avrel.floor.Directions;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.form.closing.Closure;
import app.avrel.form.closing.Gap;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;

/** Says how a form fails to close, and what a change of amounts would do. */
final class ClosingWords {

    private ClosingWords() {}

    /** {@return how the form ends, against how it began} */
    static String gap(Gap gap, Directions directions) {
        if (gap.closed()) {
            return "It ends where and as it began.";
        }
        String place = "It ends " + cm(Math.abs(gap.ahead())) + (gap.ahead() < 0 ? " behind and " : " ahead and ")
                + cm(Math.abs(gap.right())) + (gap.right() < 0 ? " to the left of" : " to the right of")
                + " its start";
        long turned = Math.round(Math.abs(gap.turned()));
        return turned == 0
                ? place + ", facing as it began."
                : place + ", turned " + turned + "° to the " + (gap.turned() < 0 ? "left." : "right.");
    }

    /** {@return a change, such as {@code Wade Back, count 2: step 44 → 50 cm (done 3 times)}} */
    static String change(Closure.Change change, Project project, Form form) {
        PostureId id = change.amount().posture();
        String name = project.posture(id).map(Posture::name).orElse(id.key());
        long times = form.entries().stream()
                .filter(entry -> entry.posture().equals(id))
                .mapToLong(entry -> entry.times())
                .sum();
        return name + ", count " + (change.amount().count() + 1) + ": " + amount(change)
                + (times == 1 ? "" : " (done " + times + " times)");
    }

    private static String amount(Closure.Change change) {
        double from = change.amount().said();
        double to = change.to();
        return switch (change.amount().kind()) {
            case DISTANCE -> "step " + Numbers.whole(from * 100) + " → " + cm(to);
            case WIDTH -> "width " + Numbers.whole(from * 100) + " → " + cm(to);
            case TURN -> "turn " + turn(from) + " → " + turn(to);
        };
    }

    private static String turn(double degrees) {
        return Math.round(Math.abs(degrees)) + "° " + (degrees < 0 ? "left" : "right");
    }

    /** {@return how it ends then, and what that does to the joins} */
    static String then(Closure way, Project before, Project after, Form form) {
        long opened = open(after, form) - open(before, form);
        String joins = opened == 0
                ? ""
                : opened > 0
                        ? " Opens " + opened + (opened == 1 ? " join." : " joins.")
                        : " Closes " + -opened + (opened == -1 ? " join." : " joins.");
        return "Then it ends " + cm(way.gap().distance()) + " from its start." + joins;
    }

    private static long open(Project project, Form form) {
        Track track = Unroll.form(form, project.shelf(), project.posing(form));
        return track.occurrences().stream().filter(done -> !done.join().fits()).count();
    }

    private static String cm(double metres) {
        return Numbers.whole(metres * 100) + " cm";
    }
}
