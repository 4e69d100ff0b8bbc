/**
 * What can be done about a finding: candidates, the gentlest change first, of which the first that is sound is taken.
 *
 * <p>Open {@link app.avrel.rules.fix.FixFinder} first. Null is refused throughout.
 */
package app.avrel.rules.fix;
