package app.avrel.lesson;

/** Whether a run is moved, spoken, or both. */
public enum Doing {
    /** Moved, and said along. */
    SPOKEN,
    /** Moved without a word: one watches, or does it by oneself. */
    SILENT,
    /** Said, and nobody moves. */
    UNMOVED
}
