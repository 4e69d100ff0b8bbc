package app.avrel.desktop.form;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.posture.PostureId;
import java.util.ArrayList;
import java.util.List;

/** What can be laid beside each other: doings of postures, halves, parts, forms. */
final class Comparables {

    /** Something that can be compared, and how it is called. */
    record One(String name, List<Occurrence> doings) {}

    private Comparables() {}

    static int chosen(List<Occurrence> doings, int entry) {
        for (int i = 0; i < doings.size(); i++) {
            if (doings.get(i).entry() == entry) {
                return i;
            }
        }
        return 0;
    }

    /** The doing of the same posture before, or else the next; -1 where it is the only one. */
    static int before(List<Occurrence> doings, int chosen) {
        PostureId posture = doings.get(chosen).posture().id();
        int found = -1;
        for (int i = 0; i < doings.size(); i++) {
            boolean same = i != chosen && doings.get(i).posture().id().equals(posture);
            if (same && (found < 0 || i < chosen)) {
                found = i;
            }
        }
        return found;
    }

    /** Every doing of the chosen form, its halves and parts, and every form as a whole. */
    static List<One> of(Desk desk) {
        List<One> all = new ArrayList<>();
        List<Occurrence> doings = desk.formTrack().occurrences();
        for (Occurrence done : doings) {
            all.add(new One(
                    Words.sided(EntryLine.title(desk, done), done.posture().side()), List.of(done)));
        }
        int half = doings.size() / 2;
        all.add(new One(Words.of("form.first_half", desk.form().name()), doings.subList(0, half)));
        all.add(new One(Words.of("form.second_half", desk.form().name()), doings.subList(half, doings.size())));
        Form form = desk.form();
        for (int part = 0; part < form.parts().size() && form.parts().size() > 1; part++) {
            int at = part;
            all.add(new One(
                    Words.of("form.part", form.parts().get(part).name()),
                    doings.stream()
                            .filter(done -> form.partOf(done.entry()) == at)
                            .toList()));
        }
        for (Form other : desk.project().forms()) {
            Track track = desk.survey().track(other.id()).orElseThrow();
            all.add(new One(Words.of("form.whole", other.name()), track.occurrences()));
        }
        return all;
    }
}
