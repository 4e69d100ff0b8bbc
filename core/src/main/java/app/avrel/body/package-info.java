/**
 * The body that moves: its measures, its sides, lengths counted in its own parts, and how it shares its weight.
 *
 * <p>Metres, whole percent. Proportions are recalled from the literature named in {@link app.avrel.body.Body}, which
 * is the file to open first. Null is refused throughout.
 */
package app.avrel.body;
