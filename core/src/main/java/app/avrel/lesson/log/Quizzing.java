package app.avrel.lesson.log;

import app.avrel.form.FormId;
import app.avrel.form.Occurrence;
import app.avrel.posture.PostureId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A quiz over a form while it goes on: after each posture one is asked what comes next, is shown it, and says whether one
 * knew.
 *
 * @param run the form's postures, in order
 * @param at the posture one stands at the end of, from 0
 * @param shown whether what comes next has been shown
 */
@RecordBuilder
public record Quizzing(List<Occurrence> run, int at, boolean shown, int asked, List<PostureId> missed)
        implements QuizzingBuilder.With {

    public Quizzing {
        run = List.copyOf(run);
        missed = List.copyOf(missed);
    }

    /** {@return a quiz that begins after a posture, from 0} */
    public static Quizzing from(List<Occurrence> run, int at) {
        return new Quizzing(run, at, false, 0, List.of());
    }

    /** {@return whether nothing is left to be asked} */
    public boolean over() {
        return at + 1 >= run.size();
    }

    /** {@return what comes next; empty where the form is over} */
    public Optional<Occurrence> next() {
        return over() ? Optional.empty() : Optional.of(run.get(at + 1));
    }

    /** {@return this with what comes next shown} */
    public Quizzing show() {
        return over() ? this : withShown(true);
    }

    /** {@return this one posture on, once one has said whether one knew what was shown; nothing changes before that} */
    public Quizzing answer(boolean knew) {
        if (!shown || over()) {
            return this;
        }
        List<PostureId> all = new ArrayList<>(missed);
        if (!knew) {
            all.add(run.get(at + 1).posture().id());
        }
        return new Quizzing(run, at + 1, false, asked + 1, all);
    }

    public int known() {
        return asked - missed.size();
    }

    /** {@return the score, to be kept; empty where nothing was answered} */
    public Optional<Quiz> score(FormId form, LocalDate date) {
        return asked == 0 ? Optional.empty() : Optional.of(new Quiz(date, form, asked, missed));
    }
}
