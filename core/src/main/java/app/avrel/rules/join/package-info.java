/**
 * What can be done where one posture does not join the next: linking counts, another end, another start.
 *
 * <p>Open {@link app.avrel.rules.join.JoinProposals} first, then {@link app.avrel.rules.join.Linking}. Null is refused
 * throughout.
 */
package app.avrel.rules.join;
