/**
 * Words for people in the language that is spoken: labels, findings and sentences come from bundles, a file for each
 * subject and language.
 *
 * <p>Open {@link app.avrel.label.Labels} first. Null is refused throughout.
 */
package app.avrel.label;
