/**
 * The hall, and a form's walk in it: how much room it takes, whether it fits, where to start, how many can do it at once,
 * and from where the instructor is seen.
 *
 * <p>Places are in metres from the left wall and from the front wall, as one stands facing the front; a heading of 0
 * is toward the front wall. Open {@link app.avrel.form.hall.Hall} first, then {@link app.avrel.form.hall.Ground}. Null is
 * refused throughout.
 */
package app.avrel.form.hall;
