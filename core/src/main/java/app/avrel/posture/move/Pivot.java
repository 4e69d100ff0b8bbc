package app.avrel.posture.move;

/** The part of the foot that stays in place while the foot turns. */
public enum Pivot {
    HEEL("heel"),
    BALL("ball"),
    SOLE("whole sole");

    private final String word;

    Pivot(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
