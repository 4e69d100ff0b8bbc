package app.avrel.cli;

import app.avrel.posture.Posture;
import app.avrel.project.Project;
import app.avrel.rules.Where;

/** Places of the record in words. */
final class Places {

    private Places() {}

    /** {@return such as {@code Wade Back, count 2} or {@code Long form, entry 7, way in 1}} */
    static String words(Where where, Project project) {
        return switch (where) {
            case Where.InPosture(var id, var count) ->
                project.posture(id).map(Posture::name).orElse(id.key())
                        + count.map(at -> ", count " + (at + 1)).orElse("");
            case Where.InForm(var form, int entry, var count) ->
                project.form(form).map(found -> found.name()).orElse(form.key()) + ", entry " + (entry + 1)
                        + count.map(at -> ", way in " + (at + 1)).orElse("");
        };
    }
}
