package app.avrel.motion;

import app.avrel.posture.hand.HandRelation;
import java.util.Optional;

/**
 * Hands that stand to each other in some way, and stay so until one of them is placed elsewhere.
 *
 * @param relation in which they stand; empty is a ball that they hold
 */
public record HandHold(Optional<HandRelation> relation) {

    /** A ball between the palms. */
    public static final HandHold BALL = new HandHold(Optional.empty());

    /** {@return in words, such as {@code wrists crossed}} */
    public String phrase() {
        return relation.map(HandRelation::phrase).orElse("ball hold");
    }
}
