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

    public String word() {
        return word;
    }
}
