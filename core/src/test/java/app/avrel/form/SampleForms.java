package app.avrel.form;

import app.avrel.motion.Posing;
import app.avrel.project.Project;
import app.avrel.samples.SampleProjects;

/** A made-up form with all that unrolling needs. */
record SampleForms(Form form, Shelf shelf, Posing posing) {

    static SampleForms of(long seed) {
        Project project = SampleProjects.of(seed, 8);
        return new SampleForms(
                project.forms().getFirst(), project.shelf(), project.setting().posing());
    }

    Track track() {
        return Unroll.form(form, shelf, posing);
    }

    Track track(Form other) {
        return Unroll.form(other, shelf, posing);
    }
}
