package app.avrel.desktop.hall;

import app.avrel.cue.Scripting;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;

/** Makes what is shown in the hall from a run of postures. */
final class HallCounts {

    private HallCounts() {}

    static List<HallCount> of(List<Occurrence> run, Desk desk) {
        Wording saying = desk.saying();
        List<HallCount> counts = new ArrayList<>();
        run.forEach(done -> of(done, saying, counts));
        return List.copyOf(counts);
    }

    private static void of(Occurrence done, Wording saying, List<HallCount> into) {
        List<Moment> count = new ArrayList<>();
        for (Moment moment : done.inHall()) {
            if (!count.isEmpty() && !count.getFirst().place().sameCount(moment.place())) {
                into.add(count(done, List.copyOf(count), saying));
                count.clear();
            }
            count.add(moment);
        }
        if (!count.isEmpty()) {
            into.add(count(done, List.copyOf(count), saying));
        }
    }

    private static HallCount count(Occurrence done, List<Moment> moments, Wording saying) {
        Moment.Place place = moments.getFirst().place();
        String number = place.section() == Moment.Section.LINK
                ? Words.of("hall.way")
                : Words.of(
                        "common.x_of_x",
                        place.count() + 1,
                        done.done().countsDone().size());
        return new HallCount(
                done,
                Words.sided(Words.name(done.posture()), done.posture().side()),
                number,
                Scripting.words(done, place, CueLevel.PROMPT, Words.language(), saying),
                Scripting.words(done, place, CueLevel.GUIDE, Words.language(), saying),
                moments);
    }
}
