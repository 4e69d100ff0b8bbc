package app.avrel.words.say;

import app.avrel.body.Side;
import app.avrel.label.Language;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Words of lessons, sheets and hand-outs in one language. */
public final class LessonWords {

    private static final double ALL = 99.5;

    private final Language language;
    private final PhraseBook book;

    public LessonWords(Language language) {
        this.language = language;
        book = PhraseBook.of(language);
    }

    public Language language() {
        return language;
    }

    /** {@return a phrase without gaps} */
    public String say(String key) {
        return book.say(Register.EXACT, "lesson." + key);
    }

    /** {@return a phrase with its gaps filled} */
    public String say(String key, Map<String, String> gaps) {
        Slots slots = Slots.none();
        gaps.forEach(slots::text);
        return book.say(Register.EXACT, "lesson." + key, slots);
    }

    public String side(Side side) {
        return say("side." + word(side));
    }

    public String sided(String name, Side side) {
        return name + comma() + side(side);
    }

    public String comma() {
        return say("comma");
    }

    public String and() {
        return say("and");
    }

    public String span(String first, String last) {
        return say("span", Map.of("first", first, "last", last));
    }

    /** {@return how often, such as {@code twice}} */
    public String times(int many) {
        return many <= 3 ? say("times." + many) : say("times", Map.of("n", Integer.toString(many)));
    }

    /** {@return minutes and seconds, such as {@code 8:05}} */
    public static String clock(double seconds) {
        long whole = Math.round(seconds);
        return "%d:%02d".formatted(whole / 60, whole % 60);
    }

    /** {@return how one stands, in a line: where the weight is, which foot is light, where one faces} */
    public String pose(Pose pose, Wording wording) {
        List<String> said = new ArrayList<>();
        said.add(weight(pose));
        for (Side side : Side.values()) {
            FootPose foot = pose.foot(side);
            if (foot.contact() != Contact.FLAT) {
                said.add(book.say(
                        Register.EXACT,
                        "lesson.pose." + word(foot.contact()),
                        Slots.none().key("foot", side)));
            }
        }
        said.add(say("pose.facing", Map.of("heading", wording.heading(pose.facing()))));
        return String.join(comma(), said);
    }

    private String weight(Pose pose) {
        double left = pose.weight().middle(Side.LEFT);
        if (Math.abs(left - 50) < 0.5) {
            return say("pose.even");
        }
        Side more = left > 50 ? Side.LEFT : Side.RIGHT;
        double share = pose.weight().middle(more);
        if (share >= ALL) {
            return book.say(Register.EXACT, "lesson.pose.all", Slots.none().key("side", more));
        }
        return book.say(
                Register.EXACT,
                "lesson.pose.share",
                Slots.none().key("side", more).text("n", Long.toString(Math.round(share))));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
