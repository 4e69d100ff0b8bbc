package app.avrel.desktop.cues;

import app.avrel.cue.Cue;
import app.avrel.cue.CueScript;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.words.say.Calling;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * One count of a script that is shown.
 *
 * @param heading the posture and which time it is, over its first count; empty elsewhere
 * @param at which cue of the script, from 0
 */
record CueRow(String heading, Cue cue, int at) {

    static List<CueRow> of(CueScript script, List<Occurrence> stretch) {
        Map<Integer, Occurrence> byIndex = new HashMap<>();
        stretch.forEach(done -> byIndex.put(done.index(), done));
        Map<Object, Integer> times = new HashMap<>();
        List<CueRow> rows = new ArrayList<>();
        int last = -1;
        for (int i = 0; i < script.cues().size(); i++) {
            Cue cue = script.cues().get(i);
            Occurrence done = Objects.requireNonNull(byIndex.get(cue.occurrence()));
            boolean begins = cue.occurrence() != last || again(script, i);
            String heading = "";
            if (begins) {
                int time =
                        times.merge(List.of(done.posture().id(), done.posture().side()), 1, Integer::sum);
                heading = name(done) + (time > 1 ? " · " + ordinal(time) : "");
            }
            rows.add(new CueRow(heading, cue, i));
            last = cue.occurrence();
        }
        return rows;
    }

    /** The same occurrence done once more, in a stretch that repeats. */
    private static boolean again(CueScript script, int at) {
        if (at == 0) {
            return true;
        }
        Moment.Place here = script.cues().get(at).place();
        Moment.Place before = script.cues().get(at - 1).place();
        return here.section() == before.section()
                ? here.count() <= before.count()
                : here.section() == Moment.Section.LINK;
    }

    private static String ordinal(int time) {
        return new Calling(Words.language()).time(time);
    }

    static String name(Occurrence done) {
        return Words.sided(Words.name(done.posture()), done.posture().side());
    }
}
