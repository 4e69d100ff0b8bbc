package app.avrel.desktop.form;

import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.form.closing.Closure;
import app.avrel.form.closing.Gap;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;

/** Says how a form fails to close, and what a change of amounts would do. */
final class ClosingWords {

    private ClosingWords() {}

    /** {@return how the form ends, against how it began} */
    static String gap(Gap gap, Directions directions) {
        if (gap.closed()) {
            return Words.of("form.ends_where_as");
        }
        String place = Words.of(
                "form.ends",
                cm(Math.abs(gap.ahead())),
                gap.ahead() < 0 ? Words.of("form.behind") : Words.of("form.ahead"),
                cm(Math.abs(gap.right())),
                gap.right() < 0 ? Words.of("form.left_2") : Words.of("form.right_2"));
        long turned = Math.round(Math.abs(gap.turned()));
        return turned == 0
                ? Words.of("form.facing_as_began", place)
                : Words.of(
                        "form.turned",
                        place,
                        turned,
                        gap.turned() < 0 ? Words.of("form.left") : Words.of("form.right"));
    }

    /** {@return a change, such as {@code Wade Back, count 2: step 44 → 50 cm (done 3 times)}} */
    static String change(Closure.Change change, Project project, Form form) {
        PostureId id = change.amount().posture();
        String name = project.posture(id).map(Words::name).orElse(id.key());
        long times = form.entries().stream()
                .filter(entry -> entry.posture().equals(id))
                .mapToLong(entry -> entry.times())
                .sum();
        return Words.of(
                "form.count",
                name,
                change.amount().count() + 1,
                amount(change),
                times == 1 ? "" : Words.of("form.done_times", times));
    }

    private static String amount(Closure.Change change) {
        double from = change.amount().said();
        double to = change.to();
        return switch (change.amount().kind()) {
            case DISTANCE -> Words.of("form.step", Numbers.whole(from * 100), cm(to));
            case WIDTH -> Words.of("form.width", Numbers.whole(from * 100), cm(to));
            case TURN -> Words.of("form.turn", turn(from), turn(to));
        };
    }

    private static String turn(double degrees) {
        return Math.round(Math.abs(degrees)) + "° "
                + (degrees < 0 ? Words.of("common.left") : Words.of("common.right"));
    }

    /** {@return how it ends then, and what that does to the joins} */
    static String then(Closure way, Project before, Project after, Form form) {
        long opened = open(after, form) - open(before, form);
        String joins = opened == 0
                ? ""
                : opened > 0
                        ? Words.of("form.opens", opened)
                        : Words.of(
                                "form.closes", -opened, opened == -1 ? Words.of("form.join") : Words.of("form.joins"));
        return Words.of("form.then_ends_from", cm(way.gap().distance()), joins);
    }

    private static long open(Project project, Form form) {
        Track track = Unroll.form(form, project.shelf(), project.posing(form));
        return track.occurrences().stream().filter(done -> !done.join().fits()).count();
    }

    private static String cm(double metres) {
        return Words.of("common.cm", Numbers.whole(metres * 100));
    }
}
