/**
 * What was found, with its fixes: on a room's card, and all of it in a panel.
 *
 * <p>Open {@link app.avrel.desktop.findings.FindingsPanel} first. A fix is looked for off the interface's thread. Null is
 * refused throughout.
 */
package app.avrel.desktop.findings;
