/**
 * What can be found in a record, in plain sentences with numbers, and what can be done about it.
 *
 * <p>Open {@link app.avrel.rules.Finding} first, then {@link app.avrel.rules.RuleId}. Nothing unknown is ever found fault with; where a range is known, the
 * finding says "may". General teaching guidance, not medical advice. Null is refused throughout.
 */
package app.avrel.rules;
