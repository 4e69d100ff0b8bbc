package app.avrel.files;

/**
 * How often something is attacked: the property {@code avrel.attacks} is the share of the full number, 1 for all; usually it
 * is a tenth, and less of what takes long.
 */
final class Attacks {

    private static final double USUAL = 0.1;

    private Attacks() {}

    /** {@return how many of so many, at least twenty} */
    static int of(int most) {
        return of(most, USUAL);
    }

    /** {@return how many of so many, at least twenty, where usually less than a tenth is tried} */
    static int of(int most, double usual) {
        double share = Double.parseDouble(System.getProperty("avrel.attacks", Double.toString(usual)));
        return (int) Math.max(Math.min(20, most), most * share);
    }
}
