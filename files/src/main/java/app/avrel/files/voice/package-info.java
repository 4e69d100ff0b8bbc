/**
 * Voices, and a script spoken into a sound file.
 *
 * <p>Sound is mono, 16 bits a sample. Open {@link app.avrel.files.voice.Voices} first. Null is refused throughout.
 */
package app.avrel.files.voice;
