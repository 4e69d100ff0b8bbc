/**
 * Pictures as SVG: the feet on the floor, the figure, the ribbon of the weight.
 *
 * <p>Open {@link app.avrel.files.picture.FloorSvg} first. Null is refused throughout.
 */
package app.avrel.files.picture;
