package app.avrel.form;

import app.avrel.motion.Placement;
import app.avrel.motion.Pose;
import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;

/**
 * Moments as they were walked, only elsewhere: each is worked out when it is first looked at, as most of a long form
 * never is between two edits.
 */
final class CarriedMoments extends AbstractList<Moment> implements RandomAccess {

    private final List<Moment> walked;
    private final Placement carriage;
    private final int doings;

    /** Threads that look at once may work the same out twice; they find equal values. */
    private final Moment[] carried;

    private CarriedMoments(List<Moment> walked, Placement carriage, int doings) {
        this.walked = walked;
        this.carriage = carriage;
        this.doings = doings;
        this.carried = new Moment[walked.size()];
    }

    /**
     * {@return moments elsewhere}
     *
     * @param doings how many doings later on the track
     */
    static List<Moment> of(List<Moment> moments, Placement carriage, int doings) {
        return moments instanceof CarriedMoments once
                ? new CarriedMoments(once.walked, once.carriage.then(carriage), once.doings + doings)
                : new CarriedMoments(moments, carriage, doings);
    }

    /** {@return the moments where they were walked} */
    static List<Moment> walked(List<Moment> moments) {
        return moments instanceof CarriedMoments elsewhere ? elsewhere.walked : moments;
    }

    @Override
    public Moment get(int index) {
        if (carried[index] == null) {
            carried[index] = carried(index);
        }
        return carried[index];
    }

    private Moment carried(int index) {
        Moment moment = walked.get(index);
        boolean goesOn = index > 0 && walked.get(index - 1).after() == moment.before();
        Pose before = goesOn ? get(index - 1).after() : carriage.of(moment.before());
        return new Moment(place(index), moment.count(), moment.stage(), before, carriage.of(moment.after()));
    }

    /** {@return where one is on the track, without carrying it there} */
    Moment.Place place(int index) {
        return walked.get(index).place().later(doings);
    }

    @Override
    public int size() {
        return carried.length;
    }
}
