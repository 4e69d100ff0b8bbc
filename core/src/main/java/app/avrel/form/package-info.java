/**
 * Forms: postures in order, the links that lead into them, and the track that unrolling gives.
 *
 * <p>Open {@link app.avrel.form.Form} first, then {@link app.avrel.form.Unroll}. Entries, counts and stages are
 * counted from 0 here and from 1 wherever people read them. Null is refused throughout.
 */
package app.avrel.form;
