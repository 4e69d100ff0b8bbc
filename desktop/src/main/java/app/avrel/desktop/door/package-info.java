/**
 * The front door: the window, pictures of it, and every command of the command line.
 *
 * <p>Exit codes: 0 fine, 1 findings or bad input (said on standard error), 2 wrong use. Open
 * {@link app.avrel.desktop.door.Main} first.
 */
package app.avrel.desktop.door;
