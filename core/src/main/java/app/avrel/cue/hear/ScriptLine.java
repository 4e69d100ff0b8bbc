package app.avrel.cue.hear;

import java.util.OptionalDouble;

/**
 * A line of a spoken script.
 *
 * @param seconds when it is said; empty where the script has no times
 */
public record ScriptLine(String text, OptionalDouble seconds) {}
