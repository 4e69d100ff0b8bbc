/**
 * The command line: what needs no window, for scripts.
 *
 * <p>Exit codes: 0 fine, 1 findings or bad input (said on standard error), 2 wrong use. Open
 * {@link app.avrel.cli.Commands} first.
 */
package app.avrel.cli;
