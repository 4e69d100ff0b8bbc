/**
 * The rules: one class each, looking at a moment, at counts, at an end, or along a form.
 *
 * <p>Open {@link app.avrel.rules.check.Checkup} first, then {@link app.avrel.rules.check.Watched}, which measures a moment
 * once for all of them. Limits are house rules; what is within a quantity's honest tolerance is not found. Null is refused
 * throughout.
 */
package app.avrel.rules.check;
