/**
 * In the hall: one posture or form over the whole screen, in letters readable from three metres, played at a tempo.
 *
 * <p>A beat is seen as a disc that fills, and heard where there is sound. Open {@link
 * app.avrel.desktop.hall.HallView} first. Null is refused throughout.
 */
package app.avrel.desktop.hall;
