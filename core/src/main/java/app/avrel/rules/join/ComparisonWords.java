package app.avrel.rules.join;

import app.avrel.form.Comparison;
import app.avrel.form.Difference;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.posture.move.Move;
import app.avrel.rules.Measures;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Says what differs between two performances: "as number 3, but at count 1 also …". Each is said in its own directions,
 * its counts numbered as the ribbon numbers them: those of the way in have no number.
 *
 * @param words the vocabulary and the rules
 */
public record ComparisonWords(Wording words, Occurrence first, Occurrence second) {

    private static final int MOST = 4;

    /** The full stop of any language. */
    private static final Pattern END = Pattern.compile("\\p{Po}$");

    /** {@return a sentence} */
    public String sentence(String name) {
        Comparison comparison = Comparison.of(first, second);
        if (comparison.alike()) {
            return Labels.say("rules.as", name);
        }
        String said = comparison.differences().stream()
                .limit(MOST)
                .map(this::difference)
                .collect(Collectors.joining("; "));
        int more = comparison.differences().size() - MOST;
        return Labels.say("rules.as_but", name, said, more > 0 ? Labels.say("rules.more", more) : "");
    }

    /**
     * What differs at a count.
     *
     * @param at which count, as the ribbon numbers it: of the second, or of the first where only that has it
     * @param words what differs there
     */
    public record Line(String at, String words) {}

    /** {@return every difference, a line each, with the count it belongs to} */
    public List<Line> lines() {
        return Comparison.of(first, second).differences().stream()
                .map(found -> new Line(
                        Measures.capital(place(found)), Labels.say("rules.sentence", Measures.capital(what(found)))))
                .toList();
    }

    private String difference(Difference difference) {
        return Labels.say("rules.there", place(difference), what(difference));
    }

    private String place(Difference difference) {
        return switch (difference) {
            case Difference.Added(var _, int count) -> at(second, count);
            case Difference.Dropped(var _, int count) -> at(first, count);
            case Difference.Changed(var _, int _, var _, int count) -> at(second, count);
        };
    }

    private String what(Difference difference) {
        return switch (difference) {
            case Difference.Added(Move move, int count) -> Labels.say("rules.also", said(move, second, count));
            case Difference.Dropped(Move move, int count) -> Labels.say("rules.without", said(move, sided(), count));
            case Difference.Changed(Move from, int fromCount, Move to, int count) ->
                Labels.say("rules.instead", said(to, second, count), said(from, sided(), fromCount));
        };
    }

    /** Mirrored for comparing, the first is said as it would be done where the second is. */
    private Occurrence sided() {
        return Comparison.otherSides(first, second) ? second : first;
    }

    private static Moment.Section section(Occurrence done, int count) {
        return count < done.link().counts().size() ? Moment.Section.LINK : Moment.Section.POSTURE;
    }

    private static String at(Occurrence done, int count) {
        return switch (section(done, count)) {
            case LINK -> Labels.say("rules.on_way");
            case POSTURE ->
                Labels.say("rules.at_count", count + 1 - done.link().counts().size());
        };
    }

    private String said(Move move, Occurrence done, int count) {
        String sentence =
                new CountWords(Labels.language(), words.withFront(done.front(section(done, count)))).sentence(move);
        String bare = END.matcher(sentence).replaceFirst("");
        return Labels.say("rules.quoted", bare.substring(0, 1).toLowerCase(Locale.ROOT) + bare.substring(1));
    }
}
