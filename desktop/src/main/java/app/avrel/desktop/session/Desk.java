package app.avrel.desktop.session;

import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Analysis;
import app.avrel.project.Holder;
import app.avrel.project.Project;
import app.avrel.rules.Finding;
import app.avrel.words.Wording;
import java.util.Optional;

/**
 * What views show: the computed project and the choice, changed together.
 *
 * @param staging the direction of the hall in which postures and forms start for now
 * @param selected the finding that is being looked at
 * @param shownOnly whether it is only shown, as if it were made: it is not recorded
 */
public record Desk(Analysis survey, Choice choice, Heading staging, Optional<Finding> selected, boolean shownOnly) {

    /** A desk is like no other: comparing two would compare everything that is computed. */
    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(this);
    }

    private Turn turn() {
        return new Turn(staging.degrees());
    }

    /** {@return a posture by itself, starting in the direction it is staged in} */
    public Optional<Occurrence> occurrence(PostureId posture) {
        return survey.track(posture)
                .map(track -> track.turned(turn()).occurrences().getFirst());
    }

    /** {@return what a run of counts belongs to, with its poses: a posture by itself, a way in where its form does it} */
    public Optional<Occurrence> occurrence(Holder holder) {
        return holder instanceof Holder.OfPosture(PostureId id) ? occurrence(id) : holder.occurrence(survey);
    }

    public Project project() {
        return survey.project();
    }

    /** {@return the words for a posture on the shelf: clock, compass and walls as it is staged for now} */
    public Wording saying() {
        return new Wording(project().directions(), staging, project().setting().rules());
    }

    /** {@return the words for a section of something done where it stands in the hall} */
    public Wording saying(Occurrence done, Moment.Section section) {
        return saying().withFront(done.front(section));
    }

    public Optional<Posture> posture() {
        return choice.posture().flatMap(project()::posture);
    }

    public Form form() {
        return project().form(choice.form()).orElseThrow();
    }

    public Track formTrack() {
        Track track = survey.track(choice.form()).orElseThrow();
        return staging.equals(Heading.FRONT) ? track : track.turned(turn());
    }

    /** {@return the course of the lesson on the desk} */
    public Optional<Course> course() {
        return lesson().flatMap(Lesson::course).flatMap(project()::course);
    }

    public Optional<Lesson> lesson() {
        return choice.lesson() < 0
                ? Optional.empty()
                : Optional.of(project().lessons().get(choice.lesson()));
    }
}
