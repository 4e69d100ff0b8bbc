/**
 * Closing a form: the fewest and smallest changes of recorded amounts after which it ends where and as it began.
 *
 * <p>Lengths are in metres, turns in degrees, to the right positive. Open {@link app.avrel.form.closing.Closing} first.
 * Null is refused throughout.
 */
package app.avrel.form.closing;
