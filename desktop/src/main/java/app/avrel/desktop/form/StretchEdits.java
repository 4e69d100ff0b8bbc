package app.avrel.desktop.form;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Entry;
import app.avrel.form.EntryRange;
import app.avrel.form.Form;
import app.avrel.form.FormPlace;
import app.avrel.posture.PostureId;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** What can be done with a stretch of the chosen form. Each is one edit; the stretch that results stays chosen. */
final class StretchEdits {

    private final Session session;
    private Optional<EntryRange> chosen = Optional.empty();
    private List<Entry> copied = List.of();

    StretchEdits(Session session) {
        this.session = session;
    }

    /** {@return the stretch that is chosen; empty in an empty form} */
    Optional<EntryRange> chosen() {
        int entry = session.choice().entry();
        int size = form().entries().size();
        return chosen.filter(stretch -> stretch.has(entry) && stretch.last() < size)
                .or(() -> entry < 0 ? Optional.empty() : Optional.of(new EntryRange(entry, entry)));
    }

    void choose(EntryRange stretch) {
        chosen = Optional.of(stretch);
    }

    private Form form() {
        return session.desk().get().form();
    }

    void nudge(int by) {
        chosen().ifPresent(stretch -> {
            Form moved = stretch.nudged(form(), by);
            apply(Words.of("form.move"), moved, stretch.of(form()));
        });
    }

    void moveTo(FormPlace place) {
        chosen().ifPresent(stretch -> apply(Words.of("form.move"), stretch.moved(form(), place), stretch.of(form())));
    }

    void copyTo(FormPlace place) {
        chosen().ifPresent(
                        stretch -> added(Words.of("form.copy"), stretch.copied(form(), place), place, stretch.size()));
    }

    void duplicate() {
        chosen().ifPresent(stretch -> copyTo(FormPlace.after(form(), stretch.last())));
    }

    /** The stretch on the other side, after the last entry of its part. */
    void appendMirrored() {
        chosen().ifPresent(stretch -> {
            int part = form().partOf(stretch.last());
            FormPlace end =
                    new FormPlace(part, form().parts().get(part).entries().size());
            Project project = session.project();
            added(
                    Words.of("form.copy_mirrored"),
                    stretch.copiedMirrored(form(), end, project.shelf()),
                    end,
                    stretch.size());
        });
    }

    void mirror() {
        change(
                Words.of("form.do_on_other"),
                (stretch, form) -> stretch.mirrored(form, session.project().shelf()));
    }

    /** Typing a name is one step to undo. */
    void group(String name) {
        chosen().ifPresent(stretch -> session.apply(Edit.running(
                Words.of("form.name_group"),
                session.choice().form() + "/group/" + stretch,
                changing(stretch.grouped(form(), name)))));
    }

    void takeOut() {
        chosen().ifPresent(stretch -> {
            Choice choice = session.choice();
            session.apply(
                    Edit.of(named(Words.of("form.take_out"), stretch), changing(stretch.takenOut(form()))),
                    choice.withEntry(Math.max(0, stretch.first())));
        });
    }

    void copy() {
        copied = chosen().map(stretch -> List.copyOf(stretch.of(form()))).orElse(copied);
    }

    void cut() {
        copy();
        takeOut();
    }

    /** Puts what was copied after the chosen stretch; it may come from another form. */
    void paste() {
        FormPlace place = chosen().map(stretch -> FormPlace.after(form(), stretch.last()))
                .orElseGet(() -> FormPlace.before(form(), 0));
        Form changed = form();
        for (int i = copied.size() - 1; i >= 0; i--) {
            changed = changed.insertAt(place, copied.get(i).withId(changed.freshId()));
        }
        if (!copied.isEmpty()) {
            added(Words.of("form.paste"), changed, place, copied.size());
        }
    }

    /** One posture in place of another wherever the form has it. */
    void replaceEverywhere(PostureId old, PostureId by) {
        session.apply(Edit.of(Words.of("form.replace_posture_everywhere"), changing(form().replacing(old, by))));
    }

    private void change(String name, BiFunction<EntryRange, Form, Form> edit) {
        chosen().ifPresent(
                        stretch -> session.apply(Edit.of(named(name, stretch), changing(edit.apply(stretch, form())))));
    }

    private void added(String name, Form changed, FormPlace place, int size) {
        int first = place.entry(form());
        EntryRange fresh = new EntryRange(first, first + size - 1);
        chosen = Optional.of(fresh);
        session.apply(
                Edit.of(named(name, fresh), changing(changed)), session.choice().withEntry(first));
    }

    private void apply(String name, Form changed, List<Entry> moved) {
        int first = changed.indexOf(moved.getFirst().id()).orElse(0);
        EntryRange now = new EntryRange(first, first + moved.size() - 1);
        chosen = Optional.of(now);
        session.apply(
                Edit.of(named(name, now), changing(changed)), session.choice().withEntry(first));
    }

    private static String named(String name, EntryRange stretch) {
        return stretch.size() == 1 ? Words.of("form.entry", name) : Words.of("form.entries_2", name, stretch.size());
    }

    private UnaryOperator<Project> changing(Form changed) {
        return project -> project.changeForm(changed.id(), _ -> changed);
    }
}
