/**
 * The settings sheet: the frame, the bodies and the house rules; and the questions of a new project.
 *
 * <p>Open {@link app.avrel.desktop.settings.SettingsSheet} first.
 */
package app.avrel.desktop.settings;
