package app.avrel.desktop.ribbon;

import app.avrel.cue.Scripting;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Performance;
import app.avrel.posture.count.CueLevel;
import app.avrel.rules.Finding;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Makes the ribbon's cells from a stretch of a track.
 *
 * <p>It keeps how counts look: after an edit, most of a form is done as before, only elsewhere.
 */
public final class RibbonCells {

    private Map<Performance, List<CountLook>> looks = Map.of();

    /** {@return the cells of one posture: its counts, numbered} */
    public static List<RibbonCell> ofPosture(Desk desk, Occurrence done) {
        return new RibbonCells()
                .new Pass(desk, desk.survey().findings(done.posture().id()))
                .cells(done, false);
    }

    /** {@return the cells of a stretch of a form, ways in included, each posture's name over its first} */
    public static List<RibbonCell> ofForm(Desk desk, List<Occurrence> stretch) {
        Pass pass = new RibbonCells().new Pass(desk, desk.survey().findings());
        return stretch.stream().flatMap(done -> pass.cells(done, true).stream()).toList();
    }

    /** {@return the cells of a whole form, the names of its parts over their first} */
    public List<RibbonCell> ofWhole(Desk desk, Form form, List<Occurrence> all) {
        Pass pass = new Pass(desk, desk.survey().findings());
        List<RibbonCell> cells = new ArrayList<>();
        int part = -1;
        int past = 0;
        for (Occurrence done : all) {
            List<RibbonCell> own = pass.cells(done, true);
            if (done.entry() >= past && !own.isEmpty()) {
                while (done.entry() >= past) {
                    past += form.parts().get(++part).entries().size();
                }
                own.set(0, own.getFirst().beginning(form.parts().get(part).name()));
            }
            cells.addAll(own);
        }
        looks = pass.known;
        return cells;
    }

    /** One making of cells. */
    private final class Pass {

        private final Wording saying;
        private final SeriousFindings serious;
        private final Map<Performance, List<CountLook>> known = new IdentityHashMap<>();

        Pass(Desk desk, List<Finding> found) {
            this.serious = new SeriousFindings(found, desk.choice().form());
            this.saying = desk.saying();
        }

        List<RibbonCell> cells(Occurrence done, boolean named) {
            List<CountLook> counts = known.computeIfAbsent(
                    done.done(), one -> looks.containsKey(one) ? looks.get(one) : CountLook.of(one.moments()));
            List<RibbonCell> cells = new ArrayList<>(counts.size());
            int moment = 0;
            for (CountLook count : counts) {
                cells.add(cell(done, done.moments().get(moment).place(), count, named && moment == 0));
                moment += count.stages().size();
            }
            return cells;
        }

        private RibbonCell cell(Occurrence done, Moment.Place place, CountLook count, boolean begins) {
            boolean starts = place.section() == Moment.Section.POSTURE && place.count() == 0;
            return new RibbonCell(
                    done.index(),
                    place,
                    begins ? Words.name(done.posture()) : "",
                    "",
                    count,
                    () -> Scripting.words(done, place, CueLevel.PROMPT, Words.language(), saying),
                    serious.at(done, place),
                    starts && !done.join().fits());
        }
    }
}
