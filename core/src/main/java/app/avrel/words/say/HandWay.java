package app.avrel.words.say;

import app.avrel.body.Landmark;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Sideways;
import java.util.Optional;

/** The way a hand goes, which chooses the verb. */
enum HandWay {
    UP,
    DOWN,
    FORWARD,
    BACK,
    OUT,
    IN,
    AT,
    STAYS,
    THERE,
    LOOKS;

    private static final double NOTICED = 0.05;
    private static final int FURTHER = 20;
    private static final double ASIDE = 0.4;

    /**
     * {@return the way from one place to the next}
     *
     * @param said what is said of the move
     * @param before where the hand was
     * @param after where it is then
     */
    static HandWay of(HandPlace said, HandPlace before, HandPlace after) {
        if (said.at().isPresent()) {
            return said.at().get() == HandAt.STAYS ? STAYS : AT;
        }
        if (said.height().isEmpty()) {
            return said.places() || said.reach().isPresent() ? level(before, after) : LOOKS;
        }
        double rise = before.at().isPresent() ? 0 : height(after) - height(before);
        boolean known = before.at().isEmpty() && before.height().isPresent();
        return !known ? THERE : rise > NOTICED ? UP : rise < -NOTICED ? DOWN : level(before, after);
    }

    private static double height(HandPlace place) {
        return place.height().map(Landmark::shareOfStature).orElse(0.0);
    }

    private static HandWay level(HandPlace before, HandPlace after) {
        int further = reach(after) - reach(before);
        double aside = aside(after) - aside(before);
        if (Math.abs(further) >= FURTHER) {
            return further > 0 ? FORWARD : BACK;
        }
        return aside > ASIDE ? OUT : aside < -ASIDE ? IN : THERE;
    }

    private static int reach(HandPlace place) {
        return place.reach().map(reach -> reach.percent()).orElse(60);
    }

    private static double aside(HandPlace place) {
        Optional<Sideways> sideways = place.sideways();
        return sideways.filter(Sideways.Across.class::isInstance)
                .map(across -> ((Sideways.Across) across).shoulderHalves())
                .orElse(0.7);
    }

    /** {@return the way as it is, or none where nothing is known of where the hand was} */
    static HandWay unseen(HandPlace said) {
        return said.at().isPresent()
                ? said.at().get() == HandAt.STAYS ? STAYS : AT
                : said.height().isPresent() ? THERE : LOOKS;
    }
}
