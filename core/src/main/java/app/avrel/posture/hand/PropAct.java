package app.avrel.posture.hand;

/** What a hand does with a prop. */
public enum PropAct {
    TAKE("take"),
    OPEN("open"),
    CLOSE("close"),
    TURN("turn"),
    PASS("pass"),
    PUT_AWAY("put away");

    private final String word;

    PropAct(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
