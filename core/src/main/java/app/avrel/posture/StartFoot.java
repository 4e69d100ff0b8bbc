package app.avrel.posture;

import app.avrel.floor.Numbers;
import app.avrel.posture.move.Contact;

/**
 * How one foot stands at the start of a posture.
 *
 * @param toesOut degrees away from the body's middle against the facing, -180 to 180
 * @param contact the part that touches
 */
public record StartFoot(double toesOut, Contact contact) {

    /** Flat, pointing ahead. */
    public static final StartFoot AHEAD = new StartFoot(0, Contact.FLAT);

    public StartFoot {
        if (!(toesOut >= -180 && toesOut <= 180)) {
            throw new IllegalArgumentException("toes must be -180 to 180 degrees out, but was " + toesOut);
        }
        toesOut = Numbers.hundredths(toesOut);
    }

    public static StartFoot flat(double toesOut) {
        return new StartFoot(toesOut, Contact.FLAT);
    }
}
