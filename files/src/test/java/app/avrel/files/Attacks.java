package app.avrel.files;

/** How often something is attacked: the property {@code avrel.attacks} is the share of the full number, 1 for all. */
final class Attacks {

    private static final String A_TENTH = "0.1";

    private Attacks() {}

    /** {@return how many of so many, at least twenty} */
    static int of(int most) {
        double share = Double.parseDouble(System.getProperty("avrel.attacks", A_TENTH));
        return (int) Math.max(Math.min(20, most), most * share);
    }
}
