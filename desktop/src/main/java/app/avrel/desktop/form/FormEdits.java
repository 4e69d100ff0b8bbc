package app.avrel.desktop.form;

import app.avrel.desktop.words.Words;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Played;
import app.avrel.posture.PostureId;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is done to forms as a whole: made, named, parted, and entries added. */
final class FormEdits {

    private FormEdits() {}

    /** A new form without entries. */
    static Edit form(FormId id) {
        return Edit.of(Words.of("form.add_form"), project -> {
            List<Form> all = new ArrayList<>(project.forms());
            all.add(new Form(id, Words.of("form.new_form"), List.of(), Optional.empty(), Optional.empty()));
            return project.withForms(all);
        });
    }

    static Edit rename(FormId id, String name) {
        return Edit.running(
                Words.of("form.rename_form"),
                id + "/name",
                project -> project.changeForm(id, form -> form.withName(name)));
    }

    /** A new part at the end. */
    static Edit part(FormId id) {
        return Edit.of(
                Words.of("form.add_part"),
                project -> project.changeForm(
                        id,
                        form -> form.withPart(
                                Words.of("form.part_3", form.parts().size() + 1))));
    }

    /** A posture after an entry, or as the first where the form has none. */
    static Edit entry(FormId id, int after, PostureId posture, Played played) {
        return Edit.of(
                Words.of("form.add_form_2"),
                project -> project.changeForm(id, form -> {
                    Entry entry = Entry.of(form.freshId(), posture, played);
                    return form.entries().isEmpty()
                            ? form.append(form.parts().size() - 1, entry)
                            : form.insertAfter(after, entry);
                }));
    }
}
