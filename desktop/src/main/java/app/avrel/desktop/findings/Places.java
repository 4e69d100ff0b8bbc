package app.avrel.desktop.findings;

import app.avrel.desktop.words.Words;
import app.avrel.project.Project;
import app.avrel.rules.Where;

/** Places of the record in words. */
public final class Places {

    private Places() {}

    /** {@return such as {@code Wade Back, count 2}} */
    public static String words(Where where, Project project) {
        return switch (where) {
            case Where.InPosture(var id, var count) ->
                project.posture(id).map(Words::name).orElse(id.key())
                        + count.map(at -> Words.of("common.count_3", at + 1)).orElse("");
            case Where.InForm(var form, int entry, var count) ->
                Words.of(
                        "findings.entry",
                        project.form(form).map(found -> found.name()).orElse(form.key()),
                        entry + 1,
                        count.map(at -> Words.of("findings.way_count", at + 1)).orElse(""));
        };
    }
}
