package app.avrel.bench;

import app.avrel.files.Demo;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A long form made from the demo's postures: about six and a half counts an entry, ways in included. */
public final class GeneratedForm {

    private GeneratedForm() {}

    /** {@return the demo with one form of so many entries} */
    public static Project of(int entries) {
        Project demo = Demo.project();
        List<Count> counts = demo.links().values().stream()
                .flatMap(link -> link.counts().stream())
                .toList();
        List<Entry> all = new ArrayList<>();
        for (int i = 0; i < entries; i++) {
            Posture posture = demo.postures().get(i % demo.postures().size());
            Played played = i % 3 == 0 ? Played.OTHER_SIDE : Played.AS_RECORDED;
            List<Count> way = Stream.iterate(i, at -> at + 1)
                    .limit(2 + i % 2)
                    .map(at -> counts.get(at % counts.size()))
                    .toList();
            WayIn in = new WayIn.Own(new Link("", way));
            all.add(new Entry(
                    new EntryId("e" + i),
                    posture.id(),
                    played,
                    List.of(in),
                    Optional.empty(),
                    Optional.empty(),
                    "",
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty()));
        }
        Form form =
                new Form(new FormId("long"), "Long", List.of(new Part("", all)), Optional.empty(), Optional.empty());
        return demo.withForms(List.of(form)).withLessons(List.of());
    }
}
