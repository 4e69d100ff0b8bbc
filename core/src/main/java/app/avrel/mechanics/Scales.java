package app.avrel.mechanics;

/** A pair of scales under the feet, real or simulated. */
public interface Scales {

    /**
     * {@return what the pair shows}
     *
     * @param seconds since one stepped on, at least 0
     */
    TwoScales at(double seconds);
}
