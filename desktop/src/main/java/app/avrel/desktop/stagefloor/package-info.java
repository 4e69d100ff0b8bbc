/**
 * The floor seen from above: soles, load, centre of mass, facing, and the walk of a whole form.
 *
 * <p>Open {@link app.avrel.desktop.stagefloor.FloorView} first. Metres become pixels, and ahead becomes up, in
 * {@link app.avrel.desktop.stagefloor.FloorScale} alone.
 */
package app.avrel.desktop.stagefloor;
