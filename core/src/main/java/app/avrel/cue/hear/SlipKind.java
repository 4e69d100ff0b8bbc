package app.avrel.cue.hear;

import app.avrel.label.Labels;

/** What is wrong with what is said. */
public enum SlipKind {
    SIDE("cues.slip_kind.the_other_side_is_recorded"),
    PART("cues.slip_kind.another_part_of_the_foot_is"),
    DIRECTION("cues.slip_kind.another_direction_is_recorded"),
    UP_DOWN("cues.slip_kind.it_goes_the_other_way_up"),
    HAND("cues.slip_kind.the_hand_is_elsewhere_or_looks"),
    AMOUNT("cues.slip_kind.another_amount_is_recorded"),
    BREATH("cues.slip_kind.the_breath_goes_the_other_way"),
    NUMBER("cues.slip_kind.this_is_another_count"),
    TIME("cues.slip_kind.this_is_another_time"),
    NAME("cues.slip_kind.this_is_another_posture"),
    ORDER("cues.slip_kind.it_comes_at_another_moment"),
    SHIFT_LEFT_OUT("cues.slip_kind.the_shift_before_the_step_is");

    private final String sentence;

    SlipKind(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return Labels.say(sentence);
    }
}
