package app.avrel.desktop.postures;

/**
 * Which move of a count.
 *
 * @param stage from 0
 * @param index within the stage, from 0
 */
record MovePlace(int stage, int index) {}
