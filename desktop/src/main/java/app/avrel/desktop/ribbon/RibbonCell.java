package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.form.Moment;
import app.avrel.posture.Breath;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;

/**
 * One count on the ribbon.
 *
 * @param place which count
 * @param label its number
 * @param group what it begins: a posture's name in a form; empty within one
 * @param part the name of the part it begins; empty within one
 * @param beats how long it lasts
 * @param stages how the load goes
 * @param turned degrees the body turns in it, to the right positive
 * @param moved the feet that leave their place
 * @param said gives what is said; asked for only where there is room for it
 * @param cautions how many findings it has
 * @param gap whether the way into it does not join
 */
public record RibbonCell(
        Moment.Place place,
        String label,
        String group,
        String part,
        double beats,
        List<Stage> stages,
        double turned,
        Set<Side> moved,
        Breath breath,
        Supplier<String> said,
        int cautions,
        boolean gap) {

    RibbonCell beginning(String newPart) {
        return new RibbonCell(place, label, group, newPart, beats, stages, turned, moved, breath, said, cautions, gap);
    }

    /** {@return what is said} */
    public String words() {
        return said.get();
    }

    /**
     * How the left foot's load goes over one stage.
     *
     * @param from percent at its start
     * @param to percent at its end
     * @param known whether both are exact
     */
    public record Stage(double from, double to, boolean known) {}
}
