/**
 * Which lengths and widths of a stance suit a body: a picture, a table, and the same for every learner.
 *
 * <p>Open {@link app.avrel.desktop.fitter.FitterSheet} first. Null is refused throughout.
 */
package app.avrel.desktop.fitter;
