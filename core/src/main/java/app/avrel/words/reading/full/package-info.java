/**
 * What people leave out when they say it: says it in full, so that each clause can be read for itself.
 *
 * <p>Whoever types "the left fist drops, the right strikes" means the right fist; "the weight goes left, right, left" is three
 * shifts; "no, left" takes back what was said before it. Each class here knows one such habit, takes the phrases of a line and
 * gives them back with what is meant put in. Open {@link app.avrel.words.reading.full.InFull} first.
 */
package app.avrel.words.reading.full;
