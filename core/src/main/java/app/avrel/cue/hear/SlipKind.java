package app.avrel.cue.hear;

import app.avrel.label.Labels;

/** What is wrong with what is said. */
public enum SlipKind {
    SIDE("cues.other_side_recorded"),
    PART("cues.another_part_foot"),
    DIRECTION("cues.another_direction_recorded"),
    UP_DOWN("cues.goes_other_way"),
    HAND("cues.hand_elsewhere_or"),
    AMOUNT("cues.another_amount_recorded"),
    BREATH("cues.breath_goes_other"),
    NUMBER("cues.another_count"),
    TIME("cues.another_time"),
    NAME("cues.another_posture"),
    ORDER("cues.comes_at_another"),
    SHIFT_LEFT_OUT("cues.shift_before_step"),
    LACKS("cues.said_before_not_now");

    private final String sentence;

    SlipKind(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return Labels.say(sentence);
    }
}
