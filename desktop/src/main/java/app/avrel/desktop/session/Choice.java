package app.avrel.desktop.session;

import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import app.avrel.rules.Where;
import java.util.Optional;

/**
 * What is chosen, room by room.
 *
 * @param posture the posture on the desk; empty where the shelf is empty
 * @param count of that posture, from 0; -1 is its start
 * @param form the form on the desk
 * @param entry of that form, from 0; -1 where it is empty
 * @param lesson from 0; -1 where there is none
 * @param segment of that lesson, from 0; -1 where it is empty
 */
public record Choice(Optional<PostureId> posture, int count, FormId form, int entry, int lesson, int segment) {

    /** The start of a posture, in place of a count. */
    public static final int START = -1;

    /** {@return the first of everything} */
    public static Choice first(Project project) {
        return new Choice(Optional.empty(), 0, new FormId("?"), 0, 0, 0).within(project);
    }

    /** {@return this choice, moved to what the project really has} */
    public Choice within(Project project) {
        Optional<Posture> shown = posture.flatMap(project::posture)
                .or(() -> project.postures().stream().findFirst());
        Form chosenForm = project.form(form).orElse(project.forms().getFirst());
        int lessons = project.lessons().size();
        int chosenLesson = Math.min(Math.max(lesson, 0), lessons - 1);
        int segments = chosenLesson < 0
                ? 0
                : project.lessons().get(chosenLesson).segments().size();
        return new Choice(
                shown.map(Posture::id),
                Math.clamp(count, START, shown.map(p -> p.counts().size()).orElse(0) - 1),
                chosenForm.id(),
                Math.min(Math.max(entry, 0), chosenForm.entries().size() - 1),
                chosenLesson,
                Math.min(Math.max(segment, 0), segments - 1));
    }

    public Choice withPosture(PostureId id, int newCount) {
        return new Choice(Optional.of(id), newCount, form, entry, lesson, segment);
    }

    public Choice withCount(int newCount) {
        return new Choice(posture, newCount, form, entry, lesson, segment);
    }

    public Choice withForm(FormId id) {
        return new Choice(posture, count, id, 0, lesson, segment);
    }

    public Choice withEntry(int newEntry) {
        return new Choice(posture, count, form, newEntry, lesson, segment);
    }

    public Choice withLesson(int newLesson) {
        return new Choice(posture, count, form, entry, newLesson, 0);
    }

    public Choice withSegment(int newSegment) {
        return new Choice(posture, count, form, entry, lesson, newSegment);
    }

    /** {@return the choice of what a finding is about: a count of a posture, or an entry of a form} */
    public Choice at(Where where) {
        return switch (where) {
            case Where.InPosture(var of, var at) -> withPosture(of, at.orElse(START));
            case Where.InForm(var of, int at, var _) -> withForm(of).withEntry(at);
        };
    }
}
