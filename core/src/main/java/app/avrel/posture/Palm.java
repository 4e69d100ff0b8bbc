package app.avrel.posture;

/** Which way a palm looks; in and out are toward and away from one's own trunk. */
public enum Palm {
    UP("up"),
    DOWN("down"),
    IN("in"),
    OUT("out"),
    FORWARD("forward"),
    BACK("back"),
    TO_THE_LEFT("to the left"),
    TO_THE_RIGHT("to the right"),
    TO_THE_OTHER_HAND("to the other hand");

    private final String word;

    Palm(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
