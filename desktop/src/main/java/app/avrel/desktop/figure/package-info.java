/**
 * The figure: a jointed body seen from any side, drawn by our own projection with depth order and shading.
 *
 * <p>Places are metres of the hall; the viewer's place is a heading and a height of the eye in degrees. Open
 * {@link app.avrel.desktop.figure.FigureView} first. Null is refused throughout.
 */
package app.avrel.desktop.figure;
