/**
 * The ribbon: time to the right, a cell a count, the left foot's load above and the right foot's below.
 *
 * <p>Open {@link app.avrel.desktop.ribbon.RibbonCells} for what it shows, {@link app.avrel.desktop.ribbon.Ribbon} for how.
 */
package app.avrel.desktop.ribbon;
