package app.avrel.project;

/** What a learner asks to be taken care of; never a medical statement. */
public enum Precaution {
    KNEE("knee"),
    HIP("hip"),
    BACK("back"),
    BALANCE("balance"),
    DIZZINESS("dizziness"),
    BLOOD_PRESSURE("blood pressure"),
    PREGNANCY("pregnancy"),
    OTHER("other");

    private final String word;

    Precaution(String word) {
        this.word = word;
    }

    /** {@return whether it may be about one side only} */
    public boolean sided() {
        return this == KNEE || this == HIP;
    }

    public String word() {
        return word;
    }
}
