package app.avrel.form;

import app.avrel.posture.Mirror;

/** The link that an occurrence owns. */
public sealed interface WayIn {

    /** Nothing between the one before and this. */
    WayIn DIRECT = new Own(Link.NONE);

    /** This occurrence's own. */
    record Own(Link link) implements WayIn {}

    /** One from the project's links, as it is or for the other side. */
    record Shared(LinkId link, Played played) implements WayIn {}

    /** {@return the way in as it is on the other side} */
    default WayIn mirrored() {
        return switch (this) {
            case Own(Link link) -> new Own(link.withCounts(Mirror.counts(link.counts())));
            case Shared(LinkId link, Played played) -> new Shared(link, played.other());
        };
    }
}
