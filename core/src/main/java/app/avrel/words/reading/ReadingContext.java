package app.avrel.words.reading;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Heading;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is known while a line is read: where one stands, what was spoken of last, what must be asked or refused. */
final class ReadingContext {

    private final Wording saying;
    private final Body body;

    private final List<Question> questions = new ArrayList<>();
    private final List<Refusal> refusals = new ArrayList<>();
    private Pose pose;
    private Optional<Side> lastFoot = Optional.empty();
    private Optional<Side> lastHand = Optional.empty();
    private boolean sideOpen;

    ReadingContext(Wording saying, Body body, Pose pose) {
        this.saying = saying;
        this.body = body;
        this.pose = pose;
    }

    Wording saying() {
        return saying;
    }

    Pose pose() {
        return pose;
    }

    void stands(Pose after) {
        pose = after;
    }

    /** {@return a length in this body's shoulder widths, to a hundredth} */
    double shoulderWidths(Length length) {
        return Math.round(body.metres(length) / body.shoulderWidth() * 100) / 100.0;
    }

    /** {@return a heading of the hall against the posture's front} */
    Bearing ofPosture(Heading hall) {
        return saying.bearing(hall);
    }

    Optional<Side> lastFoot() {
        return lastFoot;
    }

    void foot(Side side) {
        lastFoot = Optional.of(side);
    }

    Optional<Side> lastHand() {
        return lastHand;
    }

    void hand(Side side) {
        lastHand = Optional.of(side);
    }

    /** {@return the foot in the air, where there is just one} */
    Optional<Side> lifted() {
        boolean left = pose.left().contact() == Contact.LIFTED;
        boolean right = pose.right().contact() == Contact.LIFTED;
        return left == right ? Optional.empty() : Optional.of(left ? Side.LEFT : Side.RIGHT);
    }

    /** {@return the foot that bears nearly nothing, where there is one} */
    Optional<Side> light() {
        return lifted().or(() -> {
            Side heavy = pose.weight().heavier();
            return pose.weight().most(heavy.other()) <= 30 ? Optional.of(heavy.other()) : Optional.empty();
        });
    }

    /** {@return the foot that is ahead along the facing, where one is} */
    Optional<Side> front() {
        double lead =
                pose.left().heel().value().minus(pose.right().heel().value()).along(pose.facing());
        return Math.abs(lead) < 0.05 ? Optional.empty() : Optional.of(lead > 0 ? Side.LEFT : Side.RIGHT);
    }

    /** {@return the side that a word means here} */
    Optional<Side> side(Term.Who who) {
        return switch (who) {
            case LEFT -> Optional.of(Side.LEFT);
            case RIGHT -> Optional.of(Side.RIGHT);
            case FRONT -> front();
            case REAR -> front().map(Side::other);
            case LIGHT -> light();
            case HEAVY -> light().map(Side::other);
            case OTHER -> lastFoot.map(Side::other);
            case IT -> lifted().or(() -> lastFoot);
            case BOTH, OWN -> Optional.empty();
        };
    }

    void ask(String word, String question, List<Question.Choice> choices) {
        questions.add(new Question(word, question, choices));
    }

    void refuse(String word, String message) {
        refusals.add(new Refusal(word, message));
    }

    /** Notes that the side of what is read is not known; it is read as if it were the left. */
    void sideIsOpen() {
        sideOpen = true;
    }

    /** {@return whether the side was open since last asked} */
    boolean takeSideOpen() {
        boolean open = sideOpen;
        sideOpen = false;
        return open;
    }

    List<Question> questions() {
        return questions;
    }

    List<Refusal> refusals() {
        return refusals;
    }
}
