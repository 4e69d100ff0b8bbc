/**
 * What is looked at in a record: one class per rule, each giving findings in a plain sentence with numbers.
 *
 * <p>Open {@link app.avrel.rules.Checkup} first. Nothing unknown is ever found fault with; where a range is known, the
 * finding says "may". General teaching guidance, not medical advice. Null is refused throughout.
 */
package app.avrel.rules;
