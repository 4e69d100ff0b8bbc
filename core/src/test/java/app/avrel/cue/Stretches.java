package app.avrel.cue;

import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Performances;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Unroll;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/** One posture done again and again, each time on a side. */
final class Stretches {

    private Stretches() {}

    static List<Occurrence> of(Posture posture, Played... each) {
        List<Entry> entries = IntStream.range(0, each.length)
                .mapToObj(at -> Entry.of(new EntryId("e" + at), posture.id(), each[at]))
                .toList();
        Form form = new Form(new FormId("f"), "F", List.of(new Part("", entries)), Optional.empty(), Optional.empty());
        return Unroll.form(
                        form,
                        new Shelf(Map.of(posture.id(), posture), Map.of()),
                        new Performances(Standing.POSING, Optional.empty()))
                .occurrences();
    }
}
