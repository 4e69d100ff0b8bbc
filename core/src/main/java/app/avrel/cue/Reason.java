package app.avrel.cue;

import app.avrel.label.Labels;

/** Why a count is said at the length it is. */
public enum Reason {
    CHOSEN("cues.reason.this_is_the_level_that_was"),
    FIRST_TIME("cues.reason.said_at_length_it_comes_for"),
    OTHER_SIDE("cues.reason.feet_and_body_only_the_hands"),
    NEW_WAY("cues.reason.said_again_one_comes_to_it"),
    SECOND_TIME("cues.reason.called_it_was_said_at_length"),
    OFTEN("cues.reason.one_call_a_count_it_has"),
    OWN_WORDS("cues.reason.these_are_your_own_words");

    private final String sentence;

    Reason(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return Labels.say(sentence);
    }
}
