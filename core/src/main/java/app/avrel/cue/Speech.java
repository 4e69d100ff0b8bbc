package app.avrel.cue;

/** How long words take to say: estimated, or measured with a voice. */
@FunctionalInterface
public interface Speech {

    /** {@return seconds to say the words; 0 for no words} */
    double seconds(String words);
}
