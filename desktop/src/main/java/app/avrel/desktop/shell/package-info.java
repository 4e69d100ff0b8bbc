/**
 * The window: its head, its rooms, its commands, and what it remembers between starts.
 *
 * <p>Open {@link app.avrel.desktop.shell.Shell} first.
 */
package app.avrel.desktop.shell;
