package app.avrel.desktop.form;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.form.Entry;
import app.avrel.form.EntryRange;
import app.avrel.form.Form;
import app.avrel.form.Groups;
import app.avrel.form.Numbering;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Passages;
import app.avrel.form.Played;
import app.avrel.form.SideNaming;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes the lines of a form's list, in one pass over form and track. */
final class EntryLines {

    private final Form form;
    private final Directions directions;
    private final SideNaming sides;
    private final List<Numbering.Numbers> numbers;
    private final List<Passages.Passage> passages;
    private final Map<Integer, EntryRange> groups = new HashMap<>();
    private final Map<PostureId, Posture> shelf;
    private final List<Occurrence> doings;

    /** The next of them: lines are made in order. */
    private int doing;

    EntryLines(Desk desk) {
        Project project = desk.project();
        form = desk.form();
        directions = project.directions();
        sides = new SideNaming(project.rules(form), project.setting().chosenBody());
        numbers = project.numbering(form).of(form);
        passages = Passages.of(form);
        shelf = project.shelf().postures();
        doings = desk.formTrack().occurrences();
        for (EntryRange stretch : Groups.of(form)) {
            for (int at = stretch.first(); at <= stretch.last(); at++) {
                groups.put(at, stretch);
            }
        }
    }

    List<EntryLine> all() {
        List<EntryLine> lines = new ArrayList<>();
        int index = 0;
        for (int at = 0; at < form.parts().size(); at++) {
            Part part = form.parts().get(at);
            if (!part.name().isEmpty() || form.parts().size() > 1) {
                lines.add(new EntryLine.Head(at, part.name(), part.entries().size()));
            }
            for (Entry entry : part.entries()) {
                lines.add(line(entry, index++));
            }
        }
        return lines;
    }

    private EntryLine line(Entry entry, int index) {
        Optional<Occurrence> last = Optional.empty();
        boolean joins = true;
        for (; doing < doings.size() && doings.get(doing).entry() == index; doing++) {
            last = Optional.of(doings.get(doing));
            joins &= last.get().join().fits();
        }
        Posture posture = shelf.get(entry.posture());
        return new EntryLine.Of(
                index,
                numbers.get(index).toString(),
                posture == null ? Words.of("form.not_on_shelf", entry.posture()) : Words.name(posture),
                below(entry, index, last),
                last.map(done -> directions.say(done.end().facing())).orElse(""),
                joins);
    }

    private String below(Entry entry, int index, Optional<Occurrence> last) {
        String side = last.flatMap(sides::of)
                .map(word -> Words.of("form.side." + word))
                .orElse("");
        String mirrored = side.isEmpty() && entry.played() == Played.OTHER_SIDE ? Words.of("common.mirrored") : side;
        String cycles = entry.cycles()
                .filter(often -> often > 1)
                .map(often -> Words.of("form.cycle_times", often))
                .orElse("");
        String done = joined(joined(mirrored, times(entry.times())), cycles);
        return joined(joined(joined(done, entry.gentler().orElse("")), group(entry, index)), passage(index));
    }

    /** Which time it is that the form comes to this posture, where it comes to it more than once. */
    private String passage(int index) {
        Passages.Passage passage = passages.get(index);
        return passage.of() == 1 ? "" : Words.of("form.passage", passage.nth(), passage.of());
    }

    private static String joined(String said, String more) {
        return said.isEmpty() || more.isEmpty() ? said + more : Words.listed(List.of(said, more));
    }

    private static String times(int times) {
        return switch (times) {
            case 1 -> "";
            case 2 -> Words.of("form.twice");
            case 3 -> Words.of("form.three_times");
            default -> Words.of("form.times", times);
        };
    }

    /** Which one it is of the group it is taught in. */
    private String group(Entry entry, int index) {
        EntryRange stretch = groups.get(index);
        return stretch == null
                ? ""
                : Words.of("form.x_x_of", entry.group(), index - stretch.first() + 1, stretch.size());
    }
}
