package app.avrel.project.notes;

/**
 * What became of one line of notes.
 *
 * @param number of the line, from 1
 * @param text as written
 * @param kind what the line was taken for
 * @param outcome how much of it was understood
 * @param said what was recorded, in words; what is wrong where nothing was
 */
public record NotesLine(int number, String text, Kind kind, Outcome outcome, String said) {

    /** What a line can be. */
    public enum Kind {
        FORM,
        POSTURE,
        START,
        END,
        WAY_IN,
        NOTE,
        COUNT
    }

    /** How much of a line was understood. */
    public enum Outcome {
        UNDERSTOOD("understood"),
        KEPT("partly; the rest stays as a note"),
        NOTED("not understood; the line stays as a note");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
