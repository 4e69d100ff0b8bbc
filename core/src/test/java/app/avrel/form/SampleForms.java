package app.avrel.form;

import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import app.avrel.samples.SampleProjects;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A made-up form with all that unrolling needs. */
record SampleForms(Form form, Shelf shelf, Performer posing) {

    static SampleForms of(long seed) {
        Project project = SampleProjects.of(seed, 8);
        return new SampleForms(
                project.forms().getFirst(),
                project.shelf(),
                project.posing(project.forms().getFirst()));
    }

    /** With no posture that is done differently on its other side. */
    SampleForms alikeOnBothSides() {
        Map<PostureId, Posture> postures = shelf.postures().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        entry ->
                                entry.getValue().withOtherSide(List.of()).withMirroring(Posture.Mirroring.BOTH_SIDES)));
        return new SampleForms(form, new Shelf(postures, shelf.links()), posing);
    }

    Track track() {
        return Unroll.form(form, shelf, posing);
    }

    Track track(Form other) {
        return Unroll.form(other, shelf, posing);
    }
}
