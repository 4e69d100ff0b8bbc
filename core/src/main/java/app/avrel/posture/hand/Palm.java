package app.avrel.posture.hand;

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
    TO_THE_OTHER_HAND("to the other hand"),
    TO_THE_OTHER_FOREARM("to the other forearm"),
    TO_THE_OTHER_ELBOW("to the other elbow");

    private final String word;

    Palm(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
