/**
 * The form room: entries in their parts, the walk, and the card for an entry and the way into it.
 *
 * <p>Open {@link app.avrel.desktop.form.FormRoom} first.
 */
package app.avrel.desktop.form;
