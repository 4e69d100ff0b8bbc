package app.avrel.form;

/** The link that an occurrence owns. */
public sealed interface WayIn {

    /** Nothing between the one before and this. */
    WayIn DIRECT = new Own(Link.NONE);

    /** This occurrence's own. */
    record Own(Link link) implements WayIn {}

    /** One from the project's links, as it is or for the other side. */
    record Shared(LinkId link, Played played) implements WayIn {}
}
