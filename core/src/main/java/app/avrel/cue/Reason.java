package app.avrel.cue;

import app.avrel.label.Labels;

/** Why a count is said at the length it is. */
public enum Reason {
    CHOSEN("cues.level_was"),
    FIRST_TIME("cues.said_at_length"),
    OTHER_SIDE("cues.feet_body_only"),
    NEW_WAY("cues.said_again_one"),
    SECOND_TIME("cues.called_was_said"),
    OFTEN("cues.one_call_count"),
    OWN_WORDS("cues.these_your_own");

    private final String sentence;

    Reason(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return Labels.say(sentence);
    }
}
