/**
 * Small controls that several rooms use, and the base of everything drawn by hand.
 *
 * <p>Open {@link app.avrel.desktop.parts.Drawing} for pictures, {@link app.avrel.desktop.parts.EntryField} for typing.
 */
package app.avrel.desktop.parts;
