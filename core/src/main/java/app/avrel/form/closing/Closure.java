package app.avrel.form.closing;

import app.avrel.body.Body;
import app.avrel.posture.Posture;
import java.util.List;

/**
 * A way to close a form.
 *
 * @param changes of amounts, each to what would be recorded
 * @param gap how it then ends
 */
public record Closure(List<Change> changes, Gap gap) {

    public Closure {
        changes = List.copyOf(changes);
    }

    /**
     * One amount said otherwise.
     *
     * @param to metres or degrees, as {@link Amount#said()}
     */
    public record Change(Amount amount, double to) {

        /** {@return how large it is, in changes of ten centimetres or six degrees} */
        public double size() {
            return amount.size(to);
        }
    }

    /** {@return how large all changes are together} */
    public double size() {
        return changes.stream().mapToDouble(Change::size).sum();
    }

    /** {@return a posture as it is then; as it was where nothing of it changes} */
    public Posture in(Posture posture, Body body) {
        Posture changed = posture;
        for (Change change : changes) {
            if (change.amount().posture().equals(posture.id())) {
                changed = change.amount().in(changed, change.to(), body);
            }
        }
        return changed;
    }
}
