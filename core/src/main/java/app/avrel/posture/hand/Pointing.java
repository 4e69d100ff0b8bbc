package app.avrel.posture.hand;

/** Which way fingers, an elbow or a prop point; in and out are toward and away from the body's middle. */
public enum Pointing {
    UP("up"),
    DOWN("down"),
    FORWARD("forward"),
    BACK("back"),
    IN("in"),
    OUT("out"),
    TO_THE_LEFT("to the left"),
    TO_THE_RIGHT("to the right"),
    ACROSS("across the body");

    private final String word;

    Pointing(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
