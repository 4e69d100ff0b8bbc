package app.avrel.posture.hand;

/** What one may hold. */
public enum Prop {
    STAFF("staff"),
    SWORD("sword"),
    SABRE("sabre"),
    FAN("fan");

    private final String word;

    Prop(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
