package app.avrel.cue;

import app.avrel.form.Moment;

/**
 * What is said for one count.
 *
 * @param occurrence which posture of the track, from 0
 * @param place the count; its stage is 0
 * @param start seconds from the script's start at which the count begins
 * @param length seconds the count lasts
 * @param words what is said
 */
public record Cue(int occurrence, Moment.Place place, double start, double length, String words) {

    /** {@return seconds it takes to say} */
    public double speaking() {
        return SpeechTime.seconds(words);
    }
}
