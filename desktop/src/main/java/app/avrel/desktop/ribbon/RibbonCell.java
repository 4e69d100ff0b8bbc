package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.form.Moment;
import app.avrel.posture.count.Breath;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;

/**
 * One count on the ribbon.
 *
 * @param occurrence which posture of the track, from 0
 * @param place which count
 * @param group what it begins: a posture's name in a form; empty within one
 * @param part the name of the part it begins; empty within one
 * @param look how its load goes
 * @param said gives what is said; asked for only where there is room for it
 * @param cautions how many findings it has
 * @param gap whether the way into it does not join
 */
public record RibbonCell(
        int occurrence,
        Moment.Place place,
        String group,
        String part,
        CountLook look,
        Supplier<String> said,
        int cautions,
        boolean gap) {

    RibbonCell beginning(String newPart) {
        return new RibbonCell(occurrence, place, group, newPart, look, said, cautions, gap);
    }

    /** {@return its number} */
    public String label() {
        return look.label();
    }

    /** {@return how long it lasts} */
    public double beats() {
        return look.beats();
    }

    /** {@return how the load goes} */
    public List<Stage> stages() {
        return look.stages();
    }

    /** {@return degrees the body turns in it, to the right positive} */
    public double turned() {
        return look.turned();
    }

    /** {@return the feet that leave their place} */
    public Set<Side> moved() {
        return look.moved();
    }

    public Breath breath() {
        return look.breath();
    }

    /** {@return what is said} */
    public String words() {
        return said.get();
    }

    /**
     * How the left foot's load goes over one stage.
     *
     * @param begins the share of the count at which it begins
     * @param ends the share of the count at which it ends
     * @param from percent at its start
     * @param to percent at its end
     * @param known whether both are exact
     */
    public record Stage(double begins, double ends, double from, double to, boolean known) {}
}
