/**
 * What a school decides: its house rules, and the bounds by which it names a stance.
 *
 * <p>Every rule is a whole number with a unit and a range. Open {@link app.avrel.house.HouseRule} first, then
 * {@link app.avrel.house.HouseRules}. Null is refused throughout.
 */
package app.avrel.house;
