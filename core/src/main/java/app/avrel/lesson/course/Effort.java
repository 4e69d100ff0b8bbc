package app.avrel.lesson.course;

/**
 * What it takes to teach a unit, seconds.
 *
 * @param plain one plain run
 * @param passes all that is shown, explained and done, were it wholly new, pauses included
 * @param turning more for its turns
 * @param oneLeg more for the time on one leg
 * @param novelty how new it is, 0 to 1
 * @param why why it is as new as that
 * @param like the name of what is known already and nearest to it; empty where nothing is
 */
public record Effort(double plain, double passes, double turning, double oneLeg, double novelty, Why why, String like) {

    /** Why a unit is as new as it is. */
    public enum Why {
        NEW,
        LIKE,
        OTHER_SIDE,
        KNOWN,
        NEW_WAY
    }

    /** {@return all of it: what is known takes its share only} */
    public int seconds() {
        return (int) Math.round((passes + turning + oneLeg) * novelty);
    }
}
