/**
 * Bringing things over from another project, and forms in and out as tables.
 *
 * <p>Open {@link app.avrel.desktop.exchange.BringOverSheet} first.
 */
package app.avrel.desktop.exchange;
