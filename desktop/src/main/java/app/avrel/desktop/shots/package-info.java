/** Pictures of the window, taken without a display. Open {@link app.avrel.desktop.shots.Shots} first. */
package app.avrel.desktop.shots;
