package app.avrel.lesson.course;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What teaching takes; every figure may be changed.
 *
 * <p>The usual ones are from timed lessons of several schools: an explained pass lasts about five plain runs (3.3 to
 * 7.7), new material is done three to eight times, the other side takes about half, a recap unmoved 1.7 to 2.7 seconds a
 * name.
 *
 * @param secondsPerBeat of a plain run at the usual pace, 0.2 to 30
 * @param explained plain runs that an explained pass lasts, 1 to 20
 * @param feet times the feet alone are done, 0 to 20
 * @param hands times the hands alone are done, 0 to 20
 * @param whole times the whole is done, 1 to 20
 * @param otherSide share of a posture's time that its other side takes, 0 to 1
 * @param least share that even what is known takes, 0 to 1
 * @param turnSeconds more for every 90 degrees of turning, 0 to 600
 * @param oneLeg seconds more for every second on one leg, 0 to 60
 * @param pauseSeconds after each run, 0 to 600
 * @param arrivalSeconds at the beginning of a lesson, 0 to 3600
 * @param closingSeconds for questions and what to practise, 0 to 3600
 * @param secondsPerName of the list of what was done so far, 0 to 30
 * @param reviewed how many of the last entries are done again at the beginning, 0 to 50
 * @param reviewTimes how often, 0 to 20
 */
@RecordBuilder
public record TeachingFactors(
        double secondsPerBeat,
        double explained,
        int feet,
        int hands,
        int whole,
        double otherSide,
        double least,
        int turnSeconds,
        double oneLeg,
        int pauseSeconds,
        int arrivalSeconds,
        int closingSeconds,
        double secondsPerName,
        int reviewed,
        int reviewTimes)
        implements TeachingFactorsBuilder.With {

    public static final TeachingFactors USUAL =
            new TeachingFactors(4, 5, 1, 1, 4, 0.5, 0.15, 20, 4, 15, 360, 300, 2.2, 4, 2);

    public TeachingFactors {
        within("seconds per beat", secondsPerBeat, 0.2, 30);
        within("plain runs of an explained pass", explained, 1, 20);
        within("times the feet are done", feet, 0, 20);
        within("times the hands are done", hands, 0, 20);
        within("times the whole is done", whole, 1, 20);
        within("the share of the other side", otherSide, 0, 1);
        within("the least share", least, 0, 1);
        within("seconds for a quarter turn", turnSeconds, 0, 600);
        within("seconds for a second on one leg", oneLeg, 0, 60);
        within("seconds of a pause", pauseSeconds, 0, 600);
        within("seconds to arrive", arrivalSeconds, 0, 3600);
        within("seconds to close", closingSeconds, 0, 3600);
        within("seconds for a name", secondsPerName, 0, 30);
        within("entries that are reviewed", reviewed, 0, 50);
        within("times of a review", reviewTimes, 0, 20);
    }

    private static void within(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(
                    what + " must be " + plain(least) + " to " + plain(most) + ", but was " + plain(value));
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
    }
}
