package app.avrel.lesson;

import java.util.Locale;

/** What a piece of a lesson is for. */
public enum SegmentKind {
    ARRIVAL(Tone.ROUND_ABOUT, 3),
    DRILL(Tone.ROUND_ABOUT, 9),
    LIST(Tone.KNOWN, 5),
    REVIEW(Tone.KNOWN, 8),
    START(Tone.NEW, 4),
    WATCH(Tone.NEW, 6),
    DIFFERENCE(Tone.NEW, 4),
    NEW(Tone.NEW, 0),
    CHECK(Tone.NEW, 4),
    OTHER_SIDE(Tone.NEW, 1),
    JOINING(Tone.JOINED, 2),
    MISTAKES(Tone.NEW, 5),
    RUN_THROUGH(Tone.JOINED, 7),
    QUESTIONS(Tone.ROUND_ABOUT, 2),
    HOME(Tone.ROUND_ABOUT, 4),
    PREVIEW(Tone.ROUND_ABOUT, 9),
    OTHER(Tone.ROUND_ABOUT, 6);

    /** How near a segment is to what is new; told by words first, and by a neutral shade. */
    public enum Tone {
        ROUND_ABOUT,
        KNOWN,
        NEW,
        JOINED
    }

    private final Tone tone;
    private final int spared;

    SegmentKind(Tone tone, int spared) {
        this.tone = tone;
        this.spared = spared;
    }

    public Tone tone() {
        return tone;
    }

    /** {@return how soon it is cut where a lesson overflows: the greater, the sooner; 0 is never cut} */
    public int spared() {
        return spared;
    }

    /** {@return whether a run of this kind teaches what was not known} */
    public boolean teaches() {
        return this == NEW || this == OTHER_SIDE;
    }

    /** {@return whether it rehearses what is known} */
    public boolean rehearses() {
        return this == REVIEW || this == RUN_THROUGH;
    }

    /** {@return its key among the words for lessons} */
    public String key() {
        return "kind." + name().toLowerCase(Locale.ROOT);
    }
}
