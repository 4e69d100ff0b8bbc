package app.avrel.desktop.hall;

import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import java.util.List;

/**
 * One count as it is shown in the hall.
 *
 * @param done the posture it is a count of
 * @param posture its name
 * @param number such as {@code 2 of 4}
 * @param words short enough to be read from afar
 * @param guide one plain sentence an action
 */
record HallCount(Occurrence done, String posture, String number, String words, String guide, List<Moment> moments) {}
