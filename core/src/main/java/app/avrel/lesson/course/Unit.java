package app.avrel.lesson.course;

import app.avrel.form.EntryId;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.posture.Posture;
import java.util.List;

/**
 * An entry of a form as something to be taught.
 *
 * @param number of the entry, from 0
 * @param stretch what is done, every time it is
 * @param tied whether it should be taught in the same lesson as the one before: the other side of it, or the same group
 * @param effort what teaching it takes
 */
public record Unit(int number, EntryId entry, List<Occurrence> stretch, boolean tied, Effort effort) {

    public Unit {
        stretch = List.copyOf(stretch);
    }

    /** {@return what it is called in the language that is spoken, with the side it is done on} */
    public String name() {
        Posture posture = stretch.getFirst().posture();
        String name = posture.called(Labels.language());
        return posture.side()
                .map(side -> name + Labels.say("lessons.comma") + Labels.of(side))
                .orElse(name);
    }
}
