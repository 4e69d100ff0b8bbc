package app.avrel.files;

/**
 * How often something is attacked: the property {@code avrel.attacks} is the share of the full number, 1 for all; usually it
 * is far less, so that every run attacks a little.
 */
final class Attacks {

    private static final double SHARE = Double.parseDouble(System.getProperty("avrel.attacks", "0.03"));

    private Attacks() {}

    /** {@return how many of so many, at least twenty} */
    static int of(int most) {
        return (int) Math.max(Math.min(20, most), most * SHARE);
    }
}
