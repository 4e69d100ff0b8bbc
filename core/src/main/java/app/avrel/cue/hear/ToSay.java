package app.avrel.cue.hear;

import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRules;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Breath;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A count of a form as it could be said: what moves in it, stage by stage.
 *
 * @param time which time the posture is done on this side, from 1
 * @param first whether the posture's own counts begin here
 * @param start seconds from the form's start
 * @param moves what moves, in the order of the stages
 * @param agreement how what is heard is held against it
 */
record ToSay(
        Occurrence done,
        List<Moment> moments,
        int time,
        boolean first,
        double start,
        List<Recorded> moves,
        Agreement agreement) {

    /** The share of the instructor's own words that must have been said. */
    private static final double MOST_OF = 0.7;

    private static final Pattern WORD = Pattern.compile("\\p{IsHan}|[\\p{L}&&[^\\p{IsHan}]]{3,}");

    /**
     * One recorded move.
     *
     * @param stage which stage, from 0
     */
    record Recorded(int stage, Move move, Pose before, Pose after) {}

    static ToSay of(Occurrence done, List<Moment> moments, int time, boolean first, double start, HouseRules rules) {
        Heading front = done.front(moments.getFirst().place().section());
        return new ToSay(done, moments, time, first, start, recorded(moments), new Agreement(rules, front));
    }

    private static List<Recorded> recorded(List<Moment> moments) {
        List<Recorded> all = new ArrayList<>();
        for (int stage = 0; stage < moments.size(); stage++) {
            for (Move move : moments.get(stage).stage().moves()) {
                all.add(new Recorded(
                        stage,
                        move,
                        moments.get(stage).before(),
                        moments.get(stage).after()));
            }
        }
        return all;
    }

    /** {@return whether the instructor's own words for this count are among some that were said} */
    boolean ownWords(String said) {
        return moments.getFirst().count().words().stream().anyMatch(own -> among(own.text(), said));
    }

    private static boolean among(String own, String said) {
        Set<String> words = words(own);
        Set<String> there = words(said);
        long common = words.stream().filter(there::contains).count();
        return words.size() > 1 && common >= MOST_OF * words.size();
    }

    /** Words, or characters of Chinese, in small letters. */
    private static Set<String> words(String text) {
        return WORD.matcher(text.toLowerCase(Locale.ROOT))
                .results()
                .map(MatchResult::group)
                .collect(Collectors.toSet());
    }

    Moment.Place place() {
        return moments.getFirst().place();
    }

    Breath breath() {
        return moments.getFirst().count().breath();
    }

    int number() {
        return place().count() + 1;
    }
}
